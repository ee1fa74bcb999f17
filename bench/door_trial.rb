# frozen_string_literal: true

module Munimen
  module Bench
    # Attacks at the door, one after the other, and a plumber who works meanwhile: what each was
    # answered, and how long the plumber waited.
    class DoorTrial
      include Timing

      SECONDS = 8 # of each attack
      SMALL = 200 # kB of a large body that are sent before its answer is read
      MINUTE = 61
      LARGE = 1_000_000_000 # bytes that are announced
      SHUT = "shut" # the connection, while it was still sending
      FINE = /\A(?:[1-4]\d\d|#{SHUT})\z/
      ADDRESS = "127.0.0.2" # the attacker's; the plumber comes from 127.0.0.1

      # served: Served, signed in as a plumber; visit: one that is under way. Yields name, value,
      # unit, wanted of each row.
      def initialize(served, visit, &row)
        @served = served
        @visit = visit
        @row = row
      end

      def run
        # Before the door is held against everybody from that address.
        @open = inspector
        @mine = inspector
        @answers = Hash.new(0)
        attacks.each do |name, attack|
          under(name, attack)
          sleep MINUTE # the door forgets
        end
        bad = @answers.reject { |code, _| code.match?(FINE) }
        @row.call("answers of 500 and more, or none", bad.values.sum, "", "0")
      end

      private

      def attacks
        {
          "wrong passwords, each from an invented address" => -> { guess },
          "the password of an open session, guessed" => -> { confirm },
          "1 000 MB to restore, by nobody" => -> { restore },
          "what this person may not" => -> { refused },
          "JSON that is deep, endless or no number" => -> { odd },
          "addresses that there are not" => -> { lost }
        }
      end

      # One attacker at full speed for a while, beside the plumber's readings.
      def under(name, attack)
        until_ = clock + SECONDS
        codes = Hash.new(0)
        attacker = Thread.new do
          codes[one(attack)] += 1 while clock < until_
        end
        times = readings(until_)
        attacker.join
        codes.each { |code, count| @answers[code] += count }
        told = codes.sort.map { |code, count| "#{count} × #{code}" }.join(", ")
        @row.call("#{name}: #{told}; a reading meanwhile, the longest of #{times.size}",
                  times.max, "ms", "< 1000")
        @row.call("memory of the server after it", @served.memory_mb, "MB", "< 250")
      end

      def one(attack)
        attack.call.to_s
      rescue SystemCallError, IOError
        SHUT
      end

      # A connection of the attacker's.
      def connected(&)
        Net::HTTP.new("127.0.0.1", @served.port).tap { |http| http.local_host = ADDRESS }.start(&)
      end

      def readings(until_)
        times = []
        while clock < until_
          start = clock
          @served.post(
            "/api/visits/#{@visit}/readings",
            { id: SecureRandom.uuid, name: "static_pressure", value: rand(55..64).to_s }
          )
          times << ((clock - start) * 1000)
          sleep 0.2
        end
        times
      end

      # Yields a connection, and the headers of a session with it that nobody has signed in to yet.
      def stranger
        connected do |http|
          first = http.get("/api/session")
          yield http, { "Content-Type" => "application/json", "Accept" => "application/json",
                        "Cookie" => cookie(first),
                        "X-CSRF-Token" => JSON.parse(first.body)["csrf"] }
        end
      end

      def cookie(response) = response["set-cookie"].split(";").first

      def guess
        @guesses = @guesses.to_i + 1
        body = JSON.generate(login: "owner@tallowreed.example", password: "guess #{@guesses}")
        from = "203.0.113.#{@guesses % 250}"
        stranger do |http, headers|
          http.post("/auth/login", body,
                    { **headers, "Forwarded" => "for=#{from}", "X-Forwarded-For" => from }).code
        end
      end

      # Somebody who sits down at a session that was left open.
      def confirm = send_as(@open, "/auth/confirm-password", { password: SecureRandom.hex(8) })

      def send_as(headers, path, body)
        body = JSON.generate(body) unless body.is_a?(String)
        connected { |http| http.post(path, body, headers).code }
      end

      # The headers of a session of theirs.
      def inspector
        body = JSON.generate(login: "inspector@tallowreed.example", password: Demo::Seed::PASSWORD)
        stranger do |http, headers|
          in_ = { **headers, "Cookie" => cookie(http.post("/auth/login", body, headers)) }
          session = http.get("/api/session", in_)
          { **in_, "X-CSRF-Token" => JSON.parse(session.body)["csrf"],
            **(session["set-cookie"] ? { "Cookie" => cookie(session) } : {}) }
        end
      end

      def restore
        Socket.tcp("127.0.0.1", @served.port, ADDRESS) do |io|
          io.write("POST /api/restore HTTP/1.1\r\nHost: x\r\nContent-Type: application/zip\r\n" \
                   "Content-Length: #{LARGE}\r\n\r\n")
          SMALL.times { io.write("x" * 1000) }
          io.wait_readable(5) ? io.readpartial(2000)[/\AHTTP\S+ (\d+)/, 1] : "no answer"
        end
      end

      def refused = send_as(@mine, "/api/seals/repair", {})

      def odd
        @odd = @odd.to_i + 1
        path = "/api/visits/#{@visit}/readings"
        bodies = [
          "#{"[" * 20_000}#{"]" * 20_000}", '{"id":1e400}', '{"id":"', "\xFF\xFE",
          JSON.generate(id: SecureRandom.uuid, name: "static_pressure", value: "9" * 40_000)
        ]
        send_as(@mine, path, bodies[@odd % bodies.size])
      end

      def lost
        connected do |http|
          http.get("/api/#{SecureRandom.hex(rand(1..40))}/%2e%2e/#{rand(9)}").code
        end
      end
    end
  end
end
