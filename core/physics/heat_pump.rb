# frozen_string_literal: true

module Munimen
  module Physics
    # What a small heat pump for hot water does, K. Handbook §27, from memory: its COP is about a
    # third of Carnot's; it works between 5 and 45 °C of air, and takes some 4 to 8 K out of it.
    module HeatPump
      SHARE = 0.33
      AIR = (278.15..318.15)
      USUAL_DROP = (4.0..8.0)
      HARDLY = 2.0 # a fall of the air at which nothing is heated to speak of

      module_function

      # The COP between air and hot water, at least 1: below that an element does as much.
      def cop(hot:, air:, share: SHARE) = [share * hot / (hot - air), 1.0].max

      # What a fall of the air tells: :none, :little, :usual or :more.
      def drop(kelvin)
        return :none if kelvin < HARDLY
        return :usual if USUAL_DROP.cover?(kelvin)

        kelvin < USUAL_DROP.begin ? :little : :more
      end
    end
  end
end
