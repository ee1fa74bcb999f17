# frozen_string_literal: true

module Munimen
  module Desk
    # Takes a photograph in parts, so that a line that breaks costs one part; AddPhoto puts them
    # together.
    class PhotoPart
      def initialize(context) = @context = context

      # from: where the part begins (bytes); data: Base64, or nothing to ask how much is there.
      # {have: bytes}. A part that does not go on from there is not taken.
      def call(id, from:, data:)
        @context.may!(:visit)
        return { have: AddPhoto::LARGEST } if @context.records.photos.written?(id)

        bytes = data.unpack1("m")
        if from + bytes.bytesize > AddPhoto::LARGEST
          raise Error.new(AddPhoto::TOO_LARGE, field: :data, code: :too_long)
        end

        { have: @context.records.uploads.append(@context.person[:id], id, from, bytes) }
      end
    end
  end
end
