# frozen_string_literal: true

module Munimen
  # The firm's day and week: who goes where in which order. Times are seconds of a day; places are
  # [latitude, longitude] in degrees, or nil where it is not known.
  module Day
    # One visit to be placed. seconds: how long it takes. window: [from, to] within which it must
    # begin, and date: the day promised, or nil. trades: that whoever goes must hold. person: id
    # of who must go, or nil. urgent: seconds of driving that a day's delay is worth. pinned:
    # begun, and not to be left as it stands.
    Stop =
      Struct.new(
        :id,
        :seconds,
        :place,
        :window,
        :date,
        :trades,
        :person,
        :urgent,
        :pinned,
        keyword_init: true
      )

    # 47700 => "13:15", or "1:15 PM" under the US vocabulary.
    def self.clock(seconds, units)
      hour, minute = seconds.round.divmod(3600).then { |whole, rest| [whole, rest / 60] }
      return format("%<hour>d:%<minute>02d", hour:, minute:) unless Measure::System.american?(units)

      format(
        "%<hour>d:%<minute>02d %<half>s",
        hour: (hour % 12).zero? ? 12 : hour % 12,
        minute:,
        half: hour % 24 < 12 ? "AM" : "PM"
      )
    end

    # One person's working day. trades: held on that day.
    Round = Struct.new(:person, :date, :starts, :ends, :base, :trades, :rest, keyword_init: true) do
      def key = [person, date]
    end
  end
end
