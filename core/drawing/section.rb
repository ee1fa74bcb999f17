# frozen_string_literal: true

module Munimen
  module Drawing
    # The heater cut open, drawn from its configuration: tank and vessel to one scale, every part in its
    # place, and where each label goes. Units: a canvas of 420 × 500.
    #
    #   Section.new(heater).to_h # => {width:, height:, shapes: [...], labels: [{part:, x:, y:, at:, side:}]}
    class Section
      WIDTH = 420
      HEIGHT = 500
      CENTRE = 212
      FLOOR = 470
      PIPE = 122          # height of the cold and hot pipes
      LEFT = 116          # drawing area between the label columns
      RIGHT = 306
      SLENDERNESS = 2.5   # height of a tank over its diameter; common practice

      def initialize(heater)
        @heater = heater
        @shapes = []
        @anchors = {}
      end

      def to_h
        draw
        { width: WIDTH, height: HEIGHT, shapes: @shapes, labels: }
      end

      # Tank diameter and height in drawing units.
      def tank_size
        diameter = (4 * @heater.capacity.si / (Math::PI * SLENDERNESS))**(1 / 3.0)
        @scale = [190.0, 262 / (diameter * SLENDERNESS), 96 / diameter].min
        [diameter * @scale, diameter * SLENDERNESS * @scale].map { |n| n.round(1) }
      end

      private

      def draw
        @wide, @tall = tank_size
        @bottom = FLOOR - (@heater.gas? ? 34 : 16)
        @top = (@bottom - @tall).round(1)
        @left = CENTRE - (@wide / 2)
        @right = CENTRE + (@wide / 2)
        ground
        tank
        @heater.gas? ? gas : electric
        cold_side
        hot_side
        inside
        relief
        low_parts
      end

      def ground
        line(LEFT - 6, FLOOR, RIGHT + 6, FLOOR, :tank, :ground)
        return if @heater.pan == :no

        dashed = @heater.pan == :unknown ? :unknown : :metal
        path("M#{@left - 16} #{FLOOR - 12} V#{FLOOR - 2} H#{@right + 16} V#{FLOOR - 12}", :pan, dashed)
        anchor(:pan, @left - 14, FLOOR - 4)
      end

      def tank
        rect(@left - 7, @top - 7, @wide + 14, FLOOR - 4 - @top + 7, :tank, :jacket, radius: 10)
        rect(@left, @top, @wide, @tall, :tank, :water, radius: 9)
        anchor(:tank, @left + 3, @top + (@tall * 0.62))
        anchor(:data_plate, @right + 6, @top + (@tall * 0.5))
        rect(@right + 1.5, @top + (@tall * 0.47), 4, 16, :data_plate, :plate, radius: 1)
      end

      def gas
        rect(CENTRE - 7, 14, 14, @top - 44, :flue, :flue)
        rect(CENTRE - 6, @top, 12, @tall, :flue, :flue_inside)
        path((0..7).map { |i| "#{i.zero? ? 'M' : 'L'}#{CENTRE + (i.even? ? -4 : 4)} #{(@top + 10 + (i * (@tall - 20) / 7)).round(1)}" }.join(" "),
             :flue, :baffle)
        anchor(:flue, CENTRE + 7, 30)
        draft_hood unless @heater.hood == :sealed
        burner
      end

      def draft_hood
        y = @top - 30
        path("M#{CENTRE - 7} #{y} L#{CENTRE - 17} #{y + 14} H#{CENTRE + 17} L#{CENTRE + 7} #{y} Z", :draft_hood, :metal)
        line(CENTRE - 12, y + 15, CENTRE - 12, @top - 7, :draft_hood, :thin)
        line(CENTRE + 12, y + 15, CENTRE + 12, @top - 7, :draft_hood, :thin)
        anchor(:draft_hood, CENTRE + 16, y + 12)
      end

      def burner
        y = @bottom + 18
        rect(CENTRE - 22, y, 44, 5, :burner, :metal, radius: 2)
        [-14, 0, 14].each { |dx| path("M#{CENTRE + dx - 5} #{y} Q#{CENTRE + dx} #{y - 16} #{CENTRE + dx + 5} #{y} Z", :burner, :flame) }
        anchor(:burner, CENTRE + 22, y + 2)
        rect(@left - 20, @bottom - 14, 14, 22, :gas_control, :control, radius: 2)
        anchor(:gas_control, @left - 20, @bottom - 4)
        path("M#{@left - 13} #{@bottom + 8} V#{y + 2} H#{CENTRE - 22}", :burner, :gas_pipe)
        path("M#{LEFT} #{@bottom + 24} H#{@left - 26} V#{@bottom - 2} H#{@left - 20}", :gas_cock, :gas_pipe)
        valve(LEFT + 14, @bottom + 24, :gas_cock)
      end

      def electric
        rect(LEFT + 2, 210, 16, 24, :disconnect, :control, radius: 2)
        path("M#{LEFT + 10} 210 V#{@top - 16} H#{@left + 14} V#{@top - 7}", :disconnect, :cable)
        anchor(:disconnect, LEFT + 2, 222)
        element(:upper_element, 0.3) if @heater.element_upper
        element(:lower_element, 0.82) if @heater.element_lower || !@heater.element_upper
        y = @top + (@tall * 0.2)
        rect(@left - 12, y - 7, 8, 14, :high_limit, :control, radius: 1)
        circle(@left - 8, y, 2, :high_limit, :reset)
        anchor(:high_limit, @left - 12, y)
        t = @top + (@tall * 0.4)
        rect(@left - 12, t - 6, 8, 12, :thermostat, :control, radius: 1)
        anchor(:thermostat, @left - 12, t)
      end

      def element(part, share)
        y = (@top + (@tall * share)).round(1)
        path("M#{@left - 6} #{y - 4} H#{CENTRE + (@wide * 0.2)} Q#{CENTRE + (@wide * 0.3)} #{y} #{CENTRE + (@wide * 0.2)} #{y + 4} H#{@left - 6}", part, :element)
        rect(@left - 11, y - 7, 6, 14, part, :metal, radius: 1)
        anchor(part, @left - 11, y)
      end

      def cold_side
        x = CENTRE - (@wide * 0.3)
        path("M#{LEFT} #{PIPE} H#{x} V#{@top}", :cold_shut_off, :cold_pipe)
        anchor(:house_main, LEFT, PIPE)
        circle(LEFT, PIPE, 3, :house_main, :cold_node)
        box_on_pipe(:regulator, LEFT + 13, @heater.regulator)
        box_on_pipe(:backflow, LEFT + 30, @heater.backflow)
        vessel(LEFT + 50) unless @heater.vessel == :none
        valve(x, (PIPE + @top) / 2, :cold_shut_off)
        rect(x - 2.5, @top, 5, @tall * 0.84, :dip_tube, :dip_tube)
        anchor(:dip_tube, x - 2, @top + (@tall * 0.72))
      end

      def box_on_pipe(part, x, there)
        return if there == :no

        path("M#{x} #{PIPE - 7} L#{x + 7} #{PIPE} L#{x} #{PIPE + 7} L#{x - 7} #{PIPE} Z", part, there == :unknown ? :unknown : :brass)
        anchor(part, x, PIPE + (part == :regulator ? 6 : 7))
      end

      # Round vessel above the pipe, to the tank's scale, half air and half water.
      def vessel(x)
        volume = (@heater.vessel_volume || Measure::Quantity.of(2, "gal", :volume)).si
        diameter = (4 * volume / (Math::PI * 1.4))**(1 / 3.0)
        wide = [diameter * @scale, 52].min.round(1)
        tall = [diameter * 1.4 * @scale, 84].min.round(1)
        bottom = PIPE - 14
        line(x, PIPE, x, bottom, :vessel, :cold_pipe)
        role = @heater.vessel == :unknown ? :unknown : :vessel
        rect(x - (wide / 2), bottom - tall, wide, tall, :vessel, role, radius: wide * 0.4)
        path("M#{x - (wide / 2)} #{bottom - (tall * 0.45)} Q#{x} #{bottom - (tall * 0.2)} #{x + (wide / 2)} #{bottom - (tall * 0.45)}", :vessel, :membrane)
        rect(x - 2, bottom - tall - 5, 4, 5, :vessel, :metal)
        anchor(:vessel, x - (wide / 2), bottom - (tall / 2))
      end

      def hot_side
        x = CENTRE + (@wide * 0.3)
        path("M#{x} #{@top} V#{PIPE} H#{RIGHT - 6} V#{PIPE + 14}", :hot_outlet, :hot_pipe)
        anchor(:hot_outlet, x + 2, (PIPE + @top) / 2)
        path("M#{RIGHT - 12} #{PIPE + 14} H#{RIGHT} L#{RIGHT - 3} #{PIPE + 22} H#{RIGHT - 9} Z", :tap, :brass)
        anchor(:tap, RIGHT, PIPE + 18)
        mixing if @heater.mixing_valve == :yes
        recirculation(x) if @heater.recirculation == :yes
      end

      def mixing
        circle(RIGHT - 26, PIPE, 6, :mixing_valve, :brass)
        anchor(:mixing_valve, RIGHT - 26, PIPE - 6)
      end

      def recirculation(x)
        path("M#{RIGHT - 14} #{PIPE} V#{PIPE - 20} H#{x - 4}", :recirculation_pump, :thin)
        circle(RIGHT - 34, PIPE - 20, 6, :recirculation_pump, :control)
        anchor(:recirculation_pump, RIGHT - 28, PIPE - 20)
      end

      def inside
        return if @heater.anode == :none

        x = CENTRE + (@heater.gas? ? @wide * 0.15 : 0)
        rect(x - 2.5, @top, 5, @tall * 0.66, :anode, :anode, radius: 2)
        rect(x - 5, @top - 11, 10, 5, :anode, :metal, radius: 1)
        anchor(:anode, x + 2, @top + (@tall * 0.4))
      end

      def relief
        y = (@top + (@tall * 0.1)).round(1)
        rect(@right + 7, y - 5, 14, 10, :relief_valve, :brass, radius: 2)
        line(@right + 14, y - 5, @right + 22, y - 12, :relief_valve, :lever)
        anchor(:relief_valve, @right + 21, y - 4)
        return if @heater.discharge_ends == :none

        x = @right + 18
        path(discharge_route(x, y), :discharge_pipe, @heater.discharge_ends == :unknown ? :unknown : :copper)
        anchor(:discharge_pipe, x, @top + (@tall * 0.7))
      end

      def discharge_route(x, y)
        start = "M#{@right + 14} #{y + 5} V#{y + 14} H#{x} "
        case @heater.discharge_ends
        when :outdoors
          anchor(:discharge_end, RIGHT + 2, FLOOR - 30)
          "#{start}V#{FLOOR - 60} H#{RIGHT - 2} V#{FLOOR - 26}"
        when :pan then "#{start}V#{FLOOR - 18}"
        else "#{start}V#{FLOOR - 14}"
        end
      end

      def low_parts
        y = @bottom - 12
        rect(@right + 4, y - 4, 9, 7, :drain_valve, :brass, radius: 1)
        anchor(:drain_valve, @right + 13, y)
      end

      def valve(x, y, part)
        path("M#{x - 6} #{y - 5} L#{x + 6} #{y + 5} V#{y - 5} L#{x - 6} #{y + 5} Z", part, :brass)
        anchor(part, x - 6, y)
      end

      # Labels in two columns beside the drawing; parts that are not drawn have none.
      def labels
        shown = Heater::Parts.of(@heater).select { |part| @anchors.key?(part.id) }
        left, right = shown.map { |part| label(part) }.partition { |item| item[:side] == :left }
        columns = [left, right].flat_map { |column| Labels.spread(column, top: 20, bottom: HEIGHT - 16, gap: 30) }
        columns.map { |item| item.slice(:part, :x, :y, :at, :side) }
      end

      def label(part)
        x, y = @anchors.fetch(part.id)
        { part: part.id, x: x.round(1), y: y.round(1), side: x < CENTRE ? :left : :right }
      end

      def anchor(part, x, y) = @anchors[part] = [x, y]
      def line(x1, y1, x2, y2, part, role) = add(t: :line, x1:, y1:, x2:, y2:, part:, role:)
      def path(d, part, role) = add(t: :path, d:, part:, role:)
      def circle(x, y, radius, part, role) = add(t: :circle, x:, y:, r: radius, part:, role:)
      def rect(x, y, wide, tall, part, role, radius: 0) = add(t: :rect, x:, y:, w: wide, h: tall, r: radius, part:, role:)
      def add(shape) = @shapes << shape.transform_values { |value| value.is_a?(Float) ? value.round(1) : value }
    end
  end
end
