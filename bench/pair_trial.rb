# frozen_string_literal: true

require "fileutils"
require "tmpdir"

module Munimen
  module Bench
    # Two people who write into the same visit at the same moment, every kind of write against every
    # other: both are judged before either is entered. Afterwards each step that is there is judged
    # anew on what had been entered before it, and each reading's state is set beside the one that
    # the heater was in then: what was taken on a state that was not so any more shows.
    class PairTrial
      WRITES = %i[step step reading look note decide undo job fact take_back put_off].freeze
      LIMITS = [2, 5, 9, 13, 18, 24].freeze # steps that are done before
      TOGETHER = 0.5 # s for which one waits for the other

      # Holds two who enter until both are there, once.
      module Gate
        attr_writer :gate

        def enter(*, **, &)
          gate = @gate
          @gate = nil
          gate&.call
          super
        end
      end

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(rounds)
        @outcomes = Hash.new(0)
        @stale = []
        Dir.mktmpdir("munimen-pairs") do |folder|
          bases = LIMITS.to_h { |limit| [base = File.join(folder, limit.to_s), begun(base, limit)] }
          pairs = WRITES.product(WRITES)
          rounds.times do |number|
            base, visit = bases.to_a[number % bases.size]
            race(base, visit, pairs[(number * 7) % pairs.size], number)
          end
        end
        report(rounds)
      end

      private

      def report(rounds)
        @row.call("pairs of writes at one moment", rounds, "", "500")
        @outcomes.sort.each { |outcome, count| @row.call("of them #{outcome}", count, "", "") }
        @row.call("taken on a state that was not so any more", @stale.size, "", "0")
        @stale.first(5).each { |one| warn one.inspect }
      end

      # A folder with a visit of which so many steps are done. Its id.
      def begun(folder, limit)
        config = Web::Config.new(folder)
        config.secret
        records = config.records
        records.people.create(email: "one@pair.example", name: "Orla", role: "owner",
                              password: "seven brass unions")
        records.people.create(email: "two@pair.example", name: "Wren", role: "owner",
                              password: "seven brass unions")
        walked(records, limit)
      ensure
        records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        records.database.disconnect
      end

      def walked(records, limit)
        desk = desk_of(records, "one")
        customer, site, heater = Array.new(3) { SecureRandom.uuid }
        Desk::AddCustomer.new(desk).call(id: customer, name: "Ada Brook")
        Desk::AddSite.new(desk).call(id: site, customer_id: customer, address: "2 Weir Lane")
        Desk::KeepHeater.new(desk).add(id: heater, site_id: site, label: "Cellar",
                                       installation: PlanBench::HEATERS.first)
        Demo::Walk.new(
          records, person: desk.person, at: Time.now.utc - 20_000, random: Random.new(1),
                   truth: Demo::Truth.new(static: 62, charge: 44, tap: 119)
        ).call(heater, limit:)
      end

      def desk_of(records, who)
        Desk::Context.new(records, person: records.people.by_email("#{who}@pair.example"))
      end

      def race(base, visit, kinds, number)
        place = "#{base}-#{number}"
        FileUtils.cp_r(base, place)
        desks = %w[one two].map do |who|
          database = Store::Database.open(File.join(place, "munimen.sqlite3"))
          desk_of(Store::Records.new(database, folder: place), who)
        end
        before = desks.first.records.visits.find(visit)[:entries]
        told = at_once(desks, visit, kinds, Random.new(number))
        @outcomes[told.map { |one| one == :taken ? :taken : :refused }.sort.join(" and ")] += 1
        stale(desks.first, visit, before).each { |one| @stale << [*kinds, number, one] }
      ensure
        desks&.each { |desk| desk.records.database.disconnect }
        FileUtils.rm_rf(place)
      end

      # [:taken or why not] of both.
      def at_once(desks, visit, kinds, random)
        gate = meeting
        @other = nil
        acts = desks.zip(kinds).map { |desk, kind| act(desk, visit, kind, random) }
        desks.zip(acts).map do |desk, act|
          Thread.new do
            desk.records.visits.extend(Gate).gate = gate
            act ? act.call && :taken : :nothing
          rescue Munimen::Error => e
            e.code
          end
        end.map(&:value)
      end

      # Waits until two have called it, or a while.
      def meeting
        lock = Mutex.new
        both = ConditionVariable.new
        here = 0
        lambda do
          lock.synchronize do
            here += 1
            here == 2 ? both.broadcast : both.wait(lock, TOGETHER)
          end
        end
      end

      # One write of a kind that is allowed as things stand, or nil.
      def act(desk, id, kind, random)
        visit = desk.records.visits.load(id, now: desk.now)
        given = { id: SecureRandom.uuid }
        case kind
        when :step
          operation = @other = operation(visit, random) or return
          -> { Desk::DoStep.new(desk).call(id, **given, operation:, outcome: "done") }
        when :reading
          name, value = CoreBench::READINGS.sample(random:)
          -> { Desk::TakeReading.new(desk).call(id, **given, name:, value:) }
        when :look
          seen = { **given, item: "leak", finding: %w[body sound fitting].sample(random:) }
          -> { Desk::RecordObservations.new(desk).call(id, items: [seen]) }
        when :note
          -> { Desk::AddNote.new(desk).call(id, **given, entry: "leak.body", place: "Below") }
        when :decide
          -> { Desk::Decide.new(desk).call(id, **given, name: "consent", value: "refused") }
        else more(desk, id, kind, visit, given, random)
        end
      end

      def more(desk, id, kind, visit, given, random)
        case kind
        when :undo then -> { Desk::DoStep.new(desk).undo(id, **given) }
        when :job
          job = (Work::Job.fitting(visit.heater).map(&:id) - visit.jobs).sample(random:)
          -> { Desk::ChangeJobs.new(desk).add(id, **given, job: job.to_s) }
        when :put_off
          -> { Desk::ChangeJobs.new(desk).put_off(id, **given, job: "annual_safety", reason: "No time") }
        when :fact
          -> { Desk::LearnFact.new(desk).call(id, **given, field: "maker", value: "Ember Works") }
        when :take_back
          of = (visit.readings + visit.observations).reject(&:superseded).sample(random:) or return
          lambda do
            Desk::TakeBack.new(desk).call(id, **given, of: of.id, reason: "Mistyped", told: nil)
          end
        end
      end

      # One that may be done now; where the other does one, one that this would stand in the way of.
      def operation(visit, random)
        all = Work::Operation.all.select { |operation| allowed?(visit, operation) }
        if @other
          after = visit.with(steps: visit.steps + [done(@other)])
          in_the_way = all.reject { |operation| allowed?(after, operation) }
        end
        (in_the_way.to_a.empty? ? all : in_the_way).sample(random:)&.id&.to_s
      end

      def done(operation)
        Visit::Step.new(id: SecureRandom.uuid, operation: operation.to_sym, outcome: :done)
      end

      def allowed?(visit, operation, found_so: false)
        Desk::Readiness.new(visit, operation).check!(found_so:)
        true
      rescue Munimen::Error
        false
      end

      # What is there and could not have been entered on what was there before it.
      def stale(desk, id, before)
        rows = ->(table) { desk.records.visits.rows(table, id).select { |row| row[:seq] > before } }
        steps = rows[:steps].select { |row| row[:outcome] == "done" }.reject do |row|
          allowed?(as_of(desk, id, row[:seq] - 1), Work::Operation[row[:operation].to_sym])
        end
        readings = rows[:readings].reject do |row|
          was = as_of(desk, id, row[:seq] - 1).state
          JSON.parse(row[:state]).all? { |name, value| was[name.to_sym].to_s == value }
        end
        (steps + readings).map { |row| row.slice(:operation, :name, :state, :seq) }
      end

      # The visit with its first entries alone.
      def as_of(desk, id, entries)
        seen = Store::VisitMapper::Seen.new(entries, nil)
        desk.records.visits.load_as_seen(id, now: desk.now, seen:) ||
          desk.records.visits.load(id, now: desk.now)
      end
    end
  end
end
