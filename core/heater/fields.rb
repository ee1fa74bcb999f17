# frozen_string_literal: true

module Munimen
  module Heater
    # What can be said of an installed heater: quantities by kind, words with their choices, free
    # texts, and to which kinds of heater a field belongs at all.
    module Fields
      KINDS = Kind.ids.freeze
      YES_NO = %i[yes no unknown].freeze

      QUANTITIES = {
        capacity: :volume,
        input: :power,
        working_pressure: :pressure,
        set_point: :temperature,
        element_upper: :element_power,
        element_lower: :element_power,
        immersion_power: :element_power,
        element_voltage: :voltage,
        compressor_power: :element_power,
        coil_power: :power,
        coil_flow: :flow,
        manifold_pressure: :gas_pressure,
        altitude: :altitude,
        cut_out_temperature: :temperature,
        vessel_volume: :volume,
        regulator_setting: :pressure,
        relief_set_pressure: :pressure,
        relief_set_temperature: :temperature,
        relief_rating: :power,
        relief_probe: :length,
        expansion_relief_pressure: :pressure,
        d1_size: :bore,
        d1_length: :length,
        d2_size: :bore,
        d2_length: :run,
        d2_bends: :number,
        d2_drop: :length,
        d2_fall: :number,
        set_point_upper: :temperature,
        immersion_set_point: :temperature,
        immersion_cut_out: :temperature
      }.freeze

      WORDS = {
        kind: KINDS,
        fuel: %i[natural_gas lp butane unknown],
        hood: %i[open sealed unknown],
        vent: %i[natural damper power unknown],
        ignition: %i[pilot_thermocouple pilot_thermopile intermittent unknown],
        backup_immersion: YES_NO,
        heat_pump_elements: YES_NO,
        heat_pump_mode: %i[heat_pump hybrid elements vacation unknown],
        refrigerant: %i[r134a r290 r32 r744 unknown],
        coil_control: %i[two_port circulator unknown],
        vessel: %i[external bubble none unknown],
        vessel_upstream: YES_NO,
        regulator: YES_NO,
        backflow: YES_NO,
        pan: YES_NO,
        mixing_valve: YES_NO,
        recirculation: YES_NO,
        expansion_relief: YES_NO,
        tundish: YES_NO,
        shared_discharge: YES_NO,
        d2_material: %i[copper plastic unknown],
        dwelling: %i[existing new unknown],
        let: YES_NO,
        relief_outlet: %i[half three_quarters one unknown],
        plate_pressure: %i[design operating unknown],
        anode: %i[separate combined none unknown],
        plate_basis: %i[gross net unknown],
        location: %i[basement garage closet attic utility_room airing_cupboard kitchen bedroom
                     bathroom outside unknown],
        water_supply: %i[main well unknown],
        relief_history: %i[exercised_yearly not_known],
        discharge_ends: %i[floor pan outdoors receptor gully hopper roof stack none unknown]
      }.freeze

      TEXTS = %i[
        maker
        model
        serial
        relief_thread
        manufactured
        installed
        relief_fitted
        instructions_kept
        date_code
        last_flushed
      ].freeze
      ALL = [*WORDS.keys, *QUANTITIES.keys, *TEXTS].freeze

      UNVENTED = Kind.all.select(&:unvented?).map(&:id).freeze

      # Fields that only some kinds have, by their sources of heat or their water side, and why
      # another has not: {field => [kinds, reason]}.
      ONLY = HeatSource.all.each_with_object(
        { plate_pressure: [UNVENTED, "bears the pressure that its tank is rated for"] }
      ) do |source, all|
        source.fields.each do |field, because|
          all[field] = [(all[field]&.first || []) | Kind.heated_by(source.id), because]
        end
      end.freeze

      # field => the field that decides, and its values that make it pointless
      POINTLESS = {
        vessel_volume: [:vessel, %i[none bubble]],
        vessel_upstream: [:vessel, %i[none bubble]],
        regulator_setting: [:regulator, %i[no]],
        expansion_relief_pressure: [:expansion_relief, %i[no]],
        immersion_power: [:backup_immersion, %i[no]],
        immersion_set_point: [:backup_immersion, %i[no]],
        immersion_cut_out: [:backup_immersion, %i[no]]
      }.freeze

      # Asked of unvented cylinders, and of every heater where English rules hold.
      ENGLISH = %i[
        tundish expansion_relief expansion_relief_pressure d1_size d1_length d2_size d2_length
        d2_bends d2_drop d2_fall d2_material shared_discharge relief_outlet cut_out_temperature
        dwelling let
      ].freeze

      # What a person learns of the heater at each of its parts.
      OF_PARTS = {
        data_plate: %i[maker model serial date_code manufactured installed instructions_kept],
        tank: %i[capacity working_pressure plate_pressure location dwelling let water_supply
                 last_flushed],
        regulator: %i[regulator regulator_setting],
        backflow: %i[backflow],
        flue: %i[vent],
        draft_hood: %i[hood],
        vessel: %i[vessel vessel_volume vessel_upstream],
        expansion_relief: %i[expansion_relief expansion_relief_pressure],
        mixing_valve: %i[mixing_valve],
        recirculation_pump: %i[recirculation],
        anode: %i[anode],
        relief_valve: %i[
          relief_set_pressure relief_set_temperature relief_rating relief_probe relief_thread
          relief_fitted relief_history relief_outlet
        ],
        tundish: %i[tundish d1_size d1_length],
        discharge_pipe: %i[
          d2_size d2_length d2_bends d2_drop d2_fall d2_material discharge_ends shared_discharge
        ],
        upper_element: %i[element_upper set_point_upper],
        disconnect: %i[element_voltage],
        lower_element: %i[element_lower],
        immersion: %i[backup_immersion immersion_power immersion_set_point immersion_cut_out],
        compressor: %i[compressor_power heat_pump_elements heat_pump_mode refrigerant],
        coil: %i[coil_power coil_flow],
        two_port: %i[coil_control],
        cut_out: %i[cut_out_temperature],
        thermostat: %i[set_point],
        gas_control: %i[ignition manifold_pressure],
        burner: %i[fuel input],
        pan: %i[pan]
      }.freeze

      # What an unvented cylinder has unless it is known to have none; other kinds have none
      # unless said.
      UNVENTED_DEFAULT = %i[expansion_relief tundish shared_discharge].freeze

      # Fuels as they are called on a drawing and a page; one that is not known is left out.
      FUELS = { natural_gas: "natural gas", lp: "LP", butane: "butane" }.freeze

      module_function

      # Whether a kind of heater has a field at all.
      def of?(kind, field) = !ONLY.key?(field) || ONLY.fetch(field).first.include?(kind)

      # The kinds of heater that are asked for a field in the words of some units.
      def kinds(field, units)
        known = KINDS.select { |kind| of?(kind, field) }
        ENGLISH.include?(field) && units != :england ? known & UNVENTED : known
      end

      # What is kept where a thing is not known.
      NOT_KNOWN = [nil, :unknown, :not_known].freeze

      # Fields of a heater that are not known, and make sense on it: of those that are asked about.
      def unknown(heater, fields, units)
        fields.select do |field|
          by, values = POINTLESS[field]
          NOT_KNOWN.include?(heater.public_send(field)) &&
            kinds(field, units).include?(heater.kind) && !values&.include?(heater.public_send(by))
        end
      end

      # What is presumed of a word that was left open.
      def presumed(kind, field)
        return :no if UNVENTED_DEFAULT.include?(field) && !UNVENTED.include?(kind)

        choices = WORDS.fetch(field)
        choices.include?(:unknown) ? :unknown : choices.last
      end
    end
  end
end
