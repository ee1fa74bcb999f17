# frozen_string_literal: true

module Munimen
  module Store
    # What was worked out from a visit, kept in memory until the visit's version grows or the time
    # comes at which it would be something else. Safe to be used by several threads.
    class VersionedCache
      MOST = 500

      Kept = Struct.new(:version, :before, :value)

      def initialize
        @kept = {}
        @lock = Mutex.new
      end

      # The value kept for a visit at this version, or what the block gives: [value, Time until
      # which it holds or nil].
      def fetch(id, version, now:)
        known = @lock.synchronize { @kept[id] }
        if known && known.version == version && (known.before.nil? || now < known.before)
          return known.value
        end

        value, before = yield
        @lock.synchronize { keep(id, Kept.new(version, before, value)) }
        value
      end

      private

      def keep(id, entry)
        @kept.delete(id)
        @kept.shift if @kept.size >= MOST
        @kept[id] = entry
      end
    end
  end
end
