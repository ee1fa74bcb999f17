# frozen_string_literal: true

require "fileutils"

module Munimen
  module Desk
    # The passphrase with which backups and exports are encrypted, where the firm has set one. It is
    # kept sealed with the installation's secret, so that a nightly backup needs nobody; whoever
    # restores elsewhere has to know it.
    class Passphrase
      ENDING = ".age"

      def initialize(records) = @records = records

      def set? = !@records.settings[:backup_passphrase].nil?

      # An empty one unsets it. Raises Error where it is too short.
      def set(text)
        text = nil if text.to_s.empty?
        @records.settings[:backup_passphrase] =
          text && @records.secret_box.seal(Formats::AgeFile.passphrase!(text))
      end

      # Writes a file whole or not at all: as the block writes it to the path that it gets, or
      # encrypted, and then with one more ending. Returns where it is.
      def write(path, &)
        return Store::WholeFile.write(path, &) unless set?

        Store::WholeFile.write(path + ENDING) do |partial|
          open = "#{path}.part"
          yield open
          Formats::AgeFile.encrypt(open, partial, kept)
        ensure
          FileUtils.rm_f(open)
        end
      end

      # Path of a file as it was before it was encrypted, in a folder for the work. Raises Error on
      # a wrong passphrase, or where none is known.
      def open(path, work, given = nil)
        return path unless Formats::AgeFile.encrypted?(path)

        text = given.to_s.empty? ? (kept if set?) : given
        unless text
          raise Refused.new(
            "This file is encrypted: give its passphrase.",
            field: :passphrase,
            code: :passphrase_wanted
          )
        end

        File.join(work, "opened.zip").tap { |place| Formats::AgeFile.decrypt(path, place, text) }
      end

      private

      def kept
        @records.secret_box.open(@records.settings[:backup_passphrase]) or
          raise Refused.new("The passphrase of backups has to be set again.", code: :no_passphrase)
      end
    end
  end
end
