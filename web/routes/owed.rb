# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What is owed, and what was decided about it.
      class Owed < Resource
        on(:owed) { Desk::Owed.new(desk).call(show: params["show"] || "open") }
        on(:decideOwed) { Desk::Owed.new(desk).decide(params["key"], **sent) }
      end
    end
  end
end
