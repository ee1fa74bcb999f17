# frozen_string_literal: true

module Munimen
  # What went wrong with something a person gave us: the field, and what would be right.
  # `code` is a short symbol for programs; `message` is for people.
  class Error < StandardError
    attr_reader :code, :field

    def initialize(message, field: nil, code: :invalid)
      @field = field&.to_s
      @code = code
      super(message)
    end

    def to_h = { code: code.to_s, field:, message: }
  end
end
