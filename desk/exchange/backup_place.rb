# frozen_string_literal: true

require "fileutils"

module Munimen
  module Desk
    # Another folder of the machine that each night's backup is copied to: a disk of its own, or
    # what another machine lends. Without one they lie beside what they are to save.
    class BackupPlace
      # records: Store::Records; folder: the data folder.
      def initialize(records, folder)
        @records = records
        @folder = File.expand_path(folder)
      end

      def path = @records.settings[:backup_place]

      # The folder of a path, or nil for none. Raises Error where nothing can be written there.
      def set(path)
        place = path.to_s.strip
        return @records.settings[:backup_place] = nil if place.empty?

        refuse("must begin with /, such as /mnt/backup") unless place.start_with?("/")
        place = File.expand_path(place)
        refuse("must lie outside the data folder") if "#{place}/".start_with?("#{@folder}/")
        refuse("is not there: make the folder, or mount its disk") unless File.directory?(place)
        refuse("cannot be written to by this program") unless File.writable?(place)
        @records.settings[:backup_place] = place
      end

      # Copies a backup there, whole or not at all, and keeps the latest `keep`. Raises where that
      # fails.
      def take(file, keep: 14)
        place = path or return
        target = File.join(place, File.basename(file))
        unless File.exist?(target)
          Store::WholeFile.write(target) do |partial|
            FileUtils.cp(file, partial)
            File.chmod(0o600, partial)
          end
        end
        Dir[File.join(place, "munimen-????????.zip*")].reject { |one| one.end_with?(".part") }
          .sort[0...-keep].each { |old| File.delete(old) }
        target
      end

      private

      def refuse(what)
        raise Error.new(Message.of("The backup place {what}.",
                                   what:), field: :place, code: :invalid)
      end
    end
  end
end
