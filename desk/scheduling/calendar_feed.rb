# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    # A person's visits for a calendar program: as a file, and under a private address that can be
    # ended.
    class CalendarFeed
      BACK = 30 # days
      AHEAD = 180

      def initialize(context) = @context = context

      # Text of an iCalendar. Each visit keeps its identity, and its version counts changes, so
      # that reading it again changes entries instead of doubling them.
      def call(account_id = @context.person[:id])
        now = @context.now
        rows =
          @context
            .records
            .visits
            .between(@context.stamp(now - (BACK * 86_400)), @context.stamp(now + (AHEAD * 86_400)))
            .select { |row| row[:account_id] == account_id }
        Formats::CalendarIcs.render(rows.map { |row| entry(row) })
      end

      # Makes a new private address and ends the old one. Returns the token, told this once.
      def create
        SecureRandom
          .urlsafe_base64(32)
          .tap { |token| sharing.set_feed(@context.person[:id], token, @context.stamp) }
      end

      def end_feed = sharing.end_feed(@context.person[:id])
      def there? = sharing.feed?(@context.person[:id])

      # The account of a private address, where it may sign in. Raises NotFound.
      def self.account(context, token)
        id = context.records.sharing.account_of_feed(token.to_s)
        return id if id && context.records.people.open?(id)

        raise NotFound.new("There is no such calendar.", field: :calendar)
      end

      private

      def sharing = @context.records.sharing

      def entry(row)
        words = Words[row[:book].units]
        {
          id: row[:id],
          version: row[:version],
          made: Time.iso8601(row[:created_at]),
          start: Time.iso8601(row[:planned_for]),
          seconds: seconds(row),
          place: row[:address],
          customer: row[:customer],
          phone: row[:phone],
          label: row[:label],
          jobs: row[:jobs].map { |job| words.say(Work::Job[job].title) },
          access: row[:access],
          geo: row[:lat] && [row[:lat], row[:lng]]
        }
      end

      # As planned; a signed visit took as long as it took.
      def seconds(row)
        if row[:signed_at] && row[:started_at]
          return [Time.iso8601(row[:signed_at]) - Time.iso8601(row[:started_at]), 600].max
        end

        @context
          .records
          .versioned_cache
          .fetch("#{row[:id]} length", row[:version], now: @context.now) do
            visit = @context.records.visits.load(row[:id], now: @context.now)
            [@context.records.plans.plan(visit).total, nil]
          end
      end
    end
  end
end
