# frozen_string_literal: true

module Munimen
  # For what speaks: msg("{measured} is more than {limit}.", measured:, limit:).
  module Saying
    private

    # See Message.of.
    def msg(template, **with) = Message.of(template, **with)

    # What a person typed, to be put into a message; nil for nil.
    def typed(text) = text && Typed.new(text)
  end
end
