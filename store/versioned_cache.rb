# frozen_string_literal: true

module Munimen
  module Store
    # What was worked out from a visit, kept in memory until the visit's version grows or the time
    # comes at which it would be something else: up to so many bytes, what was asked for last
    # longest. Safe to be used by several threads.
    class VersionedCache
      BYTES = 24_000_000

      Kept = Struct.new(:version, :before, :value)

      def initialize(most: BYTES) = @kept = ByteCache.new(most)

      # The value kept for a visit at this version, or what the block gives: [value, Time until
      # which it holds or nil].
      def fetch(id, version, now:)
        known = @kept[id]
        if known && known.version == version && (known.before.nil? || now < known.before)
          return known.value
        end

        value, before = yield
        # As it goes out it is JSON, twice that in memory.
        @kept.keep(id, Kept.new(version, before, value), JSON.generate(value).bytesize * 2)
        value
      end
    end
  end
end
