# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's own numbers, for its owner.
      class Numbers < Resource
        on(:numbers) do
          month = Desk::Month.new(desk).call(params["month"])
          { **month, lives: Desk::Lives.new(desk).call }
        end
      end
    end
  end
end
