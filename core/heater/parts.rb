# frozen_string_literal: true

module Munimen
  module Heater
    # The parts a person looks at, tests or replaces, from the top down, then outside: where each
    # is and on which heater it is to be found. Their names in words are in Words.
    module Parts
      Part = Struct.new(:id, :place, :presence, :trade)

      ALWAYS = ->(_) { true }
      GAS = :gas?.to_proc
      ELECTRIC = :electric?.to_proc
      UNVENTED = :unvented?.to_proc
      COIL = :coil?.to_proc
      MAYBE = ->(field) { ->(heater) { heater.public_send(field) != :no } }

      # The order in which a person walks round.
      PLACES = %i[front entry top side bottom controls tap outside].freeze
      # Who may work on a part, where it is not plumbing.
      TRADES = {
        flue: :gas,
        draft_hood: :gas,
        gas_control: :gas,
        gas_cock: :gas,
        burner: :gas,
        upper_element: :electrical,
        lower_element: :electrical,
        immersion: :electrical,
        high_limit: :electrical,
        cut_out: :electrical,
        thermostat: :electrical,
        disconnect: :electrical,
        programmer: :electrical,
        two_port: :electrical
      }.freeze

      ALL =
        [
          [:house_main, :entry, ALWAYS],
          [:regulator, :entry, ->(heater) { !heater.unvented? && heater.regulator != :no }],
          [:backflow, :entry, ->(heater) { !heater.unvented? && heater.backflow != :no }],
          [:flue, :top, GAS],
          [:draft_hood, :top, ->(heater) { heater.gas? && heater.hood != :sealed }],
          [:cold_shut_off, :top, ALWAYS],
          [:inlet_group, :top, UNVENTED],
          [:expansion_relief, :top, MAYBE[:expansion_relief]],
          [:vessel, :top, :vessel?.to_proc],
          [:bubble, :top, ->(heater) { heater.vessel == :bubble }],
          [:hot_outlet, :top, ALWAYS],
          [:mixing_valve, :top, ->(heater) { heater.mixing_valve == :yes }],
          [:recirculation_pump, :top, ->(heater) { heater.recirculation == :yes }],
          [:anode, :top, ->(heater) { heater.anode != :none }],
          [:dip_tube, :top, ALWAYS],
          [:relief_valve, :side, ALWAYS],
          [:tundish, :side, MAYBE[:tundish]],
          [:discharge_pipe, :side, ALWAYS],
          [:compressor, :top, :heat_pump?.to_proc],
          [:upper_element, :side, ->(heater) { heater.elements? && heater.element_upper }],
          [
            :lower_element,
            :side,
            ->(heater) { heater.elements? && (heater.element_lower || !heater.element_upper) }
          ],
          [:immersion, :side, :immersion?.to_proc],
          [:coil, :side, COIL],
          [:high_limit, :side, ELECTRIC],
          [:cut_out, :side, UNVENTED],
          [:thermostat, :side, ->(heater) { !heater.gas? }],
          [:disconnect, :side, ->(heater) { !heater.gas? && !heater.electric_sources.empty? }],
          [:tank, :side, ALWAYS],
          [:data_plate, :side, ALWAYS],
          [:gas_control, :bottom, GAS],
          [:gas_cock, :bottom, GAS],
          [:burner, :bottom, GAS],
          [:drain_valve, :bottom, ALWAYS],
          [:pan, :bottom, MAYBE[:pan]],
          [:two_port, :controls, COIL],
          [:programmer, :controls, COIL],
          [:tap, :tap, ALWAYS],
          [
            :discharge_end,
            :outside,
            ->(heater) { %i[outdoors gully hopper roof].include?(heater.discharge_ends) }
          ]
        ].map { |id, place, presence| Part.new(id, place, presence, TRADES.fetch(id, :plumber)) }
          .freeze

      # Parts of which a record may not know whether they are there: the field that says so, and
      # what it says where there is one, and where there is none.
      DOUBTFUL = {
        regulator: %i[regulator yes no],
        backflow: %i[backflow yes no],
        expansion_relief: %i[expansion_relief yes no],
        vessel: %i[vessel external none],
        tundish: %i[tundish yes no],
        pan: %i[pan yes no],
        anode: %i[anode separate none],
        draft_hood: %i[hood open sealed]
      }.freeze

      BY_ID = ALL.to_h { |part| [part.id, part] }.freeze

      module_function

      # A part as a term of the vocabularies: {relief_valve}.
      def term(part) = part == :relief ? "{relief_valve}" : "{#{part}}"

      # Parts that this heater has, or may have (unknown counts as present).
      def of(heater) = ALL.select { |part| part.presence.call(heater) }

      # [field, there, none] where it is not known of a heater whether it has a part, or nil.
      def doubt(heater, part, by = DOUBTFUL[part])
        by if by && heater.public_send(by.first) == :unknown
      end

      # The place of a part, for the walk; :front for what is no part.
      def place(id) = BY_ID[id]&.place || :front
      def trade(id) = BY_ID[id]&.trade || :plumber
    end
  end
end
