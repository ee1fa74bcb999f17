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
    # and nothing is half written or left over. With heavy work, every second time it is killed in
    # the midst of that.
    #
    #   KillTrial.new(folder, visits: [id, …], signed: id, sign_in: [email, password]).run(200)
    class KillTrial
      WRITERS = 3
      LONGEST = 0.6 # s from the first acknowledged writes until the kill
      KINDS = %i[reading customer amendment].freeze
      PATHS = {
        reading: "readings",
        customer: "customers",
        amendment: "amendments",
        photo: "photos",
        sign: "visits"
      }.freeze
      FRESH = 300 # s after which the password is given again

      # folder: of the data; nothing of this process may hold it open. visits: open ones; signed:
      # one that is amended. heavy: HeavyWork, or nil.
      def initialize(folder, visits:, signed:, sign_in:, seed: 1, heavy: nil)
        @folder = folder
        @visits = visits
        @signed = signed
        @sign_in = sign_in
        @random = Random.new(seed)
        @acknowledged = Queue.new
        @told = []
        @heavy = heavy
        @inside = Hash.new(0)
        @left = 0
      end

      # {kills:, acknowledged:, lost:, damaged:, half:, left:, inside: {kind => kills}, kinds:
      # {kind => acknowledged}}
      def run(kills)
        lost = damaged = half = 0
        kills.times do |number|
          kind = HeavyWork::KINDS.sample(random: @random) if @heavy && number.odd?
          killed_while_writing(kind)
          check do |gone, sound, halves|
            lost += gone
            damaged += 1 unless sound
            half += halves
          end
        end
        kinds = @told.map(&:first).tally
        { kills:, acknowledged: @told.size, kinds:, lost:, damaged:, half:, left: @left,
          inside: @inside }
      end

      private

      # What was written after a backup was taken is gone with its restore, and rightly so: nobody
      # writes beside that.
      def killed_while_writing(kind)
        @heavy.prepare(@folder) if kind == :restore
        port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
        pid = fork { serve(port) }
        wait(port)
        @left += Web::Config::LEFT_OVERS.sum { |name| Dir[File.join(@folder, name)].size }
        enter(port)
        writers = kind == :restore ? [] : writing(port)
        writers << heavy(port, kind) if kind
        sleep @random.rand * LONGEST
        Process.kill(:KILL, pid)
        Process.wait(pid)
        writers.each(&:join)
        @told << @acknowledged.pop until @acknowledged.empty?
      end

      def writing(port)
        writers = Array.new(WRITERS) do |index|
          Thread.new { write(port, Random.new(@random.rand(1 << 30) + index)) }
        end
        sleep 0.005 until @acknowledged.size >= WRITERS || writers.none?(&:alive?)
        writers
      end

      def heavy(port, kind)
        @inside[kind] += 1
        random = Random.new(@random.rand(1 << 30))
        Thread.new do
          Net::HTTP.start("127.0.0.1", port, read_timeout: 20) do |http|
            done = @heavy.call(kind, random) { |*given| sent(http, *given) }
            @acknowledged << done if done
          end
        rescue SystemCallError, IOError, Net::ReadTimeout
          nil
        end
      end

      # A request as HeavyWork wants it.
      def sent(http, path, type, body)
        headers = { "X-CSRF-Token" => @token, "Cookie" => @cookie }
        if body
          http.post(path, body,
        headers.merge("Content-Type" => type))
        else
          http.get(path, headers)
        end
      end

      def serve(port)
        $stderr.reopen(File::NULL)
        config = Web::Config.new(@folder).tap(&:take!)
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
        return if @cookie && Time.now - @entered < FRESH

        @cookie = nil
        @entered = Time.now
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
          rows = database[table.to_sym]
          rows = rows.where(status: "signed") if kind == :sign
          [kind, rows.select_map(:id).to_h { |id| [id, true] }]
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
