# frozen_string_literal: true

module Munimen
  module Desk
    # What a form for a heater is made of: fields in groups, units, choices, the kinds that have
    # each field, and which choices make others pointless.
    module HeaterForm
      GROUPS = {
        plate: %i[
          maker model serial capacity input plate_basis manifold_pressure coil_power coil_flow
          element_upper element_lower immersion_power element_voltage compressor_power
          working_pressure plate_pressure set_point set_point_upper immersion_set_point
          immersion_cut_out date_code
          last_flushed
          cut_out_temperature manufactured installed
        ],
        around: %i[
          fuel ignition hood vent heat_pump_elements heat_pump_mode refrigerant backup_immersion
          coil_control location dwelling let altitude water_supply
          vessel vessel_volume vessel_upstream regulator regulator_setting backflow anode pan
          mixing_valve recirculation instructions_kept
        ],
        relief: %i[
          relief_set_pressure relief_set_temperature relief_rating relief_probe relief_thread
          relief_fitted relief_history relief_outlet expansion_relief expansion_relief_pressure
          tundish discharge_ends d1_size d1_length d2_size d2_length d2_bends d2_drop d2_fall
          d2_material shared_discharge
        ]
      }.freeze

      module_function

      # Plain data for schema HeaterFields of the contract, under the words of some units.
      def fields(units = :us)
        form = Heater::Fields
        {
          first_kind: units == :england ? :unvented_indirect : :gas_storage,
          groups: GROUPS.map { |id, names| { id:, names: } },
          quantities: form::QUANTITIES.map { |name, kind| quantity(name, kind, units) },
          words: form::WORDS.map { |name, choices| { name:, choices:, kinds: kinds(name, units) } },
          texts: form::TEXTS,
          hidden: form::POINTLESS.map { |name, (by, values)| { name:, by:, values: } },
          parts: form::OF_PARTS.map do |part, names|
            { part:, name: Message.of(Words[units].part(part)), names: }
          end
        }
      end

      def quantity(name, kind, units)
        { name:, unit: Measure::Kind[kind].unit(units).label, kinds: kinds(name, units) }
      end

      def kinds(name, units) = Heater::Fields.kinds(name, units)
      private_class_method :kinds, :quantity
    end
  end
end
