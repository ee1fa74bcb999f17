# frozen_string_literal: true

module Munimen
  module Formats
    # What a table leaves open, so that a person points at it.
    class Unclear < Error
      # {columns: names of those that are there, …}
      attr_reader :details

      def initialize(message, field:, code:, columns: [], **more)
        @details = { columns:, **more }
        super(message, field:, code:)
      end
    end
  end
end
