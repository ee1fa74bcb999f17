# frozen_string_literal: true

require "json"
require "net/http"
require "puma"
require "securerandom"
require "socket"

module Munimen
  module Bench
    # Kills the server with SIGKILL at random moments while people write, again and again, and
    # looks each time whether everything that was acknowledged is there, the database is sound,
    # and nothing is half written.
    #
    #   KillTrial.new(folder, visits: [id, …], signed: id, sign_in: [email, password]).run(200)
    class KillTrial
      WRITERS = 3
      LONGEST = 0.6 # s from the first acknowledged writes until the kill
      KINDS = %i[reading customer amendment].freeze
      PATHS = { reading: "readings", customer: "customers", amendment: "amendments" }.freeze

      # folder: of the data; nothing of this process may hold it open. visits: open ones; signed:
      # one that is amended.
      def initialize(folder, visits:, signed:, sign_in:, seed: 1)
        @folder = folder
        @visits = visits
        @signed = signed
        @sign_in = sign_in
        @random = Random.new(seed)
        @acknowledged = Queue.new
        @told = []
      end

      # {kills:, acknowledged:, lost:, damaged:, half:, problems:}
      def run(kills)
        lost = damaged = half = 0
        kills.times do
          killed_while_writing
          check do |gone, sound, halves|
            lost += gone
            damaged += 1 unless sound
            half += halves
          end
        end
        { kills:, acknowledged: @told.size, lost:, damaged:, half: }
      end

      private

      def killed_while_writing
        port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
        pid = fork { serve(port) }
        wait(port)
        enter(port)
        writers = Array.new(WRITERS) do |index|
          Thread.new { write(port, Random.new(@random.rand(1 << 30) + index)) }
        end
        sleep 0.005 until @acknowledged.size >= WRITERS || writers.none?(&:alive?)
        sleep @random.rand * LONGEST
        Process.kill(:KILL, pid)
        Process.wait(pid)
        writers.each(&:join)
        @told << @acknowledged.pop until @acknowledged.empty?
      end

      def serve(port)
        $stderr.reopen(File::NULL)
        config = Web::Config.new(@folder)
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
      end

      # Signs in the first time; the session goes on after each kill.
      def enter(port)
        return if @cookie

        Net::HTTP.start("127.0.0.1", port) do |http|
          token(http)
          request(http, "/auth/login", login: @sign_in[0], password: @sign_in[1])
          token(http)
        end
      end

      def token(http)
        answer = http.get("/api/session", @cookie ? { "Cookie" => @cookie } : {})
        keep(answer)
        @token = JSON.parse(answer.body)["csrf"]
      end

      def keep(answer) = answer["set-cookie"] && (@cookie = answer["set-cookie"].split(";").first)

      def request(http, path, **body)
        answer = http.post(
          path,
          JSON.generate(body),
          "Content-Type" => "application/json",
          "X-CSRF-Token" => @token,
          "Cookie" => @cookie
        )
        keep(answer) if path.start_with?("/auth")
        answer
      end

      # Writes until the server is gone.
      def write(port, random)
        Net::HTTP.start("127.0.0.1", port, read_timeout: 5) do |http|
          loop do
            kind = KINDS[random.rand(KINDS.size)]
            id = SecureRandom.uuid
            answer = send(kind, http, id, random)
            @acknowledged << [kind, id] if answer.code == "200"
          end
        end
      rescue SystemCallError, IOError, Net::ReadTimeout
        nil
      end

      def reading(http, id, random)
        request(
          http,
          "/api/visits/#{@visits[random.rand(@visits.size)]}/readings",
          id:,
          name: "static_pressure",
          value: random.rand(40..80).to_s
        )
      end

      def customer(http, id, random)
        request(http, "/api/customers", id:, name: "Customer #{random.rand(10_000)}")
      end

      def amendment(http, id, random)
        request(
          http,
          "/api/visits/#{@signed}/amendments",
          id:,
          reason: "Trial",
          text: "Number #{random.rand(10_000)}"
        )
      end

      # Yields what was lost, whether the database is sound, and how many amendments are there
      # without their seal or seals without theirs.
      def check
        database = Store::Database.open(File.join(@folder, "munimen.sqlite3"))
        records = Store::Records.new(database, folder: @folder)
        ids = PATHS.to_h do |kind, table|
          [kind, database[table.to_sym].select_map(:id).to_h { |id| [id, true] }]
        end
        gone = @told.count { |kind, id| !ids[kind].key?(id) }
        sound =
          database.fetch("PRAGMA integrity_check").first.values == ["ok"] &&
          database.fetch("PRAGMA foreign_key_check").all.empty?
        yield gone, sound, records.seals.problems(records.photo_files).size
      ensure
        database.disconnect
      end
    end
  end
end
