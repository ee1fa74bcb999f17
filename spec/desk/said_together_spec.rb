# frozen_string_literal: true

require "office_helper"

# What one touch says: of several plain acts, of a reading that came too early, of what a visit is
# for.
RSpec.describe Munimen::Desk do
  let(:visit) { office.start }

  def code(&) = expect(&).to(raise_error(Munimen::Refused) { |error| return error.code })

  def planned(operation)
    office.view(visit)[:plan][:steps].find { |one| one[:operation] == operation }
  end

  def done = office.view(visit)[:done].to_h { |step| step.values_at(:operation, :together) }

  it "keeps plain acts said together, each by itself and marked so, and none that protects" do
    office.looked_over(visit)
    office.step(visit, :fit_gauge, together: true)
    office.read(visit, :static_pressure, "62")
    office.step(visit, :read_static_pressure)
    expect(done).to include(fit_gauge: true, read_static_pressure: false)
    expect(planned(:let_pressure_down)[:together]).to eq(
      [{ name: :zero_shown, value: :ran_and_stopped, text: "Ran and stopped" }]
    )
    expect(planned(:turn_burner_to_pilot)[:together]).to be_nil
    expect(code { office.step(visit, :turn_burner_to_pilot, together: true) }).to eq(:said_alone)
    file = Munimen::Visit::Format::Written.of(office.records.visits.load(visit, now: office.now))
    marked = file[:steps].select { |step| step[:together] }.map { |step| step[:operation] }
    expect(marked).to eq([:fit_gauge])
    again = Munimen::Visit::Format.read(JSON.parse(JSON.generate(file)))
    expect(again.steps.select(&:together).map(&:operation)).to eq([:fit_gauge])
  end

  it "says nothing together while a danger stands" do
    office.looked_over(visit)
    expect(planned(:fit_gauge)[:together]).to eq([])
    office.read(visit, :room_co, "90")
    expect(office.view(visit)[:plan][:steps].map { |step| step[:together] }.compact).to eq([])
  end

  it "says of a reading that came too early that it counts no more, at its field" do
    office.looked_over(visit)
    office.read(visit, :static_pressure, "62") # no gauge yet
    read = planned(:read_static_pressure)[:reads].first
    expect(read.values_at(:stale, :again)).to match([true, /gauge fitted. Read it again/])
    office.step(visit, :fit_gauge)
    expect(code { office.step(visit, :read_static_pressure) }).to eq(:read_in_wrong_state)
    office.read(visit, :static_pressure, "62")
    expect(planned(:read_static_pressure)[:reads].first.values_at(:stale,
:again)).to eq([false, nil])
    office.step(visit, :read_static_pressure)
  end

  it "changes a wrong start without a reason, and nothing is owed for it; not once work is done" do
    jobs = Munimen::Desk::ChangeJobs.new(office.context)
    jobs.add(visit, id: office.uuid, job: "flush", instead: true)
    expect(office.view(visit)[:jobs].map { |job| job[:id] }).to eq([:flush])
    expect(office.view(visit)[:outlay].slice(:untouched,
:put_off)).to eq(untouched: true, put_off: [])
    office.looked_over(visit)
    office.step(visit, office.view(visit)[:plan][:steps].first[:operation])
    expect(office.view(visit)[:outlay][:untouched]).to be(false)
    again = -> { jobs.add(visit, id: office.uuid, job: "annual_safety", instead: true) }
    expect(code(&again)).to eq(:work_done)
  end

  it "proposes what a visit is for: the one under way, what is booked, what is due, the year" do
    begin_with = lambda do
      shown = Munimen::Desk::ViewHeater.new(office.context).call(office.heater)
      shown[:begin].map { |one| one.values_at(:why, :jobs) }
    end
    expect(begin_with.call).to eq([[:usual, %w[annual_safety]]])
    Munimen::Desk::StartVisit.new(office.context).book(
      id: office.uuid, heater_id: office.heater, jobs: %w[flush], planned_for: office.now.iso8601
    )
    expect(begin_with.call).to eq([[:booked, %w[flush]], [:usual, %w[annual_safety]]])
    office.walk # sets the charge: it is looked at again in a week
    office.pass(6 * 86_400)
    expect(begin_with.call).to include([:due, %w[charge_recheck]])
    visit
    expect(begin_with.call).to eq([[:under_way, %w[annual_safety]]]) # begun today: it goes on
    office.pass(2 * 86_400)
    expect(begin_with.call.map(&:first)).to include(:under_way, :booked, :due)
    expect(begin_with.call.map(&:first)).not_to include(:usual)
  end

  # What does not help is not offered for ever: twice, then the heater is made safe.
  it "leaves a repair that has not helped twice to another day" do
    visit = office.start(jobs: %w[set_regulator])
    office.looked_over(visit)
    given = { static_pressure: "170", pressure_left: "170", static_left: "170" }
    lowered = 0
    60.times do
      step = office.view(visit)[:plan][:steps].first or break
      step[:reads].each do |read|
        next unless read[:wanted]

        value = given[read[:name]] || read[:choices]&.first&.fetch(:id) || "170"
        office.read(visit, read[:name], value)
      end
      office.pass(3600)
      office.step(visit, step[:operation])
      lowered += 1 if step[:operation] == :lower_supply
    end
    expect(lowered).to eq(2)
    expect(office.view(visit)[:outcome][:proposed]).to eq(:left_off)
    office.view(visit)[:plan][:impossible].find { |one| one[:operation] == :lower_supply }
      .then { |left| expect(left[:because]).to include("done twice") }
  end
end
