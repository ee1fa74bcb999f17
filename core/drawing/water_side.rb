# frozen_string_literal: true

module Munimen
  module Drawing
    # Cold in, hot out, the vessel, the anode, the drain.
    class WaterSide
      CENTRE = Section::CENTRE
      LEFT = Section::LEFT
      RIGHT = Section::RIGHT
      PIPE = Section::PIPE

      def initialize(heater, canvas, tank)
        @heater = heater
        @canvas = canvas
        @tank = tank
      end

      def draw
        cold
        hot
        anode
        y = @tank.bottom - 12
        @canvas.rect(@tank.right + 4, y - 4, 9, 7, :drain_valve, :brass, radius: 1)
        @canvas.anchor(:drain_valve, @tank.right + 13, y)
      end

      private

      def cold
        x = CENTRE - (@tank.wide * 0.3)
        @canvas.path("M#{LEFT} #{PIPE} H#{x} V#{@tank.top}", :cold_shut_off, :cold_pipe)
        @canvas.anchor(:house_main, LEFT, PIPE)
        @canvas.circle(LEFT, PIPE, 3, :house_main, :cold_node)
        @heater.unvented? ? inlet_group : entry
        vessel(LEFT + 50) if @heater.vessel?
        @canvas.valve(x, (PIPE + @tank.top) / 2, :cold_shut_off)
        @canvas.rect(x - 2.5, @tank.top, 5, @tank.tall * 0.84, :dip_tube, :dip_tube)
        @canvas.anchor(:dip_tube, x - 2, @tank.top + (@tank.tall * 0.74))
      end

      def entry
        device(:regulator, LEFT + 13, @heater.regulator, 6)
        device(:backflow, LEFT + 30, @heater.backflow, 7)
        expansion_relief(LEFT + 30) unless @heater.expansion_relief == :no
      end

      def device(part, x, there, below)
        return if there == :no

        @canvas.diamond(x, PIPE, part, known: there == :yes)
        @canvas.anchor(part, x, PIPE + below)
      end

      # Strainer, reducing valve, check valve and expansion relief in one body.
      def inlet_group
        @canvas.rect(LEFT + 8, PIPE - 8, 28, 16, :inlet_group, :brass, radius: 3)
        @canvas.path(
          "M#{LEFT + 13} #{PIPE + 8} L#{LEFT + 18} #{PIPE + 16} H#{LEFT + 11} Z",
          :inlet_group,
          :brass
        )
        @canvas.anchor(:inlet_group, LEFT + 14, PIPE + 12)
        expansion_relief(LEFT + 30) unless @heater.expansion_relief == :no
      end

      def expansion_relief(x)
        role = @heater.expansion_relief == :yes ? :brass : :unknown
        @canvas.rect(x - 5, PIPE - 20, 10, 12, :expansion_relief, role, radius: 2)
        @canvas.line(x, PIPE - 20, x + 7, PIPE - 26, :expansion_relief, :lever)
        @canvas.anchor(:expansion_relief, x - 5, PIPE - 15)
      end

      # Round vessel above the pipe, to the tank's scale, half air and half water.
      def vessel(x)
        volume = (@heater.vessel_volume || Measure::Quantity.of(2, "gal", :volume)).si
        diameter = ((4 * volume / (Math::PI * 1.4))**(1 / 3.0)) * @tank.scale
        vessel_shell(x, PIPE - 14, [diameter, 52].min.round(1), [diameter * 1.4, 84].min.round(1))
      end

      def vessel_shell(x, bottom, wide, tall)
        @canvas.line(x, PIPE, x, bottom, :vessel, :cold_pipe)
        @canvas.rect(
          x - (wide / 2),
          bottom - tall,
          wide,
          tall,
          :vessel,
          @heater.vessel == :unknown ? :unknown : :vessel,
          radius: wide * 0.4
        )
        @canvas.path(
          "M#{x - (wide / 2)} #{bottom - (tall * 0.45)} Q#{x} #{bottom - (tall * 0.2)} " \
          "#{x + (wide / 2)} #{bottom - (tall * 0.45)}",
          :vessel,
          :membrane
        )
        @canvas.rect(x - 2, bottom - tall - 5, 4, 5, :vessel, :metal)
        @canvas.anchor(:vessel, x - (wide / 2), bottom - (tall / 2))
      end

      def hot
        x = CENTRE + (@tank.wide * 0.3)
        @canvas.path(
          "M#{x} #{@tank.top} V#{PIPE} H#{RIGHT - 6} V#{PIPE + 14}",
          :hot_outlet,
          :hot_pipe
        )
        @canvas.anchor(:hot_outlet, x + 2, (PIPE + @tank.top) / 2)
        @canvas.path(
          "M#{RIGHT - 12} #{PIPE + 14} H#{RIGHT} L#{RIGHT - 3} #{PIPE + 22} H#{RIGHT - 9} Z",
          :tap,
          :brass
        )
        @canvas.anchor(:tap, RIGHT, PIPE + 18)
        mixing if @heater.mixing_valve == :yes
        recirculation(x) if @heater.recirculation == :yes
      end

      def mixing
        @canvas.circle(RIGHT - 26, PIPE, 6, :mixing_valve, :brass)
        @canvas.anchor(:mixing_valve, RIGHT - 26, PIPE - 6)
      end

      def recirculation(x)
        @canvas.path("M#{RIGHT - 14} #{PIPE} V#{PIPE - 20} H#{x - 4}", :recirculation_pump, :thin)
        @canvas.circle(RIGHT - 34, PIPE - 20, 6, :recirculation_pump, :control)
        @canvas.anchor(:recirculation_pump, RIGHT - 28, PIPE - 20)
      end

      def anode
        return if @heater.anode == :none

        x = CENTRE + (@heater.gas? ? @tank.wide * 0.15 : 0)
        @canvas.rect(
          x - 2.5,
          @tank.top,
          5,
          @tank.tall * (@heater.coil? ? 0.34 : 0.66),
          :anode,
          @heater.anode == :unknown ? :unknown : :anode,
          radius: 2
        )
        @canvas.rect(x - 5, @tank.top - 11, 10, 5, :anode, :metal, radius: 1)
        @canvas.anchor(:anode, x + 2, @tank.top + (@tank.tall * 0.3))
      end
    end
  end
end
