# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Photographs, as they were kept.
      class Photos < Resource
        raw(:photo) do
          headers "content-disposition" => "inline"
          picture records.photos.find(id)
        end
        on(:photoPart) { Desk::PhotoPart.new(desk).call(id, **sent) }
      end
    end
  end
end
