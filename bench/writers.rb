# frozen_string_literal: true

require "json"
require "net/http"
require "securerandom"
require "socket"

module Munimen
  module Bench
    # People at work: they write without a pause until the server is gone, and remember what was
    # acknowledged. Signed in once; their session goes on with the next server of the same secret.
    class Writers
      COUNT = 3
      KINDS = %i[reading customer amendment].freeze
      PATHS = {
        reading: "readings",
        customer: "customers",
        amendment: "amendments",
        photo: "photos",
        sign: "visits"
      }.freeze
      FRESH = 300 # s after which the password is given again

      Told = Struct.new(:kind, :id, :at)

      # visits: open ones; signed: one that is amended; sign_in: [email, password].
      def initialize(visits:, signed:, sign_in:, random:)
        @visits = visits
        @signed = signed
        @sign_in = sign_in
        @random = random
        @acknowledged = Queue.new
      end

      # Of the processes' clock, so that kills and writes can be set side by side.
      def self.clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

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

      # Threads that end when the server does; all of them have something acknowledged by now.
      def start(port)
        threads = Array.new(COUNT) do |index|
          Thread.new { write(port, Random.new(@random.rand(1 << 30) + index)) }
        end
        sleep 0.005 until @acknowledged.size >= COUNT || threads.none?(&:alive?)
        threads
      end

      def acknowledge(kind, id) = @acknowledged << Told.new(kind, id, self.class.clock)

      # What was acknowledged since it was last asked for, as Told.
      def told = [].tap { |all| all << @acknowledged.pop until @acknowledged.empty? }

      # A request of another kind by the same person, its body a String; nil: it is fetched.
      def sent(http, path, type, body)
        headers = { "X-CSRF-Token" => @token, "Cookie" => @cookie }
        return http.get(path, headers) unless body

        http.post(path, body, headers.merge("Content-Type" => type))
      end

      # Of what was told, all that `database` does not have.
      def self.missing(told, database)
        ids = PATHS.to_h do |kind, table|
          rows = database[table.to_sym]
          rows = rows.where(status: "signed") if kind == :sign
          [kind, rows.select_map(:id).to_h { |id| [id, true] }]
        end
        told.reject { |one| ids[one.kind].key?(one.id) }
      end

      private

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
            acknowledge(kind, id) if answer.is_a?(Net::HTTPSuccess)
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
    end
  end
end
