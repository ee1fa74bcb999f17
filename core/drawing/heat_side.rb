# frozen_string_literal: true

module Munimen
  module Drawing
    # Burner and flue, elements, or the boiler's coil with its controls.
    class HeatSide
      CENTRE = Section::CENTRE
      LEFT = Section::LEFT

      def initialize(heater, canvas, tank)
        @heater = heater
        @canvas = canvas
        @tank = tank
      end

      def draw
        return gas if @heater.gas?

        coil if @heater.coil?
        compressor if @heater.heat_pump?
        elements
        limits
      end

      private

      def at(share) = (@tank.top + (@tank.tall * share)).round(1)

      def gas
        @canvas.rect(CENTRE - 7, 14, 14, @tank.top - 44, :flue, :flue)
        @canvas.rect(CENTRE - 6, @tank.top, 12, @tank.tall, :flue, :flue_inside)
        @canvas.path(
          (0..7)
            .map do |i|
              "#{i.zero? ? "M" : "L"}#{CENTRE + (i.even? ? -4 : 4)} " \
                "#{(@tank.top + 10 + (i * (@tank.tall - 20) / 7)).round(1)}"
            end
            .join(" "),
          :flue,
          :baffle
        )
        @canvas.anchor(:flue, CENTRE + 7, 30)
        @canvas.circle(CENTRE, 30, 5, :flue, :control) if %i[damper power].include?(@heater.vent)
        draft_hood unless @heater.hood == :sealed
        burner
      end

      def draft_hood
        y = @tank.top - 30
        @canvas.path(
          "M#{CENTRE - 7} #{y} L#{CENTRE - 17} #{y + 14} H#{CENTRE + 17} L#{CENTRE + 7} #{y} Z",
          :draft_hood,
          @heater.hood == :unknown ? :unknown : :metal
        )
        [-12, 12].each do |dx|
          @canvas.line(CENTRE + dx, y + 15, CENTRE + dx, @tank.top - 7, :draft_hood, :thin)
        end
        @canvas.anchor(:draft_hood, CENTRE + 16, y + 12)
      end

      def burner
        y = @tank.bottom + 18
        @canvas.rect(CENTRE - 22, y, 44, 5, :burner, :metal, radius: 2)
        [-14, 0, 14].each do |dx|
          @canvas.path(
            "M#{CENTRE + dx - 5} #{y} Q#{CENTRE + dx} #{y - 16} #{CENTRE + dx + 5} #{y} Z",
            :burner,
            :flame
          )
        end
        @canvas.anchor(:burner, CENTRE + 22, y + 2)
        gas_train(y)
      end

      def gas_train(y)
        @canvas.rect(@tank.left - 20, @tank.bottom - 14, 14, 22, :gas_control, :control, radius: 2)
        @canvas.anchor(:gas_control, @tank.left - 20, @tank.bottom - 4)
        @canvas.path(
          "M#{@tank.left - 13} #{@tank.bottom + 8} V#{y + 2} H#{CENTRE - 22}",
          :burner,
          :gas_pipe
        )
        @canvas.path(
          "M#{LEFT} #{@tank.bottom + 24} H#{@tank.left - 26} V#{@tank.bottom - 2} H" \
          "#{@tank.left - 20}",
          :gas_cock,
          :gas_pipe
        )
        @canvas.valve(LEFT + 14, @tank.bottom + 24, :gas_cock)
      end

      # Flow above, return below, the coil between them; the control valve and the programmer on
      # the flow.
      def coil
        flow = at(0.58)
        back = at(0.82)
        @canvas.path("M#{LEFT} #{flow} H#{CENTRE}", :coil, :hot_pipe)
        @canvas.path("M#{LEFT} #{back} H#{CENTRE}", :coil, :cold_pipe)
        @canvas.path("M#{CENTRE} #{flow} #{turns(flow, back)}", :coil, :coil)
        @canvas.anchor(:coil, LEFT + 4, back)
        @canvas.diamond(LEFT + 18, flow, :two_port, known: @heater.coil_control != :unknown)
        @canvas.anchor(:two_port, LEFT + 12, flow)
        @canvas.rect(LEFT - 2, flow - 48, 16, 22, :programmer, :control, radius: 2)
        @canvas.path("M#{LEFT + 14} #{flow - 37} H#{LEFT + 18} V#{flow - 8}", :programmer, :cable)
        @canvas.anchor(:programmer, LEFT - 2, flow - 38)
      end

      # Six half turns from the flow down to the return.
      def turns(flow, back)
        at = ->(share) { (flow + (share * (back - flow) / 6)).round(1) }
        halves = (0..5).map do |i|
          "Q#{i.even? ? @tank.right - 10 : @tank.left + 12} #{at[i + 0.5]} #{CENTRE} #{at[i + 1]}"
        end
        halves.join(" ")
      end

      # On top, with its fan, and its coil round the lower half of the tank.
      def compressor
        top = @tank.top - 46
        left = CENTRE - (@tank.wide * 0.48)
        wide = @tank.wide * 0.96
        @canvas.rect(left, top, wide, 34, :compressor, :metal, radius: 3)
        @canvas.circle(CENTRE, top + 17, 11, :compressor, :control)
        @canvas.line(CENTRE - 8, top + 17, CENTRE + 8, top + 17, :compressor, :thin)
        @canvas.line(CENTRE, top + 9, CENTRE, top + 25, :compressor, :thin)
        (0..4).each do |turn|
          y = at(0.55 + (turn * 0.08))
          @canvas.line(@tank.left - 3, y, @tank.left - 3, y + 8, :compressor, :thin)
          @canvas.line(@tank.right + 3, y, @tank.right + 3, y + 8, :compressor, :thin)
        end
        @canvas.anchor(:compressor, left + wide, top + 17)
      end

      def elements
        element(:upper_element, 0.3) if @heater.elements? && @heater.element_upper
        if @heater.elements? && (@heater.element_lower || !@heater.element_upper)
          element(:lower_element, 0.82)
        end
        immersion if @heater.immersion?
        return if @heater.electric_sources.empty?

        y = @heater.coil? ? @tank.top - 28 : 210
        @canvas.rect(LEFT + 2, y, 16, 22, :disconnect, :control, radius: 2)
        @canvas.path(
          "M#{LEFT + 18} #{y + 8} H#{@tank.left + 14} V#{@tank.top - 7}",
          :disconnect,
          :cable
        )
        @canvas.anchor(:disconnect, LEFT + 2, y + 12)
      end

      def element(part, share)
        y = at(share)
        right = CENTRE + (@tank.wide * 0.2)
        @canvas.path(
          "M#{@tank.left - 6} #{y - 4} H#{right} Q#{CENTRE + (@tank.wide * 0.3)} #{y} #{right} " \
          "#{y + 4} H#{@tank.left - 6}",
          part,
          :element
        )
        @canvas.rect(@tank.left - 11, y - 7, 6, 14, part, :metal, radius: 1)
        @canvas.anchor(part, @tank.left - 11, y)
      end

      # From the right, above the coil.
      def immersion
        y = at(0.4)
        left = CENTRE - (@tank.wide * 0.1)
        role = @heater.backup_immersion == :yes ? :element : :unknown
        @canvas.path(
          "M#{@tank.right + 6} #{y - 4} H#{left} Q#{left - 8} #{y} #{left} #{y + 4} H" \
          "#{@tank.right + 6}",
          :immersion,
          role
        )
        @canvas.rect(@tank.right + 5, y - 7, 6, 14, :immersion, :metal, radius: 1)
        @canvas.anchor(:immersion, @tank.right + 11, y)
      end

      def limits
        top = @heater.unvented? ? :cut_out : :high_limit
        if @heater.cut_out?
          y = at(0.2)
          @canvas.rect(@tank.left - 12, y - 7, 8, 14, top, :control, radius: 1)
          @canvas.circle(@tank.left - 8, y, 2, top, :reset)
          @canvas.anchor(top, @tank.left - 12, y)
        end
        t = at(0.42)
        @canvas.rect(@tank.left - 12, t - 6, 8, 12, :thermostat, :control, radius: 1)
        @canvas.anchor(:thermostat, @tank.left - 12, t)
      end
    end
  end
end
