# frozen_string_literal: true

module Munimen
  module Heater
    # The parts a person looks at, tests or replaces, from the top down, then outside: where each is and
    # on which heater it is to be found. Their names in words are in Words.
    module Parts
      Part = Struct.new(:id, :place, :presence)

      ALWAYS = ->(_) { true }
      GAS = :gas?.to_proc
      ELECTRIC = :electric?.to_proc
      MAYBE = ->(field) { ->(heater) { heater.public_send(field) != :no } }

      ALL = [
        Part.new(:house_main, :entry, ALWAYS),
        Part.new(:regulator, :entry, MAYBE[:regulator]),
        Part.new(:backflow, :entry, MAYBE[:backflow]),
        Part.new(:flue, :top, GAS),
        Part.new(:draft_hood, :top, ->(heater) { heater.gas? && heater.hood != :sealed }),
        Part.new(:cold_shut_off, :top, ALWAYS),
        Part.new(:vessel, :top, ->(heater) { heater.vessel != :none }),
        Part.new(:hot_outlet, :top, ALWAYS),
        Part.new(:mixing_valve, :top, ->(heater) { heater.mixing_valve == :yes }),
        Part.new(:recirculation_pump, :top, ->(heater) { heater.recirculation == :yes }),
        Part.new(:anode, :top, ->(heater) { heater.anode != :none }),
        Part.new(:dip_tube, :top, ALWAYS),
        Part.new(:relief_valve, :side, ALWAYS),
        Part.new(:discharge_pipe, :side, ALWAYS),
        Part.new(:upper_element, :side, ->(heater) { heater.electric? && heater.element_upper }),
        Part.new(:lower_element, :side, ->(heater) { heater.electric? && (heater.element_lower || !heater.element_upper) }),
        Part.new(:high_limit, :side, ELECTRIC),
        Part.new(:thermostat, :side, ELECTRIC),
        Part.new(:disconnect, :side, ELECTRIC),
        Part.new(:tank, :side, ALWAYS),
        Part.new(:data_plate, :side, ALWAYS),
        Part.new(:gas_control, :bottom, GAS),
        Part.new(:gas_cock, :bottom, GAS),
        Part.new(:burner, :bottom, GAS),
        Part.new(:drain_valve, :bottom, ALWAYS),
        Part.new(:pan, :bottom, MAYBE[:pan]),
        Part.new(:tap, :tap, ALWAYS),
        Part.new(:discharge_end, :outside, ->(heater) { heater.discharge_ends == :outdoors })
      ].freeze

      module_function

      # Parts that this heater has, or may have (unknown counts as present).
      def of(heater) = ALL.select { |part| part.presence.call(heater) }
    end
  end
end
