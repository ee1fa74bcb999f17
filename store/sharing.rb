# frozen_string_literal: true

require "digest"
require "openssl"

module Munimen
  module Store
    # Links for customers, calendar feeds and messages. A token is told once and kept as its hash
    # only.
    class Sharing
      # key: bytes that are not in the database, by which the tokens are made.
      def initialize(database, key)
        @key = key
        @links = database[:share_links]
        @views = database[:share_views]
        @messages = database[:messages]
        @feeds = database[:calendar_feeds]
      end

      # Adds a link and returns its token: the same again for the same id, as where a request is
      # sent twice. Raises Refused where the key has been changed in between.
      def add_link(id:, **attributes)
        token = token_of("link #{id}")
        @links.insert_conflict(target: :id).insert(**attributes, id:, token: hash(token))
        return token if link(id)[:token] == hash(token)

        raise Refused.new("This link has been made already; make a new one.", code: :link_made)
      end

      # What nobody else can make for a subject.
      def token_of(subject)
        [OpenSSL::HMAC.digest("SHA256", @key, subject)].pack("m0").tr("+/", "-_").delete("=")
      end

      def link(id)
        @links.where(id:).first || raise(NotFound.new("There is no such link.", field: :link))
      end

      def revoke(id, at) = @links.where(id:, revoked_at: nil).update(revoked_at: at)

      # Links of a visit, newest first, with how often and when last they were opened.
      def links_of(visit_id)
        views = @views.group_and_count(:link_id).select_append { max(at).as(last) }
        @links
          .where(visit_id:)
          .left_join(views.as(:views), link_id: :id)
          .reverse(:at)
          .select(
            :id,
            :expires_at,
            :revoked_at,
            :at,
            Sequel.function(:coalesce, :count, 0).as(:views),
            Sequel[:views][:last]
          )
          .all
      end

      # The link of a token that still holds, or nil; what is looked at is noted.
      def open(token, what:, now:)
        link =
          @links
            .where(token: hash(token), revoked_at: nil)
            .where(Sequel.expr(:expires_at) > now)
            .first or return
        @views.insert(link_id: link[:id], what:, at: now)
        link
      end

      def add_message(attributes) = @messages.insert_conflict(target: :id).insert(attributes)

      # The newest; of: an account, or nil for everybody's.
      def messages(of: nil, limit: 200)
        (of ? @messages.where(account_id: of) : @messages)
          .reverse(:at)
          .limit(limit)
          .select(:id, :kind, :recipient, :subject, :sent_at, :error, :at, :tries, :next_try)
          .all
      end

      def message(id)
        @messages.where(id:).first ||
          raise(NotFound.new("There is no such message.", field: :message))
      end

      # Whom a visit's booking was last told: {recipient:, offset: minutes ahead of UTC}, or nil.
      def booking_told(visit_id)
        @messages.where(visit_id:, kind: "booking").reverse(:at).select(:recipient, :offset).first
      end

      # Has a message go as soon as it can, whatever came of it before.
      def queue(id, at:)
        @messages.where(id:, sent_at: nil).update(queued_at: at, next_try: at, tries: 0, error: nil)
      end

      # The one that waits longest of those that may be tried, or nil.
      def next_message(at:)
        @messages.where(sent_at: nil).where { next_try <= at }.order(:next_try, :queued_at).first
      end

      # What only lay here until it went is gone then.
      def sent(id, at:)
        @messages.where(id:, kind: "invitation").delete
        @messages.where(id:).update(sent_at: at, error: nil, next_try: nil)
      end

      # next_try: when it is tried again, or nil where it is left for a person.
      def not_sent(id, error:, next_try:)
        @messages.where(id:).update(error:, next_try:, tries: Sequel[:tries] + 1)
      end

      # One feed a person; a new token ends the old address.
      def set_feed(account_id, token, at)
        @feeds.insert_conflict(
          target: :account_id,
          update: {
            token: Sequel[:excluded][:token],
            at: Sequel[:excluded][:at]
          }
        ).insert(account_id:, token: hash(token), at:)
      end

      def end_feed(account_id) = @feeds.where(account_id:).delete
      def feed?(account_id) = !@feeds.where(account_id:).empty?
      def account_of_feed(token) = @feeds.where(token: hash(token)).get(:account_id)

      private

      def hash(token) = Digest::SHA256.hexdigest(token)
    end
  end
end
