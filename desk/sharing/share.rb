# frozen_string_literal: true

module Munimen
  module Desk
    # Links by which a customer reads the page of one signed visit, and nothing else: they expire,
    # can be ended, and each look is noted.
    class Share
      LONGEST = 365 # days

      def initialize(context) = @context = context

      # Returns {token:, expires_at:}; the token is told this once.
      def create(visit_id, id:, days: 30)
        @context.may!(:records)
        unless days.between?(1, LONGEST)
          raise Error.new(
            Message.of("days must be between 1 and {longest}.", longest: LONGEST),
            field: :days,
            code: :out_of_range
          )
        end

        signed!(visit_id)
        expires_at = @context.stamp(@context.now + (days * 86_400))
        token = sharing.add_link(
          id:,
          visit_id:,
          expires_at:,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
        { id:, token:, expires_at: sharing.link(id)[:expires_at] }
      end

      def list(visit_id)
        @context.records.visits.find(visit_id)
        sharing.links_of(visit_id).map { |link| link.merge(state: state(link)) }
      end

      # Ends a link; returns the visit's links.
      def revoke(id)
        @context.may!(:records)
        link = sharing.link(id)
        sharing.revoke(id, @context.stamp)
        list(link[:visit_id])
      end

      # What the holder of a token may see: the page of that visit. `what` is noted: "page" or
      # "pdf".
      def self.open(context, token, what:)
        link = context.records.sharing.open(token.to_s, what:, now: context.stamp) or
          raise NotFound.new(
            "This link does not hold any more. Ask the firm for a new one.",
            field: :link
          )
        link[:visit_id]
      end

      private

      def sharing = @context.records.sharing

      def signed!(visit_id)
        return if @context.records.visits.find(visit_id)[:status] == "signed"

        raise Refused.new("Only the page of a signed visit is shared.", code: :not_signed)
      end

      def state(link)
        return "ended" if link[:revoked_at]

        link[:expires_at] > @context.stamp ? "open" : "expired"
      end
    end
  end
end
