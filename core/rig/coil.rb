# frozen_string_literal: true

module Munimen
  class Rig
    # A boiler coil and the chain that calls it: programmer, thermostat, cut-out, two-port valve
    # with its end switch, boiler. W, K, kg/s.
    class Coil
      HEIGHTS = (0.0..0.45)
      HEAT = 4190.0 # J/kg/K of the loop's water

      attr_reader :thermostat, :cut_out, :flow_temperature, :return_temperature
      attr_accessor :programmer,
                    :bypass,
                    :valve,
                    :end_switch,
                    :boiler,
                    :boiler_flow,
                    :flow,
                    :fouling,
                    :air,
                    :conductance

      # power: W of the coil; the loop's flow, kg/s, takes a fall of 10 K at that.
      def initialize(power, setting, cut_out:, boiler_flow: 353.15)
        @power = power
        @thermostat = Thermostat.new(setting, height: 0.35)
        @cut_out = Thermostat.new(cut_out, height: 0.8, reset: :by_hand)
        @boiler_flow = boiler_flow
        @flow = power / (HEAT * 10.0)
        @conductance = -@flow * HEAT * Math.log(1 - (power / (@flow * HEAT * 45.0)))
        @programmer = @valve = @end_switch = @boiler = true
        @bypass = @air = false
        @fouling = 1.0
        @flow_temperature = @return_temperature = 293.15
      end

      # The links of the chain that have voltage beyond them, in order.
      def chain(tank)
        called =
          programmer && (bypass || thermostat.closed?(tank.at(thermostat.height))) &&
          cut_out.closed?(tank.at(cut_out.height))
        opened = called && valve
        {
          programmer:,
          call: called,
          valve: opened,
          end_switch: opened && end_switch,
          boiler: opened && end_switch && boiler
        }
      end

      # J into the water.
      def heat(tank, seconds)
        return idle unless chain(tank)[:boiler]

        @flow_temperature = boiler_flow
        water = tank.at(0.2)
        given = air ? 0.0 : [exchange(water), @power * 1.1].min
        @return_temperature = air ? 293.15 : @flow_temperature - (given / (flow * HEAT))
        given = [given, 0].max
        tank.heat(given * seconds, from: HEIGHTS.begin, to: HEIGHTS.end)
        given * seconds
      end

      private

      # W by the effectiveness of an exchanger against standing water.
      def exchange(water)
        flow * HEAT * (1 - Math.exp(-conductance * fouling / (flow * HEAT))) *
          (@flow_temperature - water)
      end

      def idle
        @flow_temperature = @return_temperature = 293.15
        0.0
      end
    end
  end
end
