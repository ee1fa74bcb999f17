# frozen_string_literal: true

require "fileutils"
require "securerandom"
require "tmpdir"

module Munimen
  module Bench
    # A reading typed, saved and judged over HTTP, beside a bare route in the same run.
    class ServedBench
      include Timing

      COUNT = 1000
      VISITS = 40 # so that each has 25 readings, as a yearly visit has at most

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def served
        folder = Dir.mktmpdir("munimen-bench")
        Demo::Seed.call(Web::Config.new(folder))
        bare = Served.bare(folder)
        ours = Served.serve(folder)
        compare(bare, ours)
      ensure
        [bare, ours].compact.each(&:stop)
        FileUtils.rm_rf(folder)
      end

      private

      def compare(bare, ours)
        ours.sign_in("plumber@tallowreed.example", Demo::Seed::PASSWORD)
        visits = started(ours)
        bares, posts, readings = pairs(bare, ours, visits)
        @row.call("bare Puma route, GET, 1 kB, p95", percentile(bares, 0.95), "ms", "")
        @row.call("bare Puma route, POST with the same body, 1 kB, p95", percentile(posts, 0.95),
"ms", "")
        @row.call("a write of 4 kB made durable (fsync) by itself, p95", percentile(durable, 0.95),
"ms", "")
        @row.call("reading saved and judged, p50", percentile(readings, 0.5), "ms", "")
        @row.call("reading saved and judged, p95", percentile(readings, 0.95), "ms", "")
        @row.call(
          "reading p95 / bare GET p95",
          percentile(readings, 0.95) / percentile(bares, 0.95),
          "×",
          "≤ 6"
        )
        @row.call(
          "reading p95 / bare POST p95",
          percentile(readings, 0.95) / percentile(posts, 0.95),
          "×",
          ""
        )
        live(ours, visits.first)
        @row.call(
          "visit as a whole, p50 of 40",
          percentile(Array.new(40) { timed { ours.get("/api/visits/#{visits.first}") } }, 0.5),
          "ms",
          ""
        )
        VisitBench.new(ours) { |*given| @row.call(*given) }.run
        400.times { ours.get("/api/today") } # with the above, 1 000 requests
        @row.call("memory after 1 000 requests", ours.memory_mb, "MB", "< 200")
      end

      # What the disk alone takes: each reading is durable before it is acknowledged.
      def durable
        File.open(File.join(Dir.mktmpdir("munimen-disk"), "disk"), "wb") do |file|
          Array.new(200) { timed { file.write("x" * 4096) && file.fsync } }
        end
      end

      # From a reading's acknowledgement to the event on another screen.
      def live(ours, visit)
        socket = ours.events("/api/visits/#{visit}/events")
        sleep 0.6
        times = Array.new(8) do
          ours.post(
            "/api/visits/#{visit}/readings",
            { id: SecureRandom.uuid, name: "static_pressure", value: "62" }
          )
          timed { nil until socket.gets.include?("event: change") }
        end
        @row.call("live update on another screen, largest of 8", times.max, "ms", "< 2000")
      ensure
        socket&.close
      end

      # Milliseconds of the bare GET, the bare POST and a reading, taken in turn.
      def pairs(bare, ours, visits)
        number = 0
        reading = lambda do
          number += 1
          readings = CoreBench::READINGS
          name, value = readings[number / visits.size % readings.size]
          ours.post(
            "/api/visits/#{visits[number % visits.size]}/readings",
            { id: SecureRandom.uuid, name:, value: }
          )
        end
        body = { id: SecureRandom.uuid, name: "static_pressure", value: "62" }
        40.times { bare.get("/") && reading.call }
        Array
          .new(COUNT) do
            [timed { bare.get("/") }, timed { bare.post("/", body) }, timed { reading.call }]
          end
          .transpose
      end

      # Visits under way, as many as a busy firm has: each gets readings of every kind.
      def started(ours)
        heater = JSON.parse(ours.get("/api/today").body)["visits"].first["heater_id"]
        Array.new(VISITS) do
          id = SecureRandom.uuid
          ours.post(
            "/api/heaters/#{heater}/visits",
            { id:, jobs: ["annual_safety"], planned_for: Time.now.utc.iso8601 }
          )
          ours.post("/api/visits/#{id}/start", {})
          id
        end
      end
    end
  end
end
