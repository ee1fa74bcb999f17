# frozen_string_literal: true

module Munimen
  module Store
    # There is no room on the disk that the data folder lies on: nothing was written.
    class DiskFull < Error
      def initialize
        super("The office's disk is full: nothing was kept. Somebody must make room there; then " \
              "send it again.", code: :disk_full)
      end
    end
  end
end
