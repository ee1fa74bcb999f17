# frozen_string_literal: true

module Munimen
  module Drawing
    # Collects shapes and the spots that labels point at. Shapes carry the part they belong to and
    # a role that says what they are made of; the screen and the PDF draw the same ones.
    #
    # A shape is a Hash: {t: :path, d:, part:, role:}, {t: :rect, x:, y:, w:, h:, r:, …}, {t:
    # :line, x1:, y1:, x2:, y2:, …}, {t: :circle, x:, y:, r:, …} or {t: :text, x:, y:, text:,
    # size:, anchor:, …}.
    class Canvas
      attr_reader :shapes, :anchors

      def initialize
        @shapes = []
        @anchors = {}
      end

      def anchor(part, x, y) = @anchors[part] = [x, y]
      def line(x1, y1, x2, y2, part, role) = add(t: :line, x1:, y1:, x2:, y2:, part:, role:)

      def path(d, part, role)
        add(t: :path, d: d.gsub(/\d+\.\d+/) { |number| number.to_f.round(1).to_s }, part:, role:)
      end

      def circle(x, y, radius, part, role) = add(t: :circle, x:, y:, r: radius, part:, role:)

      def rect(x, y, wide, tall, part, role, radius: 0)
        add(t: :rect, x:, y:, w: wide, h: tall, r: radius, part:, role:)
      end

      # Gives the shapes of a part that have a role another one; role nil: all of them.
      def recast(part, role, other)
        @shapes.each do |shape|
          shape[:role] = other if shape[:part] == part && [nil, shape[:role]].include?(role)
        end
      end

      def remove(part, role)
        @shapes.reject! { |shape| shape[:part] == part && shape[:role] == role }
      end

      # A shut-off across a pipe.
      def valve(x, y, part)
        path("M#{x - 6} #{y - 5} L#{x + 6} #{y + 5} V#{y - 5} L#{x - 6} #{y + 5} Z", part, :brass)
        anchor(part, x - 6, y)
      end

      # A device on a pipe, dashed where it is not known to be there.
      def diamond(x, y, part, known: true)
        path(
          "M#{x} #{y - 7} L#{x + 7} #{y} L#{x} #{y + 7} L#{x - 7} #{y} Z",
          part,
          known ? :brass : :unknown
        )
      end

      private

      def add(shape)
        @shapes << shape.transform_values { |value| value.is_a?(Float) ? value.round(1) : value }
      end
    end
  end
end
