# frozen_string_literal: true

module Munimen
  class Rig
    # A switch that feels the water at a height: closed below its setting, open above, with some
    # difference between. One with a hand reset stays open until somebody resets it.
    class Thermostat
      attr_reader :height, :tripped
      attr_accessor :setting, :fault

      # setting: K at which it opens; difference: K below which it closes again.
      def initialize(setting, height:, difference: 5.0, reset: :itself)
        @setting = setting
        @height = height
        @difference = difference
        @by_hand = reset == :by_hand
        @closed = true
        @tripped = false
      end

      # Whether it is closed, feeling K. fault: :stuck_closed or :stuck_open.
      def closed?(temperature)
        return fault == :stuck_closed if %i[stuck_closed stuck_open].include?(fault)

        @tripped = true if @by_hand && temperature >= setting
        return @closed = !@tripped if @by_hand

        @closed = temperature < (@closed ? setting : setting - @difference)
      end

      def reset = @tripped = false
    end
  end
end
