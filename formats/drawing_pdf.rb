# frozen_string_literal: true

require "prawn"

module Munimen
  module Formats
    # Draws the shapes of core/drawing on a Prawn page, in the report's colours. SVG paths use M L
    # H V Q Z.
    class DrawingPdf
      # role => [fill, stroke, width]; nil paints nothing.
      ROLES = {
        jacket: ["EFE7D5", "C9BDA5", 0.6],
        water: ["D9D6DA", "8D8A83", 1.2],
        ground: [nil, "4C5870", 1.2],
        flue: ["ECE5D6", "8D8A83", 0.9],
        flue_inside: ["ECE5D6", "8D8A83", 0.6],
        baffle: [nil, "8D8A83", 0.8],
        thin: [nil, "8D8A83", 0.8],
        membrane: [nil, "8D8A83", 0.8],
        metal: ["8D8A83", "1D2B45", 0.5],
        control: ["8D8A83", "1D2B45", 0.5],
        brass: ["A8863C", "1D2B45", 0.5],
        plate: ["FFFFFF", "1D2B45", 0.5],
        flame: ["B8412C", nil, 0],
        gas_pipe: [nil, "4C5870", 1.8],
        cable: [nil, "1D2B45", 0.8],
        element: [nil, "1D2B45", 1.2],
        reset: ["A3182B", nil, 0],
        cold_pipe: [nil, "2E6FA8", 2.6],
        cold_node: ["2E6FA8", nil, 0],
        hot_pipe: [nil, "B8412C", 2.6],
        dip_tube: ["8FB3D3", nil, 0],
        anode: ["8D8A83", nil, 0],
        vessel: ["FFFFFF", "2E6FA8", 1.4],
        unknown: [nil, "B9AE97", 1.1],
        copper: [nil, "97491F", 2.4],
        copper_thin: [nil, "97491F", 1.2],
        coil: [nil, "B8412C", 1.6],
        air: ["F4EFE4", "8D8A83", 0.6],
        lever: [nil, "1D2B45", 1.2],
        lever_up: [nil, "97491F", 2],
        cold_water: ["C6DAEA", "8D8A83", 1.2],
        emptied: ["FBF8F1", nil, 0],
        water_line: [nil, "2E6FA8", 1.2],
        flow: [nil, "2E6FA8", 1],
        flame_out: ["FBF8F1", "8D8A83", 0.5],
        element_on: [nil, "B8412C", 2],
        coil_off: [nil, "8D8A83", 1.6],
        shut: ["1D2B45", "1D2B45", 0.5],
        bar: [nil, "1D2B45", 2],
        stream: [nil, "2E6FA8", 1.6],
        blade: [nil, "1D2B45", 1.8],
        dead_cable: [nil, "B9AE97", 0.8],
        lock: ["97491F", "1D2B45", 0.5],
        shackle: [nil, "1D2B45", 1.2],
        lead: [nil, "1D2B45", 1],
        taken_off: [nil, "5D5A55", 0.8],
        hose: [nil, "6A5600", 2.6],
        hose_running: [nil, "2E6FA8", 2.6],
        instrument: [nil, "3F4F79", 1.2],
        dial: ["FFFFFF", "3F4F79", 1],
        open_point: ["A3182B", nil, 0],
        air_bubble: ["FFFFFF", "1D2B45", 0.5],
        tag: ["FFFFFF", "A3182B", 1]
      }.freeze
      DASHED = %i[unknown taken_off].freeze
      INK = "1D2B45"
      GRADES = {
        danger: "A3182B",
        defect: "8A4A00",
        watch: "6A5600",
        advice: "3F4F79",
        sound: "1F6244",
        not_tested: "5D5A55"
      }.freeze

      # Corners of the marks, in radii: triangle, square, octagon, lozenge.
      CORNERS = {
        watch: [[0, 1], [1, -1], [-1, -1]],
        defect: [[-1, 1], [1, 1], [1, -1], [-1, -1]],
        advice: [[0, 1], [1, 0], [0, -1], [-1, 0]],
        danger:
          Array.new(8) do |i|
            [1.2 * Math.cos((i + 0.5) * Math::PI / 4), 1.2 * Math.sin((i + 0.5) * Math::PI / 4)]
          end
      }.freeze

      COLUMN = 132 # what the columns of words are wide
      NAME = 12
      NOTE = 11

      # pdf: Prawn::Document. at: top left corner. width: in points.
      def initialize(pdf, drawing, at:, width:)
        @pdf = pdf
        @drawing = drawing
        @left, @top = at
        @scale = width / drawing[:width].to_f
      end

      def height = @drawing[:height] * @scale

      # marks: {part => {grade:, reading:}}, parts: {part => name}.
      def section(marks:, parts:)
        @drawing[:shapes].each { |shape| shape(shape) }
        @drawing[:labels].each do |label|
          label(label, parts[label[:part].to_sym], marks[label[:part].to_sym] || {})
        end
      end

      def ladder
        @drawing[:scales].each do |scale|
          text(scale[:title], scale[:x] - 34, 18, 9, :bold)
          [-8, 8].each do |dx|
            stroke("D3C8B2", 2) do
              @pdf.line(
                point(scale[:x] + dx, scale[:top] - 6),
                point(scale[:x] + dx, scale[:bottom] + 6)
              )
            end
          end
          scale[:rungs].each { |rung| rung(scale, rung) }
        end
      end

      private

      def rung(scale, rung)
        color = rung[:problem] ? GRADES[:defect] : "1D2B45"
        stroke(color, rung[:role].to_s == "measured" ? 2.4 : 1.2) do
          @pdf.line(point(scale[:x] - 13, rung[:y]), point(scale[:x] + 13, rung[:y]))
        end
        stroke("4C5870", 0.3) do
          @pdf.line(point(scale[:x] + 13, rung[:y]), point(scale[:x] + 22, rung[:at] - 3))
        end
        @pdf.fill_color color
        text(rung[:value], scale[:x] + 25, rung[:at] - 1, 8.2, :bold)
        text(rung[:label], scale[:x] + 25, rung[:at] + 10, 6.6)
        @pdf.fill_color "1D2B45"
      end

      def shape(shape)
        fill, line, width = ROLES.fetch(shape[:role].to_sym)
        fill = nil if shape[:role].to_s == "metal" && shape[:t].to_s == "path"
        @pdf.line_width = width
        @pdf.fill_color fill || "FFFFFF"
        @pdf.stroke_color line || "FFFFFF"
        paint = if fill && line then :fill_and_stroke
                elsif fill then :fill
                else :stroke
                end
        draw = -> { @pdf.public_send(paint) { trace(shape) } }
        DASHED.include?(shape[:role].to_sym) ? dashed(&draw) : draw.call
      end

      def dashed
        @pdf.dash(2, space: 1.6)
        yield
        @pdf.undash
      end

      def trace(shape)
        case shape[:t].to_sym
        when :rect
          @pdf.rounded_rectangle(
            point(shape[:x], shape[:y]),
            shape[:w] * @scale,
            shape[:h] * @scale,
            [shape[:r].to_f, shape[:w] / 2.0, shape[:h] / 2.0].min * @scale
          )
        when :circle then @pdf.circle(point(shape[:x], shape[:y]), shape[:r] * @scale)
        when :line then @pdf.line(point(shape[:x1], shape[:y1]), point(shape[:x2], shape[:y2]))
        when :path then path(shape[:d])
        end
      end

      def path(text)
        x = y = 0.0
        start = nil
        text.scan(/([MLHVQZ])([^MLHVQZ]*)/).each do |command, rest|
          n = rest.scan(/-?\d+(?:\.\d+)?/).map(&:to_f)
          case command
          when "M" then (x, y = n) && @pdf.move_to(point(x, y)) && start = n
          when "L" then n.each_slice(2) do |pair|
            x, y = pair
            @pdf.line_to(point(x, y))
          end
          when "H" then @pdf.line_to(point(x = n[0], y))
          when "V" then @pdf.line_to(point(x, y = n[0]))
          when "Q" then x, y = quadratic(x, y, n)
          when "Z" then @pdf.line_to(point(*start))
          end
        end
      end

      def quadratic(x, y, (cx, cy, ex, ey))
        @pdf.curve_to(
          point(ex, ey),
          bounds: [
            point(x + (2.0 / 3 * (cx - x)), y + (2.0 / 3 * (cy - y))),
            point(ex + (2.0 / 3 * (cx - ex)), ey + (2.0 / 3 * (cy - ey)))
          ]
        )
        [ex, ey]
      end

      def label(label, name, mark)
        left = label[:side].to_s == "left"
        wide = @drawing[:width]
        lines = [name.to_s, *(mark[:reading] || label[:note]).to_s.lines.map(&:chomp)]
        leader(label, left, lines, mark)
        grade(mark[:grade].to_sym, left ? 6 : wide - 6, label[:at] - 4) if mark[:grade]
        @pdf.fill_color "1D2B45"
        lines.each_with_index do |line, index|
          style = mark[:reading] && index.positive? ? :bold : :normal
          size = index.zero? ? NAME : NOTE
          words(line, left, label[:at] + (index.zero? ? 0 : 1 + (index * NOTE)), size, style)
        end
      end

      # From where the words end, level to the edge of their column, then to what they name.
      def leader(label, left, lines, mark)
        ends = lines.each_with_index.map do |line, index|
          width_of(line, index.zero? ? NAME : NOTE, mark[:reading] && index.positive?)
        end.max + 18
        edge = [COLUMN, ends].max
        ends, edge = [ends, edge].map { |x| left ? x : @drawing[:width] - x }
        stroke("4C5870", 0.25) do
          @pdf.move_to(point(ends, label[:at] - 3))
          @pdf.line_to(point(edge, label[:at] - 3))
          @pdf.line_to(point(label[:x], label[:y]))
        end
      end

      # In units of the drawing.
      def width_of(text, size, bold)
        @pdf.width_of(text, size: size * @scale, style: bold ? :bold : :normal) / @scale
      end

      def words(text, left, at, size, style)
        x = left ? 14 : @drawing[:width] - 14 - width_of(text, size, style == :bold)
        @pdf.draw_text(text, at: point(x, at), size: size * @scale, style:)
      end

      def grade(grade, x, y)
        @pdf.fill_color GRADES.fetch(grade)
        @pdf.stroke_color GRADES.fetch(grade)
        @pdf.line_width = 0.8
        cx, cy = point(x, y)
        r = 4 * @scale
        case grade
        when :sound
          @pdf.fill_circle([cx, cy], r)
        when :not_tested
          @pdf.stroke_circle([cx, cy], r * 0.8)
        else
          @pdf.fill_polygon(*CORNERS.fetch(grade).map { |dx, dy| [cx + (dx * r), cy + (dy * r)] })
        end
        @pdf.fill_color INK
      end

      def stroke(color, width, &)
        @pdf.stroke_color color
        @pdf.line_width = width
        @pdf.stroke(&)
      end

      def text(string, x, y, size, style = :normal)
        @pdf.draw_text(string, at: point(x, y), size: size * @scale * 1.3, style:)
      end

      def point(x, y) = [@left + (x * @scale), @top - (y * @scale)]
    end
  end
end
