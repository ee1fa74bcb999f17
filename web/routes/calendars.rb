# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # One's visits as a calendar: a file, or a feed under a private address.
      module Calendars
        def self.registered(app)
          app.get("/api/calendar") { json(there: Desk::CalendarFeed.new(desk).there?) }
          app.get("/api/calendar.ics") do
            file "text/calendar", Desk::CalendarFeed.new(desk).call, "visits.ics"
          end
          app.post("/api/calendar/feed") do
            json(url: "#{base}/api/feeds/#{Desk::CalendarFeed.new(desk).create}")
          end
          app.post("/api/calendar/feed/end") do
            Desk::CalendarFeed.new(desk).end_feed
            json(there: false)
          end
          app.get("/api/feeds/:token", anyone: true) do
            account = Desk::CalendarFeed.account(nobody, params["token"])
            file "text/calendar", Desk::CalendarFeed.new(nobody).call(account), "visits.ics"
          end
        end
      end
    end
  end
end
