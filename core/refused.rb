# frozen_string_literal: true

module Munimen
  # The request is understood and refused by a rule of the work (an unmet need, an interlock, a
  # lock). `details` says more for programs, such as the step that would help.
  class Refused < Error
    attr_reader :details

    def initialize(message, field: nil, code: :refused, details: {})
      @details = details
      super(message, field:, code:)
    end
  end
end
