# frozen_string_literal: true

module Munimen
  module Planning
    # What has been found for planning problems, by their keys (PlanKey), so that two hundred
    # visits of the same kind are planned once. In memory up to so many bytes, what was used last
    # longest; and, where there is a place that outlasts the process, there too. Safe to be used by
    # several threads.
    #
    #   shelf.fetch(key, lasting: true) { solver.solution } # => Solution
    class PlanShelf
      BYTES = 4_000_000

      # How many were found here, and how many had to be searched for.
      attr_reader :found, :made

      # lasting: what answers [](key) with a text or nil, and []=(key, text); or nil.
      def initialize(lasting: nil, bytes: BYTES)
        @lasting = lasting
        @texts = ByteCache.new(bytes)
        @lock = Mutex.new
        @found = @made = 0
      end

      # The Solution of a key, or the block's, kept. lasting: whether it can be of use to others
      # later; what waits under way have made is not.
      def fetch(key, lasting: true)
        known = in_memory(key) || (lasting && brought(key))
        if known
          @lock.synchronize { @found += 1 }
          return known
        end

        yield.tap do |solution|
          text = solution.to_json
          @lock.synchronize { @made += 1 }
          keep(key, text)
          @lasting[key] = text if @lasting && lasting
        end
      end

      private

      def in_memory(key) = @texts[key]&.then { |text| Solution.parse(text) }

      def brought(key)
        text = @lasting&.[](key) or return
        Solution.parse(text).tap { keep(key, text) }
      rescue JSON::ParserError, KeyError
        nil
      end

      def keep(key, text) = @texts.keep(key, text, text.bytesize)
    end
  end
end
