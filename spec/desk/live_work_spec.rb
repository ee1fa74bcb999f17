# frozen_string_literal: true

require "office_helper"

# The visit as work goes on: needs passed over, jobs put off, two people, what follows.
RSpec.describe Munimen::Desk do
  let(:visit) { office.start }

  def refusal
    yield
    nil
  rescue Munimen::Refused => e
    e
  end

  def looked = office.looked_over(visit)

  it "passes over a need of convenience with a reason, which the page then says; never one that " \
     "protects" do
    expect(refusal { office.step(visit, :turn_burner_to_pilot) }.details).to include(soft: true)
    office.step(
      visit,
      :turn_burner_to_pilot,
      override: "Customer in a hurry: looked over afterwards"
    )
    page = described_class::ReportPage.new(office.context).call(visit)[:page]
    expect(page[:out_of_order]).to eq(
      [
        {
          text: "Note the dial, then turn the gas to PILOT",
          reason: "Customer in a hurry: looked over afterwards"
        }
      ]
    )
    require "pdf-reader"
    pdf = Munimen::Formats::ReportPdf.new(
      described_class::ReportPage.new(office.context).call(visit)
    ).render
    expect(PDF::Reader.new(StringIO.new(pdf)).pages.map(&:text).join).to include(
      "Customer in a hurry"
    )
    error = refusal { office.step(visit, :let_pressure_down, override: "no time") }
    expect([error.code, error.message]).to match([:never_overridden, /supply shut/])
  end

  it "asks for a new reading where a step is done again" do
    looked
    %i[turn_burner_to_pilot shut_heater_supply let_pressure_down].each do |operation|
      office.step(visit, operation)
    end
    office.step(visit, :turn_gas_off)
    %i[open_heater_supply purge_air].each { |operation| office.step(visit, operation) }
    { floor_smell: "none", pilot_held: "dies" }.each do |name, value|
      office.read(visit, name, value)
    end
    office.step(visit, :relight_pilot)
    expect(refusal { office.step(visit, :relight_pilot) }.message).to include(
      "time since gas clear"
    )
    office.step(visit, :wait_for_gas_to_clear)
    office.pass(301)
    expect(refusal { office.step(visit, :relight_pilot) }.code).to eq(:read_again)
    { floor_smell: "none", pilot_held: "stays" }.each do |name, value|
      office.read(visit, name, value)
    end
    office.step(visit, :relight_pilot)
    expect(office.view(visit)[:state].map { |one| one[:text] }).to include("burner heat pilot")
  end

  it "keeps what two people write: the later one is shown the other's, and both stay in the " \
     "record" do
    mine = office.read(visit, :static_pressure, "62")[:reading]
    theirs = lambda do |corrects, value = "66"|
      described_class::TakeReading.new(office.context("owner")).call(
        visit,
        id: office.uuid,
        name: "static_pressure",
        value:,
        corrects:
      )
    end
    error = refusal { theirs[nil] }
    expect([error.code, error.details]).to match(
      [:conflict, include(theirs: "62", who: "Plumber", id: mine.id)]
    )
    expect(office.view(visit)[:readings][:static_pressure][:typed]).to eq("62")
    theirs[mine.id]
    expect(office.view(visit)[:readings][:static_pressure][:typed]).to eq("66")
    expect(office.view(visit)[:corrected].map { |one| one[:typed] }).to eq(["62"])
  end

  it "does not write over what another has seen otherwise" do
    look = lambda do |role, finding, corrects|
      described_class::RecordObservations.new(office.context(role)).call(
        visit,
        items: [{ id: office.uuid, item: "straps", finding:, corrects: }]
      )
    end
    look["plumber", "missing", nil]
    expect(refusal { look["owner", "sound", nil] }.details).to include(
      theirs: "missing",
      who: "Plumber"
    )
    look["owner", "missing", nil]
    look["owner", "sound", "missing"]
    expect(office.view(visit)[:observations][:straps][:finding]).to eq(:sound)
  end

  it "takes a job in, puts it off with its reason, says what that gains, and owes it afterwards" do
    jobs = described_class::ChangeJobs.new(office.context)
    jobs.add(visit, job: "replace_anode")
    gains =
      described_class::Alternatives
        .new(office.context)
        .call(visit)
        .to_h { |one| [one[:job], one[:total]] }
    expect(gains[:replace_anode]).to be < office.view(visit)[:plan][:total]
    jobs.put_off(visit, id: office.uuid, job: "replace_anode", reason: "Not in stock")
    view = office.view(visit)
    expect([view[:jobs].map { |job| job[:id] }, view[:outlay][:put_off]]).to match(
      [[:annual_safety], [include(job: :replace_anode, reason: "Not in stock")]]
    )
    expect(
      refusal { jobs.put_off(visit, id: office.uuid, job: "annual_safety", reason: "x") }.code
    ).to eq(:only_job)
    expect(refusal { jobs.add(visit, job: "renew_bubble") }.code).to eq(:not_applicable)
    due = Munimen::Calendar::Due.after(
      office.records.visits.load(visit, now: office.now),
      [],
      on: Date.new(2026, 11, 23)
    )
    expect(due.find { |item| item.kind == :put_off }).to have_attributes(
      job: :replace_anode,
      text: include("Not in stock")
    )
    jobs.add(visit, job: "replace_anode")
    expect(office.view(visit)[:outlay][:put_off]).to be_empty
  end

  it "owes the same day what was left off, the paper next day, the bubble in 18 months" do
    done = lambda do |*operations|
      operations.map do |operation|
        Munimen::Visit::Step.new(
          id: operation.to_s,
          operation:,
          outcome: :done,
          at: Time.utc(2026, 11, 23, 9)
        )
      end
    end
    build = Object.new.extend(Build)
    at = lambda do |**more|
      Munimen::Calendar::Due
        .after(build.visit(jobs: [:flush], **more), [], on: Date.new(2026, 11, 23))
        .to_h { |item| [item.kind, item.on.iso8601] }
    end
    expect(
      at[decisions: { "outcome" => "left_off", "outcome_reason" => "Part missing" }]
    ).to include(left_off: "2026-11-23")
    expect(at[steps: done[:lay_paper]]).to include(leak_check: "2026-11-24")
    expect(at[steps: done[:renew_bubble]]).to include(bubble: "2028-05-24")
    # the next flush by school, and a first look at an anode that nobody has seen
    flushed = { steps: done[:flush_bursts], readings: { flush_result: "heavy" } }
    expect(at[**flushed]).to include(flush: "2027-11-23")
    expect(at[**flushed, house: { flush: "by_sediment" }]).to include(flush: "2027-05-23")
    expect(at[house: { flush: "leave_old" }]).not_to have_key(:flush)
    rod = { heater: build.gas(anode: "separate"), jobs: [:annual_safety] }
    expect(at[**rod]).to include(anode: "2026-12-23")
    seen = { readings: { anode_remaining: "0.6" }, house: { anode: "look_yearly" } }
    expect(at[**rod, **seen]).to include(anode: "2027-11-23")
  end

  it "offers the job that puts right what has been found, and asks the maker first for a " \
     "finished tank" do
    looked
    office.read(visit, :static_pressure, "62")
    described_class::RecordObservations.new(office.context).call(
      visit,
      items: [
        { id: office.uuid, item: "leak", finding: "body" },
        { id: office.uuid, item: "relief_present", finding: "plugged" }
      ]
    )
    view = office.view(visit)
    expect(view[:suggested].map { |one| one[:job] }).to include(:replace_relief_valve)
    expect(view[:deficiencies].find { |one| one[:check] == :leak }[:claim_first]).to include(
      "claim first"
    )
    described_class::ChangeJobs.new(office.context).add(visit, job: "replace_relief_valve")
    expect(office.view(visit)[:suggested].map { |one| one[:job] }).not_to include(
      :replace_relief_valve
    )
  end

  it "offers, where an earlier visit left a danger, the repair and a look at what was put right" do
    left = { "hazard.relief_valve": "secured", "heat.burner": "off", cock: "shut" }
    office.records.visits.update(visit, arrival: left)
    offered = office.view(visit)[:suggested].map { |one| one[:job] }
    expect(offered).to include(:confirm_mended, :replace_relief_valve)
    described_class::ChangeJobs.new(office.context).add(visit, job: "confirm_mended")
    steps = office.view(visit)[:plan][:steps].map { |one| one[:operation] }
    expect(steps).to include(:confirm_mended, :exercise_new_relief_valve, :leave_site)
  end

  it "shows what each step took beside what was reckoned" do
    looked
    office.pass(200)
    office.step(visit, :fit_gauge)
    expect(office.view(visit)[:done].last).to include(
      operation: :fit_gauge,
      took: 200,
      reckoned: 60
    )
  end
end
