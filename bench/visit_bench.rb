# frozen_string_literal: true

require "json"
require "securerandom"

module Munimen
  module Bench
    # The whole visit as the answer to a step that was done as planned (the rest of the plan
    # stands), beside the whole visit as the answer to a job that was taken in (its plan is made
    # anew), of the same visits on the same run.
    class VisitBench
      include Timing

      JOBS = %w[annual_safety replace_drain_valve inspect_anode].freeze
      MORE = "flush"
      STEPS = 5 # of each visit: identify, look over, and what can be done without a reading

      # served: Served, signed in. Yields name, value, unit, wanted of each row.
      def initialize(served, &row)
        @served = served
        @row = row
      end

      def run(count = 12)
        kept = []
        anew = []
        count.times do
          visit = started
          kept.concat(after_steps(visit))
          anew << timed { @served.post("/api/visits/#{visit}/jobs", { job: MORE }) }
        end
        report(middle(anew), middle(kept))
      end

      private

      def report(anew, kept)
        @row.call("whole visit, its plan made anew, median", anew, "ms", "")
        @row.call("whole visit after a step done as planned, median", kept, "ms", "")
        @row.call("made anew / as planned", anew / kept, "×", "≥ 3")
      end

      def middle(list) = list.sort[list.size / 2]

      def after_steps(visit)
        STEPS.times.filter_map do
          plan = JSON.parse(@served.get("/api/visits/#{visit}").body)["plan"]
          operation = plan["steps"].first&.fetch("operation") or next
          done(visit, operation)
        end
      end

      # Milliseconds of the step, once all that it looks at is said to be sound; nil where it asks
      # for more.
      def done(visit, operation)
        2.times do
          answer = nil
          ms = timed { answer = step(visit, operation) }
          return ms if answer.code == "200"

          look(visit, JSON.parse(answer.body).dig("details", "items") || [])
        end
        nil
      end

      def look(visit, items)
        seen = items.map { |item| { id: SecureRandom.uuid, item:, finding: "sound" } }
        @served.attempt("/api/visits/#{visit}/observations", { items: seen })
      end

      def step(visit, operation)
        @served.attempt(
          "/api/visits/#{visit}/steps",
          { id: SecureRandom.uuid, operation:, outcome: "done" }
        )
      end

      # Milliseconds.
      def timed
        start = clock
        yield
        (clock - start) * 1000
      end

      # A visit of four jobs that has just begun; nobody has asked for it yet.
      def started
        @heater ||= JSON.parse(@served.get("/api/today").body)["visits"].first["heater_id"]
        id = SecureRandom.uuid
        @served.post(
          "/api/heaters/#{@heater}/visits",
          { id:, jobs: JOBS, planned_for: Time.now.utc.iso8601 }
        )
        @served.post("/api/visits/#{id}/start", {})
        id
      end
    end
  end
end
