# frozen_string_literal: true

module Munimen
  # What a heater's readings say over the years.
  module Trends
  end
end
