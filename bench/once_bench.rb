# frozen_string_literal: true

require "fileutils"
require "securerandom"
require "tmpdir"

module Munimen
  module Bench
    # What is worked out once: plans, a day of many visits, a signature. In seconds of CPU, which a
    # busy machine moves less than the clock.
    class OnceBench
      include Timing

      PASSWORD = "a long enough password"

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run
        plans
        in_a_folder do |config|
          today(config)
          signing(config)
        end
      end

      # A plan made anew of one, four and twelve jobs, on heaters and sets by chance.
      def plans
        annual = PlanBench::HEATERS.flat_map { |given| annual_visits(given) }
        @row.call("plan of the annual visit, CPU, median of all kinds",
                  percentile(annual, 0.5), "ms", "≤ 20")
        bench = PlanBench.new
        { 4 => "≤ 150", 12 => "≤ 800" }.each do |jobs, wanted|
          times = bench.run(jobs, 30).map(&:cpu)
          @row.call("plan of #{jobs} jobs, CPU, p95 of 30", percentile(times, 0.95), "ms", wanted)
        end
      end

      private

      def annual_visits(given)
        units = given[:kind].start_with?("unvented") ? :england : :us
        heater = Heater::Installation.from(given, units:)
        rules = Rules::EffectiveRules.new(units == :us ? :us_irc : :england_g3)
        Array.new(7) do
          visit = Visit.new(heater:, rules:, jobs: [:annual_safety], date: Date.new(2026, 11, 23))
          spent { Planning::Planner.new(visit).plan(visit.jobs) }
        end
      end

      def in_a_folder
        Dir.mktmpdir("munimen-bench") do |folder|
          config = Web::Config.new(folder)
          @person = person(config.records)
          yield config
          config.records.database.disconnect
        end
      end

      def person(records)
        records.people.create(email: "p@example.test", name: "Pat", role: "owner",
                              password: PASSWORD)
        records.people.by_email("p@example.test")
      end

      def context(records, time = Time.now.utc)
        Desk::Context.new(records, person: @person, clock: -> { time })
      end

      # 511 visits of a day, most of them under way, on heaters of three kinds with three jobs.
      def today(config)
        fill(config.records, 511)
        records = Web::Config.new(config.folder).records
        look = -> { Desk::ViewToday.new(context(records)).call }
        @row.call("Today, 511 visits, first after a start, CPU", spent(&look) / 1000, "s", "< 2")
        @row.call("Today again, CPU", spent(&look), "ms", "< 60")
        anew = Web::Config.new(config.folder).records
        look = -> { Desk::ViewToday.new(context(anew)).call }
        @row.call("Today after another start, CPU", spent(&look) / 1000, "s", "< 2")
        @row.call("plans made for it", anew.plan_shelf.made, "", "0")
      end

      def fill(records, count)
        heaters = heaters(records)
        desk = Desk::StartVisit.new(context(records))
        records.write do
          count.times do |index|
            desk.book(id: id = SecureRandom.uuid, heater_id: heaters[index % heaters.size],
                      jobs: [%w[annual_safety pressure_check flush][index % 3]],
                      planned_for: Time.now.utc.iso8601)
            desk.start(id) unless (index % 4).zero?
          end
        end
      end

      def heaters(records)
        customer, site = Array.new(2) { SecureRandom.uuid }
        Desk::AddCustomer.new(context(records)).call(id: customer, name: "Ada Brook")
        Desk::AddSite.new(context(records)).call(id: site, customer_id: customer,
                                                 address: "1 Weir Lane")
        PlanBench::HEATERS.first(3).map do |installation|
          SecureRandom.uuid.tap do |id|
            Desk::KeepHeater.new(context(records)).add(id:, site_id: site, label: "Cellar",
                                                       installation:)
          end
        end
      end

      # What a plumber's signature takes in all, and how much of it while other writers wait.
      def signing(config)
        require_relative "../demo/walk"
        require_relative "../demo/truth"
        heater = config.records.database[:heaters].get(:id)
        held, whole = Array.new(5) { |number| signed(config.records, heater, number) }.transpose
        @row.call("signing, CPU, median of 5", percentile(whole, 0.5), "ms", "")
        @row.call("of it while writers wait, CPU, largest of 5", held.max, "ms", "< 25")
      end

      def signed(records, heater, number)
        truth = Demo::Truth.new(static: 62, charge: 44, tap: 119)
        walk = Demo::Walk.new(records, person: @person, at: Time.now.utc, truth:,
                                       random: Random.new(number))
        visit = walk.call(heater, sign: false)
        sign = Desk::Sign.new(walk.context)
        strokes = [[[0.1, 0.1], [0.4, 0.6], [0.9, 0.2]]]
        sign.call(visit, id: SecureRandom.uuid, signer: "customer", name: "Ada Brook", strokes:)
        held = watched(records)
        whole = spent { sign.call(visit, id: SecureRandom.uuid, signer: "plumber", strokes:) }
        [held.max, whole]
      end

      # The milliseconds of each transaction from here on.
      def watched(records)
        held = []
        measure = method(:spent)
        records.database.define_singleton_method(:transaction) do |*how, **more, &block|
          next super(*how, **more, &block) if in_transaction?

          answer = nil
          super(*how, **more) { (held << measure.call { answer = block.call }) && answer }
          answer
        end
        held
      end

      # Milliseconds of CPU.
      def spent
        start = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
        yield
        (Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - start) * 1000
      end
    end
  end
end
