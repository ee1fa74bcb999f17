# frozen_string_literal: true

module Munimen
  # What went wrong with something a person gave us: the field, and what would be right.
  # `code` is a short symbol for programs; `message` is for people.
  class Error < StandardError
    attr_reader :code, :field

    # What is not among the choices: as in `raise Error.one_of(HOW, field: :how)`. name: what the
    # person knows the field by; given: what they gave, where it is said.
    def self.one_of(choices, field:, name: field, given: nil, code: :unknown_choice)
      known = choices.join(", ")
      text = if given.nil? then Message.of("{name} must be one of: {known}.", name:, known:)
             else Message.of("{name} cannot be “{given}”; it must be one of: {known}.",
                             name:, given: Typed.new(given.to_s), known:)
             end
      new(text, field:, code:)
    end

    def initialize(message, field: nil, code: :invalid)
      @field = field&.to_s
      @code = code
      super(message)
    end

    def to_h = { code: code.to_s, field:, message: }
  end
end
