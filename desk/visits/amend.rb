# frozen_string_literal: true

module Munimen
  module Desk
    # Adds to a signed visit what came to light later, with its reason. Nothing that was signed
    # changes.
    class Amend
      def initialize(context) = @context = context

      def call(visit_id, id:, reason:, text:)
        @context.may!(:visit)
        row = @context.records.visits.find(visit_id)
        @context.may!(:amend) unless signed?(visit_id)
        unless row[:status] == "signed"
          raise Refused.new(
            "This visit is not signed yet: correct it where it was written.",
            code: :not_signed
          )
        end
        return if @context.records.visits.written?(:amendments, id)

        attributes = {
          id:,
          visit_id:,
          reason: @context.text!(reason, :reason, max: 300),
          text: @context.text!(text, :text, max: 2000),
          at: @context.stamp(@context.done_at(nil, not_before: row[:signed_at])),
          account_id: @context.person[:id],
          arrived: { at: @context.stamp(@context.received) }
        }
        @context.records.write do
          @context.records.visits.write(:amendments, attributes)
          @context.records.seals.seal_amendment(id, at: attributes[:at])
        end
      end

      private

      def signed?(visit_id)
        @context.records.visits.rows(:signatures, visit_id)
                .any? { |one| one[:account_id] == @context.person[:id] }
      end
    end
  end
end
