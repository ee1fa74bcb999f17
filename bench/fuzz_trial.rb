# frozen_string_literal: true

require "rack/test"

module Munimen
  module Bench
    # Requests that nobody means well by, through the whole application, by an owner who is signed
    # in: no answer of 500 or above, none that takes long, and memory that stays.
    class FuzzTrial
      LONG = 2.0 # s
      AGAIN = 400 # requests after which the password is given again
      FINE = [503].freeze # a stream or a busy database, said as it should be

      Client = Struct.new(:app) { include Rack::Test::Methods }

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(count, seed: 1)
        Dir.mktmpdir("munimen-fuzz") do |folder|
          config = Web::Config.new(folder)
          Demo::Seed.call(config)
          @client = Client.new(Web::Stack.build(config))
          @cases = FuzzCases.new(known(config.records.database), Random.new(seed))
          @times = []
          @answers = Hash.new(0)
          count.times { |number| one(number) }
        end
        report(count)
      end

      private

      def known(database)
        ids = ->(table) { database[table].select_map(:id) }
        visits = ids[:visits]
        {
          "id" => visits + ids[:heaters] + ids[:customers] + ids[:sites], "visit" => visits,
          "heater_id" => ids[:heaters], "heater" => ids[:heaters], "due" => ids[:dues],
          "account" => database[:accounts].select_map(:id).map(&:to_s),
          "calculation" => Calculations::Calculation.all.map { |one| one.id.to_s },
          "table" => %w[customers heaters], "operation" => %w[fit_gauge shut_cold_supply],
          "name" => %w[static_pressure hot_water_temperature]
        }
      end

      def one(number)
        sign_in if (number % AGAIN).zero?
        verb, path, type, body = @cases.call
        headers(number, type)
        start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        @client.public_send(verb, path, *body)
        took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
        note(verb, path, body, took)
      rescue URI::InvalidURIError
        nil
      end

      def headers(number, type)
        @client.header("Content-Type", type || "application/json")
        @client.header("X-CSRF-Token", @token)
        @client.env("REMOTE_ADDR", "10.#{number / 250 / 250}.#{number / 250 % 250}.#{number % 250}")
      end

      def note(verb, path, body, took)
        status = @client.last_response.status
        @answers[status] += 1
        @times << took
        return if took < LONG && (status < 500 || FINE.include?(status))

        @bad = (@bad || 0) + 1
        warn "#{status} in #{took.round(2)} s: #{verb} #{path[0, 200]} #{body.to_s[0, 400].inspect}"
      end

      def sign_in
        @client.clear_cookies
        @client.header("Content-Type", "application/json")
        @client.header("Accept", "application/json")
        @token = JSON.parse(@client.get("/api/session").body)["csrf"]
        @client.header("X-CSRF-Token", @token)
        @client.post("/auth/login", JSON.generate(
                                      login: "owner@tallowreed.example",
                                      password: Demo::Seed::PASSWORD
                                    ))
        @token = JSON.parse(@client.get("/api/session").body)["csrf"]
      end

      def report(count)
        @row.call("requests from nobody's friend", count, "", "20000")
        @answers.sort.each { |status, number| @row.call("answered #{status}", number, "", "") }
        @row.call("answers of 500 and more, or later than #{LONG} s", @bad || 0, "", "0")
        @row.call("the longest", @times.max, "s", "< 2")
        @row.call("memory of the process", memory, "MB", "< 250")
      end

      def memory = File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
    end
  end
end
