# frozen_string_literal: true

# The planner's search against another one that knows nothing of its estimates: every order is tried, waits
# and all; only branches that cannot be shorter than what is to be beaten are cut.
RSpec.describe Munimen::Work::Search do
  # Least total seconds to do `goals`, each helper used once at the most, by trying everything.
  class EveryOrder
    def initialize(visit, goals, helpers, beat:)
      @visit = visit
      @space = Munimen::Work::StateSpace.new(visit.heater)
      @goals = goals
      @helpers = helpers
      @operations = (goals + helpers).map { |id| Munimen::Work::Operation[id] }
      @best = beat + 1
      @seen = {}
    end

    def least
      go(@space.arrival.dup, @goals + @helpers, [], 0)
      @best
    end

    private

    def go(state, left, waits, time)
      return if time + (left & @goals).sum { |id| Munimen::Work::Operation[id].hands_on } >= @best
      return @best = [@best, time + (waits.map(&:first).max || 0)].min unless left.intersect?(@goals)

      key = [state, left, waits]
      return if (@seen[key] || Float::INFINITY) <= time

      @seen[key] = time
      @operations.each { |operation| try(operation, state, left, waits, time) }
      return if waits.empty?

      soonest = waits.map(&:first).min
      pass(state, waits, soonest) { |later, rest| go(later, left, rest, time + soonest) }
    end

    def try(operation, state, left, waits, time)
      return if !left.include?(operation.id) || left.intersect?(operation.after & @goals)
      return if operation.last? && (left & @goals) != [operation.id]
      return unless @space.unmet(operation.needs_under(@visit.rules), state).empty?

      made = @space.expand(operation.makes)
      return if waits.any? { |_, wait| @space.expand(wait.holds).any? { |name, held| made[name] && !held.intersect?(made[name]) } }

      attended = operation.wait&.manner == :attended ? operation.wait.seconds.call(@visit.heater) : 0
      begin_wait(operation, state.merge(made.transform_values(&:first)), left, waits, time, operation.hands_on + attended)
    end

    def begin_wait(operation, state, left, waits, time, seconds)
      pass(state, waits, seconds) do |later, rest|
        rest += [[operation.wait.seconds.call(@visit.heater), operation.wait]] if operation.wait && operation.wait.manner != :attended
        go(later, left - [operation.id], rest, time + seconds)
      end
    end

    def pass(state, waits, seconds)
      over, rest = waits.partition { |left, _| left <= seconds }
      later = over.reduce(state) { |now, (_, wait)| now.merge(@space.expand(wait.makes).transform_values(&:first)) }
      yield later, rest.map { |left, wait| [left - seconds, wait] }
    end
  end

  [[:gas, %i[pressure_check], %i[fit_gauge start_found_cycle remove_gauge]],
   [:electric, %i[pressure_check], %i[fit_gauge start_found_cycle remove_gauge]],
   [:gas, %i[relief_exercise], %i[ask_consent watch_relief_drip]],
   [:electric, %i[relief_exercise pressure_check], %i[ask_consent watch_relief_drip fit_gauge start_found_cycle remove_gauge]]].each do |kind, jobs, helpers|
    it "finds nothing longer than the shortest of all orders: #{kind}, #{jobs.join(' and ')}" do
      visit = visit(heater: public_send(kind), jobs:)
      goals = jobs.flat_map { |job| Munimen::Work::Job[job].operations_for(visit.heater) }.uniq
      plan = Munimen::Work::Planner.new(visit).plan(jobs)
      expect(plan.bounded).to be(false)
      expect(plan.total).to eq(EveryOrder.new(visit, goals, helpers, beat: plan.total).least)
    end
  end

  it "says so when it had to hurry, and the plan still goes from arrival to leaving" do
    stub_const("#{described_class}::NODE_LIMIT", 40)
    visit = visit(jobs: [:annual_safety])
    plan = Munimen::Work::Planner.new(visit).plan(visit.jobs)
    expect(plan).to have_attributes(bounded: true, impossible: [])
    expect(plan.steps.map { |step| step.operation.id }).to include(:exercise_relief_valve, :set_vessel_charge).and(end_with(:leave_site))
  end
end
