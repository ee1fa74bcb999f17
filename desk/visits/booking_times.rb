# frozen_string_literal: true

module Munimen
  module Desk
    # When a visit may be booked for, and what may be promised.
    module BookingTimes
      YEARS = (2000..2100)

      module_function

      # Raises Error unless it is a time in these years.
      def some_day!(text)
        return if YEARS.cover?(Time.iso8601(text).year)

        raise ArgumentError
      rescue ArgumentError
        raise Error.new(
          Message.of("planned_for must be a time between {min} and {max}, such as " \
                     "2026-11-23T10:00:00Z.",
                     min: YEARS.min, max: YEARS.max),
          field: :planned_for,
          code: :bad_time
        )
      end

      # Raises Error unless both are times in order, or neither is given.
      def promised!(from, to)
        return if from.nil? && to.nil?

        unless from && to
          raise Error.new("A promise has a beginning and an end.",
                          field: from ? :window_to : :window_from, code: :missing)
        end
        return if Time.iso8601(from) < Time.iso8601(to)

        raise Error.new("The promised time ends before it begins.", field: :window_to,
                                                                    code: :out_of_range)
      rescue ArgumentError
        raise Error.new(
          "A promised time must be an ISO 8601 time such as 2026-11-23T10:00:00Z.",
          field: :window_from,
          code: :bad_time
        )
      end
    end
  end
end
