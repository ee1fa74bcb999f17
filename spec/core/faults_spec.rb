# frozen_string_literal: true

# The fault tables of the trade (handbook, §18) and the finder that works on them.
RSpec.describe Munimen::Faults::Finder do
  def finder(kind, symptom, evidence = {}, units: :us, **more)
    described_class.new(heater(kind, units:, **more), symptom, evidence)
  end

  def left(finder) = finder.left.map { |one| one.cause.id }
  def units(kind) = kind.start_with?("unvented") ? :england : :us

  # Answers tests as a heater with this cause would, until the finder stops; the outcomes drawn
  # from those possible.
  def drive(heater, symptom, cause, random)
    evidence = {}
    40.times do
      finder = described_class.new(heater, symptom, evidence)
      test = finder.next_tests.first&.test or return [finder, evidence]
      evidence[test.id] = cause.possible(test, heater).sample(random:)
    end
    raise "#{symptom} #{cause.id}: the finder does not stop"
  end

  it "knows at least 60 causes, each of a symptom, with a test that settles it and what to test " \
     "after" do
    causes = Munimen::Faults::Cause.all
    expect(causes.size).to be >= 60
    causes.each do |cause|
      expect(cause.of).to all(satisfy { |id| Munimen::Faults::Symptom[id] }), cause.id.to_s
      expect([cause.title, cause.after, cause.settled_by]).to all(
        satisfy { |value| value && !value.empty? }
      ),
      cause.id.to_s
      (cause.shows.keys + cause.may + cause.settled_by).each do |id|
        expect(Munimen::Faults::Test[id].id).to eq(id)
      end
      cause.shows.each do |id, outcomes|
        expect(outcomes - Munimen::Faults::Test[id].outcomes.keys).to be_empty,
        "#{cause.id}: #{id} #{outcomes}"
      end
      expect(cause.job.nil? || Munimen::Work::Job[cause.job]).to be_truthy
    end
  end

  it "asks a hand only where the measuring is left out, and rules nothing out by it" do
    coil = heater(:boiler_coil)
    finder = lambda do |evidence = {}, skip: %i[coil_flow]|
      described_class.new(coil, :no_hot_coil, evidence, skip:)
    end
    asked = ->(one) { one.next_tests.map { |proposal| proposal.test.id } }
    expect(asked[finder[skip: []]]).to include(:coil_flow).and(satisfy { |ids|
      !ids.include?(:coil_flow_by_hand)
    })
    expect(asked[finder[]]).to include(:coil_flow_by_hand)
    share = ->(one) { one.left.to_h { |suspect| [suspect.cause.id, suspect.share] } }
    before = share[finder[]]
    hot = share[finder[{ coil_flow_by_hand: :soon }]]
    expect(hot.keys).to match_array(before.keys)
    expect(hot[:coil_fouled]).to be > before[:coil_fouled]
    expect(hot[:boiler_cool]).to be < before[:boiler_cool]
  end

  it "declares needs, operations and cautions that exist" do
    Munimen::Faults::Test.all.each do |test|
      expect(Munimen::Work::StateSpace.problems(test.needs)).to be_empty, test.id.to_s
      expect(test.operation.nil? || Munimen::Work::Operation[test.operation]).to be_truthy
      expect(test.outcomes.size).to be >= 2
      expect(Munimen::Words::Cautions.lines(test.cautions, gas)).to all(be_a(String))
    end
  end

  # For every cause on every kind of heater: the true one is never ruled out; alone in 85 %,
  # median of at most 5 tests.
  it "finds every cause that shows itself as its table says", :long do
    random = Random.new(18)
    runs = Build::KINDS.keys.flat_map do |kind|
      heater = heater(kind, units: units(kind))
      Munimen::Faults::Symptom.all.select { |symptom| symptom.of?(heater) }.flat_map do |symptom|
        symptom
          .causes(heater)
          .map { |cause| [kind, symptom.id, cause, *drive(heater, symptom.id, cause, random)] }
      end
    end
    lost = runs.reject { |_, _, cause, finder, _| left(finder).include?(cause.id) }
    expect(
      lost.map { |run| run[1..2].map { |one| one.respond_to?(:id) ? one.id : one } }
    ).to be_empty
    alone = runs.count { |_, _, _, finder, _| finder.left.size == 1 }
    expect(alone / runs.size.to_f).to be >= 0.85
    tests = runs.map { |run| run.last.size }.sort
    expect(tests[tests.size / 2]).to be <= 5
    RSpec.configuration.reporter.message(
      "#{runs.size} cases: #{(alone * 100.0 / runs.size).round} % alone, " \
      "#{tests[tests.size / 2]} tests in the middle, #{tests.last} at most"
    )
  end

  # Common practice: handbook §13, “neither is condemned before both are measured”.
  it "suspects the control only after generator, cut-off, link and flame have been proved" do
    evidence = { release: :dies_soon }
    %i[generator eco link].each do |test|
      expect(finder(:gas_storage, :pilot_out, evidence).settled).to be_nil
      evidence[test] = Munimen::Faults::Test[test].normal
    end
    evidence[:pilot_flame] = :blue_on_tip
    # one answer that was only looked at must not cost a control: what else it could be is asked
    3.times do
      asked = finder(:gas_storage, :pilot_out, evidence)
      expect(asked.settled).to be_nil
      test = asked.next_tests.first.test
      evidence[test.id] = test.normal
    end
    done = finder(:gas_storage, :pilot_out, evidence)
    expect(done.settled&.id).to eq(:magnet_failed)
    expect(finder(:gas_storage, :pilot_out, evidence.except(:eco)).settled).to be_nil
  end

  # Common practice: a hot drip is over-temperature until proved otherwise; a cold one on heat-up
  # is expansion.
  it "rules out by what a drip feels like" do
    hot = { drip_temperature: :hot }
    indirect = left(finder(:unvented_indirect, :relief_drips, hot, units: :england))
    expansion = %i[vessel_flat membrane_failed]
    expect(indirect).to include(:thermostat_stuck)
    expect(indirect & (expansion + %i[reducer_failed])).to be_empty
    # in the hot top of a tank the valve lets hot water go, whatever lifts it
    top = left(finder(:gas_storage, :relief_drips, hot))
    expect(top).to include(:thermostat_stuck, :regulator_failed, *expansion)
    cold =
      left(finder(:gas_storage, :relief_drips, { drip_temperature: :cold, drip_when: :on_heat_up }))
    expect(cold).to include(:vessel_flat, :membrane_failed)
    expect(cold & %i[thermostat_stuck regulator_creep]).to be_empty
  end

  it "counts what a visit has read already, by the state it was read in" do
    read = {
      static_pressure: "62",
      vessel_charge: ["12", zero],
      air_valve_emits: "air",
      hot_peak_found: "148"
    }
    seen = { relief_as_found: :drips_cold }
    found = described_class.from_visit(visit(readings: read, seen:), :relief_drips)
    expect(found).to include(
      static_pressure: :normal,
      charge: :flat,
      air_valve: :air,
      hot_peak: :at_relief,
      drip_temperature: :cold
    )
    live = described_class.from_visit(
      visit(
        readings: {
          static_pressure: "62",
          vessel_charge: ["62", { heater_pressure: :live }]
        }
      ),
      :relief_drips
    )
    expect(live).not_to have_key(:charge)
    expect(described_class.new(gas, :relief_drips, found).settled.id).to eq(:vessel_flat)
    expect(
      described_class.from_visit(
        visit(readings: { generator_open: "14", eco_continuity: "yes" }),
        :pilot_out
      )
    ).to eq(generator: :weak, eco: :continuous)
    open = visit(heater: electric, readings: { element_resistance: "OL", element_earth: "OL" })
    expect(described_class.from_visit(open, :no_hot_electric)).to include(
      upper_ohms: :open,
      upper_earth: :clear
    )
  end

  it "counts what earlier visits found wrong and nobody put right; that something was sound then " \
     "says nothing of today" do
    today = Date.new(2026, 11, 23)
    past = lambda do |days, readings, *done|
      steps =
        done.map do |id|
          Munimen::Visit::Step.new(
            id: id.to_s,
            operation: id,
            outcome: :done,
            at: Time.utc(2026, 1, 1)
          )
        end
      taken =
        readings.map do |name, (value, state)|
          Munimen::Visit::ReadingInput.read(
            name,
            value,
            units: :us,
            id: name.to_s,
            state: state || {}
          )
        end
      Munimen::Visit.new(heater: gas, rules: rules, date: today - days, readings: taken, steps:)
    end
    history = ->(symptom, *visits) { described_class.from_history(visits, symptom, on: today) }
    flat = { static_pressure: "62", vessel_charge: ["12", zero] }
    expect(history[:relief_drips, past[30, flat]]).to eq(charge: :flat)
    expect(history[:relief_drips, past[30, flat, :set_vessel_charge]]).to be_empty
    expect(history[:relief_drips, past[10, {}, :replace_vessel], past[30, flat]]).to be_empty
    expect(history[:relief_drips, past[200, flat]]).to be_empty
    renewed = lambda do |days|
      Munimen::Faults::Test[:bubble_age].in_history([past[days, {}, :renew_bubble]], today)
    end
    expect(
      [
        renewed[100],
        renewed[700],
        Munimen::Faults::Test[:bubble_age].in_history([past[100, {}]], today)
      ]
    ).to eq([:recent, :long_ago, nil])
  end

  # Handbook §24: two things are often wrong at once.
  it "lets two causes stand together where none alone explains what was found" do
    both = { release: :dies_soon, generator: :weak, eco: :open }
    torn = finder(:gas_storage, :pilot_out, both)
    expect(torn.contradiction).to be_empty
    expect(torn.pairs.map { |pair| pair.causes.map(&:id) }).to include(
      %i[thermocouple_weak eco_open],
      %i[thermocouple_nut eco_open]
    )
    expect(torn.settled&.id).to eq(:eco_open) # in every pair that is left
    expect(finder(:gas_storage, :pilot_out, both.except(:eco)).pairs).to be_empty
  end

  # What the heater is made of decides which causes there are.
  it "lets no vessel, an open system or an electronic control speak against no cause that such a " \
     "heater can have" do
    evidence = {
      drip_temperature: :hot,
      tap_temperature: :above,
      thermostat_down: :goes_on,
      vessel_present: :none
    }
    expect(finder(:gas_storage, :relief_drips, evidence).settled&.id).to eq(:thermostat_stuck)
    none = finder(:gas_storage, :relief_drips, evidence.slice(:vessel_present))
    expect(left(none)).to include(:no_expansion_control, :thermostat_stuck, :regulator_creep)
    expect(left(none) & %i[vessel_flat vessel_low membrane_failed]).to be_empty
    open = { regulator_present: :none, check_present: :none }
    expect(left(finder(:gas_storage, :relief_drips, open))).to contain_exactly(
      :grit_on_seat,
      :worn_seat,
      :supply_high,
      :thermostat_stuck
    )
    dark = { status_light: :dark, generator: :good, turn_up: :click, manifold: :zero }
    control = finder(:gas_storage, :no_burner, dark, ignition: "pilot_thermopile")
    expect(left(control)).to include(:control_stuck)
    flat = { static_pressure: "62", vessel_charge: ["12", zero] }
    read = visit(heater: gas(vessel: "none", vessel_volume: nil), readings: flat)
    known = described_class.from_visit(read, :relief_drips)
    expect(left(described_class.new(read.heater, :relief_drips, known))).to include(:vessel_flat)
  end

  # Common practice; handbook §13 and §18.
  it "excludes no choked screen by how fast the pilot dies, asks generator and cut-off first, " \
     "and has a vessel that is too small among the causes" do
    %i[dies_at_once dies_soon].each do |way|
      dying = finder(:gas_storage, :pilot_out, { release: way })
      expect(left(dying)).to include(:intake_choked)
      first = dying.next_tests.first.test.id
      expect(%i[generator eco]).to include(first)
      other = (%i[generator eco] - [first]).first
      normal = { first => Munimen::Faults::Test[first].normal }
      second = finder(:gas_storage, :pilot_out, { release: way, **normal })
      expect(second.next_tests.first.test.id).to eq(other)
    end
    peak = finder(:gas_storage, :relief_drips, { hot_peak: :at_relief, charge: :right })
    expect(left(peak)).to include(:vessel_too_small)
  end

  it "takes what none of its causes would show for no evidence" do
    low = finder(:gas_storage, :relief_drips, { static_pressure: :low, charge: :flat })
    expect(left(low)).to include(:vessel_flat)
  end

  it "says so when the evidence contradicts itself, and what to measure again" do
    torn = finder(
      :gas_storage,
      :pilot_out,
      { release: :dies_soon, generator: :weak, eco: :open, link: :open, windy: :yes }
    )
    expect([torn.left, torn.settled, torn.next_tests]).to eq([[], nil, []])
    expect(torn.contradiction).not_to be_empty
    expect(
      finder(:gas_storage, :relief_drips, { drip_temperature: :hot }).contradiction
    ).to be_empty
  end

  it "proposes what splits most for its minutes, the shallow before the deep, and says what it " \
     "takes to get there" do
    first = finder(:gas_storage, :relief_drips).next_tests
    expect(first.first.test.depth).to eq(:look)
    expect(first.map(&:worth)).to eq(first.map(&:worth).sort.reverse)
    charge = first.find { |one| one.test.id == :charge }
    expect(charge.unmet).to eq(heater_pressure: [:zero])
  end

  # Random states and answers (400 here, 10 000 by `bin/bench many 25`): what is proposed as
  # possible is possible; whatever touches a
  # terminal asks for covers and power to be as they must.
  (4 * TRIES).times do |number|
    it "never proposes as possible what the state does not allow, in random states #{number}",
       :long do
      random = Random.new(10_000 + number)
      heaters = Build::KINDS.keys.map { |kind| heater(kind, units: units(kind)) }
      100.times do
        heater = heaters.sample(random:)
        space = Munimen::Work::StateSpace.new(heater)
        state = space.domains.transform_values { |values| values.sample(random:) }
        symptom = Munimen::Faults::Symptom.all.select { |one| one.of?(heater) }.sample(random:)
        tests =
          symptom
            .causes(heater)
            .flat_map { |cause| cause.shows.keys }
            .uniq
            .sample(random.rand(0..2), random:)
        evidence = tests.to_h { |id| [id, Munimen::Faults::Test[id].outcomes.keys.sample(random:)] }
        finder = described_class.new(heater, symptom.id, evidence, state:)
        proposal = finder.next_tests.first or next
        expect(proposal.unmet).to eq(space.unmet(proposal.test.needs, state))
      end
    end
  end

  it "asks for covers and power to be as they must before a terminal is touched" do
    touching = Munimen::Faults::Test.all.select do |test|
      test.instrument.to_s.match?(/Multimeter|Insulation|Two-pole/) && test.depth == :opened
    end
    electrical = touching.reject { |test| test.id == :stat_call }
    expect(electrical.map { |test| test.needs.keys & %i[covers feed] }).to all(
      satisfy { |needs| !needs.empty? }
    )
  end

  it "tells a bad answer from a good one" do
    expect { finder(:gas_storage, :relief_drips, { drip_temperature: :purple }) }.to raise_error(
      Munimen::Error,
      /cold, hot/
    )
    expect { finder(:gas_storage, :nothing) }.to raise_error(Munimen::NotFound, /relief_drips/)
  end
end
