# frozen_string_literal: true

module Munimen
  # Somebody else is writing for longer than is waited for: nothing was changed, and the same again
  # in a moment will do.
  class Busy < Error
    def initialize(message = "Somebody else is writing just now: send it again in a moment.")
      super(message, code: :busy)
    end
  end
end
