# frozen_string_literal: true

module Munimen
  class Rig
    # A simulated instrument: what it can be connected to, its range, resolution, noise and
    # settling. Declared in core/rig/instruments/. `Instrument::Use` is one of them in somebody's
    # hand, connected somewhere.
    #
    #   Instrument.define :manometer do
    #     title "Manometer"
    #     reads :gas_pressure
    #     range(-500.0..7500.0)
    #     resolution 2.5
    #     point(:inlet) { |rig| rig.gas.inlet }
    #   end
    class Instrument
      Point = Struct.new(:name, :value, :noise, keyword_init: true)

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |one| one.instance_eval(&block) }
        def all = @all.values

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(
              Message.of("There is no instrument “{id}”; there are: {known}.",
                         id:, known: @all.keys.join(", ")),
              field: :instrument
            )
          end
        end
      end

      attr_reader :id, :points

      def initialize(id)
        @id = id
        @points = {}
        @noise = 0.0
        @settling = 1.0
      end

      # -- declaration --------------------
      # reads: a kind of quantity, or :word. range: SI; beyond it there is overload. resolution:
      # SI, one digit. noise: SI, each way. settling: s to two thirds of a step.
      %i[title reads range resolution noise settling].each do |name|
        define_method(name) do |value = nil|
          if value.nil?
            instance_variable_get(:"@#{name}")
          else
            instance_variable_set(:"@#{name}", value)
          end
        end
      end

      # Has a hand that stays at the highest value.
      def maximum_hand = @maximum_hand = true
      def maximum_hand? = @maximum_hand || false

      # Where it can be connected: the SI value there (or a word), of a rig and of the state that
      # the heater is in; nil where nothing is to be read. noise: more than its own there.
      def point(name, noise: 0.0, &value) = @points[name] = Point.new(name:, value:, noise:)

      # -- use --------------------
      # One instrument in hand. battery: 0 to 1.
      class Use
        # value: SI number or word, nil while nothing is connected; flags: :overload,
        # :low_battery, :open.
        Sample = Struct.new(:value, :flags, keyword_init: true)
        LOW = 0.15 # battery at which it says so
        EMPTY = 0.03

        attr_reader :instrument, :connected, :maximum
        attr_accessor :battery

        def initialize(instrument, rig, state: {}, battery: 1.0, seed: 1)
          @instrument = Instrument[instrument]
          @rig = rig
          @state = state
          @battery = battery
          @random = Random.new(seed)
        end

        # Where it is put; raises Error for a place that it cannot be put to.
        def connect(point)
          @connected = instrument.points.fetch(point.to_sym) do
            raise Error.new(
              Message.of("The {instrument} cannot be connected to “{point}”; it can be to: " \
                         "{known}.",
                         instrument: instrument.title.downcase, point:,
                         known: instrument.points.keys.join(", ")),
              field: :point,
              code: :unknown_choice
            )
          end
          @shown = nil
          self
        end

        # What it shows after some seconds more.
        def sample(seconds = 0.5)
          return Sample.new(value: nil, flags: [:open]) unless connected && battery > EMPTY

          now = connected.value.call(@rig, @state)
          return Sample.new(value: now, flags: low) unless now.is_a?(Numeric)

          @shown =
            @shown ? now + ((@shown - now) * Math.exp(-seconds / instrument.settling)) : start(now)
          shown(@shown + ((instrument.noise + connected.noise) * ((2 * @random.rand) - 1)))
        end

        def reset_maximum = @maximum = nil

        private

        # A needle starts at rest, a display at nothing.
        def start(now) = instrument.settling > 0.2 ? [instrument.range.begin, 0.0].max : now
        def low = battery < LOW ? [:low_battery] : []

        def shown(value)
          if value < instrument.range.begin &&
             value > instrument.range.begin - (3 * instrument.resolution)
            value = instrument.range.begin
          end
          unless instrument.range.cover?(value)
            return Sample.new(value: nil, flags: low + [:overload])
          end

          read = (value / instrument.resolution).round * instrument.resolution
          @maximum = [@maximum || read, read].max if instrument.maximum_hand?
          Sample.new(value: read, flags: low)
        end
      end
    end
  end
end
