# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down a reading as typed, with the state of the heater it was taken in, and judges it at once.
    class TakeReading
      def initialize(context) = @context = context

      # Returns {reading:, verdicts:}: the verdicts in which this reading takes part.
      def call(visit_id, id:, name:, value:, at: nil, method: nil, instrument: nil)
        @context.allow!(:owner, :plumber, :inspector)
        row = @context.open_visit!(visit_id)
        visits = @context.records.visits
        time = @context.done_at(at, not_before: row[:started_at])
        visit = visits.core(visit_id, now: time)
        reading = ReadingInput.read(name, value, units: visit.units, id:, state: visit.state, at: @context.stamp(time))
        if visits.written?(:readings, id)
          reading = visit.reading(reading.name)
        else
          write(visit_id, visit, reading, time, method, instrument)
          visit = visit.with_reading(reading)
        end
        { reading:, verdicts: Judgement::Judge.new(visit).verdicts_using(reading.name), visit: }
      end

      private

      def write(visit_id, visit, reading, time, method, instrument)
        @context.records.write do
          @context.records.visits.write(:readings, id: reading.id, visit_id:, name: reading.name.to_s, si: reading.quantity&.si,
                                                   choice: reading.choice&.to_s, typed: reading.typed[0, 60], state: Store::CoreVisit.dump_state(reading.state, visit.heater),
                                                   method: @context.text!(method, :method, required: false),
                                                   instrument: @context.text!(instrument, :instrument, required: false),
                                                   at: @context.stamp(time), account_id: @context.person[:id])
          @context.records.visits.supersede(:readings, visit_id, reading.id, name: reading.name.to_s)
        end
      end
    end
  end
end
