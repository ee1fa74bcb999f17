# frozen_string_literal: true

module Munimen
  VERSION = "0.9.0"
end
