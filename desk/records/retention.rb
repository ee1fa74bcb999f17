# frozen_string_literal: true

module Munimen
  module Desk
    # How long signed visits are kept: for good, unless the firm has said for how many years.
    # Nothing goes by itself: the owner is shown whose time has passed, and erases them one by one.
    class Retention
      LEAST = 2 # years: landlords in England keep a gas safety record for two (GSIUR 1998 36(3)(c))
      MOST = 50

      # The first day that is kept (ISO 8601), or nil where all are.
      def self.since(records, now)
        years = records.settings[:retention_years]
        years && now.to_date.prev_year(years).iso8601
      end

      def initialize(context) = @context = context

      # {years: or nil, since: or nil, past: [{id:, name:, last:}]}
      def show
        @context.may!(:personal_data)
        records = @context.records
        since = self.class.since(records, @context.now)
        {
          years: records.settings[:retention_years],
          since:,
          past: since ? records.personal_data.past(since) : []
        }
      end

      # years: LEAST to MOST, or nil for good. Raises Error.
      def set(years)
        @context.may!(:personal_data)
        unless years.nil? || years.between?(LEAST, MOST)
          raise Error.new(
            Message.of("years must be from {least} to {most}, or none to keep all.",
                       least: LEAST, most: MOST),
            field: :years,
            code: :out_of_range
          )
        end
        @context.records.settings[:retention_years] = years
        show
      end
    end
  end
end
