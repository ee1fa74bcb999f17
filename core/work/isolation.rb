# frozen_string_literal: true

module Munimen
  module Work
    # What is taken away before somebody works on the controls of a heater: its power, proved dead,
    # and its gas. {variable => value}
    module Isolation
      CONTROLS = lambda do |heater|
        {
          **(heater.feeds.any? ? { feed: :proved_dead, covers: :off } : {}),
          **(heater.gas? ? { cock: :shut } : {})
        }
      end
    end
  end
end
