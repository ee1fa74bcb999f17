# frozen_string_literal: true

require "digest"
require "fileutils"
require "zlib"

module Munimen
  module Store
    # Pressure logs of heaters: what was told from them as JSON, and the files as they came,
    # compressed, by their SHA-256.
    class PressureLogs
      def initialize(database, folder)
        @rows = database[:pressure_logs]
        @folder = folder
      end

      def of_heater(heater_id) = @rows.where(heater_id:).order(:at).all.map { |row| read(row) }
      def find(id) = @rows.where(id:).first&.then { |row| read(row) }

      # Keeps a file (a path; it is moved) with what was told. The same id twice is one.
      def add(file:, told:, **attributes)
        hash = Digest::SHA256.file(file).hexdigest
        target = path(hash)
        FileUtils.mkdir_p(File.dirname(target))
        unless File.exist?(target)
          WholeFile.write(target) do |partial|
            Zlib::GzipWriter.open(partial) do |zip|
              File.open(file, "rb") { |io| IO.copy_stream(io, zip) }
            end
          end
        end
        @rows.insert_conflict(target: :id).insert(**attributes, hash:, told: JSON.generate(told))
      end

      def path(hash) = File.join(@folder, hash[0, 2], "#{hash}.csv.gz")

      private

      def read(row) = row.merge(told: JSON.parse(row[:told], symbolize_names: true))
    end
  end
end
