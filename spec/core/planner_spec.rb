# frozen_string_literal: true

RSpec.describe Munimen::Planning::Planner do
  def plan(visit) = described_class.new(visit).plan(visit.jobs)
  def order(visit) = plan(visit).steps.map { |step| step.operation.id }

  # Plays a plan on the state of the heater, with waits running out by the clock; yields before
  # each step.
  def play(visit, plan)
    space = Munimen::Work::StateSpace.new(visit.heater)
    state = space.arrival.dup
    waits = []
    plan.steps.each do |step|
      waits
        .select { |time, _| time <= step.start }
        .each do |wait|
          space.expand(wait.last).each { |name, values| state[name] = values.first } &&
            waits.delete(wait)
        end
      yield step.operation, state, space
      space.expand(step.operation.makes).each { |name, values| state[name] = values.first }
      waits << [step.wait.finish, step.operation.wait.makes] if step.wait
    end
    state
  end

  heaters = lambda do |random|
    gas = random.rand < 0.5
    base = gas ? Build::GAS : Build::ELECTRIC
    base
      .merge(
        capacity: %w[30 40 50 75].sample(random:),
        vessel: %w[external none unknown].sample(random:),
        regulator: %w[yes no unknown].sample(random:),
        backflow: %w[yes no].sample(random:),
        recirculation: %w[yes no].sample(random:),
        anode: %w[separate none].sample(random:),
        **(
          if gas
            {
              ignition: %w[pilot_thermocouple pilot_thermopile intermittent unknown].sample(random:)
            }
          else
            { element_lower: ["4500", nil].sample(random:) }
          end
        )
      )
      .then { |heater| heater[:vessel] == "none" ? heater.except(:vessel_volume) : heater }
      .compact
  end

  # 60 random heaters × jobs × house rules, from a fixed seed.
  random = Random.new(20_261)
  60.times do |number|
    heater = heaters.call(random)
    jobs = Munimen::Work::Job.all.map(&:id).sample(random.rand(1..4), random:)
    house = {
      relief_exercise: %w[every_visit look_only].sample(random:),
      charge_method: %w[isolated taps_open].sample(random:)
    }

    it "is safe and whole for random case #{number}: #{heater[:kind]}, #{jobs.join(", ")}, " \
       "#{house.values.join(", ")}" do
      visit = visit(heater: Munimen::Heater::Installation.from(heater), jobs:, house:)
      plan = plan(visit)
      final = play(visit, plan) do |operation, state, space|
        expect(space.unmet(operation.needs_under(visit.rules), state)).to be_empty,
        "#{operation.id} runs with a need unmet"
        expect(state[:level]).to eq(:full) if operation.makes[:heat] == :on
        expect(state[:air_in_pipes]).to eq(:no) if operation.makes[:heat] == :on
        expect(state[:heater_pressure]).not_to eq(:live) if operation.id == :read_vessel_charge
        expect(state[:heater_pressure]).to eq(:zero) if operation.id == :set_vessel_charge
        if operation.id == :exercise_relief_valve
          expect(state.select { |name, _| name.start_with?("heat.") }.values).to all(eq(:on))
        end
      end
      wanted = jobs.flat_map { |job| Munimen::Work::Job[job].operations_for(visit.heater) }.uniq
      expect(
        plan.steps.map { |step| step.operation.id } |
          (plan.impossible + plan.superfluous).map(&:operation)
      ).to include(*wanted)
      expect(final.select { |name, _| name.start_with?("heat.") }.values).to all(eq(:on))
      expect(final.values_at(:heater_supply, :heater_pressure, :air_path, :gauge, :on_site)).to eq(
        %i[open live shut off no]
      )
      expect(final[:dial]).to be_in(%i[as_found restored])
    end

    it "never has the person in two places, nor goes beyond its total, in random case #{number}" do
      plan = plan(visit(heater: Munimen::Heater::Installation.from(heater), jobs:, house:))
      plan.steps.each_cons(2) { |one, two| expect(two.start).to be >= one.finish }
      expect(plan.steps.last.finish).to be <= plan.total
    end
  end

  RSpec::Matchers.define(:be_in) { |list| match { |actual| list.include?(actual) } }

  describe "the annual safety visit of a gas heater" do
    subject(:steps) { order(visit) }

    def before(one, two)
      expect(steps.index(one)).to be < steps.index(two), "#{one} must go before #{two}"
    end

    it "goes in the order of the trade" do
      before(:identify, :look_over)
      before(:look_over, :read_tap_temperature)
      before(:read_hot_peak_found, :exercise_relief_valve)
      before(:check_discharge_pipe, :exercise_relief_valve)
      before(:ask_consent, :exercise_relief_valve)
      before(:exercise_relief_valve, :turn_burner_to_pilot)
      before(:turn_burner_to_pilot, :shut_heater_supply)
      before(:let_pressure_down, :read_vessel_charge)
      before(:read_vessel_charge, :test_air_valve)
      before(:purge_air, :restore_burner)
      before(:reset_max_hand, :start_final_cycle)
      expect(steps.each_cons(2)).to include(%i[exercise_relief_valve watch_relief_drip])
      expect(steps.last).to eq(:leave_site)
    end

    it "isolates once and restores once" do
      expect(
        steps.tally.values_at(
          :shut_heater_supply,
          :open_heater_supply,
          :turn_burner_to_pilot,
          :restore_burner
        )
      ).to eq([1, 1, 1, 1])
    end

    it "fills the heating wait with the discharge pipe and the question" do
      plan = plan(visit)
      wait = plan.steps.find { |step| step.operation.id == :start_found_cycle }.wait
      inside =
        plan
          .steps
          .select { |step| step.start >= wait.start && step.finish <= wait.finish }
          .map { |step| step.operation.id }
      expect(inside).to include(:check_discharge_pipe, :ask_consent)
    end

    it "says for each step why it is there" do
      plan = plan(visit)
      expect(plan.steps.map(&:why)).to all(be_a(String).and(satisfy { |text| !text.empty? }))
      shut = plan.steps.find { |step| step.operation.id == :shut_heater_supply }
      expect(shut.why).to include("needs it: supply shut")
    end
  end

  it "finds an order no longer than any other of a small job (every order tried)" do
    small = visit(jobs: [:relief_exercise])
    space = Munimen::Work::StateSpace.new(small.heater)
    wanted =
      Munimen::Work::Job[:relief_exercise].operations_for(small.heater) +
      %i[ask_consent watch_relief_drip]
    doable = wanted.permutation.select do |ids|
      state = space.arrival.dup
      ids.last == :leave_site && ids.all? do |id|
        operation = Munimen::Work::Operation[id]
        fits = space.unmet(operation.needs_under(small.rules), state).empty?
        space.expand(operation.makes).each { |name, values| state[name] = values.first }
        fits
      end
    end
    expect(doable).not_to be_empty
    expect(doable).to include(order(small))
    expect(plan(small).total).to eq(wanted.sum { |id| Munimen::Work::Operation[id].hands_on } + 10)
  end

  it "plans two jobs in no more time than one after the other" do
    total = ->(*jobs) { plan(visit(jobs:)).total }
    both = total[:pressure_check, :charge_recheck]
    expect(both).to be <= total[:pressure_check] + total[:charge_recheck]
  end

  it "leaves the lever alone under “look only”, and says so" do
    plan = plan(visit(house: { relief_exercise: "look_only" }))
    expect(plan.steps.map { |step| step.operation.id }).not_to include(
      :exercise_relief_valve,
      :watch_relief_drip
    )
    expect(plan.impossible.map(&:operation)).to eq([:exercise_relief_valve])
    expect(plan.impossible.first.because).to include("look only")
  end

  it "asks for a known history where that is the rule, unless a spare is at hand" do
    house = { relief_exercise: "known_history" }
    expect(plan(visit(house:)).impossible.map(&:operation)).to include(:exercise_relief_valve)
    expect(
      plan(visit(house:, heater: gas(relief_history: "exercised_yearly"))).impossible
    ).to be_empty
    expect(plan(visit(house:, decisions: { "spare_at_hand" => "yes" })).impossible).to be_empty
  end

  it "drops the lever when the discharge pipe would scald somebody" do
    expect(
      plan(visit(seen: { discharge_open: :capped })).impossible.map(&:because).join
    ).to include("not safe to discharge")
  end

  it "has nothing to set when the charge is right, and cannot set a failed vessel" do
    right = visit(
      readings: {
        static_pressure: "62",
        vessel_charge: ["61", zero],
        air_valve_emits: "air"
      }
    )
    expect(plan(right).superfluous.map(&:operation)).to eq([:set_vessel_charge])
    failed = visit(
      readings: {
        static_pressure: "62",
        vessel_charge: ["20", zero],
        air_valve_emits: "water"
      }
    )
    expect(plan(failed).impossible.map(&:operation)).to eq([:set_vessel_charge])
  end

  it "does not plan again, on the way to something else, what somebody could not do" do
    given_up = Munimen::Visit::Step.new(
      id: "s",
      operation: :fit_gauge,
      outcome: :not_tested,
      reason: "No access"
    )
    plan = plan(visit(steps: [given_up]))
    expect(plan.steps.map { |step| step.operation.id }).not_to include(:fit_gauge)
    expect(plan.impossible.map(&:operation)).to include(:read_static_pressure)
    expect(plan.steps.last.operation.id).to eq(:leave_site)
  end

  it "goes on from where the visit stands, and counts down a running wait" do
    now = Time.utc(2026, 11, 23, 10)
    done =
      %i[identify look_over fit_gauge read_static_pressure read_tap_temperature start_found_cycle]
        .each_with_index
        .map do |id, index|
        Munimen::Visit::Step.new(
          id: index.to_s,
          operation: id,
          outcome: :done,
          at: now - 300 + (index * 10)
        )
      end
    visit = visit(steps: done, now:)
    expect(order(visit) & done.map(&:operation)).to be_empty
    left = visit.running_waits.first.seconds_left
    expect(left).to be < Munimen::Work::Durations.recovery(visit.heater)
    peak = plan(visit).steps.find { |step| step.operation.id == :read_hot_peak_found }
    expect(peak.start).to be_within(1).of(left)
  end

  # Handbook §26.2: never for air while a tap already gives it.
  %i[gas_storage electric_storage boiler_coil].each do |kind|
    it "lifts no lever for the air of a drain that the tap gives already, #{kind}" do
      plan = Munimen::Planning::PlanKeeper.new.plan(
        fresh(kind, :us_irc, jobs: %i[annual_safety flush])
      )
      ids = plan.steps.map { |step| step.operation.id }
      expect(ids).to include(:drain_empty)
      expect(ids & %i[open_relief_for_air shut_relief_after_air]).to eq([])
      expect(ids.count(:watch_relief_drip)).to eq(1) # that of the lever's own test
    end
  end
end
