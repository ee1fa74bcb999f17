# frozen_string_literal: true

# What a tank is while it drains, and what a step once done has made true.
RSpec.describe Munimen::Visit::History do
  def step(operation, minute, **more)
    Munimen::Visit::Step.new(
      id: "#{operation}#{minute}",
      operation:,
      outcome: :done,
      at: Time.utc(2026, 11, 23, 9, minute),
      **more
    )
  end

  def state(*steps, now: 59, **more)
    visit(steps:, now: Time.utc(2026, 11, 23, 9, now), **more).state
  end

  isolated = %i[identify look_over turn_gas_off shut_heater_supply let_pressure_down fit_hose]

  def drained(minute, *more)
    %i[identify look_over turn_gas_off shut_heater_supply let_pressure_down fit_hose]
      .each_with_index
      .map { |id, i| step(id, i) } + [step(:drain_empty, minute)] + more
  end

  it "is full no longer once the drain is open, and empty when the time is over" do
    expect(state(*isolated.each_with_index.map { |id, i| step(id, i) })).to include(
      level: :full,
      drain: :shut
    )
    expect(state(*drained(10), now: 12)).to include(level: :falling, drain: :open)
    expect(state(*drained(10), now: 55)).to include(level: :empty)
  end

  it "leaves the level falling, and nothing with a full tank possible, when the drain is shut " \
     "too soon" do
    early = state(*drained(10, step(:shut_drain, 12)), now: 55)
    expect(early).to include(level: :falling, drain: :shut)
    space = Munimen::Work::StateSpace.new(gas)
    %i[restore_burner relight_pilot test_pilot exercise_relief_valve leave_site].each do |id|
      expect(space.unmet(Munimen::Work::Operation[id].needs, early)).to have_key(:level), id.to_s
    end
    plan = Munimen::Planning::Planner.new(
      visit(
        steps: drained(10, step(:shut_drain, 12)),
        now: Time.utc(2026, 11, 23, 9, 55),
        jobs: [:flush]
      )
    ).plan([:flush])
    expect(plan.steps.map { |one| one.operation.id }).to include(
      :drain_empty,
      :refill_tank,
      :leave_site
    )
  end

  it "keeps what a step made of its reading when the reading of that name is taken again" do
    before = step(:relight_pilot, 20, made: { since_gas: :waiting, heat: :off, pilot_flame: :out })
    later = { pilot_held: "stays", floor_smell: "none" }
    expect(state(step(:turn_gas_off, 1), before, readings: later)).to include(
      since_gas: :waiting,
      "heat.burner": :off
    )
    expect(
      state(step(:turn_gas_off, 1), step(:relight_pilot, 20, made: {}), readings: later)
    ).to include(since_gas: :clear, "heat.burner": :pilot)
  end
end
