# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The firm's instruments.
      class Instruments < Resource
        on(:replaceInstruments) { Desk::Instruments.new(desk).replace(sent[:instruments]) }
      end
    end
  end
end
