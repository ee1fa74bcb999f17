# frozen_string_literal: true

require "digest"

module Munimen
  module Desk
    # The page that the customer had before them when they signed, held against the office's: where
    # they differ, as after a time without a signal, both are kept and the owner is told.
    class SignedPage
      def initialize(context, visit_id)
        @context = context
        @visit_id = visit_id
      end

      # With the customer's signature. page: as the office has it; seen: as it was shown (Hash), or
      # nil where that is not known.
      def keep(signature_id, page, seen)
        own = plain(page)
        seen &&= plain(seen)
        visits.write(
          :signed_pages,
          id: signature_id,
          visit_id: @visit_id,
          page_hash: Digest::SHA256.hexdigest(JSON.generate(own)),
          seen: (seen unless seen == own),
          at: @context.stamp
        )
      end

      # Once the visit is locked: adds to it that the pages differ, and has it looked at.
      def tell
        row = visits.rows(:signed_pages, @visit_id).find { |one| one[:seen] } or return
        office = plain(visits.page(@visit_id)[:page])
        amend(row[:seen]["sentence"].to_s, office["sentence"].to_s)
        due
      end

      private

      def visits = @context.records.visits
      def plain(page) = JSON.parse(JSON.generate(page))

      def amend(seen, office)
        id = SecureRandom.uuid
        visits.write(
          :amendments,
          id:,
          visit_id: @visit_id,
          reason: "The page that the customer signed on the device is another one",
          text: Message.of("Signed was: “{seen}” The office's page says: “{office}” Both pages " \
                           "are kept.",
                           seen: seen[0, 700], office: office[0, 700]),
          at: @context.stamp,
          account_id: @context.person[:id]
        )
        @context.records.seals.seal_amendment(id, at: @context.stamp(@context.received))
      end

      def due
        row = visits.find(@visit_id)
        @context.records.dues.add(
          id: SecureRandom.uuid,
          heater_id: row[:heater_id],
          visit_id: @visit_id,
          kind: "page_differs",
          on: @context.now.to_date.iso8601,
          text: "The customer signed another page than the office has: look at both.",
          grade: "defect",
          job: nil,
          check: nil
        )
      end
    end
  end
end
