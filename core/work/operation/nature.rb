# frozen_string_literal: true

module Munimen
  module Work
    class Operation
      # What follows from what an operation is declared to need and to make.
      module Nature
        # Whether something that it takes apart is so in a state.
        def left_apart?(space, state)
          space.expand(apart).any? { |name, values| values.include?(state[name]) }
        end

        # Whether it cannot be done with the heat off.
        def needs_heat?
          needs.any? do |name, values|
            (name == :heat || name.start_with?("heat.")) && Array(values).include?(:on)
          end
        end

        # Whether it wants heat or power.
        def energised?
          needs_heat? || needs.any? do |name, values|
            name.start_with?("feed") && Array(values).include?(:live)
          end
        end

        # Work that somebody asked for: nothing is begun before it was looked over.
        def work? = !helper? && !way_to_leave && !every_visit? && !whatever_stands? && @looks.nil?

        # Changes nothing that another operation could need.
        def pure? = makes.empty? && wait.nil?

        # What is merely learnt, asked or looked at: nothing on the heater moves.
        KNOWLEDGE = %i[identified ignition looked discharge consent on_site left].freeze
        # Whether something is operated, so that a “look only” visit leaves it out.
        def operates?
          return false if way_to_leave

          !((makes.keys + (wait&.makes || {}).keys) - KNOWLEDGE).empty? ||
            !reads.reject(&:optional).empty?
        end
      end
    end
  end
end
