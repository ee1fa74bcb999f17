# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down a reading as typed, with the state of the heater it was taken in, and judges it
    # at once.
    class TakeReading
      def initialize(context) = @context = context

      # corrects: id of the reading that was on the screen, or nil when there was none; another
      # one by somebody else is not written over unseen. Returns {reading:, verdicts:}: the
      # verdicts in which this reading takes part. again: whether it was read again after the work,
      # so that the one before stands as it was found. of: the part, where the name does not
      # say it.
      def call(
        visit_id,
        id:,
        name:,
        value:,
        at: nil,
        method: nil,
        instrument: nil,
        corrects: :whatever,
        again: false,
        of: nil
      )
        name = Visit::ReadingInput.key(name, of)
        @context.may!(:visit)
        taken = VisitWrite.new(@context, visit_id).call(:readings, id, at:) do |entry|
          conflict(entry.visit, name, id, corrects)
          reading = read(entry.visit, id, name, value)
          entry.add(:readings, **row(entry.visit, reading, method, instrument))
          [again && entry.visit.reading(reading.name) ? left(entry, reading) : entry.visit, reading]
        end
        return as_before(visit_id, id) unless taken

        judged(taken.first.with_reading(taken.last), taken.last)
      end

      private

      # It is how it was left: the visit, knowing that.
      def left(entry, reading)
        name = Visit::Decisions.name(:left, reading.id)
        entry.add(:decisions, id: SecureRandom.uuid, name:, value: "yes")
        entry.visit.with(decisions: entry.visit.decisions.to_h.merge(name => "yes"))
      end

      # What a request that comes again is answered with.
      def as_before(visit_id, id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        reading = visit.readings.find { |one| one.id == id } or
          raise Error.new("This id is of another reading.", field: :id, code: :id_taken)
        judged(visit, reading)
      end

      def judged(visit, reading)
        { reading:, verdicts: Judgement::Judge.of(visit).verdicts_using(reading.name), visit: }
      end

      def conflict(visit, name, id, corrects)
        other = corrects == :whatever ? nil : visit.reading(name.to_s.to_sym)
        if other.nil? || [id, corrects].include?(other.id) || other.by == @context.person[:id]
          return
        end

        who = @context.records.people.find(other.by)&.fetch(:name)
        raise Refused.new(
          Message.of("{who} wrote {typed} here meanwhile. Keep that, or put yours in its place: " \
                     "both stay in the record.",
                     who:, typed: other.typed),
          field: name,
          code: :conflict,
          details: {
            name:,
            theirs: other.typed,
            who:,
            id: other.id
          }
        )
      end

      def read(visit, id, name, value)
        Visit::ReadingInput.read(name, value, units: visit.units, id:, state: visit.state,
                                              at: @context.stamp(visit.now))
      end

      def row(visit, reading, method, instrument)
        {
          id: reading.id,
          name: reading.name.to_s,
          si: reading.quantity&.si,
          choice: reading.choice&.to_s,
          typed: reading.typed[0, 60],
          state: Store::VisitMapper.dump_state(reading.state, visit.heater),
          method: @context.text!(method, :method, required: false),
          instrument: @context.text!(instrument, :instrument, required: false)
        }
      end
    end
  end
end
