# frozen_string_literal: true

require "fileutils"
require "json_schemer"
require "tmpdir"

module Munimen
  module Desk
    # Everything as an open bundle (docs/formats/bundle.md): a zip with a JSON line for each row,
    # photographs, signed PDFs and logs; the same content gives the same bytes. It is read back
    # into an empty installation: all of it or nothing.
    class Bundle
      FORMAT = "munimen-bundle"
      VERSION = 1
      NAMES =
        %r{\A(bundle\.json|[a-z_]{3,30}\.ndjson|
              (?:photos|reports|logs)/[0-9a-f]{2}/[0-9a-f]{64}(?:\.csv\.gz)?)\z}x
      HEAD = 1_000_000
      LINE = 5_000_000 # bytes of a row
      AT_ONCE = 500
      ROOMS = Backup::ROOMS

      def self.schema(tables)
        {
          "$schema": "https://json-schema.org/draft/2020-12/schema",
          title: "Rows of a Munimen bundle, version #{VERSION}",
          "$defs": Store::BundleTables::ALL.to_h { |table| [table, tables.schema(table)] }
        }
      end

      def initialize(records, folder)
        @records = records
        @folder = folder
        @tables = Store::BundleTables.new(records.database)
      end

      # Returns the path that it is at; an encrypted one ends in .age.
      def write(path)
        Dir.mktmpdir("munimen-bundle", @folder) do |work|
          # one moment, whoever writes meanwhile
          rows = @records.database.transaction do
            Store::BundleTables::ALL.map do |table|
              ["#{table}.ndjson", { path: lines(table, work) }]
            end
          end
          head =
            JSON.pretty_generate(format: FORMAT, version: VERSION, tables: Store::BundleTables::ALL)
          Passphrase.new(@records).write(path) do |partial|
            Formats::ZipArchive.write(partial, [["bundle.json", head]] + rows + stored)
          end
        end
      end

      # Reads a bundle; returns {table => rows}. Raises Error naming file and line; then nothing
      # has been taken over.
      def read(path)
        unless @tables.empty?
          raise Refused.new(
            "A bundle is imported into an empty installation; there are data here already.",
            code: :not_empty
          )
        end

        Formats::ZipArchive.read(path, allowed: NAMES) do |entries|
          head!(entries)
          Dir.mktmpdir("munimen-import", @folder) do |work|
            files(entries, work)
            rooms = ROOMS.map { |room| File.join(work, room) }.select { |one| Dir.exist?(one) }
            counts = @records.write { rows(entries).tap { FileUtils.cp_r(rooms, @folder) } }
            @records.forget
            counts
          end
        end
      end

      private

      def lines(table, work)
        path = File.join(work, table.to_s)
        File.open(path, "w") { |file| @tables.each(table) { |row| file.puts JSON.generate(row) } }
        path
      end

      def stored
        files = ROOMS.flat_map { |room| Dir[File.join(@folder, room, "??", "*")] }
        files
          .map { |file| [file.delete_prefix("#{@folder}/"), { path: file }] }
          .select { |name, _| NAMES.match?(name) }
      end

      def head!(entries)
        head =
          entries["bundle.json"] &&
          JSON.parse(Formats::ZipArchive.bytes(entries["bundle.json"], most: HEAD))
        unless head.is_a?(Hash) && head["format"] == FORMAT
          raise Error.new("This is not a bundle of Munimen.", field: :file, code: :not_bundle)
        end
        return if head["version"].to_i.between?(1, VERSION)

        raise Error.new(
          Message.of("This bundle is of version {version}; this program reads 1 to {latest}.",
                     version: head["version"], latest: VERSION),
          field: :file,
          code: :too_new
        )
      rescue JSON::ParserError
        raise Error.new("bundle.json is not JSON.", field: :file, code: :not_bundle)
      end

      # Each file must be what its name says.
      def files(entries, work)
        entries.each do |name, entry|
          next unless name.include?("/")

          target = File.join(work, name)
          FileUtils.mkdir_p(File.dirname(target))
          Formats::ZipArchive.unfold(entry, target)
          if name.end_with?(".gz") || Digest::SHA256.file(target).hexdigest == File.basename(name)
            next
          end

          raise Error.new(Message.of("“{name}” is not the file of that name.",
                                     name:), field: :file, code: :damaged)
        end
      end

      def rows(entries)
        versions = {}
        counts = Store::BundleTables::ALL.to_h do |table|
          count =
            entries["#{table}.ndjson"] ? table(table, entries["#{table}.ndjson"], versions) : 0
          [table, count]
        end
        @tables.settle(versions)
        @records.customers.reindex_search
        counts
      rescue Store::Rejected => e
        raise Error.new(
          Message.of("The rows do not belong together: {message}", message: e.message[0, 160]),
          field: :file,
          code: :bad_row
        )
      end

      def table(table, entry, versions)
        schema = JSONSchemer.schema(JSON.parse(JSON.generate(@tables.schema(table))))
        number = 0
        each_line(entry).each_slice(AT_ONCE) do |lines|
          read = lines.map { |line| row(table, line, schema, number += 1) }
          read.each { |row| versions[row[:id]] = row[:version] } if table == :visits
          @tables.insert(table, read)
        end
        number
      end

      def each_line(entry)
        Enumerator.new do |lines|
          entry.get_input_stream do |stream|
            while (line = stream.gets("\n", LINE + 1))
              if line.bytesize > LINE
                raise Error.new(
                  Message.of("A line of {entry} is longer than {line} bytes.",
                             entry: entry.name, line: LINE),
                  field: :file,
                  code: :too_long
                )
              end

              lines << line
            end
          end
        end
      end

      def row(table, line, schema, number)
        row = JSON.parse(line.dup.force_encoding(Encoding::UTF_8))
        problem = schema.validate(row).first
        if problem
          raise Error.new(
            Message.of("{table}, line {number}: {at} {problem}.",
                       table:, number:, at: problem["data_pointer"], problem: problem["error"]),
            field: :file,
            code: :bad_row
          )
        end

        row.transform_keys(&:to_sym)
      rescue JSON::ParserError, EncodingError
        raise Error.new(Message.of("{table}, line {number} is not JSON.",
                                   table:, number:), field: :file, code: :bad_row)
      end
    end
  end
end
