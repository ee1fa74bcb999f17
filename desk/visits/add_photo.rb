# frozen_string_literal: true

module Munimen
  module Desk
    # Keeps a photograph of what was seen in a visit: a JPEG or PNG by its content, without the
    # data a camera adds (where, when, which camera).
    class AddPhoto
      LARGEST = 4_000_000 # bytes
      TOO_LARGE = "The photo is larger than 4 MB; take a smaller one."

      def initialize(context) = @context = context

      # subject: the Look item or part it shows. data: Base64; none where it came in parts
      # (PhotoPart). Raises Error when it is no photograph.
      def call(visit_id, id:, subject:, data: nil)
        @context.may!(:visit)
        VisitWrite.new(@context, visit_id).call(:photos, id) do |entry|
          image = Formats::Photograph.read(data ? whole(data) : parts(id))
          entry.add(
            :photos,
            id:,
            subject: @context.text!(subject, :subject, max: 80),
            media_type: image.media_type,
            **@context.records.photos.bytes(image.bytes)
          )
        end
        @context.records.uploads.drop(@context.person[:id], id) unless data
      end

      private

      def whole(data)
        return data.unpack1("m") if data.bytesize <= LARGEST * 4 / 3

        raise Error.new(TOO_LARGE, field: :data, code: :too_long)
      end

      def parts(id)
        @context.records.uploads.read(@context.person[:id], id) ||
          raise(Error.new("Send the photograph as data, or its parts before this.", field: :data))
      end
    end
  end
end
