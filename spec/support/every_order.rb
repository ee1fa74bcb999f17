# frozen_string_literal: true

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
    if waits.any? do |_, wait|
         @space.expand(wait.holds).any? { |name, held| made[name] && !held.intersect?(made[name]) }
       end
      return
    end

    attended = operation.wait&.manner == :attended ? operation.wait.seconds.call(@visit.heater) : 0
    begin_wait(
      operation,
      state.merge(made.transform_values(&:first)),
      left,
      waits,
      time,
      operation.hands_on + attended
    )
  end

  def begin_wait(operation, state, left, waits, time, seconds)
    pass(state, waits, seconds) do |later, rest|
      if operation.wait && operation.wait.manner != :attended
        rest += [[operation.wait.seconds.call(@visit.heater), operation.wait]]
      end
      go(later, left - [operation.id], rest, time + seconds)
    end
  end

  def pass(state, waits, seconds)
    over, rest = waits.partition { |left, _| left <= seconds }
    later = over.reduce(state) do |now, (_, wait)|
      now.merge(@space.expand(wait.makes).transform_values(&:first))
    end
    yield later, rest.map { |left, wait| [left - seconds, wait] }
  end
end
