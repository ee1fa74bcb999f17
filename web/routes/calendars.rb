# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # One's visits as a calendar: a file, or a feed under a private address.
      class Calendars < Resource
        on(:calendar) { { there: feed.there? } }
        raw(:calendarFile) { file "text/calendar", feed.call, "visits.ics" }
        on(:addFeed) { { url: "#{base}/api/feeds/#{feed.create}" } }
        on(:endFeed) do
          feed.end_feed
          { there: false }
        end
        raw(:feed) do
          account = Desk::CalendarFeed.account(nobody, params["token"])
          file "text/calendar", Desk::CalendarFeed.new(nobody).call(account), "visits.ics"
        end

        private

        def feed = Desk::CalendarFeed.new(desk)
      end
    end
  end
end
