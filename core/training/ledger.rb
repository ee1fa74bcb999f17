# frozen_string_literal: true

module Munimen
  module Training
    # What an exercise has cost so far: time, water, unsafe tries, wrong replacements.
    #
    #   Ledger.new(exercise).to_h # => { seconds: 1260, water: …, tests: 4, unsafe: 0, wrong: [] }
    class Ledger
      WRONG = 1_800 # s for a cause that no job of ours replaces; common practice

      # Seconds lost when the wrong thing is put right.
      def self.lost_by(cause, heater)
        return WRONG unless cause.job

        [
          Work::Job[cause.job].operations_for(heater).sum { |id| Work::Operation[id].hands_on },
          WRONG
        ].max
      end

      def initialize(exercise) = @exercise = exercise

      def to_h
        {
          seconds: @exercise.seconds.round,
          water:,
          tests: of(:test).size,
          unsafe: of(:refused).size,
          wrong:
        }
      end

      # What was replaced or named though it was sound: causes and operations.
      def wrong = of(:named).reject(&:more).map(&:what) + replaced_in_vain

      private

      def of(kind) = @exercise.acts.select { |act| act.kind == kind }

      def replaced_in_vain
        cures = @exercise.scenario.faults.keys.flat_map do |name|
          Exercise.cures(Faults::Cause[name], @exercise.heater)
        end
        of(:step).map(&:what).select { |id| Work::Operation[id].part_kind && !cures.include?(id) }
      end

      # What the operations let run, and the relief valves.
      def water
        run = of(:step).sum { |act| Work::Operation[act.what].water_wasted.call(@exercise.heater) }
        opened = of(:test).count { |act| Faults::Test[act.what].depth == :drained }
        drained = opened * @exercise.heater.capacity.si
        Measure::Quantity.new(:volume, run + drained + (@exercise.rig.relief_spilt / 1000.0))
      end
    end
  end
end
