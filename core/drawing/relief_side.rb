# frozen_string_literal: true

module Munimen
  module Drawing
    # The relief valve and the way its water takes: a US discharge pipe, or D1, tundish and D2
    # with its bends, to where it ends.
    class ReliefSide
      FLOOR = Section::FLOOR
      RIGHT = Section::RIGHT
      BENDS_DRAWN = 6

      # "7 m · 3 bends · 28 mm": what is known of D2, or nil.
      def self.measures(heater, units)
        bends = heater.d2_bends&.si&.to_i
        [
          heater.d2_length&.format(units),
          bends && "#{bends} #{bends == 1 ? "bend" : "bends"}",
          heater.d2_size&.format(units)
        ].compact.join(" · ").then { |text| text.empty? ? nil : text }
      end

      def initialize(heater, canvas, tank)
        @heater = heater
        @canvas = canvas
        @tank = tank
      end

      def draw
        @y = (@tank.top + (@tank.tall * 0.1)).round(1)
        @canvas.rect(@tank.right + 7, @y - 5, 14, 10, :relief_valve, :brass, radius: 2)
        @canvas.line(@tank.right + 14, @y - 5, @tank.right + 22, @y - 12, :relief_valve, :lever)
        @canvas.anchor(:relief_valve, @tank.right + 21, @y - 4)
        return if @heater.discharge_ends == :none

        @heater.tundish == :no ? straight : tundish
      end

      private

      def role = @heater.discharge_ends == :unknown ? :unknown : :copper

      def straight
        x = @tank.right + 18
        @canvas.path(
          "M#{@tank.right + 14} #{@y + 5} V#{@y + 14} H#{x} #{ending(x)}",
          :discharge_pipe,
          role
        )
        @canvas.anchor(:discharge_pipe, x, @tank.top + (@tank.tall * 0.7))
      end

      def ending(x)
        case @heater.discharge_ends
        when :outdoors
          @canvas.anchor(:discharge_end, RIGHT + 2, FLOOR - 30)
          "V#{FLOOR - 60} H#{RIGHT - 2} V#{FLOOR - 26}"
        when :pan then "V#{FLOOR - 18}"
        when :gully, :hopper, :roof
          @canvas.anchor(:discharge_end, x, FLOOR - 16)
          "V#{FLOOR - 14}"
        else "V#{FLOOR - 14}"
        end
      end

      # D1 drawn by its length, up to 600 mm and a little more.
      def tundish
        x = @tank.right + 24
        fall = 16 + (44 * [(@heater.d1_length&.si || 0.3) / 0.6, 1.4].min)
        top = @y + 10 + fall
        @canvas.path(
          "M#{@tank.right + 14} #{@y + 5} V#{@y + 10} H#{x} V#{top}",
          :discharge_pipe,
          role
        )
        @canvas.path(
          "M#{x - 8} #{top + 3} H#{x + 8} L#{x + 3} #{top + 15} H#{x - 3} Z",
          :tundish,
          @heater.tundish == :yes ? :brass : :unknown
        )
        @canvas.anchor(:tundish, x + 8, top + 8)
        expansion_pipe(x, top) unless @heater.expansion_relief == :no
        d2(x, top + 15)
      end

      # The expansion relief's own pipe, over the top of the tank to the tundish.
      def expansion_pipe(x, top)
        from = Section::LEFT + 30
        y = @tank.top - 13
        @canvas.path(
          "M#{from} #{Section::PIPE - 8} V#{Section::PIPE + 18} H#{from + 4} V#{y} H#{x + 4} V" \
          "#{top}",
          :expansion_relief,
          :copper_thin
        )
      end

      # Straight down first, then one corner for each bend; with an odd number it ends level,
      # through a wall.
      def d2(x, y)
        last = FLOOR - 14
        bends = [(@heater.d2_bends&.si || 1).to_i, BENDS_DRAWN].min
        legs = bends / 2 # upright ones below the first
        first = legs.zero? ? last : y + 24
        sides = [RIGHT - 2, x].cycle
        corners = Array.new(bends) do |i|
          if i.even?
            "H#{sides.next}"
          else
            "V#{(first + ((last - first) * (i + 1) / (2.0 * legs))).round(1)}"
          end
        end
        @canvas.path("M#{x} #{y} V#{first} #{corners.join(" ")}", :discharge_pipe, role)
        @canvas.anchor(:discharge_pipe, x, y + 14)
        side = [x, RIGHT - 2][(bends + 1) / 2 % 2]
        @canvas.anchor(:discharge_end, side + 2, last - 2)
        grating(side, last) if @heater.discharge_ends == :gully
      end

      def grating(x, y)
        [-6, 0, 6].each do |dx|
          @canvas.line(x + dx - 2, y + 6, x + dx + 2, y + 6, :discharge_end, :ground)
        end
      end
    end
  end
end
