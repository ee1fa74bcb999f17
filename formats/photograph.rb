# frozen_string_literal: true

module Munimen
  module Formats
    # A JPEG or PNG, told by its content, stripped of everything but the picture: no EXIF, so no
    # position.
    #
    #   Photograph.read(bytes).media_type # => "image/jpeg"
    class Photograph
      LARGEST_SIDE = 6000
      PNG = "\x89PNG\r\n\x1A\n".b
      # Chunks of a PNG that make the picture.
      PNG_KEPT = %w[IHDR PLTE tRNS IDAT IEND].freeze
      FRAMES = [0xC0, 0xC1, 0xC2].freeze
      # A marker after the data of a scan: neither a stuffed byte nor a restart.
      AFTER_SCAN = /\xFF[^\x00\xD0-\xD7\xFF]/n

      attr_reader :bytes, :media_type

      # Raises Error when the bytes are neither, are damaged, or are too large a picture.
      def self.read(bytes)
        bytes = bytes.b
        return new(png(bytes), "image/png") if bytes.start_with?(PNG)
        return new(jpeg(bytes), "image/jpeg") if bytes.start_with?("\xFF\xD8\xFF".b)

        refuse("A photo must be a JPEG or a PNG.")
      end

      def initialize(bytes, media_type)
        @bytes = bytes
        @media_type = media_type
      end

      class << self
        private

        def refuse(text) = raise(Error.new(text, field: :data, code: :not_a_photo))

        # Every segment to the end of the picture, without the application's and comments, wherever
        # they stand; what comes after the picture is not kept.
        def jpeg(bytes)
          kept = bytes[0, 2]
          at = 2
          sized = false
          until (kind = marker(bytes, at)) == 0xD9
            size = segment(bytes, at)
            sized ||= FRAMES.include?(kind) && sides(*bytes[at + 5, 4].unpack("n2"))
            kept << bytes[at, size] unless (0xE1..0xEF).cover?(kind) || kind == 0xFE
            at += size
            next unless kind == 0xDA

            ends = bytes.index(AFTER_SCAN, at) or damaged_jpeg
            kept << bytes[at...ends]
            at = ends
          end
          sized ? kept << "\xFF\xD9".b : damaged_jpeg
        end

        def damaged_jpeg = refuse("The JPEG is damaged.")

        # The kind of the marker that stands here.
        def marker(bytes, at)
          word = bytes[at, 2]&.unpack1("n")
          word && word >> 8 == 0xFF ? word & 0xFF : damaged_jpeg
        end

        # The length of the segment that begins here, marker and all.
        def segment(bytes, at)
          length = bytes[at + 2, 2]&.unpack1("n").to_i
          length >= 2 && at + 2 + length <= bytes.bytesize ? 2 + length : damaged_jpeg
        end

        def png(bytes)
          kept = PNG.dup
          at = PNG.bytesize
          first = true
          loop do
            length, type = bytes[at, 8]&.unpack("Na4")
            unless type && type.size == 4 && at + 12 + length <= bytes.bytesize &&
                   (!first || type == "IHDR")
              refuse("The PNG is damaged.")
            end
            sides(*bytes[at + 8, 8].unpack("N2")) if first
            first = false
            kept << bytes[at, 12 + length] if PNG_KEPT.include?(type)
            at += 12 + length
            return kept if type == "IEND"
          end
        end

        # The sides, when a picture may have them.
        def sides(one, other)
          if [one, other].max > LARGEST_SIDE || [one, other].min.zero?
            refuse(Message.of("The photo is larger than {largest_side} pixels a side.",
                              largest_side: LARGEST_SIDE))
          end
          [one, other]
        end
      end
    end
  end
end
