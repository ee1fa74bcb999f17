# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What a household tells before a visit, by its link; and what the firm sees of it.
      class Told < Resource
        on(:before) { before.show(params["link"]) }
        on(:sayBefore) do
          before.say(params["link"], **sent.slice(:complaint, :words, :temperature))
        end
        on(:pictureBefore) { before.photograph(params["link"], **sent.slice(:id, :slot, :data)) }
        on(:beforeLink) { { link: Desk::ToldBefore.new(desk, base:).link(id) } }
        raw(:toldPhoto) { picture Desk::ToldBefore.new(desk).picture(id) }

        private

        def before = Desk::ToldBefore.new(nobody)
      end
    end
  end
end
