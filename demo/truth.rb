# frozen_string_literal: true

module Munimen
  module Demo
    # What an invented heater really is, and what a gauge shows of it, in the units of its site.
    class Truth
      # Units, the scatter of a gauge and of a thermometer, what is drawn.
      GAUGES = {
        us: {
          pressure: "psi",
          temperature: "degF",
          volume: "gal",
          needle: 1,
          degree: 1,
          places: 0,
          drawn: 10,
          cold: 50
        },
        england: {
          pressure: "bar",
          temperature: "degC",
          volume: "L",
          needle: 0.1,
          degree: 1,
          places: 1,
          drawn: 40,
          cold: 10
        }
      }.freeze
      # What the controls and the inlet group show when they are sound.
      STEADY = {
        dial_position: "hot",
        thermostat_stops: "stops",
        heat_pump_mode: "hybrid",
        air_in: "20 °C",
        air_out: "14 °C",
        filter_state: "dusty",
        evaporator_state: "clean",
        condensate: "runs_away",
        draught: "drawn_in",
        room_co: "1",
        earth_continuity: "holds",
        chain_off: "stops",
        chain_on: "heats",
        tundish_flow: "runs_clear",
        floor_smell: "none",
        new_relief_flow: "full_bore",
        new_relief_closes: "shuts",
        joints: "dry",
        warning_label: "hung",
        notified: "nobody_required",
        pilot_held: "stays"
      }.freeze

      # Pressures and temperature in the site's units; relief: :good, :drips or :seized; membrane:
      # true while it holds.
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
        @gauge = GAUGES.fetch(visit.units)
        name, of = name.to_s.split(".").map(&:to_sym)
        return { relief_drip: "dry" }[name] || STEADY[name] if of

        case name
        when :static_pressure then needle(@static + (random.rand(-1..1) * @gauge[:needle]))
        when :mains_pressure then @street&.to_s
        when :flowing_pressure then needle(@static - (8 * @gauge[:needle]))
        when :flow_rate then (19 + random.rand(0..4)).to_s
        when :tap_temperature then (@tap + random.rand(-1..1)).to_s
        when :drawn_volume then @gauge[:drawn].to_s
        else vessel(name, visit, random) || STEADY[name] || relief(name)
        end
      end

      private

      def needle(value) = format("%.#{@gauge[:places]}f", value)

      def vessel(name, visit, random)
        case name
        when :vessel_charge
          @charge.to_s
        when :charge_set
          needle(visit.charge_target.in(@gauge[:pressure]))
        when :air_valve_emits
          emits
        when :hot_peak_found
          peak(visit, @charge, random)
        when :hot_peak_after
          peak(visit, visit.quantity(:charge_set)&.in(@gauge[:pressure]) || @charge, random)
        end
      end

      def emits
        return "water" unless @membrane

        @charge.to_f < 2 * @gauge[:needle] ? "nothing" : "air"
      end

      # By the same physics as the product, with the needle's own scatter. A bubble takes up what
      # a vessel of a twelfth of the tank would.
      def peak(visit, charge, random)
        heater = visit.heater
        if heater.closed_system == :no
          return needle(@static + (random.rand(0..2) * @gauge[:needle]))
        end

        volume = heater.vessel == :bubble ? heater.capacity.si / 12 : heater.vessel_volume&.si
        charge = @static if heater.vessel == :bubble
        vessel = @membrane && volume && Physics::Vessel.new(volume:, charge: pascal(charge))
        expanded =
          unit(:volume).to_si(@gauge[:drawn]) *
          Physics::Water.expansion(
            unit(:temperature).to_si(@gauge[:cold]),
            unit(:temperature).to_si(@tap)
          )
        hot = Physics::ClosedSystem.new(
          volume: heater.capacity.si,
          supply: pascal(@static),
          vessel:
        ).pressure(expanded)
        needle(
          unit(:pressure).from_si([hot, heater.first_relief_pressure.si].min) +
            (random.rand(-2..2) * @gauge[:needle])
        )
      end

      def relief(name)
        lever = name.to_s.delete_prefix("expansion_").to_sym
        return if @relief == :seized && lever != :relief_lever

        {
          relief_lever: @relief == :seized ? "will_not_lift" : "lifts",
          relief_flow: "full_bore",
          relief_closes: "shuts",
          relief_drip: @relief == :drips ? "drips" : "dry",
          relief_drip_hot: @relief == :drips ? "cold" : nil
        }[
          lever
        ]
      end

      def unit(kind) = Measure::Unit[@gauge.fetch(kind)]
      def pascal(value) = unit(:pressure).to_si(value.to_f)
    end
  end
end
