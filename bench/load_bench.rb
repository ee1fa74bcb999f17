# frozen_string_literal: true

require "fileutils"
require_relative "../demo/kept"

module Munimen
  module Bench
    # A firm of many years: 20 000 heaters with five signed visits each and twenty readings in
    # each visit, put there by SQL from one visit that was really walked through; and how the
    # everyday pages answer to eight people at once, beside a bare route in the same run.
    class LoadBench
      FOLDER = File.join(ROOT, "tmp/load")
      VISITS = 5
      CLIENTS = 8
      EACH = 60 # requests of each client and page
      # The n-th id of a kind, as SQL: a UUID of version 4 by its form.
      ID = ->(kind, number) { "printf('%08x-0000-4000-8000-%012x', #{number}, #{kind})" }
      NUMBERS = lambda do |count|
        "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < #{count})"
      end

      def initialize(&row) = @row = row

      def seed(heaters)
        FileUtils.mkdir_p(File.dirname(FOLDER))
        Demo::Kept.fresh(FOLDER)
        FileUtils.rm_rf(Dir["#{FOLDER}-kept-*"])
        config = Web::Config.new(FOLDER)
        database = config.records.database
        seconds = timed { fill(database, heaters) }
        %i[heaters visits readings].each do |table|
          @row.call("seeded #{table}", database[table].count, "", "")
        end
        database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        @row.call("seeding", seconds, "s", "")
        @row.call("size of the database", File.size(config.database_path) / 1e6, "MB", "")
        database.disconnect
      end

      def run
        abort "First: bin/bench seed" unless File.exist?(File.join(FOLDER, "munimen.sqlite3"))
        bare = Served.bare(FOLDER)
        ours = Served.new(File.join(ROOT, "web/server.ru"), FOLDER)
        ours.sign_in("owner@tallowreed.example", Demo::Seed::PASSWORD)
        measure(bare, ours)
        mixed(ours)
        @row.call("memory afterwards", ours.memory_mb, "MB", "")
      ensure
        [bare, ours].compact.each(&:stop)
      end

      private

      def timed
        Process
          .clock_gettime(Process::CLOCK_MONOTONIC)
          .then { |start| [yield, Process.clock_gettime(Process::CLOCK_MONOTONIC) - start].last }
      end

      def measure(bare, ours)
        base = p95(bare, ["/"])
        @row.call("bare route with #{CLIENTS} clients, p95", base, "ms", "")
        pages.each do |name, paths|
          paths.first(2).each { |path| ours.get(path) }
          ms = p95(ours, paths)
          @row.call("#{name}, p95", ms, "ms", "")
          @row.call("#{name}, p95 / bare", ms / base, "×", "< 8")
        end
      end

      # Eight people, one request in five a write to the visit that each has open: no answer but 200
      # will do.
      def mixed(ours)
        visits = Array.new(CLIENTS) { |index| open_visit(ours, index) }
        paths = pages.values.flatten
        times = { read: Queue.new, write: Queue.new }
        threads = visits.map.with_index do |visit, index|
          Thread.new do
            ours.clone_connection do |send|
              EACH.times do |turn|
                one_of_five(send, visit, paths[(index * EACH) + turn], turn, times)
              end
            end
          end
        end
        threads.each(&:join)
        times.each do |kind, list|
          @row.call("beside each other, #{kind}, p95", p95_of(list), "ms", "")
        end
      end

      def one_of_five(send, visit, path, turn, times)
        if (turn % 5).zero?
          note = { id: SecureRandom.uuid, name: "water_by", value: format("%02d:00", turn % 24) }
          times[:write] << (timed { send.call("/api/visits/#{visit}/decisions", note) } * 1000)
        else
          times[:read] << (timed { send.call(path || "/api/today") } * 1000)
        end
      end

      def open_visit(ours, index)
        id = SecureRandom.uuid
        heater = ours_ids("heaters", CLIENTS)[index]
        ours.post(
          "/api/heaters/#{heater}/visits",
          { id:, jobs: ["annual_safety"], planned_for: Time.now.utc.iso8601 }
        )
        ours.post("/api/visits/#{id}/start", {})
        id
      end

      # What is asked for: many different ones, as people do.
      def pages
        records = ours_ids("heaters", 40).map { |id| "/api/heaters/#{id}" }
        reports = ours_ids("visits", 40).map { |id| "/api/visits/#{id}/report" }
        searches = Array.new(40) { |index| "/api/customers?search=Load%20#{index * 7}" }
        {
          "Today" => ["/api/today"],
          "search" => searches,
          "heater's record" => records,
          "what is owed" => ["/api/owed"],
          "report" => reports
        }
      end

      def ours_ids(table, count)
        database = Store::Database.open(File.join(FOLDER, "munimen.sqlite3"))
        database[table.to_sym]
          .where(Sequel.like(:id, "%-0000-4000-8000-%"))
          .order(Sequel.lit("id DESC"))
          .limit(count * 37)
          .select_map(:id)
          .each_slice(37)
          .map(&:first)
      ensure
        database.disconnect
      end

      def p95(served, paths)
        times = Queue.new
        Array.new(CLIENTS) do |index|
          Thread.new do
            served.clone_connection do |get|
              EACH.times do |turn|
                times << (timed { get.call(paths[((index * EACH) + turn) % paths.size]) } * 1000)
              end
            end
          end
        end.each(&:join)
        p95_of(times)
      end

      def p95_of(times)
        list = Array.new(times.size) { times.pop }.sort
        list[(list.size * 0.95).ceil - 1]
      end

      def fill(database, heaters)
        triggers = database.fetch("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'").all
        triggers.each { |one| database.run("DROP TRIGGER #{one[:name]}") }
        database.transaction { statements(database, heaters).each { |sql| database.run(sql) } }
        triggers.each { |one| database.run(one[:sql]) }
        Store::Customers.new(database).reindex_search
        database.run("ANALYZE")
      end

      def statements(database, heaters)
        visit =
          database[:visits]
            .where(status: "signed")
            .order(Sequel.desc(Sequel.function(:length, :page)))
            .first
        of = {
          visit: database.literal(visit[:id]),
          heater: database.literal(visit[:heater_id]),
          account: visit[:account_id],
          since: "'2020-01-01T00:00:00.000Z'"
        }
        places(heaters, of) +
          [visits(heaters * VISITS, of), readings(heaters * VISITS, of), dues(heaters * 3)]
      end

      def places(count, of)
        plate = "(SELECT installation FROM heaters WHERE id = #{of[:heater]})"
        [
          insert(
            count,
            "customers (id, name, phone, created_at)",
            "#{id(1)}, 'Load ' || i, printf('555-%04d', i % 10000), #{of[:since]} FROM n"
          ),
          insert(
            count,
            "sites (id, customer_id, address, code_profile, created_at)",
            "#{id(2)}, #{id(1)}, i || ' Load St', 'us_irc', #{of[:since]} FROM n"
          ),
          insert(
            count,
            "heaters (id, site_id, label, installation, created_at)",
            "#{id(3)}, #{id(2)}, 'Cellar', #{plate}, #{of[:since]} FROM n"
          )
        ]
      end

      # Numbers 1 to count as n.i, and what is written for each of them.
      def insert(count, columns, values)
        "#{NUMBERS[count]} INSERT INTO #{columns} SELECT #{values}"
      end

      def id(table, number = "i") = ID[table, number]

      def visits(count, of)
        days = "10 + 365 * (i % #{VISITS}) + i % 300"
        insert(count, <<~COLUMNS, <<~VALUES)
          visits (id, heater_id, jobs, status, planned_for, account_id, house_rules, started_at,
                  signed_at, outcome, page, created_at)
        COLUMNS
          #{id(4)}, #{id(3, "(i - 1) / #{VISITS} + 1")}, v.jobs, 'signed',
          strftime('%Y-%m-%dT%H:00:00.000Z', 'now', printf('-%d days', #{days})),
          #{of[:account]}, v.house_rules, v.started_at, v.signed_at, v.outcome, v.page, v.created_at
          FROM n, visits v WHERE v.id = #{of[:visit]}
        VALUES
      end

      def readings(count, of)
        insert(count, <<~COLUMNS, <<~VALUES)
          readings (id, visit_id, name, si, choice, typed, state, at, account_id)
        COLUMNS
          printf('%08x-%04x-4000-8000-%012x', i, k.number, 5), #{id(4)},
          k.name, k.si, k.choice, k.typed, k.state, k.at, #{of[:account]}
          FROM n, (
            SELECT row_number() OVER (ORDER BY t.at, m.m) AS number, t.*
            FROM (SELECT * FROM readings WHERE visit_id = #{of[:visit]} LIMIT 10) t,
                 (SELECT 1 AS m UNION ALL SELECT 2) m
          ) k
        VALUES
      end

      def dues(count)
        insert(count, <<~COLUMNS, <<~VALUES)
          dues (id, heater_id, visit_id, kind, "on", text, grade, risk, job)
        COLUMNS
          #{id(6)}, #{id(3, "(i - 1) / 3 + 1")}, #{id(4, "((i - 1) / 3) * #{VISITS} + 1")},
          CASE i % 3 WHEN 0 THEN 'annual_service' WHEN 1 THEN 'deficiency' ELSE 'anode' END,
          date('now', printf('%d days', i % 400 - 40)), 'Due by number ' || i,
          CASE WHEN i % 997 = 0 THEN 'danger' WHEN i % 3 = 1 THEN 'defect' END,
          CASE WHEN i % 997 = 0 THEN 0 WHEN i % 3 = 1 THEN 1 ELSE 2 END,
          CASE i % 3 WHEN 0 THEN 'annual_safety' WHEN 2 THEN 'inspect_anode' END
          FROM n
        VALUES
      end
    end
  end
end
