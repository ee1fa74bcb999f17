# frozen_string_literal: true

module Munimen
  class Rig
    # How a test of the fault finder is taken on a simulated heater: with an instrument where one
    # is used, by looking where one looks. Declared in core/rig/probes/, by the test's name; each
    # gets a fresh rig with the faults in it.
    #
    #   Probe.take(:static_pressure, bench) # => :high, or nil where it cannot be taken on this rig
    class Probe
      @all = {}
      class << self
        def define(test, &block) = @all[test] = block
        def names = @all.keys

        # The outcome of a test on a bench; nil where the rig cannot show it.
        def take(test, bench) = @all[test]&.then { |block| bench.instance_exec(&block) }
      end

      # A simulated heater to be tested: makes rigs with its faults, and reads them with
      # instruments.
      class Bench
        attr_reader :heater, :faults

        def initialize(heater, faults, seed: 1)
          @heater = heater
          @faults = faults
          @seed = seed
        end

        # A rig as the customer has it: hot, in use. start: K of the whole tank.
        def rig(start: nil, **more)
          Rig.new(heater, faults: @faults, seed: @seed, start:, **more)
        end

        # A rig without the faults: what is usual.
        def sound(**more) = Rig.new(heater, seed: @seed, **more)

        # One that has just had half its water drawn, and so heats.
        def heating(**more)
          rig(**more).tap_half
        end

        # What an instrument shows once it rests: SI value, word, or :overload.
        def read(rig, instrument, point, state: {})
          use = Instrument::Use.new(instrument, rig, state:, seed: @seed).connect(point)
          sample = Array.new(30) { use.sample(2.0) }.last
          sample.flags.include?(:overload) ? :overload : sample.value
        end

        def dead = heater.feeds.to_h { |feed| [:"feed.#{feed}", :proved_dead] }
      end
    end
  end
end
