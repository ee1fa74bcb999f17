# frozen_string_literal: true

module Munimen
  class Rig
    # Pressure round the tank: mains, regulator, check valve, the give of tank and pipes, vessel
    # or bubble, relief valves. What the tank pushes out goes into a pool of pipes and vessel, and
    # comes back from it. Pa gauge, m3, kg, J.
    class WaterSide
      POOL = 12.0   # kg in pipes and vessel to begin with; from memory
      DROOP = 1.1e8 # Pa that a regulator falls off for each m3/s: 15 psi at 15 gal/min, from memory

      # flow: m3/s at the taps.
      attr_accessor :flow, :mains, :setting, :regulated, :creep, :check, :open, :vessel, :backfeed,
                    :compliance
      attr_reader :pressure, :reliefs, :taken_in, :let_out, :cold

      # mains: Pa; setting: of the regulator, or nil without one; check: whether water cannot go
      # back to the main.
      def initialize(volume:, mains:, setting:, check:, vessel:, reliefs:, cold:)
        @mains = mains
        @setting = setting
        @regulated = !setting.nil?
        @check = check
        @vessel = vessel
        @reliefs = reliefs
        @open = true
        @creep = @flow = 0.0
        @compliance = Physics::ClosedSystem.default_compliance(volume)
        @reference = @pressure = static
        @extra = 0.0
        @cold = Properties.enthalpy(cold)
        @density = Properties.density(cold)
        @pool = [POOL, POOL * @cold]
        @taken_in = [POOL, POOL * @cold]
        @let_out = [0.0, 0.0]
      end

      # The pressure that stands after the regulator with nothing running.
      def static = regulated ? [setting, mains].min : mains

      # The pressure that the supply gives at the flow there is.
      def supplied
        regulated && flow.positive? ? (setting - (DROOP * flow)).clamp(0, mains) : static
      end

      # kg and J held in pipes and vessel.
      def mass = @pool[0]
      def energy = @pool[1]
      # J/kg of the water that stands before the tank's inlet.
      def inlet = @pool[1] / @pool[0]

      # kg of expansion pushed out of the tank with their J; negative when it shrinks.
      def take(kilograms, joules)
        @pool[0] += kilograms
        @pool[1] += joules
        @extra += kilograms / @density
      end

      # kg that leave through the top of the tank: as much goes from the pool into it, and from
      # the supply into the pool once what was trapped above its pressure is gone. across: see
      # Tank#draw. Returns the J that left.
      def draw(tank, kilograms, across: 0.0)
        trapped = open ? [(@extra - held(supplied)) * @density, 0].max : kilograms
        own = [kilograms, trapped].min
        supply(kilograms - own)
        left = tank.draw(kilograms, inlet, across:)
        @pool = [@pool[0] - kilograms, @pool[1] - (kilograms * inlet)]
        @extra -= own / @density
        out(kilograms, left)
        left
      end

      # What came in from the supply less what left, since the beginning: 0 for kg, 1 for J.
      def through(which) = taken_in[which] - [POOL, POOL * cold][which] - let_out[which]

      # Brings the pressure into balance after some seconds.
      def balance(seconds, tank)
        @pressure = at(@extra)
        from_supply(seconds)
        back_to_mains unless check
        reliefs.each { |relief| let_go(relief, seconds, tank) }
        @pressure
      end

      # Extra water that is held at a pressure, over that at the reference.
      def held(pressure)
        (compliance * (pressure - @reference)) +
          (vessel ? vessel.water(pressure) - vessel.water(@reference) : 0)
      end

      private

      # The pressure at which so much extra water is held.
      def at(extra)
        return [@reference + (extra / compliance), 0].max unless vessel
        if extra >= 0
          return Physics::ClosedSystem.new(volume: 1, supply: @reference, compliance:,
vessel:).pressure(
  extra
)
        end

        low = -@reference
        high = 0.0
        40.times do
          if held(@reference + ((low + high) / 2)) > extra
            high = (low + high) / 2
          else
            low = (low + high) / 2
          end
        end
        [@reference + low, 0].max
      end

      def supply(kilograms)
        @pool[0] += kilograms
        @pool[1] += kilograms * @cold
        @taken_in[0] += kilograms
        @taken_in[1] += kilograms * @cold
      end

      def release(kilograms)
        joules = kilograms * inlet
        @pool[0] -= kilograms
        @pool[1] -= joules
        out(kilograms, joules)
      end

      def out(kilograms, joules)
        @let_out[0] += kilograms
        @let_out[1] += joules
      end

      def move_to(pressure)
        volume = held(pressure) - @extra
        volume.positive? ? supply(volume * @density) : release(-volume * @density)
        @extra = held(pressure)
        @pressure = pressure
      end

      def from_supply(seconds)
        return unless open

        move_to(supplied) if @pressure < supplied - 1
        return if backfeed.nil? && !(creep.positive? && regulated && @pressure < mains)

        most = backfeed || mains
        volume = [creep * seconds, held(most) - @extra].min
        volume = held(most) - @extra if backfeed
        return unless volume.positive?

        supply(volume * @density)
        @extra += volume
        @pressure = at(@extra)
      end

      def back_to_mains
        most = regulated ? mains : static
        move_to(most) if open && @pressure > most
      end

      # A valve held open by pressure alone lets go just so much; otherwise it runs for as long as
      # it stands open.
      def let_go(relief, seconds, tank)
        relief.feel(@pressure, tank.top)
        before = @let_out[0]
        if relief.by_pressure?(tank.top)
          spill(relief, @extra - held([relief.pressure * ReliefValve::RESEAT, @pressure].min), tank)
        else
          run = relief.lever || relief.lifted ? relief.flow(@pressure) : 0.0
          spill(relief, (run + relief.dripping(@pressure)) * seconds, tank)
        end
        relief.spilt += @let_out[0] - before
        relief.feel(@pressure, tank.top)
      end

      # m3 through a relief valve: from the top of the tank where it sits there, else from the
      # cold side.
      def spill(relief, volume, tank)
        return unless volume.positive?

        if relief.temperature then draw_without_supply(tank, volume * @density)
        else release([volume * @density, @pool[0] * 0.5].min)
        end
        @extra -= volume
        @pressure = at(@extra)
        move_to(static) if open && @pressure < static
      end

      def draw_without_supply(tank, kilograms)
        top = tank.draw(kilograms, inlet)
        @pool = [@pool[0] - kilograms, @pool[1] - (kilograms * inlet)]
        out(kilograms, top)
      end
    end
  end
end
