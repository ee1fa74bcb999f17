# frozen_string_literal: true

require "fileutils"
require "monitor"

module Munimen
  module Store
    # The records of training runs, each in a database of its own.
    class TrainingFiles
      def initialize(folder) = @folder = folder

      # The latest touched first.
      def tokens
        Dir[File.join(@folder, "*.sqlite3")].sort_by { |file| -File.mtime(file).to_f }
                                            .map { |file| File.basename(file, ".sqlite3") }
      end

      def there?(token) = File.exist?(path(token))
      def touched(token) = File.mtime(path(token))
      # Account that a run belongs to; nil where that cannot be read.
      def trainee(token) = Training.trainee(path(token))
      def records(token) = Records.new(Database.open(path(token)), folder: "#{path(token)}.files")

      def make(token)
        FileUtils.mkdir_p(@folder, mode: 0o700)
        records(token)
      end

      def close(records) = records.database.disconnect
      def remove(token) = FileUtils.rm_rf(Dir["#{path(token)}*"])

      # What several who work on one run take turns by.
      def lock = Monitor.new

      private

      def path(token) = File.join(@folder, "#{token}.sqlite3")
    end
  end
end
