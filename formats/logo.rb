# frozen_string_literal: true

require "prawn"
require "stringio"
require "zlib"

module Munimen
  module Formats
    # The firm's logo as a data: address of a PNG or JPEG, small enough to go with every page.
    module Logo
      LARGEST = 120_000 # characters
      FORM = %r{\Adata:image/(?:png|jpeg);base64,([A-Za-z0-9+/]+=*)\z}

      module_function

      # The same text, where it can be printed. Raises Error.
      def check!(text)
        unless text.match?(FORM) && text.size <= LARGEST
          raise Error.new("The logo must be a PNG or JPEG of at most 90 kB.",
                          field: :logo, code: :not_an_image)
        end

        Prawn::Document.new.image(file(text), fit: [150, 40])
        text
      rescue Prawn::Errors::UnsupportedImageType, ArgumentError, NoMethodError, Zlib::Error
        raise Error.new("This picture cannot be printed: save it as a plain PNG or JPEG.",
                        field: :logo, code: :not_an_image)
      end

      def file(text) = StringIO.new(text[FORM, 1].unpack1("m0"))
    end
  end
end
