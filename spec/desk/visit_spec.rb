# frozen_string_literal: true

require "office_helper"

RSpec.describe Munimen::Desk do
  let(:visit) { office.start }

  def refused
    yield
    raise "nothing was refused"
  rescue Munimen::Error => e
    e
  end

  def identified = office.looked_over(visit)

  it "refuses an operation whose need is not met, names the need and offers the step on the way" do
    identified
    office.read(visit, :vessel_charge, "44")
    error = refused { office.step(visit, :read_vessel_charge) }
    expect(error).to have_attributes(code: :need_unmet)
    expect(error.message).to include("pressure zero")
    expect(error.details[:step]).to eq(:turn_burner_to_pilot)
    expect(office.view(visit)[:done].map { |step| step[:operation] }).to eq(%i[identify look_over])
  end

  it "refuses heat on a tank that is not proved full" do
    identified
    %i[turn_burner_to_pilot shut_heater_supply let_pressure_down].each do |id|
      office.step(visit, id)
    end
    error = refused { office.step(visit, :restore_burner) }
    expect(error.message).to include("no air in the pipes")
    office.step(visit, :open_heater_supply)
    expect(refused { office.step(visit, :restore_burner) }.code).to eq(:need_unmet)
    office.step(visit, :purge_air)
    office.step(visit, :restore_burner)
    expect(office.view(visit)[:state].map { |one| one[:text] }).to include(
      "burner heat on",
      "pressure live"
    )
  end

  it "keeps a charge typed against live water, calls it no charge, and wants it read again" do
    identified
    taken = office.read(visit, :vessel_charge, "62")
    expect(taken[:verdicts].first).to have_attributes(grade: :not_tested)
    office.read(visit, :static_pressure, "62")
    %i[turn_burner_to_pilot shut_heater_supply let_pressure_down].each do |id|
      office.step(visit, id)
    end
    error = refused { office.step(visit, :read_vessel_charge) }
    expect(error.message).to include("Read it again")
    office.pass(5)
    office.read(visit, :vessel_charge, "61")
    office.step(visit, :read_vessel_charge)
    expect(office.view(visit)[:corrected].map { |reading| reading[:typed] }).to eq(["62"])
  end

  it "shows the state of the heater as it is now" do
    identified
    office.step(visit, :turn_burner_to_pilot)
    office.step(visit, :shut_heater_supply)
    expect(office.view(visit)[:state].map { |one| one[:text] }).to include(
      "burner heat pilot",
      "supply shut",
      "dial changed"
    )
  end

  it "lets the last step be undone, and the plan takes it up again" do
    identified
    office.step(visit, :turn_burner_to_pilot)
    Munimen::Desk::DoStep.new(office.context).undo(visit, id: office.uuid)
    expect(office.view(visit)[:plan][:steps].map { |step| step[:operation] }).to include(
      :turn_burner_to_pilot
    )
    expect(office.view(visit)[:state].map { |one| one[:text] }).to include("burner heat on")
  end

  it "wants every line answered and every reading taken before a step counts as done" do
    expect(refused { office.step(visit, :identify) }).to have_attributes(code: :answers_missing)
    identified
    office.step(visit, :fit_gauge)
    expect(refused { office.step(visit, :read_static_pressure) }).to have_attributes(
      code: :reading_missing,
      field: "static_pressure"
    )
    expect(refused { office.step(visit, :ask_consent) }.code).to eq(:decision_missing)
    expect(refused { office.step(visit, :read_static_pressure, "already_so") }.code).to eq(
      :must_be_read
    )
  end

  it "wants a reason for what was not tested" do
    expect(refused { office.step(visit, :identify, "not_tested") }).to have_attributes(
      field: "reason"
    )
    office.step(visit, :identify, "not_tested", reason: "No access: locked cupboard")
    expect(office.view(visit)[:verdicts].map { |one| one[:text] }.join).to include(
      "locked cupboard"
    )
  end

  it "writes nothing twice when the same write comes again" do
    id = office.uuid
    2.times do
      Munimen::Desk::TakeReading.new(office.context).call(
        visit,
        id:,
        name: "static_pressure",
        value: "62"
      )
    end
    2.times do
      Munimen::Desk::DoStep.new(office.context).call(
        visit,
        id:,
        operation: "fit_gauge",
        outcome: "already_so"
      )
    end
    expect(office.records.visits.rows(:readings, visit).size).to eq(1)
    expect(office.records.visits.rows(:steps, visit).size).to eq(1)
  end

  it "takes the device's time for what was done off line, but no time before the visit or in the " \
     "future" do
    visit
    office.pass(3600)
    office.read(visit, :static_pressure, "62", at: (office.now - 600).iso8601)
    office.read(visit, :tap_temperature, "120", at: (office.now + 9000).iso8601)
    times =
      office
        .records
        .visits
        .rows(:readings, visit)
        .to_h { |row| [row[:name], Time.iso8601(row[:at])] }
    expect(times["static_pressure"]).to eq(office.now - 600)
    expect(times["tap_temperature"]).to eq(office.now)
  end

  it "counts a running wait by the clock, and ends it when told that it is over" do
    identified
    office.step(visit, :fit_gauge)
    office.step(visit, :start_found_cycle)
    office.pass(60)
    running = office.view(visit)[:running].first
    expect(running[:seconds_left]).to be_within(2).of(Munimen::Work::Durations.recovery(gas) - 60)
    office.step(visit, :start_found_cycle, "already_so")
    expect(office.view(visit)[:running]).to be_empty
    office.read(visit, :hot_peak_found, "80")
    office.step(visit, :read_hot_peak_found)
  end

  describe "a whole visit" do
    let!(:visit) { office.walk }

    it "ends signed and locked, with its page kept as it was" do
      expect(office.records.visits.find(visit)).to include(
        status: "signed",
        outcome: "in_service_with_limits"
      ).or include(status: "signed", outcome: "in_service")
      expect(refused { office.read(visit, :static_pressure, "70") }.code).to eq(:signed)
      before = Munimen::Desk::ReportPage.new(office.context).call(visit)[:page]
      office.records.settings[:house_rules] = { rippled_ring: "no_account" }
      Munimen::Desk::KeepHeater.new(office.context).change(
        office.heater,
        label: "Moved",
        installation: Build::ELECTRIC
      )
      expect(Munimen::Desk::ReportPage.new(office.context).call(visit)[:page]).to eq(before)
    end

    it "owes the re-check in seven days and the year, and a re-check settles it" do
      owed = office.records.dues.open.map do |due|
        [due[:kind], (Date.iso8601(due[:on]) - Date.new(2026, 11, 23)).to_i]
      end
      expect(owed).to include(["charge_recheck", 7], ["annual_service", 365])
      office.pass(7 * 86_400)
      walker = Munimen::Demo::Walk.new(
        office.records,
        person: office.person,
        at: office.now,
        random: Random.new(2),
        truth: Munimen::Demo::Truth.new(static: 62, charge: 62, tap: 119)
      )
      walker.call(office.heater, jobs: [:charge_recheck])
      expect(office.records.dues.open.map { |due| due[:kind] }).not_to include("charge_recheck")
    end
  end

  it "does not let a visit with danger be signed before action and telling are written down" do
    seized = office.walk(relief: :seized)
    page = Munimen::Desk::ReportPage.new(office.context).call(seized)[:page]
    expect(page[:outcome]).to eq("left_off")
    expect(page[:deficiencies].first).to include(
      state: "danger",
      action: a_string_including("switched off"),
      told: a_string_including("in person")
    )
    expect(office.records.dues.open.first).to include(grade: "danger")
  end

  it "signs the customer first, or the refusal with its reason" do
    sign = Munimen::Desk::Sign.new(office.context)
    expect(
      refused { sign.call(visit, id: office.uuid, signer: "plumber", name: "Sam Reed") }.code
    ).to eq(:not_ready)
    expect(refused { sign.call(visit, id: office.uuid, signer: "customer", name: "") }.field).to eq(
      "name"
    )
  end

  it "keeps each role to what it may do" do
    expect(
      refused do
        Munimen::Desk::TakeReading.new(office.context("office")).call(
          visit,
          id: office.uuid,
          name: "static_pressure",
          value: "62"
        )
      end.code
    ).to eq(:forbidden)
    expect(
      refused do
        Munimen::Desk::AddCustomer.new(office.context("inspector")).call(id: office.uuid, name: "X")
      end.code
    ).to eq(:forbidden)
  end
