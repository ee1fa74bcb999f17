# frozen_string_literal: true

require "sequel"

module Munimen
  module Store
    # Raised where a row does not fit to what is there: a reference to nothing, an id of another.
    Rejected = Sequel::ConstraintViolation
  end
end
