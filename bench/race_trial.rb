# frozen_string_literal: true

require "fileutils"
require "tmpdir"

module Munimen
  module Bench
    # Signing against every kind of write at the same moment, again and again on a fresh copy of the
    # same visit: what was taken is sealed with it, what came late is refused, and the chain of
    # seals is whole.
    class RaceTrial
      WRITES = %i[reading look note decide step undo photo amend rules].freeze

      LATE = 0.1 # s at most by which either begins after the other

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(rounds)
        outcomes = Hash.new(0)
        broken = []
        with_visit do |folder, visit|
          rounds.times do |number|
            kind = WRITES[number % WRITES.size]
            outcome, problems = race(folder, visit, kind, Random.new(number))
            outcomes[outcome] += 1
            broken << [kind, *problems] if problems.any?
          end
        end
        @row.call("races of signing against a write", rounds, "", "500")
        outcomes.each { |outcome, count| @row.call("of them the write: #{outcome}", count, "", "") }
        @row.call("of them the chain of seals is broken", broken.size, "", "0")
        broken.first(3).each { |one| warn one.inspect }
      end

      private

      # A copy, two connections to it, both at once. Returns [:taken or why not, problems].
      def race(folder, visit, kind, random)
        Dir.mktmpdir("munimen-race") do |place|
          FileUtils.cp_r("#{folder}/.", place)
          one, two = Array.new(2) { desk(place) }
          gate = Queue.new
          writer = Thread.new do
            gate.pop
            sleep random.rand * LATE
            write(two, visit, kind)
          end
          late = random.rand * LATE
          gate << true
          sleep late
          sign(one, visit)
          outcome = writer.value
          records = one.records
          [outcome, records.seals.problems(records.photo_files)]
        ensure
          [one, two].compact.each { |desk| desk.records.database.disconnect }
        end
      end

      def desk(folder)
        records = Store::Records.new(
          Store::Database.open(File.join(folder, "munimen.sqlite3")), folder:
        )
        Desk::Context.new(records, person: records.people.by_email("owner@race.example"))
      end

      def uuid = SecureRandom.uuid

      def sign(desk, visit)
        Desk::Sign.new(desk).call(
          visit, id: uuid, signer: "plumber", name: "Orla", strokes: [[[0.1, 0.1], [0.3, 0.2]]]
        )
      rescue Munimen::Error => e
        # what was judged has changed meanwhile: looked at again, and signed
        retry if %i[busy changed].include?(e.code)
      end

      def write(desk, visit, kind)
        public_send(:"write_#{kind}", desk, visit)
        :taken
      rescue Munimen::Error => e
        e.code
      end

      public

      def write_reading(desk, visit)
        Desk::TakeReading.new(desk).call(visit, id: uuid, name: "static_pressure", value: "63")
      end

      def write_look(desk, visit)
        Desk::RecordObservations.new(desk).call(
          visit, items: [{ id: uuid, item: "leak", finding: "fitting" }]
        )
      end

      def write_note(desk, visit)
        Desk::AddNote.new(desk).call(visit, id: uuid, entry: "discharge_fall.trap", place: "Below")
      end

      def write_decide(desk, visit)
        Desk::Decide.new(desk).call(visit, id: uuid, name: "water_by", value: "Noon")
      end

      def write_step(desk, visit)
        Desk::DoStep.new(desk).call(visit, id: uuid, operation: "fit_gauge", outcome: "done")
      end

      def write_undo(desk, visit) = Desk::DoStep.new(desk).undo(visit, id: uuid)

      def write_photo(desk, visit)
        picture = File.binread(Dir[File.join(ROOT, "docs/screenshots/*.png")].min)
        Desk::AddPhoto.new(desk).call(visit, id: uuid, subject: "leak", data: [picture].pack("m0"))
      end

      def write_amend(desk, visit)
        Desk::Amend.new(desk).call(visit, id: uuid, reason: "Forgot", text: "More")
      end

      def write_rules(desk, visit)
        Desk::HouseRules.new(desk).visit(visit, rules: { "relief_exercise" => "look_only" })
      end

      private

      # A folder with one visit of which only the plumber's signature is wanting.
      def with_visit
        Dir.mktmpdir("munimen-race") do |folder|
          config = Web::Config.new(folder)
          config.secret
          yield folder, prepared(config.records)
        end
      end

      def prepared(records)
        records.people.create(
          email: "owner@race.example", name: "Orla", role: "owner", password: "seven brass unions"
        )
        desk = Desk::Context.new(records, person: records.people.by_email("owner@race.example"))
        customer, site, heater = Array.new(3) { uuid }
        Desk::AddCustomer.new(desk).call(id: customer, name: "Ada Brook")
        Desk::AddSite.new(desk).call(id: site, customer_id: customer, address: "2 Weir Lane")
        Desk::KeepHeater.new(desk).add(id: heater, site_id: site, label: "Cellar",
                                       installation: PlanBench::HEATERS.first)
        visit = Demo::Walk.new(
          records, person: desk.person, at: Time.now.utc - 20_000, random: Random.new(1),
                   truth: Demo::Truth.new(static: 62, charge: 44, tap: 119)
        ).call(heater, sign: false)
        Desk::Sign.new(desk).call(visit, id: uuid, signer: "customer", refused: "In a hurry")
        records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        records.database.disconnect
        visit
      end
    end
  end
end
