# frozen_string_literal: true

require "office_helper"

# Practice on the rig, through the use cases of a visit.
RSpec.describe Munimen::Desk::Train do
  let(:real) { [Time.utc(2026, 11, 23, 9)] }
  let(:runs) { runs_again }
  let(:firm) do
    Munimen::Desk::Context.new(office.records, person: office.person, clock: -> { real.first },
                                               training_runs: runs)
  end
  let(:train) { described_class.new(firm) }

  # As after a restart.
  def runs_again
    shelf = Munimen::Store::TrainingFiles.new(File.join(office.config.folder, "training"))
    Munimen::Desk::TrainingRuns.new(shelf, clock: -> { real.first })
  end

  def run(id) = runs.find(id, office.person)
  def context(id) = run(id).context(office.person)
  def view(id) = Munimen::Desk::ViewVisit.new(context(id)).call(id)

  it "hides a fault behind an ordinary visit, and keeps it out of the firm's records" do
    id = train.start(scenario: "the-puddle")[:id]
    expect(view(id)[:plan][:steps].map { |step| step[:operation] }).to include(
      :read_static_pressure,
      :read_vessel_charge
    )
    expect([office.records.visits.of_day("2026-11-23"), office.records.customers.list.size]).to eq(
      [[], 1]
    )
    expect { runs.find(id, office.person("inspector")) }.to raise_error(Munimen::NotFound)
  end

  it "lets the clock run faster, and a reload find the same rig" do
    id = train.start(scenario: "creeping")[:id]
    train.set_clock(id, speed: 60)
    real[0] += 60
    expect(train.show(id)[:seconds]).to eq(3600)
    before = run(id).exercise.rig.pressure
    expect(runs_again.find(id, office.person).exercise.rig.pressure).to be_within(20_000).of(before)
    expect(before).to be > 500_000 # it has crept above the regulator's 410 kPa for hours
  end

  it "takes tests, counts a wrong name, and tells in the debrief what each could have told and " \
     "the shortest way" do
    id = train.start(scenario: "the-puddle")[:id]
    train.test(id, test: "static_pressure")
    told = train.test(id, test: "air_valve")
    expect(view(id)[:decisions]).to include("fault.relief_drips.air_valve" => told[:outcome].to_s)
    expect(train.name(id, cause: "worn_seat")).to include(
      right: false,
      run: include(wrong: [/seat/i], over: false)
    )
    expect(train.name(id, cause: "vessel_flat")[:right]).to be(true)
    debrief = train.debrief(id)
    expect(debrief).to include(found: true, over: true)
    expect(debrief[:taken].map { |one| one[:after] }).to eq(
      debrief[:taken].map { |one| one[:after] }.sort.reverse
    )
    expect(debrief[:shortest][:tests].sum { |one| one[:minutes] }).to eq(
      debrief[:shortest][:minutes]
    )
    expect(debrief[:seconds]).to be > 1800 # a wrong part costs half an hour at least
    expect(train.overview[:results].first).to include(
      title: "The puddle by the heater",
      found: true,
      wrong: 1
    )
    expect { train.test(id, test: "charge") }.to raise_error(Munimen::Refused, /over/)
  end

  # 4500 W into 0.25 kg of steel at 500 J/kg/K: 36 K/s, 600 K in 17 s. From memory; the trade says
  # "in seconds".
  # Undone, the rig is where it was, to the last digit: the acts alone make it again.
  it "winds the rig back with a step that is undone, and counts a step's own minutes" do
    scenario = Munimen::Formats::Scenarios.shipped.find { |one| one.id == "the-puddle" }
    state = Munimen::Work::StateSpace.new(scenario.heater).arrival
    shut = state.merge(heater_supply: :shut)
    one, other = Array.new(2) { Munimen::Training::Exercise.new(scenario) }
    one.step(:shut_heater_supply, shut)
    expect(one.seconds).to eq(Munimen::Work::Operation[:shut_heater_supply].hands_on)
    one.step(:let_pressure_down, shut.merge(heater_pressure: :zero))
    expect(one.rig.pressure).to be < 5_000
    back = one.without(:let_pressure_down, shut)
    other.step(:shut_heater_supply, shut)
    other.advance_to(back.seconds)
    expect([back.rig.pressure, back.rig.top]).to eq([other.rig.pressure, other.rig.top])
    expect(back.acts.map(&:what)).to eq(%i[shut_heater_supply])
  end

  it "winds it back with the visit's own undo, through a restart" do
    id = train.start(scenario: "tripped-once")[:id]
    items = %w[plate_readable relief_plate].map do |item|
      { id: office.uuid, item:, finding: "sound" }
    end
    Munimen::Desk::RecordObservations.new(context(id)).call(id, items:)
    Munimen::Desk::DoStep.new(context(id)).call(id, id: office.uuid, operation: "identify",
                                                    outcome: "done")
    expect(run(id).exercise.acts.map(&:what)).to eq([:identify])
    Munimen::Desk::DoStep.new(context(id)).undo(id, id: office.uuid)
    expect(run(id).exercise.acts).to eq([])
    expect(runs_again.find(id, office.person).exercise.acts).to eq([])
  end

  it "answers by the rig, takes no second fault for a mistake, and gives the star for proof" do
    id = train.start(scenario: "two-things")[:id]
    first, second = run(id).scenario.faults.keys
    symptom = run(id).scenario.symptom
    expect do
      Munimen::Desk::Decide.new(context(id)).call(
        id, id: office.uuid, name: "fault.#{symptom}.static_pressure", value: "high"
      )
    end.to raise_error(Munimen::Refused, /taken, not told/)
    expect(train.name(id, cause: second.to_s)).to include(right: false, besides: true,
                                                          run: include(wrong: []))
    expect(train.name(id, cause: first.to_s)).to include(right: true)
    expect(train.debrief(id)).to include(found: true, proved: false)

    again = train.start(scenario: "turned-down")[:id]
    Munimen::Training::Debrief.new(run(again).exercise).shortest.each do |(test)|
      train.test(again, test: test.to_s)
    end
    train.name(again, cause: run(again).scenario.cause.id.to_s)
    expect(train.debrief(again)).to include(found: true, proved: true)
    expect(train.overview[:results].to_h { |one| one.values_at(:id, :proved) })
      .to include(id => false, again => true)
  end

  it "keeps what was begun while others are begun" do
    first = train.start(scenario: "creeping")[:id]
    8.times { train.start(scenario: "creeping") }
    expect(train.show(first)[:over]).to be(false)
  end

  it "counts an unsafe try, refuses it, and plays what it would have led to" do
    id = train.start(scenario: "half-a-tank")[:id]
    step = lambda do |operation|
      Munimen::Desk::DoStep.new(context(id)).call(id, id: office.uuid, operation:, outcome: "done")
    end
    expect { step["measure_elements"] }.to raise_error(Munimen::Refused)
    expect { step["replace_elements"] }.to raise_error(Munimen::Refused)
    expect(train.show(id)[:unsafe]).to eq(2)
    tries = train.finish(id)[:tries]
    expect(tries.map { |one| one[:text] }).to all(match(/240 V/))
    exercise = Munimen::Training::Exercise.new(run(id).scenario)
    dry = Munimen::Training::Consequence.of(
      Munimen::Work::Operation[:restore_power],
      [:level],
      exercise
    )
    expect(dry[/(\d+) s and burns out/, 1].to_i).to be_within(3).of(17)
  end

  # 40 000 Btu/h is 40 ft³/h of gas of 1 000 Btu/ft³: 94 L in five minutes. The rest by the
  # physics of the rig; what it leads to: common practice.
  it "plays what each unsafe try would have led to, by the state that it was tried in" do
    told = lambda do |scenario, operation, *needs|
      exercise = Munimen::Training::Exercise.new(run(train.start(scenario:)[:id]).scenario)
      Munimen::Training::Consequence.of(Munimen::Work::Operation[operation], needs, exercise)
    end
    expect(told["turned-down", :read_vessel_charge, :heater_pressure]).to match(
      /would have shown the water's \d+ psi, not the charge/
    )
    expect(told["turned-down", :replace_relief_valve, :heater_pressure]).to match(
      /psi behind the joint, and water of \d+ °F: it burns/
    )
    expect(told["too-hot", :restore_burner, :heater_supply]).to match(
      /reaches \d+ psi within an hour and a half; the relief valve had to let go/
    )
    expect(
      told["a-cold-morning", :relight_pilot, :since_gas][/(\d+) L of gas/, 1].to_i
    ).to be_between(80, 110)
    expect(told["turned-down", :restore_burner, :level]).to include("the tank is finished")
    expect(told["turned-down", :identify, :looked]).to eq("It was refused, and nothing came of it.")
  end

  it "reads the rig with the visit's instruments, in the state that the heater is in" do
    id = train.start(scenario: "a-cold-morning")[:id]
    list = view(id)[:instruments]
    gauge = Munimen::Desk::Instruments.new(context(id)).find(
      list.find { |one| one[:title].include?("house") }[:id]
    )
    driver = run(id).driver(gauge)
    shown = Array.new(40) { driver.measure.value }.last
    expect(shown).to be_within(15_000).of(run(id).exercise.rig.pressure)
    expect(run(id).exercise.rig.gas.lit).to be(false)
  end

  it "refuses a scenario that cannot be, naming the field" do
    good = Munimen::Formats::Scenarios.shipped.first.to_h
    {
      level: 9,
      faults: {
        "no_such" => 1
      },
      symptom: "too_hot",
      heater: {
        kind: "gas_storage",
        capacity: "lots"
      },
      title: "",
      complaints: "Misspelt"
    }.merge(heater: "x").each do |field, value|
      expect { train.start(own: JSON.generate(good.merge(field => value))) }.to raise_error(
        Munimen::Error
      ),
      field.to_s
    end
    expect { train.start(own: "{") }.to raise_error(Munimen::Error, /docs.formats.scenario/)
  end

  Munimen::Formats::Scenarios.shipped.each do |scenario|
    it "“#{scenario.title}” can be settled on the rig by the finder, and no quicker than the " \
       "shortest way" do
      exercise = Munimen::Training::Exercise.new(scenario)
      evidence = {}
      skip = []
      40.times do
        test =
          Munimen::Faults::Finder
            .new(scenario.heater, scenario.symptom, evidence, skip:)
            .next_tests
            .first
            &.test or break
        outcome = exercise.test(test.id)
        outcome ? evidence[test.id] = outcome : skip << test.id
      end
      expect(
        Munimen::Faults::Finder
          .new(scenario.heater, scenario.symptom, evidence, skip:)
          .left
          .map { |one| one.cause.id }
      ).to eq([scenario.cause.id])
      exercise.name(scenario.cause.id)
      taken = evidence.keys.sum { |id| Munimen::Faults::Test[id].minutes }
      expect(Munimen::Training::Debrief.new(exercise).shortest_minutes).to be_between(1, taken)
    end
  end

  it "makes scenarios by chance that are the same for the same seed" do
    kinds = Munimen::Desk::Diagnose::KINDS.map { |kind, given| { kind: kind.to_s, **given } }
    made = Array.new(40) { |seed| Munimen::Training::Scenario.random(seed, kinds).to_h }
    expect(Array.new(40) { |seed| Munimen::Training::Scenario.random(seed, kinds).to_h }).to eq(
      made
    )
    expect(made.map { |one| one[:faults].keys }.uniq.size).to be > 12
  end
end
