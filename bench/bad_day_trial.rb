# frozen_string_literal: true

require "open3"
require "sqlite3"
require "timeout"

module Munimen
  module Bench
    # A machine on a bad day, by the command line alone: databases damaged at random, a folder that
    # another process has, a port that is taken, a folder that may not be written to. What a person
    # is told must name what is wrong, and nothing listens on what is broken.
    class BadDayTrial
      PAGE = 4096 # bytes
      NOBODY = 65_534 # a user who may nothing
      RAW = /\bErrno::|\bSQLite3::|\bSequel::|\.rb:\d+/

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(count)
        Dir.mktmpdir("munimen-badday") do |folder|
          FileUtils.chmod(0o755, folder)
          config = Web::Config.new(good = File.join(folder, "good"))
          Demo::Seed.call(config)
          config.records.database.disconnect
          damaged(good, folder, count)
          taken(good)
          read_only(good) if Process.uid.zero?
        end
        @row.call("raw errors on the screen", @raw.to_i, "", "0")
      end

      private

      # SQLite's own check says which of the copies are damaged.
      def damaged(good, folder, count)
        random = Random.new(31)
        told = Array.new(count) do |number|
          copy = File.join(folder, "copy#{number}")
          FileUtils.cp_r(good, copy)
          hurt(File.join(copy, "munimen.sqlite3"), random)
          broken = !sound?(File.join(copy, "munimen.sqlite3"))
          broken && [doctor?(copy), serves?(copy)]
        ensure
          FileUtils.rm_rf(copy)
        end
        broken = told.select(&:itself)
        @row.call("databases damaged, of #{count} with eight pages written over", broken.size, "",
                  "")
        @row.call("of them told by doctor", broken.count(&:first), "", broken.size.to_s)
        @row.call("of them served", broken.count(&:last), "", "0")
      end

      def hurt(file, random)
        pages = File.size(file) / PAGE
        File.open(file, "r+b") do |io|
          8.times do
            io.seek(random.rand(1...pages) * PAGE)
            io.write(random.bytes(PAGE))
          end
        end
      end

      def sound?(file)
        base = SQLite3::Database.new(file, readonly: true)
        base.execute("PRAGMA integrity_check").flatten == ["ok"]
      rescue SQLite3::Exception
        false
      ensure
        base&.close
      end

      def doctor?(folder) = said(folder, "doctor").match?(/damaged/i)

      # Whether it listens; stopped again.
      def serves?(folder)
        said(folder, "serve", "0", seconds: 6).match?(/http:/)
      end

      # Twice at once, and on a port that another has.
      def taken(good)
        served = Served.serve(good)
        again = said(good, "serve", "0")
        told = again.match?(/process \d+|another|already/i)
        @row.call("a second process is told who has the folder", told ? "yes" : again, "", "yes")
        port = said(Dir.mktmpdir, "serve", served.port.to_s)
        @row.call("a taken port is told first, without an address",
                  port.match?(/taken|in use/i) && !port.match?(/http:/) ? "yes" : port, "", "yes")
      ensure
        served&.stop
      end

      def read_only(good)
        FileUtils.chmod_R("a=rX", good)
        told = said(good, "serve", "0", as: NOBODY)
        @row.call("a folder that may not be written to", told.match?(/written/) ? "told" : told, "",
                  "told")
      end

      # What a command says within so many seconds.
      def said(folder, *words, seconds: 20, as: nil)
        read, write = IO.pipe
        process = fork do
          [$stdout, $stderr].each { |io| io.reopen(write) }
          Process::UID.change_privilege(as) if as
          ENV["MUNIMEN_DATA"] = folder
          exec(File.join(ROOT, "bin/munimen"), *words)
        end
        write.close
        text = until_said(read, seconds)
        @raw = @raw.to_i + 1 if text.match?(RAW)
        text
      ensure
        Process.kill(:KILL, process)
        Process.wait(process)
        read.close
      end

      def until_said(read, seconds)
        text = +""
        Timeout.timeout(seconds) { text << read.readpartial(4096) until text.match?(/http:/) }
        text
      rescue EOFError, Timeout::Error
        text
      end
    end
  end
end
