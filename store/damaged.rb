# frozen_string_literal: true

require "sequel"

module Munimen
  module Store
    # Raised where a database file cannot be read.
    Damaged = Sequel::DatabaseError
  end
end
