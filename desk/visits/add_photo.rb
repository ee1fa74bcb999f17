# frozen_string_literal: true

module Munimen
  module Desk
    # Keeps a photograph of what was seen in a visit: a JPEG or PNG by its content, without the
    # data a camera adds (where, when, which camera).
    class AddPhoto
      LARGEST = 4_000_000 # bytes

      def initialize(context) = @context = context

      # subject: the Look item or part it shows. data: Base64. Raises Error when it is no
      # photograph.
      def call(visit_id, id:, subject:, data:)
        @context.may!(:visit)
        return if @context.records.photos.written?(id)

        @context.open_visit!(visit_id)
        if data.bytesize > LARGEST * 4 / 3
          raise Error.new(
            "The photo is larger than 4 MB; take a smaller one.",
            field: :data,
            code: :too_long
          )
        end

        image = Formats::Photograph.read(data.unpack1("m"))
        @context.records.photos.add(
          id:,
          visit_id:,
          subject: @context.text!(subject, :subject, max: 80),
          bytes: image.bytes,
          media_type: image.media_type,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
      end
    end
  end
end
