# frozen_string_literal: true

module Munimen
  module Training
    # What a trainee sees or hears where the visit asks for a word: told by the rig; where no
    # fault shows there, what is usual on a sound heater (the first of the answers, unless said
    # otherwise).
    module VisibleSigns
      # reading => word, of a rig and the state of the heater; nil: as usual.
      TOLD = {
        air_valve_emits: ->(rig, _) { :water if rig.seen?(:water_at_air_valve) },
        relief_lever: ->(rig, _) { :will_not_lift if rig.relief_valve.stuck },
        expansion_relief_lever: ->(rig, _) { :will_not_lift if rig.expansion_relief&.stuck },
        "relief_drip.expansion_relief": lambda do |rig, _|
          :drips if rig.expansion_relief && rig.expansion_relief.leak > 1e-6
        end,
        relief_drip: ->(rig, _) { :drips if rig.relief_valve.leak > 1e-6 },
        dead_readings: lambda do |_, state|
          state.any? { |name, value| name.start_with?("feed.") && value == :live } ? :live : :zero
        end,
        pilot_flame:
          lambda do |rig, _|
            next unless rig.gas
            next :lazy_yellow if rig.gas.intake < 0.6

            :off_the_tip if rig.gas.orifice < 0.7
          end,
        pilot_held: ->(rig, _) { rig.gas && !rig.gas.lit ? :dies : nil },
        eco_continuity: ->(rig, _) { rig.gas && !rig.gas.eco ? :no : nil },
        chain_on: lambda do |rig, _|
          rig.coil && !rig.coil.chain(rig.tank)[:boiler] ? :does_not_heat : nil
        end
      }.freeze
      USUAL = {
        flush_result: :clear,
        draught: :drawn_in,
        floor_smell: :none,
        joints: :dry,
        gas_joint_test: :no_bubbles
      }.freeze

      module_function

      # {reading => word} of what an operation asks for and is answered with a word.
      def of(operation, exercise)
        operation.reads.select { |read| read.kind == :choice }.to_h do |read|
          told = TOLD[read.name]&.call(exercise.rig, exercise.state)
          [read.name, read.choices.include?(told) ? told : usual(read)]
        end
      end

      def usual(read)
        read.choices.include?(USUAL[read.name]) ? USUAL[read.name] : read.choices.first
      end
    end
  end
end
