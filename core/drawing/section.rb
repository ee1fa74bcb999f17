# frozen_string_literal: true

module Munimen
  module Drawing
    # The heater cut open, drawn from its configuration: tank and vessel to one scale, every
    # part in its place, and where each label goes. Units: a canvas of 478 × 500.
    #
    #   Section.new(heater).to_h
    #   # => {width:, height:, shapes: [...],
    #   #     labels: [{part:, name:, wide:, x:, y:, at:, side:, note:}]}
    class Section
      WIDTH = 478
      HEIGHT = 500
      CENTRE = 241
      FLOOR = 470
      PIPE = 122          # height of the cold and hot pipes
      LEFT = 145          # drawing area between the label columns
      RIGHT = 335
      COLUMN = 118        # what a label may be wide
      NAME = 12           # size of a name
      NOTE = 11           # size of a note

      # Where the tank stands: its edges, and the drawing units to a metre.
      Tank = Struct.new(:left, :right, :top, :bottom, :wide, :tall, :scale, keyword_init: true)

      # units: of the notes beside the labels. state: that of a visit, {variable => value}; without
      # one the heater as it usually stands.
      def initialize(heater, units: :us, state: {})
        @heater = heater
        @units = units
        @state = state
        @canvas = Canvas.new
      end

      def to_h
        draw
        { width: WIDTH, height: HEIGHT, shapes: @canvas.shapes, labels: }
      end

      # Tank diameter and height in drawing units.
      def tank_size
        diameter = @heater.tank_diameter
        @scale = [190.0, 262 / @heater.tank_height, 96 / diameter].min
        [diameter * @scale, @heater.tank_height * @scale].map { |n| n.round(1) }
      end

      private

      def draw
        wide, tall = tank_size
        bottom = FLOOR - (@heater.gas? ? 34 : 16)
        @tank = Tank.new(
          left: CENTRE - (wide / 2),
          right: CENTRE + (wide / 2),
          top: (bottom - tall).round(1),
          bottom:,
          wide:,
          tall:,
          scale: @scale
        )
        stands = AsItStands.new(@canvas, @tank, @state)
        ground
        body
        stands.water
        HeatSide.new(@heater, @canvas, @tank).draw
        WaterSide.new(@heater, @canvas, @tank).draw
        ReliefSide.new(@heater, @canvas, @tank).draw
        stands.draw
      end

      def ground
        @canvas.line(LEFT - 6, FLOOR, RIGHT + 6, FLOOR, :tank, :ground)
        return if @heater.pan == :no

        role = @heater.pan == :unknown ? :unknown : :metal
        @canvas.path(
          "M#{@tank.left - 16} #{FLOOR - 12} V#{FLOOR - 2} H#{@tank.right + 16} V#{FLOOR - 12}",
          :pan,
          role
        )
        @canvas.anchor(:pan, @tank.left - 14, FLOOR - 4)
      end

      def body
        @canvas.rect(
          @tank.left - 7,
          @tank.top - 7,
          @tank.wide + 14,
          FLOOR - 4 - @tank.top + 7,
          :tank,
          :jacket,
          radius: 10
        )
        @canvas.rect(@tank.left, @tank.top, @tank.wide, @tank.tall, :tank, :water, radius: 9)
        bubble if @heater.vessel == :bubble
        @canvas.anchor(:tank, @tank.left + 3, @tank.top + (@tank.tall * 0.66))
        @canvas.anchor(:data_plate, @tank.right + 6, @tank.top + (@tank.tall * 0.5))
        @canvas.rect(
          @tank.right + 1.5,
          @tank.top + (@tank.tall * 0.47),
          4,
          16,
          :data_plate,
          :plate,
          radius: 1
        )
      end

      # Air at the top, inside.
      def bubble
        @canvas.rect(
          @tank.left + 2,
          @tank.top + 2,
          @tank.wide - 4,
          @tank.tall * 0.07,
          :bubble,
          :air,
          radius: 7
        )
        @canvas.anchor(:bubble, @tank.left + 8, @tank.top + (@tank.tall * 0.04))
      end

      # Labels in two columns beside the drawing; parts that are not drawn have none. A column
      # that would overflow gives what lies nearest the middle to the other.
      def labels
        shown =
          Heater::Parts
            .of(@heater)
            .select { |part| @canvas.anchors.key?(part.id) }
            .map { |part| label(part) }
        left, right = shown.partition { |item| item[:x] < CENTRE }
        [[left, right], [right, left]].each do |from, to|
          while Labels.height(from) > HEIGHT - 6
            to << from.delete(from.min_by { |item| (item[:x] - CENTRE).abs })
          end
        end
        { left:, right: }.flat_map do |side, column|
          Labels
            .spread(column, top: 20, bottom: HEIGHT - 16)
            .map { |item| item.merge(side:) }
        end
      end

      def label(part)
        x, y = @canvas.anchors.fetch(part.id)
        name = Words[@units].part(part.id)
        note = note(part.id)&.then { |text| lines(text) }
        wide = [TextWidth.of(name, NAME), *note.to_s.lines.map do |one|
          TextWidth.of(one.chomp, NOTE)
        end]
        { part: part.id, name:, wide: wide.max, x: x.round(1), y: y.round(1), note: }
      end

      # A note in as many lines as its column makes of it.
      def lines(text)
        text.split(" · ").each_with_object([+""]) do |part, lines|
          joined = [lines.last, part].reject(&:empty?).join(" · ")
          TextWidth.of(joined, NOTE) > COLUMN ? lines << +part : lines.last.replace(joined)
        end.join("\n")
      end

      # What is known of a part's size, shown where it has no reading.
      def note(part)
        case part
        when :tank then @heater.capacity.format(@units)
        when :vessel then @heater.vessel_volume&.format(@units)
        when :discharge_pipe then ReliefSide.measures(@heater, @units)
        when :relief_valve then @heater.relief_set_pressure&.format(@units)
        when :burner then Heater::Fields::FUELS[@heater.fuel]
        when :expansion_relief then @heater.expansion_relief_pressure&.format(@units)
        end
      end
    end
  end
end
