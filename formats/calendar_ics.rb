# frozen_string_literal: true

require "icalendar"

module Munimen
  module Formats
    # Visits as an iCalendar (RFC 5545), in UTC.
    module CalendarIcs
      module_function

      # entries: [{id:, version:, made:, start:, seconds:, place:, customer:, phone:, label:, jobs:,
      # access:, geo:}]. The same entries give the same text, whenever it is asked for.
      def render(entries)
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Munimen//Visits//EN"
        calendar.append_custom_property("X-WR-CALNAME", "Munimen visits")
        entries.each { |one| calendar.add_event(event(one)) }
        calendar.to_ical
      end

      # One visit for the calendar of whoever is visited (RFC 5546): method REQUEST, again where it
      # is moved, or CANCEL. entry: as above, with who comes as `firm` and from which address.
      def invitation(entry, method:, from:, to:)
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Munimen//Visits//EN"
        calendar.ip_method = method
        event = event(entry)
        event.organizer = Icalendar::Values::CalAddress.new("mailto:#{from}", cn: entry[:customer])
        event.attendee = Icalendar::Values::CalAddress.new("mailto:#{to}", rsvp: "FALSE")
        event.status = method == "CANCEL" ? "CANCELLED" : "CONFIRMED"
        calendar.add_event(event)
        calendar.to_ical
      end

      def event(one)
        Icalendar::Event.new.tap do |event|
          event.uid = "#{one[:id]}@munimen"
          event.dtstamp = time(one[:made])
          event.sequence = one[:version]
          event.dtstart = time(one[:start])
          event.dtend = time(one[:start] + one[:seconds])
          event.summary = "#{one[:customer]} – #{one[:jobs].join(", ")}"
          event.location = one[:place]
          event.geo = one[:geo] if one[:geo]
          event.description = [one[:label], one[:phone], one[:access]].compact.join("\n")
        end
      end

      def time(at) = Icalendar::Values::DateTime.new(at.utc, "tzid" => "UTC")
    end
  end
end
