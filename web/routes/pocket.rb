# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What a browser takes along for the time without a signal.
      class Pocket < Resource
        on(:pocket) do
          more = params["heaters"].to_s.split(",").grep(UUID).map(&:downcase)
          Desk::TakeAlong.new(desk).call(more:).merge(program: config.program)
        end
      end
    end
  end
end
