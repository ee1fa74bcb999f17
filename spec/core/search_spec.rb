# frozen_string_literal: true

require_relative "../support/every_order"

# The planner's search against another one that knows nothing of its estimates: every order is
# tried, waits and all; only branches that cannot be shorter than what is to be beaten are cut.
RSpec.describe Munimen::Planning::Search do
  [
    [:gas, %i[pressure_check], %i[fit_gauge start_found_cycle remove_gauge]],
    [:electric, %i[pressure_check], %i[fit_gauge start_found_cycle remove_gauge]],
    [:gas, %i[relief_exercise], %i[ask_consent watch_relief_drip]],
    [
      :electric,
      %i[relief_exercise pressure_check],
      %i[ask_consent watch_relief_drip fit_gauge start_found_cycle remove_gauge]
    ]
  ].each do |kind, jobs, helpers|
    it "finds nothing longer than the shortest of all orders: #{kind}, #{jobs.join(" and ")}" do
      visit = visit(heater: public_send(kind), jobs:)
      goals = jobs.flat_map { |job| Munimen::Work::Job[job].operations_for(visit.heater) }.uniq
      plan = Munimen::Planning::Planner.new(visit).plan(jobs)
      expect(plan).not_to be_bounded
      expect(plan.total).to eq(EveryOrder.new(visit, goals, helpers, beat: plan.total).least)
    end
  end

  it "says so when it had to hurry, and the plan still goes from arrival to leaving" do
    stub_const("Munimen::Planning::Solver::EXACT", ->(*) { { weight: 1, limit: 40 } })
    visit = visit(jobs: [:annual_safety])
    plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
    expect(plan).to have_attributes(
      bounded?: true,
      impossible: [],
      at_least: be_between(1, plan.total)
    )
    expect(plan.steps.map { |step| step.operation.id }).to include(
      :exercise_relief_valve,
      :set_vessel_charge
    ).and(end_with(:leave_site))
  end
end
