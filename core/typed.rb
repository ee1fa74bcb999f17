# frozen_string_literal: true

module Munimen
  # What a person typed, among what the program says: no vocabulary and no language touches it.
  class Typed < String
  end
end
