# frozen_string_literal: true

module Munimen
  module Web
    # Counters with an expiry, for rate limits in one process.
    class MemoryCache
      def initialize(clock: -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) })
        @clock = clock
        @values = {}
        @lock = Mutex.new
      end

      def read(key) = @lock.synchronize { (entry = live(key)) && entry.first }
      def write(key, value, expires_in: nil) = @lock.synchronize { store(key, value, expires_in) }
      def delete(key) = @lock.synchronize { @values.delete(key) }

      def increment(key, amount = 1, expires_in: nil)
        @lock.synchronize do
          entry = live(key)
          store(key, (entry ? entry.first : 0) + amount, expires_in, entry&.last)
        end
      end

      private

      def live(key)
        entry = @values[key]
        entry if entry && (entry.last.nil? || entry.last > @clock.call)
      end

      def store(key, value, expires_in, ends = nil)
        @values.delete_if { |_, (_, at)| at && at < @clock.call } if @values.size > 10_000
        @values[key] = [value, ends || (expires_in && (@clock.call + expires_in))]
        value
      end
    end
  end
end
