# frozen_string_literal: true

module Munimen
  class Rig
    # Brings a rig into the state that the operations of a visit have made: shut, open, pressure
    # let down, lever, reset, dial, pilot. What a fault holds stays as the fault has it.
    #
    #   StateApplier.new(rig).to(heater_supply: :shut, "heat.burner": :off)
    class StateApplier
      LET_DOWN = 1e-4  # m3/s of the tap that lets the pressure down
      ZERO = 2_000.0   # Pa
      LONGEST = 1_800  # s of letting down
      HELD = 60.0      # s that the knob is held in for the pilot; common practice

      def initialize(rig)
        @rig = rig
        @settings = rig.thermostats.map(&:setting)
        @programmer = rig.coil&.programmer
        @before = {}
      end

      # state: {variable => value} of the visit; only what has changed since the last call is done.
      def to(state)
        changed = state.reject { |name, value| @before[name] == value }
        @before = state.dup
        changed.each { |name, value| one(name.to_s, value) }
        @rig
      end

      private

      def one(name, value)
        case name
        when "heater_supply", "house_supply"
          @rig.water.open = @before.values_at(:heater_supply, :house_supply).none?(:shut)
        when "heater_pressure"
          let_down if value == :zero
        when "relief"
          @rig.relief_valve.lever = value == :open
        when "dial"
          dial(value)
        when "pilot_flame"
          light if value == :lit
        when "heat.burner"
          burner(value)
        when "heat.coil"
          @rig.coil.programmer = value == :on && @programmer
        when /\A(heat|feed)\./
          electricity
        when /\Acut_out\./
          reset if value == :reset
        end
      end

      def let_down
        @rig.running = LET_DOWN
        ends = @rig.time + LONGEST
        @rig.step(2.0) while @rig.pressure > ZERO && @rig.time < ends
        @rig.running = 0.0
      end

      def dial(value)
        return @rig.turn_down if value == :changed

        @rig.thermostats.zip(@settings).each { |one, setting| one.setting = setting }
      end

      def burner(value)
        gas = @rig.gas or return
        gas.knob = value
        gas.lit = false if value == :off
      end

      # The knob held in, a spark, let go: whether it stays is the rig's business.
      def light
        gas = @rig.gas or return
        gas.knob = :pilot if gas.knob == :off
        gas.pressed = true
        gas.light
        @rig.run(HELD)
        gas.pressed = false
        @rig.run(4.0)
        gas.knob = @before.fetch(:"heat.burner", :on)
      end

      def electricity
        return unless @rig.elements

        states =
          @before.select { |name, _| name.to_s.match?(/\A(heat\.(?!coil|burner)|feed\.)/) }.values
        @rig.elements.supply = !states.intersect?(%i[off proved_dead])
      end

      def reset = [@rig.elements&.high_limit, @rig.coil&.cut_out].compact.each(&:reset)
    end
  end
end
