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

      # A drawing that was made with other words in it. names: {part => name}; a block gives each
      # piece of a note.
      def self.reworded(drawing, names, &)
        labels = drawing[:labels].map do |label|
          note = label[:note]&.split(/ · |\n/)&.map(&)
          Labels.worded(label, names.fetch(label[:part].to_sym, label[:name]), note&.join(" · "))
        end
        drawing.merge(labels: Labels.beside(labels))
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

      # Parts that are not drawn have none.
      def labels
        shown = Heater::Parts.of(@heater).select { |part| @canvas.anchors.key?(part.id) }
        Labels.beside(
          shown.map do |part|
            x, y = @canvas.anchors.fetch(part.id)
            item = { part: part.id, x: x.round(1), y: y.round(1) }
            Labels.worded(item, Words[@units].part(part.id), note(part.id))
          end
        )
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
