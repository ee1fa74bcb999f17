# frozen_string_literal: true

require "fileutils"
require "json"
require "net/http"
require "securerandom"
require "tmpdir"

module Munimen
  module Bench
    # How many people may write at once, on the seeded firm of LoadBench: each a plumber of their
    # own at an address of their own, with a visit of their own, who types the readings of a good
    # annual service, and types them again, without a pause. Every reading is judged and answered
    # with the whole visit.
    class WritersTrial
      include Timing

      SIZES = [1, 8, 20, 40].freeze
      ROUNDS = 3 # visits' worth of readings

      # Yields name, value, unit, wanted of each row. folder: LoadBench's.
      def initialize(folder, &row)
        @folder = folder
        @row = row
      end

      # On a copy: what is written here is not there for the trials after it.
      def run
        Dir.mktmpdir("munimen-writers") do |copy|
          FileUtils.cp_r("#{@folder}/.", copy)
          on(copy)
        end
      end

      private

      def on(folder)
        config = Web::Config.new(folder)
        tokens = people(config.records)
        visits = open_visits(config.records)
        config.records.database.disconnect
        served = Served.new(
          File.join(ROOT, "web/server.ru"), folder, "MUNIMEN_PROXY" => "127.0.0.1"
        )
        SIZES.each { |size| measure(served.port, tokens.first(size).zip(visits.shift(size))) }
        @row.call("memory afterwards", served.memory_mb, "MB", "")
      ensure
        served&.stop
      end

      # A token of each.
      def people(records)
        Array.new(SIZES.max) do |number|
          records.write do
            email = "#{SecureRandom.hex(6)}@writers.example"
            id = records.people.invite(email:, name: "Writer #{number}", role: "plumber")
            records.people.open(id)
            desk = Desk::Context.new(records, person: records.people.find(id))
            Desk::Tokens.new(desk).make(id: uuid, name: "Trial", scope: "write", days: 1)[:token]
          end
        end
      end

      def open_visits(records)
        owner = records.people.find(records.people.owners.first)
        desk = Desk::StartVisit.new(Desk::Context.new(records, person: owner))
        heaters = records.database[:heaters].where(Sequel.like(:id, "%-0000-4000-8000-%"))
                         .reverse(:id).limit(SIZES.sum).select_map(:id)
        heaters.map do |heater_id|
          id = uuid
          now = Time.now.utc.iso8601
          desk.book(id:, heater_id:, jobs: ["annual_safety"], planned_for: now)
          desk.start(id)
          id
        end
      end

      def measure(port, writers)
        times = Queue.new
        start = clock
        threads = writers.map.with_index do |(token, visit), number|
          Thread.new { write(port, token, visit, number, times) }
        end
        threads.each(&:join)
        rate = times.size / (clock - start)
        list = Array.new(times.size) { times.pop }.sort
        @row.call("#{writers.size} writing: writes a second", rate, "", "")
        ms = list[(list.size * 0.95).ceil - 1] * 1000
        @row.call("#{writers.size} writing: p95", ms, "ms", "")
      end

      def write(port, token, visit, number, times)
        headers = { "Authorization" => "Bearer #{token}", "X-Forwarded-For" => "10.0.0.#{number}",
                    "Content-Type" => "application/json", "Accept" => "application/json" }
        Net::HTTP.start("127.0.0.1", port, read_timeout: 120) do |http|
          (CoreBench::READINGS * ROUNDS).each do |name, value|
            body = JSON.generate(id: uuid, name:, value:)
            start = clock
            answer = http.post("/api/visits/#{visit}/readings", body, headers)
            raise "#{answer.code} #{answer.body[0, 200]}" unless answer.is_a?(Net::HTTPSuccess)

            times << (clock - start)
          end
        end
      end

      def uuid = SecureRandom.uuid
    end
  end
end
