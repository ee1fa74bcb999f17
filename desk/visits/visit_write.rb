# frozen_string_literal: true

module Munimen
  module Desk
    # The one way in for what is said in a visit: it is judged on the visit as it stands, and
    # written in the same transaction only where nothing else has been written to it since; else it
    # is judged again. What a device has judged itself, without a signal, is judged on what it knew
    # then: what happened is history, and is marked where somebody else's entry has meanwhile made
    # it impossible.
    #
    #   VisitWrite.new(context, visit_id).call(:notes, id) do |entry|
    #     entry.add(:notes, id:, entry: "leak.body") # refuse by raising; entry.visit is judged
    #   end
    class VisitWrite
      TRIES = 6 # that others may write in between

      # What one write is made of.
      class Entry
        # visit: the Visit that it is judged on; row: its row; time: when it was done.
        attr_reader :visit, :row, :time, :rows

        # arrived: Hash that is kept with each row.
        def initialize(context, visit, row, time, arrived)
          @context = context
          @visit = visit
          @row = row
          @time = time
          @arrived = arrived
          @rows = []
        end

        # A row into a table of what is written in visits: its own columns; whose, when and how it
        # got here is said here.
        def add(table, **columns) = @rows << [table, full(**columns)]

        # Such a row whole.
        def full(**columns)
          { visit_id: row[:id], at: @context.stamp(time), account_id: @context.person[:id],
            **columns, arrived: JSON.generate(@arrived) }
        end

        # What changes in the visit's own row.
        def change(**columns) = @rows << [:visits, columns]

        # What else is kept of how its rows got here.
        def mark(**more) = @arrived.merge!(more)

        # Done with it, in the same transaction, before its rows are written.
        def along(&block) = block ? @along = block : @along

        # Why it could not have been entered as the visit now stands.
        def apart(refusal)
          told = { code: refusal.code, text: refusal.message,
                   **refusal.details.to_h.slice(:id, :theirs, :who) }
          @arrived[:apart] = told
          @rows.each { |table, one| one[:arrived] = JSON.generate(@arrived) if table != :visits }
        end
      end

      def initialize(context, visit_id)
        @context = context
        @visit_id = visit_id
      end

      # table and ids: what is written under which ids; where all of them are there already nothing
      # is done. at: when, ISO, where the device says so. opened: refuses a visit's row that nothing
      # may be written to. history: whether what a device has judged counts. The block is given an
      # Entry. Gives what the block gave, or nil where it was written before. Raises Refused, Error,
      # Busy.
      def call(table, ids, at: nil, opened: @context.method(:open!), history: true, &block)
        attempt = lambda do
          next [true] if all_written?(table, Array(ids))

          entry, given = judged(at, opened, history, &block)
          [write(entry), given]
        end
        TRIES.times do
          done, given = attempt.call
          return given if done
        end
        last(attempt)
      end

      private

      # Nobody writes in between any more: whoever has waited so long is next.
      def last(attempt)
        done, given = @context.records.write { attempt.call }
        done ? given : raise(Busy)
      end

      def all_written?(table, ids) = ids.any? && ids.all? { |id| written?(table, id) }

      def visits = @context.records.visits

      def written?(table, id)
        table == :photos ? @context.records.photos.written?(id) : visits.written?(table, id)
      end

      def write(entry)
        along = entry.along
        visits.enter(@visit_id, entry.row[:version], entry.rows, **taken_id, &along)
      end

      # What keeps its id as taken, where it came by the door.
      def taken_id = { taken: @context.sent.taken }.compact

      def judged(at, opened, history, &)
        row = nil
        now = lambda do |found|
          row = opened.call(found)
          @context.done_at(at, not_before: row[:started_at])
        end
        present = visits.load(@visit_id, now:)
        past = history && seen && visits.load_as_seen(@visit_id, now:, seen:)
        return taken(present, row, &) unless past

        happened(past, present, row, &)
      end

      # As its device knew it, if it was allowed then; else as the visit is now.
      def happened(past, present, row, &)
        entry, given = begin
          taken(past, row, &)
        rescue Refused
          return taken(present, row, &)
        end
        refusal = refused { taken(present, row, &) }
        entry.apart(refusal) if refusal
        [entry, given]
      end

      def taken(visit, row)
        entry = Entry.new(@context, visit, row, visit.now, arrived)
        [entry, yield(entry)]
      end

      def refused
        yield
        nil
      rescue Refused => e
        e
      end

      # What the device knew, where it was the one to judge.
      def seen
        sent = @context.sent
        sent.known && Store::VisitMapper::Seen.new(sent.known, sent.device)
      end

      def arrived
        sent = @context.sent
        { at: @context.stamp(@context.received), device: sent.device, known: sent.known }.compact
      end
    end
  end
end
