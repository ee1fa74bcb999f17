# frozen_string_literal: true

module Munimen
  # Practice on a simulated heater: scenarios, what somebody did, and what there was to learn from it.
  module Training
  end
end
