# frozen_string_literal: true

require "fileutils"

module Munimen
  module Store
    # Bytes that come in parts over a poor line, until they are all there: each upload belongs to
    # the account that sends it. What nobody came back for goes after a month.
    class Uploads
      KEPT = 30 * 86_400 # s
      MOST = 200_000_000 # bytes of one account

      def initialize(folder) = @folder = folder

      # How many bytes are there.
      def size(account, id)
        path = path(account, id)
        File.file?(path) ? File.size(path) : 0
      end

      # Adds bytes where they go on from what is there; others change nothing. Answers the size.
      # Raises Error when the account has too much lying here.
      def append(account, id, from, bytes)
        FileUtils.mkdir_p(@folder)
        room!(account, bytes)
        File.open(path(account, id), File::RDWR | File::CREAT | File::BINARY, 0o600) do |file|
          file.flock(File::LOCK_EX)
          if file.size == from
            file.seek(0, IO::SEEK_END)
            file.write(bytes)
          end
          file.size
        end
      end

      # All of it, or nil when there is nothing.
      def read(account, id)
        path = path(account, id)
        File.binread(path) if File.file?(path)
      end

      def drop(account, id) = FileUtils.rm_f(path(account, id))

      private

      def path(account, id) = File.join(@folder, "#{account}-#{id.downcase}")

      def room!(account, bytes)
        old = Time.now - KEPT
        Dir[File.join(@folder, "*")].each { |file| FileUtils.rm_f(file) if File.mtime(file) < old }
        taken = Dir[File.join(@folder, "#{account}-*")].sum { |file| File.size(file) }
        return if taken + bytes.bytesize <= MOST

        raise Error.new("Too many photographs are half sent; finish those first.", field: :data,
                                                                                  code: :too_long)
      end
    end
  end
end
