# frozen_string_literal: true

module Munimen
  module Store
    # One process has the data folder: a lock of the system on a file in it, which dies with the
    # process, whatever kills it.
    #
    #   FolderLock.take(folder)  # raises Refused when another process has it, Error when it cannot
    #                            # be written to
    module FolderLock
      NAME = "munimen.lock"

      module_function

      # Takes it for this process, and keeps it until the process ends; taking it twice is one.
      def take(folder)
        @held ||= {}
        @held[File.expand_path(folder)] ||= lock(File.join(folder, NAME))
      end

      # Raises Refused when another process has it; takes nothing.
      def check(folder)
        path = File.join(folder, NAME)
        lock(path).close if File.exist?(path)
      end

      def lock(path)
        file = File.new(path, File::RDWR | File::CREAT, 0o600)
        unless file.flock(File::LOCK_EX | File::LOCK_NB)
          holder = file.read.to_s[/\d+/]
          file.close
          raise Refused.new(
            Message.of("Another Munimen (process {holder}) has this data folder. Do it there, or " \
                       "stop it first.",
                       holder: holder || "?"),
            code: :folder_taken
          )
        end

        file.truncate(0)
        file.write("#{Process.pid}\n")
        file.flush
        file
      rescue Errno::EACCES, Errno::EROFS, Errno::EPERM
        raise Error.new(Message.of("The data folder {folder} cannot be written to: give it to " \
                                   "the account that the server runs as (chown -R).",
                                   folder: File.dirname(path)), code: :read_only)
      end
    end
  end
end
