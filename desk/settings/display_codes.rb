# frozen_string_literal: true

module Munimen
  module Desk
    # The firm's own list of codes on displays, and what one of them means.
    class DisplayCodes
      def initialize(context) = @context = context

      # [{maker:, code:, means:, test:}] of a code as it is shown; of a visit's heater its maker's
      # first.
      def find(shown, visit: nil)
        maker = visit && @context.records.visits.load(visit, now: @context.now).heater.maker
        codes.find(shown, maker:).map(&:to_h)
      end

      # {count:, csv:}
      def text = { count: codes.size, csv: Formats::CodesCsv.write(codes) }

      # Keeps a list from CSV; an empty text takes it away. Raises Error naming the line.
      def replace(csv)
        @context.may!(:parts)
        given = csv.to_s.strip
        read = given.empty? ? Faults::DisplayCodes.new([]) : Formats::CodesCsv.read(given)
        @context.records.settings[:codes] = read.rows
        text
      end

      private

      def codes = Faults::DisplayCodes.new(@context.records.settings[:codes] || [])
    end
  end
end
