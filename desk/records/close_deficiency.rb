# frozen_string_literal: true

module Munimen
  module Desk
    # Closes a deficiency outside a visit: rectified, with what proves it, or accepted by the
    # customer in writing. A danger is never accepted.
    class CloseDeficiency
      def initialize(context) = @context = context

      def call(id, status:, evidence:)
        @context.allow!(:owner, :plumber)
        row = @context.records.deficiencies.find(id)
        unless %w[rectified accepted].include?(status)
          raise Error.new(
            "status must be rectified or accepted.",
            field: :status,
            code: :unknown_choice
          )
        end
        if status == "accepted" && row[:grade] == "danger"
          raise Refused.new("A danger cannot be accepted; it is put right.", code: :danger)
        end

        text = @context.text!(evidence, :evidence, max: 500)
        @context.records.write do
          @context.records.deficiencies.close(
            id,
            status:,
            visit_id: nil,
            on: @context.now.to_date.iso8601,
            evidence: text
          )
          @context.records.dues.settle(
            heater_id: row[:heater_id],
            at: @context.stamp,
            jobs: [],
            checks: [row[:check]]
          )
        end
        row[:heater_id]
      end
    end
  end
end
