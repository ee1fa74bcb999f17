# frozen_string_literal: true

module Munimen
  module Report
    # What a customer finds who wants hot water of a heater that was not left in use: what is shut,
    # off or empty. In plain words, by the state in which the visit ended.
    #
    #   AsLeft.new(visit).sentences # => ["The cold water to the {heater} is shut.", …]
    class AsLeft
      # Variable of the state (all of a group by its name) => what its values mean for them.
      SAYS = {
        heat: { off: "Its heat is off.", pilot: "Its burner is at pilot." },
        cock: { shut: "The gas to the {heater} is shut." },
        lock: { on: "Its power is locked off." },
        house_supply: { shut: "The water to the whole house is shut." },
        heater_supply: { shut: "The cold water to the {heater} is shut." },
        level: {
          empty: "The tank is empty.", falling: "The tank is emptying.",
          below_relief_port: "The tank is not full.", below_upper_element: "The tank is not full.",
          below_lower_element: "The tank is not full."
        },
        air_path: { tap: "A hot {tap} stands open." }
      }.freeze

      def initialize(visit) = @visit = visit

      # Templates; none where it was left in use, or is not left yet.
      def sentences
        return [] if !@visit.left? || @visit.left?(:in_service)

        SAYS.filter_map { |name, says| says[value(name)] }
      end

      private

      # The value that all of a group share, or that its one variable has; nil else.
      def value(name)
        state = @visit.state
        names = state.keys.select { |one| one == name || one.start_with?("#{name}.") }
        values = state.values_at(*names).uniq
        values.first if values.one?
      end
    end
  end
end
