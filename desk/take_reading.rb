# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down a reading as typed, with the state of the heater it was taken in, and judges it at once.
    class TakeReading
      def initialize(context) = @context = context

      # Returns {reading:, verdicts:}: the verdicts in which this reading takes part.
      def call(visit_id, id:, name:, value:, at: nil, method: nil, instrument: nil)
        @context.allow!(:owner, :plumber, :inspector)
        visit = @context.records.visits.core(visit_id, now: ->(row) { @context.done_at(at, not_before: @context.open!(row)[:started_at]) })
        reading = ReadingInput.read(name, value, units: visit.units, id:, state: visit.state, at: @context.stamp(visit.now))
        if write(visit_id, visit, reading, method, instrument)
          visit = visit.with_reading(reading)
        else
          reading = visit.reading(reading.name)
        end
        { reading:, verdicts: Judgement::Judge.new(visit).verdicts_using(reading.name), visit: }
      end

      private

      # false when this reading has been written before.
      def write(visit_id, visit, reading, method, instrument)
        row = { id: reading.id, visit_id:, name: reading.name.to_s, si: reading.quantity&.si, choice: reading.choice&.to_s, typed: reading.typed[0, 60],
                state: Store::CoreVisit.dump_state(reading.state, visit.heater), method: @context.text!(method, :method, required: false),
                instrument: @context.text!(instrument, :instrument, required: false), at: reading.at, account_id: @context.person[:id] }
        @context.records.visits.take(row, correcting: !visit.reading(reading.name).nil?)
      end
    end
  end
end
