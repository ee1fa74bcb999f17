# frozen_string_literal: true

module Munimen
  class PressureLog
    # Slow rises that are none of the house's: the main swings up in the night and down in the day,
    # as slowly as it rose. What a regulator lets pass stays until a draw takes it away at once.
    module Swings
      LASTS = 1200.0 # s for which it must stay down: a draw alone is no fall of the level
      SHARE = 0.25   # of the rise's time, that a slow fall by half takes at least
      NEAR = 0.2     # of the height above its half, where a slow fall was just before

      module_function

      # The runs, [[first, last], …], without those that swing back; one that the log cuts off is
      # as the others are.
      def without(runs, shape)
        kinds = runs.to_h { |run| [run, kind(*run, shape)] }
        if all_swing?(kinds.values)
          kinds.each_key do |run|
            kinds[run] = :swing if kinds[run] == :open
          end
        end
        kinds.reject { |_, kind| kind == :swing }.keys
      end

      def all_swing?(kinds) = kinds.include?(:swing) && !kinds.include?(:stays)

      def kind(first, last, shape)
        values = shape.values
        height = values[last] - values[first]
        half = values[last] - (height / 2)
        down = fallen(last, half, shape) or return :open
        rise, fall = [[first, last], [last, down]].map { |a, b| shape.times[b] - shape.times[a] }
        slow = fall >= SHARE * rise
        slow && just_before(down, shape) <= half + (NEAR * height) ? :swing : :stays
      end

      # The first index after one from which on it stays below a value.
      def fallen(last, value, shape)
        since = nil
        (last...shape.values.size).each do |at|
          next since = nil if shape.values[at] >= value

          since ||= at
          return since if shape.times[at] - shape.times[since] >= LASTS
        end
        nil
      end

      # The highest shortly before an index.
      def just_before(index, shape)
        from = index.downto(0).take_while { |at| shape.times[index] - shape.times[at] <= LASTS / 2 }
        shape.values.values_at(*from, [index - 1, 0].max).max
      end
    end
  end
end
