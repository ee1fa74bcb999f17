# frozen_string_literal: true

module Munimen
  module Heater
    # What can be said of an installed heater: quantities by kind, words with their choices, free
    # texts, and to which kinds of heater a field belongs at all.
    module Fields
      KINDS = %i[gas_storage electric_storage boiler_coil unvented_indirect unvented_direct].freeze
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
        coil_power: :power,
        coil_flow: :flow,
        manifold_pressure: :gas_pressure,
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
        d2_bends: :number
      }.freeze

      WORDS = {
        kind: KINDS,
        fuel: %i[natural_gas lp butane unknown],
        hood: %i[open sealed unknown],
        vent: %i[natural damper power unknown],
        ignition: %i[pilot_thermocouple pilot_thermopile intermittent unknown],
        backup_immersion: YES_NO,
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
        relief_outlet: %i[half three_quarters one unknown],
        anode: %i[separate combined none unknown],
        location: %i[basement garage closet attic utility_room airing_cupboard kitchen unknown],
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
      ].freeze
      ALL = [*WORDS.keys, *QUANTITIES.keys, *TEXTS].freeze

      UNVENTED = %i[unvented_indirect unvented_direct].freeze
      COIL = %i[boiler_coil unvented_indirect].freeze
      ELEMENTS = %i[electric_storage unvented_direct].freeze
      GAS = %i[gas_storage].freeze

      # Fields that only some kinds have, and why another has not.
      ONLY = {
        input: [GAS, "has no gas input; give its elements or its coil"],
        fuel: [GAS, "burns no gas"],
        hood: [GAS, "has no draft hood"],
        vent: [GAS, "has no flue"],
        ignition: [GAS, "has no burner to ignite"],
        manifold_pressure: [GAS, "has no gas manifold"],
        element_upper: [
          ELEMENTS,
          "has no such element; give its input, its coil or its back-up immersion"
        ],
        element_lower: [
          ELEMENTS,
          "has no such element; give its input, its coil or its back-up immersion"
        ],
        element_voltage: [ELEMENTS + UNVENTED, "has no element"],
        backup_immersion: [%i[unvented_indirect], "has no back-up immersion"],
        immersion_power: [%i[unvented_indirect], "has no back-up immersion"],
        coil_power: [COIL, "has no boiler coil"],
        coil_flow: [COIL, "has no boiler coil"],
        coil_control: [COIL, "has no boiler coil"]
      }.freeze

      # What an unvented cylinder has unless it is known to have none; other kinds have none
      # unless said.
      UNVENTED_DEFAULT = %i[expansion_relief tundish shared_discharge].freeze

      module_function

      # Whether a kind of heater has a field at all.
      def of?(kind, field) = !ONLY.key?(field) || ONLY.fetch(field).first.include?(kind)

      # What is presumed of a word that was left open.
      def presumed(kind, field)
        return :no if UNVENTED_DEFAULT.include?(field) && !UNVENTED.include?(kind)

        choices = WORDS.fetch(field)
        choices.include?(:unknown) ? :unknown : choices.last
      end
    end
  end
end
