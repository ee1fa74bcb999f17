# frozen_string_literal: true

module Munimen
  module Bench
    # What goes on while somebody means ill, or much is done at once: each trial writes its rows.
    class Trials
      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def races(count)
        RaceTrial.new(&@row).run(count)
        PairTrial.new(&@row).run(count)
      end

      def fuzz(count) = FuzzTrial.new(&@row).run(count)

      def offline(count) = OfflineTrial.new(&@row).run(count)

      def cellar = CellarTrial.new(&@row).run

      def messy(count) = MessyTrial.new(&@row).run(count)

      def import
        GreedyTrial.with_server("owner") do |served|
          ImportTrial.new(served, visit(served), &@row).run
        end
      end

      def door
        GreedyTrial.with_server { |served| DoorTrial.new(served, visit(served), &@row).run }
      end

      def restore(megabytes)
        GreedyTrial.with_server("owner") do |served, folder|
          RestoreTrial.new(served, folder, &@row).run(megabytes)
        end
      end

      def bad_day(count) = BadDayTrial.new(&@row).run(count)

      def greedy
        GreedyTrial.with_server { |served| GreedyTrial.new(served, visit(served), &@row).run }
      end

      private

      # One that is under way.
      def visit(served)
        heater = JSON.parse(served.get("/api/today").body)["visits"].first["heater_id"]
        SecureRandom.uuid.tap do |id|
          served.post(
            "/api/heaters/#{heater}/visits",
            { id:, jobs: ["annual_safety"], planned_for: Time.now.utc.iso8601 }
          )
          served.post("/api/visits/#{id}/start", {})
        end
      end
    end
  end
end
