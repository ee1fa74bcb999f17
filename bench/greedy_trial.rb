# frozen_string_literal: true

require "socket"

module Munimen
  module Bench
    # Clients that are slow or greedy, and a plumber who works meanwhile: bodies that come a byte a
    # second, bodies of 60 MB, streams that are never read, and answers that nobody fetches.
    class GreedyTrial
      include Timing

      SLOW = 1_200
      LARGE = 8
      LARGE_BYTES = 60_000_000
      STREAMS = 200
      UNREAD = 20 # connections that ask a hundred times and read nothing
      SECONDS = 30

      # Yields a server with demo data of its own, a plumber signed in, or who is named.
      def self.with_server(who = "plumber")
        folder = Dir.mktmpdir("munimen-bench")
        Demo::Seed.call(Web::Config.new(folder))
        served = Served.serve(folder)
        served.sign_in("#{who}@tallowreed.example", Demo::Seed::PASSWORD)
        yield served, folder
      ensure
        served&.stop
        FileUtils.rm_rf(folder)
      end

      # served: Served, signed in as a plumber; visit: one that is under way. Yields name, value,
      # unit, wanted of each row.
      def initialize(served, visit, &row)
        @served = served
        @visit = visit
        @row = row
        @held = []
      end

      def run
        feeders = [slow, large, Thread.new { unread }]
        streams
        sleep 2
        times = readings
        @row.call("readings beside #{SLOW} slow bodies, #{LARGE} of 60 MB, #{@streams} streams " \
                  "and #{UNREAD} that do not read", times.size, "", "")
        @row.call("their p95", times.sort[(times.size * 0.95).ceil - 1], "ms", "< 1000")
        @row.call("the longest", times.max, "ms", "")
        @row.call("memory of the server", @served.memory_mb, "MB", "< 250")
      ensure
        feeders&.each(&:kill)
        @held.each { |one| one.close unless one.closed? }
      end

      private

      def ends = @ends ||= clock + SECONDS

      def readings
        times = []
        while clock < ends
          start = clock
          @served.post(
            "/api/visits/#{@visit}/readings",
            { id: SecureRandom.uuid, name: "static_pressure", value: rand(55..64).to_s }
          )
          times << ((clock - start) * 1000)
          sleep 0.3
        end
        times
      end

      def connect = TCPSocket.new("127.0.0.1", @served.port).tap { |one| @held << one }

      # A connection into which hardly anything fits.
      def small_window
        Socket.new(:INET, :STREAM).tap do |one|
          one.setsockopt(:SOCKET, :RCVBUF, 2_048)
          one.connect(Socket.sockaddr_in(@served.port, "127.0.0.1"))
          @held << one
        end
      end

      def head(path, length)
        "POST #{path} HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n" \
          "Content-Length: #{length}\r\n\r\n"
      end

      # A byte a second each.
      def slow
        sockets = Array.new(SLOW) { connect.tap { |one| one.write(head("/auth/login", 5_000)) } }
        Thread.new do
          while clock < ends
            sockets.each { |one| trickle(one) }
            sleep 1
          end
        end
      end

      def trickle(socket)
        socket.write_nonblock("x", exception: false)
      rescue SystemCallError, IOError
        nil
      end

      def large
        Thread.new do
          Array.new(LARGE) do
            Thread.new do
              connect.then do |one|
                one.write(head("/api/today", LARGE_BYTES))
                (LARGE_BYTES / 100_000).times { one.write("x" * 100_000) }
              rescue SystemCallError, IOError
                nil
              end
            end
          end.each(&:join)
        end
      end

      def streams
        @streams = STREAMS.times.count do
          @held << @served.events("/api/visits/#{@visit}/events")
        rescue SystemCallError, NoMethodError
          false
        end
      end

      # Asked for again and again: the largest file of the interface.
      def unread
        files = Dir[File.join(Web::Stack::Interface::PUBLIC, "assets/*.js")]
        path = "/assets/#{File.basename(files.max_by { |file| File.size(file) })}"
        Array.new(UNREAD) { small_window }.each do |one|
          100.times { one.write_nonblock("GET #{path} HTTP/1.1\r\nHost: localhost\r\n\r\n") }
        rescue SystemCallError, IOError
          next
        end
      end
    end
  end
end
