# frozen_string_literal: true

# What a house rule, a missing part or a thing seen changes in the plan; what may be passed over,
# and what never.
RSpec.describe Munimen::Planning::Planner do
  def plan(jobs, house: {}, kind: :gas_storage, **more)
    fresh = fresh(kind, :us_irc, jobs:)
    visit = Munimen::Visit.new(
      heater: fresh.heater,
      rules: Munimen::Rules::EffectiveRules.new(:us_irc, firm: house),
      jobs:,
      date: fresh.date,
      **more
    )
    [described_class.new(visit).plan(jobs), visit]
  end

  def ids(plan) = plan.steps.map { |step| step.operation.id }
  def order(plan, *names) = expect(ids(plan) & names).to eq(names)

  # Handbook §24 of long heatings: begun first or put off, by choice.
  it "offers to come back for what only hours of heating can show" do
    drained = visit(heater: electric, jobs: %i[annual_safety flush])
    planner = ->(one) { Munimen::Planning::Planner.new(one).plan(one.jobs) }
    plan = planner[drained]
    expect(Munimen::Planning::LongHeat.of(plan, drained)[:seconds]).to be > 5400
    later = drained.with(decisions: { "long_heat" => "return" })
    short = planner[later]
    expect(short.superfluous.map(&:operation)).to include(:read_hot_peak_after)
    expect(short.total).to be < plan.total - 5400
    due = Munimen::Calendar::Due.after(later, [], on: Date.new(2026, 11, 23))
    expect(due.find { |item| item.kind == :long_heat }).to have_attributes(job: :pressure_check)
  end

  it "lets air in through the relief valve where the house rule says so, and shuts it before any " \
     "water comes" do
    plan, = plan(%i[flush], house: { drain_air: "relief_valve" })
    order(
      plan,
      :let_pressure_down,
      :open_relief_for_air,
      :drain_empty,
      :flush_bursts,
      :shut_drain,
      :shut_relief_after_air,
      :refill_tank
    )
    expect(ids(plan(%i[flush]).first)).not_to include(:open_relief_for_air)
  end

  # Handbook §26.2.
  it "lets a tap give the air where the relief valve is the way and may not be lifted, or is " \
     "replaced" do
    plan, = plan(%i[flush], house: { drain_air: "relief_valve", relief_exercise: "known_history" })
    expect(plan.impossible).to eq([])
    expect(ids(plan)).not_to include(:open_relief_for_air)
    replaced, = plan(%i[flush replace_relief_valve], house: { drain_air: "relief_valve" })
    expect(ids(replaced) & %i[drain_empty open_relief_for_air]).to eq(%i[drain_empty])
    lifted, = plan(%i[flush], house: { drain_air: "relief_valve" }, decisions: {})
    order(lifted, :ask_consent, :open_relief_for_air, :watch_relief_drip)
  end

  it "drains at PILOT only where the house rule allows it" do
    expect(ids(plan(%i[flush]).first)).to include(:turn_gas_off).and include(:relight_pilot)
    spared, = plan(%i[flush], house: { drain_at_pilot: "pilot" })
    expect(ids(spared)).to include(:turn_burner_to_pilot)
    expect(ids(spared)).not_to include(:relight_pilot)
  end

  it "lifts the lever before isolating, with the flush or after refilling, as the house rule " \
     "says" do
    order(
      plan(%i[relief_exercise flush]).first,
      :exercise_relief_valve,
      :turn_gas_off,
      :flush_bursts
    )
    order(
      plan(%i[relief_exercise flush], house: { relief_when: "after_refill" }).first,
      :flush_bursts,
      :refill_tank,
      :restore_burner,
      :exercise_relief_valve
    )
    with, visit = plan(%i[relief_exercise flush], house: { relief_when: "with_flush" })
    expect(with.impossible).to be_empty
    expect(visit.terms.needs(Munimen::Work::Operation[:exercise_relief_valve])).to include(
      "heat.burner": %i[pilot off]
    )
    before = ids(with).take_while { |id| id != :exercise_relief_valve }
    expect(before).to include(:turn_burner_to_pilot).or include(:turn_gas_off)
    order(with, :exercise_relief_valve, :relight_pilot)
  end

  it "waits five minutes after a pilot that would not stay, and then tries again (common " \
     "practice)" do
    steps = [
      Munimen::Visit::Step.new(
        id: "a",
        operation: :turn_gas_off,
        outcome: :done,
        at: Time.utc(2026, 11, 23, 9)
      ),
      Munimen::Visit::Step.new(
        id: "b",
        operation: :relight_pilot,
        outcome: :done,
        at: Time.utc(2026, 11, 23, 9, 5)
      )
    ]
    readings = { floor_smell: "none", pilot_held: "dies" }.map do |name, value|
      Munimen::Visit::ReadingInput.read(name, value, units: :us, id: name.to_s, state: {})
    end
    plan, visit = plan(%i[pressure_check], steps:, readings:, now: Time.utc(2026, 11, 23, 9, 6))
    expect(visit.state).to include(since_gas: :waiting, pilot_flame: :out, "heat.burner": :off)
    order(plan, :wait_for_gas_to_clear, :relight_pilot, :restore_burner)
    gap =
      plan.steps.find { |step| step.operation.id == :relight_pilot }.start -
      plan.steps.find { |step| step.operation.id == :wait_for_gas_to_clear }.finish
    expect(gap).to be >= 300
  end

  it "gives no heat back to a heater whose relief valve is plugged, nor while gas is smelt; a " \
     "new valve frees it" do
    off = [
      Munimen::Visit::Step.new(
        id: "a",
        operation: :turn_gas_off,
        outcome: :done,
        at: Time.utc(2026, 11, 23, 9)
      )
    ]
    {
      relief_present: :plugged,
      discharge_open: :capped,
      gas_smell_seen: :smell
    }.each do |item, finding|
      seen = [Munimen::Visit::Observation.new(id: "o", item:, finding:)]
      _, visit = plan(%i[flush], steps: off, observations: seen)
      %i[relight_pilot restore_burner].each do |id|
        unmet = visit.terms.unmet(Munimen::Work::Operation[id], visit.state)
        expect(unmet.keys.join(" ")).to include("hazard."), "#{id} after #{finding}"
      end
      next unless item == :relief_present

      proved = %i[replace_relief_valve exercise_new_relief_valve].map.with_index do |id, index|
        at = Time.utc(2026, 11, 23, 9, 9 + index)
        Munimen::Visit::Step.new(id: id.to_s, operation: id, outcome: :done, at:)
      end
      _, mended = plan(%i[flush], steps: off + proved.first(1), observations: seen)
      expect(mended.hazards.map(&:id)).to eq([:relief_valve])
      _, cleared = plan(%i[flush], steps: off + proved, observations: seen)
      expect(cleared.hazards).to be_empty
    end
  end

  # Handbook rule of interlocks: order of convenience, waiting and method may be passed over; what
  # protects never.
  it "calls soft only what protects nobody" do
    protects = %i[
      level
      air_in_pipes
      drain
      relief
      discharge_pipe
      heater_supply
      heater_pressure
      water_joints
      gas_joints
      since_gas
      burner_door
      test_points
      manometer
      union
      cock
      covers
      consent
      discharge
      pilot_flame
      drip_watch
      hose
      vessel
      strainer
      inlet_group
      bubble
      coil_loop
      air_path
    ]
    protects.each { |name| expect(Munimen::Work::Interlocks.soft?([name])).to be(false), name.to_s }
    %w[
      heat.burner
      feed.heater
      leads.upper_element
      lock.heater
      opening.relief
      cut_out.coil
    ].each { |name| expect(Munimen::Work::Interlocks.soft?([name.to_sym])).to be(false), name }
    expect(Munimen::Work::Interlocks.soft?(%i[max_hand static])).to be(true)
    expect(Munimen::Work::Interlocks.soft?(%i[max_hand level])).to be(false)
  end

  it "adds up what a flush costs: a tank of water and more, tools and paper, hot again after " \
     "heating from cold" do
    plan, visit = plan(%i[flush])
    outlay = Munimen::Planning::PlanResources.new(plan, visit)
    expect(outlay.water.in("gal")).to be_between(50, 80)
    expect([outlay.tools, outlay.materials]).to match(
      [include("White pail", "Hose"), include("Paper")]
    )
    heat = Munimen::Work::Durations.heat_up(visit.heater)
    expect(outlay.hot_again).to be_between(plan.total, plan.total + heat)
    expect(Munimen::Planning::PlanResources.new(*plan(%i[pressure_check])).hot_again).to be_nil
  end

  it "takes nothing out of a large set only because its order is hard to find" do
    jobs = %i[
      replace_gas_control
      replace_vessel
      replace_relief_valve
      replace_drain_valve
      replace_thermocouple
      inspect_anode
      draught_test
      flush
      replace_inlet_group
      test_pilot
    ]
    plan, = plan(jobs, house: { drain_at_pilot: "pilot" })
    expect(plan.impossible).to be_empty
    order(
      plan,
      :flush_bursts,
      :replace_gas_control,
      :refill_tank,
      :exercise_new_relief_valve,
      :test_pilot,
      :leave_site
    )
  end

  it "never takes longer with more jobs planned together than one after the other, nor less than " \
     "what it says is least" do
    plan, = plan(%i[flush replace_anode replace_relief_valve inspect_anode])
    expect(plan.at_least).to be <= plan.total
    expect(plan.total).to be <=
                          %i[flush replace_anode replace_relief_valve inspect_anode].sum { |job|
                            plan([job]).first.total
                          }
  end

  it "proves an English cylinder dead before its cut-outs are opened, and its year has all of " \
     "the trade's order" do
    visit = fresh(:unvented_indirect, :england_g3, jobs: [:annual_unvented])
    plan = described_class.new(visit).plan(visit.jobs)
    expect(plan.impossible).to be_empty
    order(plan, :exercise_relief_valve, :lock_off_immersion, :clean_strainer)
    order(plan, :prove_dead, :test_cut_out, :close_covers)
    order(plan, :restore_boiler_heat, :leave_site)
  end
end
