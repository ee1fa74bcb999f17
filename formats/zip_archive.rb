# frozen_string_literal: true

require "zip"
require "zlib"

module Munimen
  module Formats
    # A zip with only the names that are expected: written the same for the same content; read
    # with bounds, so that a file that unfolds without end, or names that lead elsewhere, do no
    # harm.
    module ZipArchive
      ENTRIES = 500_000
      LARGEST = 20_000_000_000 # bytes of all, unfolded
      RATIO = 250              # unfolded over folded of one entry
      STILL = Time.utc(1980, 1, 1).freeze

      module_function

      # entries: an Enumerable of [name, bytes or path (as {path:})] in order. Writes to `path`.
      def write(path, entries)
        Zip::OutputStream.open(path) do |zip|
          entries.each do |name, content|
            entry = Zip::Entry.new(
              nil,
              name,
              time: Zip::DOSTime.at(STILL),
              compression_method:
                (
                  if name.start_with?("photos/") || name.end_with?(".gz", ".jpg", ".sqlite3")
                    Zip::Entry::STORED
                  else
                    Zip::Entry::DEFLATED
                  end
                )
            )
            entry.extra.clear
            zip.put_next_entry(entry)
            if content.is_a?(Hash)
              File.open(content[:path], "rb") { |file| copy(file, zip) }
            else
              zip.write(content)
            end
          end
        end
      end

      def copy(file, zip)
        while (part = file.read(1 << 20))
          zip.write(part)
        end
      end

      # Yields [name, Zip::Entry] of every entry, after all have been looked at. allowed: pattern
      # of names. Raises Error naming what is wrong.
      def read(path, allowed:)
        Zip::File.open(path) do |zip|
          entries = zip.entries.reject(&:directory?)
          check(entries, allowed)
          yield entries.to_h { |entry| [entry.name, entry] }
        end
      rescue Zip::Error, Zlib::Error, EOFError, ArgumentError, RangeError => e
        raise Error.new(
          Message.of("This is not a whole zip file ({error}).",
                     error: e.class.name.split("::").last),
          field: :file,
          code: :not_zip
        )
      end

      def check(entries, allowed)
        if entries.size > ENTRIES
          raise Error.new(
            Message.of("The file holds more than {entries} entries.", entries: ENTRIES),
            field: :file,
            code: :too_long
          )
        end
        if entries.sum(&:size) > LARGEST
          raise Error.new(
            Message.of("The file would unfold to more than {largest} GB.",
                       largest: LARGEST / 1_000_000_000),
            field: :file,
            code: :too_long
          )
        end

        entries.each do |entry|
          good = allowed.match?(entry.name) && !entry.symlink?
          unless good
            raise Error.new(
              Message.of("The file holds “{name}”, which does not belong into it.",
                         name: entry.name.to_s.scrub.slice(0, 60)),
                    field: :file,
                    code: :bad_name
            )
          end
          if entry.size > 1_000_000 && entry.size > entry.compressed_size * RATIO
            raise Error.new(Message.of("“{entry}” unfolds too far.",
                                       entry: entry.name), field: :file, code: :too_long)
          end
        end
        return unless entries.map(&:name).uniq.size < entries.size

        raise Error.new("The file holds the same name twice.", field: :file, code: :bad_name)
      end

      # Bytes of an entry, at most `most` whatever its header says. Raises Error beyond.
      def bytes(entry, most:)
        entry.get_input_stream do |stream|
          bytes = stream.read(most + 1).to_s
          if bytes.bytesize > most
            raise Error.new(
              Message.of("“{entry}” is larger than {most} bytes.", entry: entry.name, most:),
              field: :file,
              code: :too_long
            )
          end

          bytes
        end
      end

      # Writes an entry into a file, counting what comes out against what was announced.
      def unfold(entry, path)
        left = entry.size
        File.open(path, "wb") do |file|
          entry.get_input_stream do |stream|
            while (part = stream.read(1 << 20))
              if (left -= part.bytesize).negative?
                raise Error.new(
                  Message.of("“{entry}” is larger than it says.", entry: entry.name),
                  field: :file,
                  code: :too_long
                )
              end

              file.write(part)
            end
          end
          file.fsync
        end
      end
    end
  end
end
