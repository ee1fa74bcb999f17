# frozen_string_literal: true

module Munimen
  # Values by key, up to so many bytes in all: what was asked for last stays longest. Safe to be
  # used by several threads.
  #
  #   cache = ByteCache.new(4_000_000)
  #   cache.keep(key, text, text.bytesize)
  #   cache[key] # => text, or nil
  class ByteCache
    def initialize(most)
      @most = most
      @bytes = 0
      @kept = {}
      @lock = Mutex.new
    end

    # The value kept for a key, or nil.
    def [](key)
      @lock.synchronize do
        found = @kept.delete(key) or return
        (@kept[key] = found).first
      end
    end

    # Keeps a value in place of an earlier one. bytes: what it takes. Returns the value.
    def keep(key, value, bytes)
      @lock.synchronize do
        @bytes += bytes - (@kept.delete(key)&.last || 0)
        @kept[key] = [value, bytes]
        @bytes -= @kept.shift.last.last while @bytes > @most && @kept.size > 1
      end
      value
    end
  end
end
