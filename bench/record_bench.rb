# frozen_string_literal: true

require "securerandom"
require "tmpdir"
require_relative "../demo/kept"
require_relative "../demo/logged"
require_relative "../demo/week"

module Munimen
  module Bench
    # The parts of the bench that are about what lasts: a log of a million rows, the demo week's
    # plan, and killing the server while people write. `row` is called with name, value, unit,
    # wanted.
    class RecordBench
      def initialize(&row) = @row = row

      # As the server takes it in: read, told, its course, and kept.
      def log
        with_demo do |config|
          heater = config.records.database[:heaters].where(label: "Garage").get(:id)
          path = million_rows(File.join(config.folder, "log.csv"))
          logs = Desk::PressureLogs.new(
            Desk::Context.new(
              config.records,
              person: config.records.people.by_email("owner@tallowreed.example")
            )
          )
          said = 0
          told = nil
          seconds = timed do
            told =
              logs.take_in(heater, id: SecureRandom.uuid, name: "log.csv", file: path) do
                said += 1
              end
          end
          @row.call(
            "pressure log of #{told[:rows]} rows, read, told and kept",
            seconds,
            "s",
            "< 10"
          )
          @row.call("words of progress meanwhile", said, "", "")
        end
      end

      def week
        with_demo do |config|
          context = Desk::Context.new(
            config.records,
            person: config.records.people.by_email("owner@tallowreed.example")
          )
          plan = Desk::DayPlan.new(context, from: Demo::Week.monday(Date.today), days: 5)
          plan.call
          proposed = nil
          seconds = timed { proposed = plan.propose }
          before = proposed[:compare]
          less = ->(now, was) { 100 * (1 - now.fdiv(was)) }
          @row.call(
            "demo week, driving and waiting less than in the order of booking",
            less[proposed[:driving] + proposed[:waiting], before.values.sum],
            "%",
            "≥ 25"
          )
          @row.call(
            "demo week, driving alone less",
            less[proposed[:driving], before[:driving]],
            "%",
            ""
          )
          @row.call("demo week, what the proposal breaks", proposed[:breaks], "", "0")
          @row.call("demo week, the proposal", seconds * 1000, "ms", "")
        end
      end

      # count: kills.
      def kill(count)
        with_writers do |config, writers, visits|
          heavy = heavy(config.records, visits, count)
          config.records.database.disconnect
          result = KillTrial.new(config.folder, writers, heavy:, seed: 2026).run(count)
          @row.call("kills of the server under writes", result[:kills], "", "200")
          result[:inside].each { |kind, kills| @row.call("of them inside #{kind}", kills, "", "") }
          @row.call("writes acknowledged: #{result[:kinds]}", result[:acknowledged], "", "")
          %i[lost damaged half left].each do |what|
            @row.call("of them #{what}", result[what], "", "0")
          end
        end
      end

      # count: times that the first machine is lost.
      def second(count)
        with_writers do |config, writers, _|
          config.records.database.disconnect
          Dir.mktmpdir("munimen-second") do |place|
            result = SecondTrial.new(config.folder, place, writers, seed: 2026).run(count)
            @row.call("first machines lost", result[:rounds], "", "")
            @row.call("writes acknowledged", result[:acknowledged], "", "")
            @row.call("of them not on the second", result[:lost], "", "")
            @row.call("the oldest of those before the kill", result[:oldest], "s", "")
            @row.call("until the database was there, longest", result[:arrived], "s", "")
            @row.call("until the second answered, longest", result[:up], "s", "")
            @row.call("databases not sound", result[:damaged], "", "0")
            @row.call("seals that do not hold", result[:problems], "", "0")
          end
        end
      end

      private

      # Visits that want their signatures only, as many as the kills may need, and a picture.
      def heavy(records, visits, count)
        heater = records.database[:heaters].where(Sequel.like(:installation, "%gas_storage%"))
                        .get(:id)
        person = records.people.by_email("owner@tallowreed.example")
        signable = Array.new((count / 8) + 1) do |number|
          Demo::Walk.new(
            records, person:, at: Time.now.utc - (40 * 86_400) + (number * 20_000),
                     truth: Demo::Truth.new(static: 62, charge: 44, tap: 119),
                     random: Random.new(number)
          ).call(heater, sign: false)
        end
        picture = File.binread(Dir[File.join(ROOT, "docs/screenshots/*.png")].min)
        HeavyWork.new(visits:, signable:, heater:, picture:)
      end

      def with_writers
        with_demo do |config|
          database = config.records.database
          visits = database[:visits].where(status: "open").select_map(:id)
          writers = Writers.new(
            visits:, signed: database[:visits].where(status: "signed").get(:id),
            sign_in: ["owner@tallowreed.example", Demo::Seed::PASSWORD], random: Random.new(2026)
          )
          yield config, writers, visits
        end
      end

      def million_rows(path)
        heater = Heater::Installation.from(
          {
            kind: "gas_storage",
            capacity: "50 gal",
            input: "40000 Btu/h",
            vessel: "none",
            backflow: "yes"
          }
        )
        rows = Demo::Logged.new(heater, days: 3).rows(0.25).first(1_000_000)
        start = Time.utc(2026, 3, 3)
        File.open(path, "w") do |file|
          file.puts(
            "Time,Pressure (psi)",
            rows.map do |time, value|
              at = (start + time).strftime("%m/%d/%Y %H:%M:%S.%L")
              "#{at},#{(value / PressureLog::PSI).round(1)}"
            end
          )
        end
        path
      end

      def timed
        Process
          .clock_gettime(Process::CLOCK_MONOTONIC)
          .then { |start| [yield, Process.clock_gettime(Process::CLOCK_MONOTONIC) - start].last }
      end

      def with_demo
        Dir.mktmpdir("munimen-bench") do |folder|
          Demo::Kept.fresh(File.join(folder, "demo"))
          config = Web::Config.new(File.join(folder, "demo"))
          yield config
          config.records.database.disconnect
        end
      end
    end
  end
end
