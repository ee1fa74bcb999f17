# frozen_string_literal: true

require "tempfile"

module Munimen
  module Formats
    # The text of a table, whatever program wrote it: UTF-8, UTF-16 or Windows-1252; lines that end
    # with LF, CR LF or CR; cells apart by comma, semicolon, tab, bar or spaces, or by what a first
    # line “sep=;” says.
    module TableText
      SEPARATORS = ["\t", ";", ",", "|"].freeze
      SPACES = " "
      SAID = /\A\uFEFF?"?sep=(.)"?\s*\z/i
      LOOK = 4096 # bytes by which its encoding and its lines' ends are told
      AT_ONCE = 1 << 20
      WIDE = { "\xFF\xFE".b => "UTF-16LE", "\xFE\xFF".b => "UTF-16BE" }.freeze
      LENIENT = { invalid: :replace, undef: :replace, replace: "" }.freeze

      module_function

      # [io, end of a line] of an io: its lines are then UTF-8, but for single wrong ones, which
      # `line` mends.
      def opened(io)
        io = narrowed(io) if wide(start(io))
        head = start(io)
        [io, head.include?("\r") && !head.include?("\n") ? "\r" : "\n"]
      end

      # The whole of some bytes in UTF-8, with lines that end with LF. Raises Error where they are
      # no text.
      def whole(bytes)
        bytes = bytes.b
        wide = wide(bytes.byteslice(0, LOOK))
        text = wide ? bytes.encode(Encoding::UTF_8, wide, **LENIENT) : line(bytes)
        text.delete_prefix("\uFEFF").gsub(/\r\n?/, "\n")
      end

      # A line without its end; one that is not UTF-8 is read as Windows-1252.
      def line(text)
        text = text.dup.force_encoding(Encoding::UTF_8) if text.encoding == Encoding::BINARY
        return text if text.valid_encoding?

        text.dup.force_encoding(Encoding::Windows_1252).encode(Encoding::UTF_8, **LENIENT)
      end

      # What stands between the cells of some lines: what they say, else what parts most of them.
      def separator(lines)
        said = lines.first.to_s[SAID, 1]
        return said if said

        best = SEPARATORS.max_by { |one| parted(lines, one) }
        parted(lines, best) * 2 >= lines.size ? best : SPACES
      end

      def parted(lines, separator) = lines.count { |line| line.include?(separator) }

      # The encoding of UTF-16 bytes, by their mark or by where their zeros stand; nil for others.
      def wide(bytes)
        marked = WIDE[bytes.byteslice(0, 2)] and return marked
        zeros = [0, 1].map { |first| zeros(bytes, first) }
        return if zeros.max * 5 < bytes.bytesize

        zeros[0] > zeros[1] ? "UTF-16BE" : "UTF-16LE"
      end

      # How many zeros stand at every second place from the first one.
      def zeros(bytes, first)
        first.step(bytes.bytesize - 1, 2).count { |at| bytes.getbyte(at).zero? }
      end

      def start(io)
        io.rewind
        io.read(LOOK).to_s.b.tap { io.rewind }
      end

      # An io of UTF-16 as one of UTF-8.
      def narrowed(io)
        converter = Encoding::Converter.new(wide(start(io)), "UTF-8", invalid: :replace,
          undef: :replace)
        io.binmode
        out = Tempfile.new("table", encoding: Encoding::UTF_8)
        while (chunk = io.read(AT_ONCE))
          out << converter.convert(chunk)
        end
        out.tap(&:flush).tap(&:rewind)
      end
    end
  end
end
