# frozen_string_literal: true

module Munimen
  # The order of work: the heater's state during a visit, operations with what they need and make true,
  # and the planner that puts them in order.
  module Work
  end
end
