# frozen_string_literal: true

require "io/wait"

module Munimen
  module Web
    # GET /api/instruments/{id}/trace?units=us: what an instrument shows, twice a second, as
    # server-sent events; and once it has come to rest (`settled_reading`) the value with its
    # spread. Ends by itself after a while.
    class Traces
      PATH = %r{\A/api/instruments/([0-9A-Za-z_-]{1,70})/trace\z}
      EVERY = 0.5  # s
      LONGEST = 60 # s
      MOST = 8     # at one time

      def initialize(app, config)
        @app = app
        @config = config
        @running = 0
        @lock = Mutex.new
      end

      def call(env)
        match = env["REQUEST_METHOD"] == "GET" && PATH.match(env["PATH_INFO"])
        return @app.call(env) unless match

        person = env["munimen.person"]
        return Problem.rack(401, "Sign in first.", code: "not_signed_in") unless person
        if @running >= MOST || !env["rack.hijack"]
          return Problem.rack(503, "Too many instruments are listened to.", code: "busy")
        end

        follow(match[1].dup.force_encoding(Encoding::UTF_8), person, env)
      rescue Munimen::Error => e
        status, document = Problem.of(e)
        [status, { "content-type" => "application/problem+json" }, [document]]
      end

      private

      def follow(id, person, env)
        one = Desk::Instruments.new(@config.desk_for(person, id)).find(id)
        open = driver(one, id, person)
        units = Rack::Utils.parse_query(env["QUERY_STRING"])["units"] == "england" ? :england : :us
        io = env["rack.hijack"].call
        io.write(Live::HEAD)
        @lock.synchronize { @running += 1 }
        Thread.new { trace(open, Measure::Kind[one[:reads]], units, io) }
        [-1, {}, []]
      end

      # Something that calls a block with what measures: a real instrument's driver, or that of a
      # training run.
      def driver(one, id, person)
        if Desk::TrainingRun.token(id)
          return ->(&block) { block.call(@config.training_runs.find(id, person).driver(one)) }
        end

        lambda do |&block|
          Formats::InstrumentDriver.open(
            one[:host],
            one[:port],
            device: one[:device],
            point: one[:point],
            &block
          )
        end
      end

      def trace(open, kind, units, io)
        samples = []
        open.call do |driver|
          digit = driver.digit
          (LONGEST / EVERY).to_i.times do |n|
            sample = driver.measure
            say(
              io,
              "sample",
              t: n * EVERY,
              value: sample.value && number(sample.value, kind, units),
              flags: sample.flags
            )
            samples << [n * EVERY, sample.value] if sample.value
            settled(io, samples, kind, units, digit) and break
            sleep EVERY
          end
        end
      rescue Munimen::Error => e
        say(io, "failed", message: e.message)
      rescue IOError, SystemCallError
        nil
      ensure
        io.close
        @lock.synchronize { @running -= 1 }
      end

      # digit: of the instrument, SI.
      def settled(io, samples, kind, units, digit)
        return if samples.size < 3

        tolerance = Measure::Settled.tolerance(kind.id, samples.last[1], digit)
        rest = Measure::Settled.of(samples, tolerance:, hold: Measure::Settled::HOLD)
        return unless rest.settled_at

        value = Measure::Quantity.new(kind, rest.value)
        places = kind.places(kind.unit(units))
        typed = "#{value.in(kind.unit(units)).round([places, 1].max)} #{kind.unit(units).label}"
        say(
          io,
          "settled",
          typed:,
          text: value.format(units),
          at: rest.settled_at,
          spread: width(rest.spread, kind, units)
        )
        true
      end

      def number(value, kind, units)
        Measure::Quantity.new(kind, value).in(kind.unit(units)).round(3)
      end

      # A difference of two readings has the unit's size, not its zero.
      def width(spread, kind, units)
        (
          Measure::Quantity.new(kind, 300 + spread).in(kind.unit(units)) -
            Measure::Quantity.new(kind, 300).in(kind.unit(units))
        ).round(3)
      end

      def say(io, event, data)
        io.write("event: #{event}\ndata: #{JSON.generate(data)}\n\n")
      end
    end
  end
end
