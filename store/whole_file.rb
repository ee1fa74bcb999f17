# frozen_string_literal: true

require "fileutils"

module Munimen
  module Store
    # A file whose name appears when it is whole: what was begun of it is gone where that fails, as
    # on a full disk.
    module WholeFile
      module_function

      # Yields the path to write to, in the same folder; then it has the name. Returns the path.
      def write(path)
        partial = "#{path}.part"
        yield partial
        File.rename(partial, path)
        path
      ensure
        FileUtils.rm_f(partial)
      end
    end
  end
end
