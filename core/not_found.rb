# frozen_string_literal: true

module Munimen
  # The thing asked for is not there.
  class NotFound < Error
    def initialize(message, field: nil) = super(message, field:, code: :not_found)
  end
end
