# frozen_string_literal: true

require "open3"

module Munimen
  module Cli
    class Doctor
      # The program as it is set up, and the folder that it keeps its data in.
      class Room
        include Words

        LEAST = 100_000_000 # bytes of disk without which nothing can be written for long
        BETTER = 1_000_000_000

        def initialize(folder) = @folder = folder

        def findings
          return [program, missing] unless File.directory?(@folder)
          return [program, closed] unless File.writable?(@folder) && File.readable?(@folder)

          [program, own, disk]
        end

        private

        # Gems and interface as this version of the program wants them.
        def program
          said, status = Open3.capture2e(File.join(ROOT, "bin/setup"), "--check")
          return well("Gems and interface are of this version, #{VERSION}.") if status.success?

          wrong(said.lines.last.to_s.strip.delete_prefix("✗ "), "bin/setup")
        end

        def missing
          wrong("There is no data folder #{@folder}.",
                "Start once: bin/munimen serve; or set MUNIMEN_DATA.")
        end

        def closed
          wrong("The data folder #{@folder} cannot be written to.",
                "Give it to the account that the server runs as: chown -R.")
        end

        def own
          names = ["", "session.secret", "munimen.sqlite3"].map { |name| File.join(@folder, name) }
          open = names.select { |one| File.exist?(one) && File.stat(one).mode.anybits?(0o077) }
          return well("The data folder is open to its owner only.") if open.empty?

          wrong("Others on this machine can read #{open.join(", ")}.", "chmod -R go= #{@folder}")
        end

        def disk
          said, = Open3.capture2("df", "-Pk", @folder)
          free = said.lines.last.split[3].to_i * 1024
          told = "#{(free / 1e9).round(1)} GB free where the data is."
          return well(told) if free >= BETTER
          return watch(told, "Make room before photographs fill it.") if free >= LEAST

          wrong(told, "Make room, or move the folder: soon nothing can be written.")
        end
      end
    end
  end
end
