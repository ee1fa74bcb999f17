# frozen_string_literal: true

require "office_helper"

# The fault finder through the use cases: alone, in a visit, and what it says in which words.
RSpec.describe Munimen::Desk::Diagnose do
  def diagnose(**about) = described_class.new(office.context).call(**about)
  def left(found) = found[:suspects].select { |one| one[:possible] }.map { |one| one[:cause] }

  it "offers each kind of heater its own complaints, in the customer's and the plumber's words" do
    of = ->(kind) { described_class.new(office.context).symptoms(kind:) }
    expect(of["gas_storage"][:symptoms].map { |one| one[:id] }).to include(
      :pilot_out,
      :no_burner
    ).and(satisfy { |ids| !ids.intersect?(%i[no_hot_electric no_hot_coil trips]) })
    expect(of["electric_storage"][:symptoms].map { |one| one[:id] }).to include(
      :no_hot_electric,
      :little_hot_electric,
      :trips
    )
    expect(of["unvented_indirect"]).to include(units: :england)
    drips = of["unvented_indirect"][:symptoms].find { |one| one[:id] == :relief_drips }
    expect(drips[:plumber]).to include("temperature and pressure relief valve")
    expect(drips[:first]).to include("over-temperature")
    expect { of["steam"] }.to raise_error(Munimen::Error, /gas_storage, electric_storage/)
  end

  it "explains what is out and what is still possible, and how many each answer would leave" do
    found =
      diagnose(
        kind: "unvented_indirect",
        symptom: "relief_drips",
        evidence: {
          drip_temperature: "hot"
        }
      )
    flat = found[:suspects].find { |one| one[:cause] == :vessel_flat }
    expect(flat).to include(
      possible: false,
      share: 0.0,
      why: [include("hot").and(include("cold or luke-warm"))]
    )
    stuck = found[:suspects].find { |one| one[:cause] == :thermostat_stuck }
    expect(stuck[:why]).to eq(["Feel the pipe with the back of the hand: the drip is – hot."])
    expect(found[:suspects].sum { |one| one[:share] }).to be_within(0.01).of(1)
    best = found[:next].first
    expect(best[:outcomes].map { |one| one[:leaves] }.max).to be <= left(found).size
    expect(best[:outcomes].map { |one| one[:leaves] }).to include(be < left(found).size)
  end

  it "proposes job, parts and what to test after, once the cause is settled" do
    settled =
      diagnose(
        kind: "gas_storage",
        symptom: "pilot_out",
        evidence: {
          generator: "weak",
          generator_cleaned: "weak",
          eco: "continuous",
          link: "continuous",
          pilot_flame: "blue_on_tip",
          door_open: "same"
        }
      )[
        :settled
      ]
    expect(settled).to include(cause: :thermocouple_weak, job: :replace_thermocouple)
    expect(settled[:parts].join).to match(/thermocouple/i)
    expect(settled[:after]).to include("pilot timed")
    leak =
      diagnose(
        kind: "gas_storage",
        symptom: "leak_below",
        evidence: {
          leak_where: "under_jacket",
          stops_hot: "goes_on"
        }
      )[
        :settled
      ]
    expect(leak).to include(cause: :tank_leaks, job: nil, because: "Not repairable.")
  end

  it "counts a visit's readings by themselves, keeps its answers with it, and lets one be taken " \
     "back" do
    visit = office.start
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    office.read(visit, :static_pressure, "62")
    decide = lambda do |test, value|
      Munimen::Desk::Decide.new(office.context).call(
        visit,
        id: office.uuid,
        name: "fault.relief_drips.#{test}",
        value:
      )
    end
    found = diagnose(visit:, symptom: "relief_drips")
    expect(found[:evidence].first).to eq(
      {
        test: :static_pressure,
        ask: "Static pressure, nothing running",
        outcome: :normal,
        text: "within limits",
        from_visit: true,
        earlier: false
      }
    )
    decide["drip_temperature", "cold"]
    decide["drip_when", "on_heat_up"]
    expect(left(diagnose(visit:, symptom: "relief_drips"))).to eq(
      %i[vessel_flat vessel_low membrane_failed]
    )
    decide["drip_when", ""]
    expect(diagnose(visit:, symptom: "relief_drips")[:evidence].map { |one| one[:test] }).to eq(
      %i[static_pressure vessel_size drip_temperature]
    )
    expect(diagnose(visit:, symptom: "noise")[:evidence]).to be_empty
  end

  it "says what a test needs in the heater's present state, and leaves out what cannot be done " \
     "here" do
    visit = office.start
    charge = lambda do |skip: []|
      diagnose(
        visit:,
        symptom: "relief_drips",
        evidence: {
          drip_temperature: "cold",
          drip_when: "on_heat_up",
          air_valve: "air"
        },
        skip:
      )
    end
    proposal = charge[][:next].find { |one| one[:test] == :charge }
    expect(proposal[:unmet]).to eq(["pressure zero"])
    expect(charge[skip: ["charge"]][:next].map { |one| one[:test] }).not_to include(:charge)
    office.looked_over(visit)
    %i[turn_burner_to_pilot shut_heater_supply let_pressure_down].each do |operation|
      office.step(visit, operation)
    end
    expect(charge[][:next].find { |one| one[:test] == :charge }[:unmet]).to be_empty
  end

  it "shows two causes that stand together, and says when even two do not explain it" do
    evidence = { release: "dies_soon", generator: "weak", eco: "open" }
    found = diagnose(kind: "gas_storage", symptom: "pilot_out", evidence:)
    expect(found[:pairs].first[:causes]).to include(:eco_open)
    expect(found[:pairs].first[:title]).to match(/open \+ | \+ .*open/)
    expect(found[:settled]).to include(cause: :eco_open, lapses: %i[eco release])
    evidence.merge!(link: "open", windy: "yes")
    torn = diagnose(kind: "gas_storage", symptom: "pilot_out", evidence:)
    expect([left(torn), torn[:pairs], torn[:settled], torn[:next]]).to eq([[], [], nil, []])
    expect(torn[:contradiction].map { |one| one[:text] }).to all(include("–"))
  end

  # Every text of the finder, in both vocabularies: no word of the other country, no placeholder.
  it "speaks the words of the place throughout" do
    texts = lambda do |words|
      causes =
        Munimen::Faults::Cause.all.flat_map { |cause| [cause.title, cause.because, cause.after] }
      tests = Munimen::Faults::Test.all.flat_map do |test|
        [test.ask, test.instrument, *test.outcomes.values]
      end
      symptoms = Munimen::Faults::Symptom.all.flat_map do |symptom|
        [symptom.customer, symptom.plumber, symptom.first]
      end
      (causes + tests + symptoms).compact.map { |text| words.say(text) }
    end
    us, england = %i[us england].map { |id| texts[Munimen::Words[id]] }
    expect((us + england).grep(/[{}]/)).to be_empty
    expect(england.grep(/\bfaucets?\b|expansion tank|street main|water heater/i)).to be_empty
    expect(us.grep(/\btaps?\b(?! lightly)|expansion vessel|two-port/i)).to be_empty
  end
end