end

RSpec.describe Munimen::Formats::ReportPdf do
  it "has paper for every way to leave" do
    tones = Munimen::Report::Sections::Standing::TONES
    expect(tones.keys).to match_array(Munimen::Judgement::Outcome::STATES)
    expect(described_class::TINTS.keys).to match_array([*tones.values.uniq, :untested])
  end

  it "says on paper what the screen says, with our fonts, drawing, ladder, signatures and page " \
     "numbers" do
    require "pdf-reader"
    id = office.walk(relief: :drips)
    page = Munimen::Desk::ReportPage.new(office.context).call(id)
    reader = PDF::Reader.new(StringIO.new(described_class.new(page).render))
    text = reader.pages.map(&:text).join("\n").gsub(/\s+/, " ")
    [
      page[:page][:sentence],
      "Still dripping ten seconds after closing",
      page[:page][:results].first[:measured],
      "at most 80 psi",
      "What was measured",
      "Next dates",
      "November 30, 2026",
      "Ada Brook",
      "Plumber",
      "T&P valve",
      "Burner",
      "Pressure",
      "1 / #{reader.page_count}"
    ].each { |words| expect(text).to include(words) }
    fonts =
      reader.pages.flat_map { |one| one.fonts.values.map { |font| font[:BaseFont].to_s } }.uniq
    expect(fonts).to all(include("B612"))
  end
end
