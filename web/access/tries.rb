# frozen_string_literal: true

module Munimen
  module Web
    # Wrong passwords and codes, counted by whoever gives them for a quarter of an hour; a right one
    # ends the count.
    class Tries
      LENGTH = 15 * 60 # s

      # most: wrong ones after which it is enough.
      def initialize(most)
        @most = most
        @failures = MemoryCache.new
      end

      def enough?(key) = @failures.read(key).to_i >= @most

      # status: what a try was answered.
      def count(key, status)
        if status == 401 then @failures.increment(key, expires_in: LENGTH)
        elsif status == 200 then @failures.delete(key)
        end
      end
    end
  end
end
