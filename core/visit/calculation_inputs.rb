# frozen_string_literal: true

module Munimen
  class Visit
    # What a visit already knows of a calculation's inputs, as text with units, so that it opens
    # filled in.
    #
    #   CalculationInputs.new(visit).inputs(Calculations::Calculation[:scald_time])
    #   # => { temperature: "121 °F" }
    class CalculationInputs
      # Gross, of bottled gas, Btu/ft³ (NFPA 58, annex B, from memory: propane 2 490–2 520, butane
      # 3 280); natural gas is as the calculation takes it, unless the supplier says more.
      HEATING_VALUES = { lp: 2500, butane: 3280 }.freeze
      OUTLETS = { half: "1/2", three_quarters: "3/4", one: "1" }.freeze

      def initialize(visit)
        @visit = visit
        @heater = visit.heater
      end

      # {input name => text} for what is known.
      def inputs(calculation)
        calculation.inputs.filter_map do |input|
          value = known[input.name]
          [input.name, value.is_a?(Measure::Quantity) ? exact(value) : value.to_s] if value
        end.to_h
      end

      private

      def known
        @known ||= {
          volume: @heater.capacity,
          cold: @visit.quantity(:cold_temperature) || Work::Durations::COLD,
          hot: hot,
          temperature: @visit.quantity(:tap_temperature),
          power: @heater.heat_input,
          efficiency: (Heater::Installation::GAS_EFFICIENCY if @heater.gas?),
          stored: hot
        }.merge(gas, pressures, discharge, elements)
      end

      # What hangs on the fuel.
      def gas
        value = HEATING_VALUES[@heater.fuel]
        bottled = @visit.units == :england ? "propane" : "lp"
        {
          heating_value: value && Measure::Quantity.of(value, "Btu/ft3", :heating_value),
          manifold_pressure: @heater.manifold_pressure,
          plate_manifold: @heater.manifold_pressure,
          fuel: { natural_gas: "natural", lp: bottled, butane: "butane" }[@heater.fuel]
        }
      end

      def hot = @visit.quantity(:tap_temperature) || @heater.usual_set_point

      def pressures
        {
          supply_pressure: @visit.quantity(:static_pressure),
          maximum_pressure: @visit.rules.limit(:hot_peak)&.at_most,
          charge: @visit.quantity(:charge_set) || @visit.quantity(:vessel_charge),
          relief_setting: @heater.first_relief_pressure,
          vessel_volume: @heater.vessel_volume
        }
      end

      def discharge
        {
          outlet: OUTLETS[@heater.relief_outlet],
          length: @heater.d2_length,
          bends: @heater.d2_bends&.si&.to_i,
          shared: ("yes" if @heater.shared_discharge == :yes)
        }
      end

      def elements
        {
          rated_power:
            @heater.element_lower || @heater.element_upper || @heater.immersion_power ||
              @heater.coil_power,
          rated_voltage: @heater.element_voltage,
          plate_input: @heater.input,
          heater_input: @heater.heat_input,
          working_pressure: @heater.design_pressure,
          rated_flow: @heater.coil_flow
        }
      end

      # Rounded no further than a person types, with the unit of the site.
      def exact(quantity)
        unit = quantity.kind.unit(@visit.units)
        "#{quantity.in(unit).round(3).to_s.delete_suffix(".0")} #{unit.symbol}".strip
      end
    end
  end
end
