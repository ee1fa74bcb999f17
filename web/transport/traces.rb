# frozen_string_literal: true

require "io/wait"

module Munimen
  module Web
    # GET /api/instruments/{id}/trace?units=us: what an instrument of the firm shows, as server-sent
    # events (Desk::InstrumentTrace). Ends by itself after a while.
    class Traces
      MOST = 8 # at one time

      def initialize(app, config)
        @app = app
        @config = config
        @running = 0
        @lock = Mutex.new
      end

      def call(env)
        operation = Operations.of(env)
        return @app.call(env) unless operation&.id == :trace

        person = env["munimen.person"]
        return Problem.rack(401, "Sign in first.", code: "not_signed_in") unless person
        if @running >= MOST || !EventStream.possible?(env)
          return Problem.rack(503, "Too many instruments are listened to.", code: "busy")
        end

        id = operation.pattern.match(env["PATH_INFO"])[:id]
        follow(id.dup.force_encoding(Encoding::UTF_8), person, env)
      rescue Munimen::Error => e
        Problem.answer(e, Spoken.language(env))
      end

      private

      def follow(id, person, env)
        one = Desk::Instruments.new(@config.desk_for(person)).find(id)
        open = driver(one)
        asked = Rack::Utils.parse_query(env["QUERY_STRING"])["units"].to_s
        units = Measure::System.names.find { |name| name.to_s == asked } || :us
        stream = EventStream.take_over(env)
        @lock.synchronize { @running += 1 }
        Thread.new { trace(open, Measure::Kind[one[:reads]], units, stream) }
        EventStream::TAKEN
      end

      # Something that calls a block with what measures.
      def driver(one)
        lambda do |&block|
          Formats::InstrumentDriver.open(
            one[:host], one[:port], device: one[:device], point: one[:point], &block
          )
        end
      end

      def trace(open, kind, units, stream)
        open.call do |driver|
          shown = Desk::InstrumentTrace.new(kind, driver.digit, units:)
          Desk::InstrumentTrace::MOST.times do
            stream.say("sample", shown.take(driver.measure)) or break
            rest = shown.settled
            break stream.say("settled", rest) if rest

            sleep Desk::InstrumentTrace::EVERY
          end
        end
      rescue Munimen::Error => e
        stream.say("failed", message: e.message)
      ensure
        stream.close
        @lock.synchronize { @running -= 1 }
      end
    end
  end
end
