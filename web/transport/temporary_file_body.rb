# frozen_string_literal: true

module Munimen
  module Web
    # A file as the body of an answer, sent in parts and deleted when the answer is over, sent or
    # not.
    class TemporaryFileBody
      PART = 1 << 20 # bytes

      def initialize(path) = @path = path

      def each
        File.open(@path, "rb") do |file|
          while (part = file.read(PART))
            yield part
          end
        end
      end

      def close = File.delete(@path)
    end
  end
end
