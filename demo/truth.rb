# frozen_string_literal: true

module Munimen
  module Demo
    # What an invented heater really is, and what a gauge shows of it.
    class Truth
      DRAWN = 10.0 # gal

      # Pressures in psi, temperature in °F; relief: :good, :drips or :seized; membrane: true while it holds.
      def initialize(static:, charge:, tap:, relief: :good, membrane: true, street: nil)
        @static = static
        @charge = charge
        @tap = tap
        @relief = relief
        @membrane = membrane
        @street = street
      end

      # Text that a plumber would type for a reading, or nil where nothing is read.
      def read(name, visit, random)
        case name
        when :static_pressure then (@static + random.rand(-1..1)).to_s
        when :mains_pressure then @street&.to_s
        when :tap_temperature then (@tap + random.rand(-1..1)).to_s
        when :drawn_volume then DRAWN.to_i.to_s
        when :vessel_charge then @charge.to_s
        when :charge_set then visit.quantity(:static_pressure).in("psi").round.to_s
        when :air_valve_emits then emits
        when :hot_peak_found then peak(visit, @charge, random)
        when :hot_peak_after then peak(visit, visit.quantity(:charge_set)&.in("psi") || @charge, random)
        when :dial_position then "hot"
        else relief(name)
        end
      end

      private

      def emits
        return "water" unless @membrane

        @charge.to_f < 2 ? "nothing" : "air"
      end

      # By the same physics as the product, with the needle's own two psi.
      def peak(visit, charge, random)
        heater = visit.heater
        vessel = @membrane && heater.vessel_volume && Physics::Vessel.new(volume: heater.vessel_volume.si, charge: pascal(charge))
        open = heater.closed_system == :no
        return (@static + random.rand(0..2)).to_s if open

        expanded = DRAWN * Measure::Unit::GALLON * Physics::Water.expansion(kelvin(50), kelvin(@tap))
        hot = Physics::ClosedSystem.new(volume: heater.capacity.si, supply: pascal(@static), vessel:).pressure(expanded)
        ([Measure::Unit["psi"].from_si(hot), 150].min + random.rand(-2..2)).round.to_s
      end

      def relief(name)
        return if @relief == :seized && name != :relief_lever

        {
          relief_lever: @relief == :seized ? "will_not_lift" : "lifts",
          relief_flow: "full_bore",
          relief_closes: "shuts",
          relief_drip: @relief == :drips ? "drips" : "dry",
          relief_drip_hot: @relief == :drips ? "cold" : nil
        }[name]
      end

      def pascal(psi) = Measure::Unit["psi"].to_si(psi.to_f)
      def kelvin(fahrenheit) = Measure::Unit["degF"].to_si(fahrenheit)
    end
  end
end
