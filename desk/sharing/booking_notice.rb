# frozen_string_literal: true

module Munimen
  module Desk
    # The mail to a customer about a visit's booking (Report::BookingLetter), in their language,
    # with the entry for their calendar: the same entry each time, which the later mail changes or
    # takes out.
    class BookingNotice
      LENGTH = 3600 # s that stand in the calendar where nothing is promised

      # what: a key of BookingLetter::WHAT; offset: minutes that the firm's clocks are ahead of UTC.
      # link: of the page on which the household says what it sees, or nil.
      def initialize(context, visit_id, what, offset: 0, link: nil)
        @link = link
        @context = context
        @row = context.records.visits.find(visit_id)
        @place = context.records.heaters.with_place(@row[:heater_id])
        @contact = context.records.visits.contact(visit_id)
        @subject, @sentence = Report::BookingLetter::WHAT.fetch(what)
        @cancelled = what == "cancelled"
        @offset = offset * 60
      end

      # Raises Error where there is none.
      def customer_address
        @contact[:email] or
          raise Error.new("This customer has no e-mail address.", field: :recipient, code: :missing)
      end

      def subject = say(@subject, **told)

      # Paragraphs.
      def text
        head = [@place[:customer], say(@sentence, **told),
                say(Report::BookingLetter::PLACE, address: Typed.new(@place[:address].to_s))]
        return head if @cancelled

        [*head, (say(Report::BookingLetter::BEFOREHAND, link: @link) if @link),
         say(Report::BookingLetter::OTHERWISE), emergency].compact
      end

      # {name:, type:, text:} of the file for a calendar.
      def calendar(from:, to:)
        method = @cancelled ? "CANCEL" : "REQUEST"
        entry = { id: @row[:id], version: @row[:version], made: @context.now, start:, seconds:,
                  place: @place[:address], customer: @context.records.settings.firm["name"],
                  jobs:, label: @place[:label] }
        { name: "visit.ics", type: "text/calendar; method=#{method}; charset=UTF-8",
          text: Formats::CalendarIcs.invitation(entry, method:, from:, to:) }
      end

      private

      def words = @words ||= Words[@place[:book].units]
      def reader = @reader ||= Words::Speaker.new(words, @contact[:language])
      def say(template, **filled) = reader.say(template, **filled)

      def emergency = Report::Emergency.of(@place[:heater])&.then { |text| say(text) }
      def jobs = @row[:jobs].map { |job| say(Work::Job[job].title) }
      def promised = @row.values_at(:window_from, :window_to).compact.map { |at| Time.iso8601(at) }
      def start = promised.first || Time.iso8601(@row[:planned_for])
      def seconds = promised.any? ? promised.last - start : LENGTH

      def told
        { day: local(start).to_date, time:, jobs: jobs.join(", ") }
      end

      def time
        from, to = promised.map { |at| clock(at) }
        return say(Report::BookingLetter::ABOUT, at: clock(start)) unless to

        say(Report::BookingLetter::PROMISED, from:, to:)
      end

      def local(time) = time.getutc + @offset
      def clock(time) = words.time(local(time))
    end
  end
end
