# frozen_string_literal: true

require "digest"
require "fileutils"

module Munimen
  module Store
    # Bytes on disk by their own SHA-256, such as photographs and signed reports; the same bytes
    # twice are one file.
    class Files
      def initialize(folder) = @folder = folder

      # Writes bytes safely (the name appears when they are all there) and returns their hash.
      def write(bytes)
        hash = Digest::SHA256.hexdigest(bytes)
        path = path(hash)
        return hash if File.exist?(path)

        FileUtils.mkdir_p(File.dirname(path))
        File.open("#{path}.#{Process.pid}", "wb") { |file| file.write(bytes) && file.fsync }
        File.rename("#{path}.#{Process.pid}", path)
        hash
      end

      def read(hash) = File.binread(path(hash))
      def exist?(hash) = File.file?(path(hash))
      # Whether the bytes are there and still are what they were.
      def sound?(hash) = exist?(hash) && Digest::SHA256.file(path(hash)).hexdigest == hash
      def path(hash) = File.join(@folder, hash[0, 2], hash)
    end
  end
end
