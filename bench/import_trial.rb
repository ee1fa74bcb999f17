# frozen_string_literal: true

module Munimen
  module Bench
    # A plumber's readings while the office brings in a table of 20 000 customers: first with nobody
    # else, then beside the preview and beside the import in the background.
    class ImportTrial
      include Timing

      ROWS = 20_000
      IDLE = 60 # readings
      PAUSE = 0.25 # s between readings: a person types them

      # served: Served, signed in as the owner; visit: one that is under way. Yields name, value,
      # unit, wanted of each row.
      def initialize(served, visit, &row)
        @served = served
        @visit = visit
        @row = row
      end

      def run
        idle = p95(Array.new(IDLE) { reading })
        @row.call("a reading with nobody else, p95", idle, "ms", "")
        @served.clone_connection do |other|
          %w[preview import].each do |what|
            beside("the #{what} of #{ROWS} rows", idle) { bring_in(other, what) }
          end
        end
      end

      private

      def beside(what, idle)
        start = clock
        work = Thread.new { yield.then { clock - start } }
        times = []
        times << reading while work.alive?
        @row.call("#{what} takes", work.value, "s", "")
        @row.call("a reading beside it, p95 of #{times.size}", p95(times), "ms",
                  "< #{(2 * idle).round(1)}")
      end

      def bring_in(other, what)
        id = SecureRandom.uuid
        other.call("/api/tables/customers/imports/#{id}?what=#{what}", table, "text/csv")
        told = { "share" => 0 }
        until told["share"] == 1
          sleep 0.3
          told = JSON.parse(other.call("/api/table-imports/#{id}").body)
          raise told["problem"].inspect if told["problem"]
        end
      end

      def p95(times) = times.sort[(times.size * 0.95).ceil - 1]

      def reading
        sleep PAUSE
        start = clock
        @served.post(
          "/api/visits/#{@visit}/readings",
          { id: SecureRandom.uuid, name: "static_pressure", value: rand(55..64).to_s }
        )
        (clock - start) * 1000
      end

      def table
        @table ||= ["name,phone,email", *Array.new(ROWS) do |number|
          "Customer #{number},555-#{number.to_s.rjust(6, "0")},c#{number}@example.test"
        end].join("\n")
      end
    end
  end
end
