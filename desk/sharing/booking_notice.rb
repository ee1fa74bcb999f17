# frozen_string_literal: true

module Munimen
  module Desk
    # What a customer is told of a visit that is booked, moved or cancelled, with the entry for
    # their calendar: the same entry each time, which the later mail changes or takes out.
    class BookingNotice
      WHAT = {
        "booked" => ["Your visit on %<day>s", "We come on %<day>s, %<time>s, for: %<jobs>s."],
        "moved" => ["Your visit is moved to %<day>s",
                    "Your visit is moved: we come on %<day>s, %<time>s, for: %<jobs>s."],
        "cancelled" => ["Your visit on %<day>s is cancelled",
                        "The visit of %<day>s (%<jobs>s) is cancelled. Call us for another time."]
      }.freeze
      DANGER = "If you smell gas, or a carbon monoxide alarm sounds: leave, and call the " \
               "emergency " \
               "number from outside. Do not wait for us."
      LENGTH = 3600 # s that stand in the calendar where nothing is promised

      # what: a key of WHAT; offset: minutes that the firm's clocks are ahead of UTC.
      def initialize(context, visit_id, what, offset: 0)
        @offset = offset * 60
        @context = context
        @row = context.records.visits.find(visit_id)
        @place = context.records.heaters.with_place(@row[:heater_id])
        @what = what
      end

      # Raises Error where there is none.
      def customer_address
        @context.records.visits.contact(@row[:id])[:email] or
          raise Error.new("This customer has no e-mail address.", field: :recipient, code: :missing)
      end

      def subject = say(WHAT.fetch(@what).first)

      # Paragraphs.
      def text
        [@place[:customer], say(WHAT.fetch(@what).last), "At: #{@place[:address]}",
         ("If this does not suit you, answer this mail or call us." unless cancelled?),
         (DANGER unless cancelled?)].compact
      end

      # {name:, type:, text:} of the file for a calendar.
      def calendar(from:, to:)
        method = cancelled? ? "CANCEL" : "REQUEST"
        entry = { id: @row[:id], version: @row[:version], made: @context.now, start:, seconds:,
                  place: @place[:address], customer: @context.records.settings.firm["name"],
                  jobs:, label: @place[:label] }
        { name: "visit.ics", type: "text/calendar; method=#{method}; charset=UTF-8",
          text: Formats::CalendarIcs.invitation(entry, method:, from:, to:) }
      end

      private

      def cancelled? = @what == "cancelled"
      def words = @words ||= Words[@place[:book].units]
      def jobs = @row[:jobs].map { |job| words.say(Work::Job[job].title) }
      def window = @row.values_at(:window_from, :window_to)
      def start = Time.iso8601(window.first || @row[:planned_for])
      def seconds = window.all? ? Time.iso8601(window.last) - start : LENGTH

      def say(template)
        time = if window.all?
                 window.map { |one| clock(Time.iso8601(one)) }.join(" to ")
               else
                 "about #{clock(start)}"
               end
        format(template, day: words.date(local(start).to_date.iso8601), time:,
                         jobs: jobs.join(", "))
      end

      def local(time) = time.getutc + @offset
      def clock(time) = words.time(local(time))
    end
  end
end
