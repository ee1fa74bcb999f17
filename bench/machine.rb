# frozen_string_literal: true

require "puma"
require "socket"
require "sqlite3"

# The server's process opens what it needs itself: what else is open here is closed in it.
SQLite3::ForkSafety.suppress_warnings!

module Munimen
  module Bench
    # A server of a folder in a process of its own, which is killed as when the current goes.
    class Machine
      attr_reader :folder

      def initialize(folder) = @folder = folder

      # The port on which it listens by now.
      def start
        TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }.tap do |port|
          @process = fork { serve(port) }
          wait(port)
        end
      end

      def kill
        Process.kill(:KILL, @process)
        Process.wait(@process)
      end

      # Yields the database it left, whether that is sound, and what is wrong with its seals.
      def look
        database = Store::Database.open(File.join(folder, "munimen.sqlite3"))
        records = Store::Records.new(database, folder:)
        sound = database.fetch("PRAGMA integrity_check").first.values == ["ok"] &&
                database.fetch("PRAGMA foreign_key_check").all.empty?
        yield database, sound, records.seals.problems(records.photo_files)
      ensure
        database&.disconnect
      end

      private

      def serve(port)
        $stderr.reopen(File::NULL)
        config = Web::Config.new(folder).tap(&:take!)
        server = Puma::Server.new(Web::Stack.build(config))
        server.add_tcp_listener("127.0.0.1", port)
        server.run.join
      end

      def wait(port)
        600.times do
          TCPSocket.new("127.0.0.1", port).close
          return
        rescue Errno::ECONNREFUSED
          sleep 0.02
        end
        raise "The server of #{folder} does not start."
      end
    end
  end
end
