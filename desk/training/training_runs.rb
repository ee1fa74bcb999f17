# frozen_string_literal: true

module Munimen
  module Desk
    # The training runs of a firm, or of a person without a signal; a few are kept open. Of each
    # person the latest few are kept, and none for ever.
    class TrainingRuns
      OPEN = 12
      EACH = 40 # runs of one person
      LONGEST = 90 * 86_400 # s since a run was last touched

      # shelf: where each has records of its own (Store::TrainingFiles, Pocket::TrainingShelf).
      # clock: callable that gives a Time.
      def initialize(shelf, clock: -> { Time.now })
        @shelf = shelf
        @clock = clock
        @open = {}
        @lock = Mutex.new
      end

      # A new one. id: of its visit, where whoever starts it has chosen one; what was started by
      # that id before is given again. clock: as for `find`.
      def start(scenario, person, id: nil, clock: @clock)
        token = id ? chosen(id) : SecureRandom.hex(6)
        visit = TrainingRun::VISIT + token
        return find(visit, person, clock:) if @shelf.there?(token)

        clear(person)
        run = TrainingRun.new(keep(token, @shelf.make(token)), clock:)
        run.furnish(scenario, person)
        run
      end

      # The run of an id (of a visit, a heater or an instrument) for a person; raises NotFound
      # where it is not theirs. clock: callable that gives the Time at which what follows is done.
      def find(id, person, clock: @clock)
        token = TrainingRun.token(id)
        open = token && (@lock.synchronize { @open[token] } || opened(token))
        run = open && TrainingRun.new(open, clock:)
        unless run && open_to?(person, run)
          raise NotFound.new("There is no such exercise.", field: :visit)
        end

        run
      end

      # Those of a person that are not over yet, the latest first.
      def running(person, clock: @clock)
        @shelf.tokens.filter_map do |token|
          run = find(TrainingRun::VISIT + token, person, clock:)
          run unless run.account_id != person[:id] || run.exercise.over?
        rescue NotFound
          nil
        end
      end

      private

      # One's own; and, to look at, what somebody else has finished.
      def open_to?(person, run)
        run.account_id == person[:id] ||
          (Abilities.of(person[:role]).include?(:debriefs) && run.exercise.over?)
      end

      def chosen(id)
        return TrainingRun.token(id) if id.start_with?(TrainingRun::VISIT)

        raise Error.new(Message.of("id must begin with {visit}.",
                                   visit: TrainingRun::VISIT), field: :id,
                                                                     code: :unknown_choice)
      end

      def opened(token) = @shelf.there?(token) ? keep(token, @shelf.records(token)) : nil

      # What is too old, and of this person's runs all but the latest, to leave room for one more.
      def clear(person)
        old, recent = @shelf.tokens.partition do |token|
          @shelf.touched(token) < Time.now - LONGEST
        end
        own = recent.select { |token| @shelf.trainee(token) == person[:id] }
        (old + own.drop(EACH - 1)).each { |token| remove(token) }
      end

      def remove(token)
        open = @lock.synchronize { @open.delete(token) }
        @shelf.close(open.records) if open
        @shelf.remove(token)
      end

      def keep(token, records)
        @lock.synchronize do
          @open.delete(token)
          @shelf.close(@open.shift.last.records) if @open.size >= OPEN
          @open[token] = TrainingRun::Open.new(token, records, @shelf.lock)
        end
      end
    end
  end
end
