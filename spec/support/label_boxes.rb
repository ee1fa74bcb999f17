# frozen_string_literal: true

require "prawn"

# Where the words of a drawing stand, measured by the font itself, and what lies on what.
module LabelBoxes
  Box = Struct.new(:left, :top, :right, :bottom) do
    def meets?(other)
      left < other.right && other.left < right && top < other.bottom && other.top < bottom
    end

    # Whether a line from one point to another goes through it.
    def crossed?(from, to)
      xs, ys = [from, to].transpose.map(&:minmax)
      return false if xs[1] < left || xs[0] > right || ys[1] < top || ys[0] > bottom

      Array.new(41) { |i| [0, 1].map { |axis| from[axis] + ((to[axis] - from[axis]) * i / 40.0) } }
        .any? { |x, y| x.between?(left, right) && y.between?(top, bottom) }
    end
  end

  FONT = Prawn::Document.new.tap { |pdf| Munimen::Formats::PdfFonts.on(pdf) }
  WIDTHS = Hash.new { |all, (text, size)| all[[text, size]] = FONT.width_of(text, size:) }

  # [Box] of a label's lines.
  def boxes(label, width)
    [label[:name], *label[:note].to_s.lines.map(&:chomp)].each_with_index.map do |text, index|
      size = index.zero? ? 12 : 11
      wide = WIDTHS[[text, size]]
      base = label[:at] + (index.zero? ? 0 : 1 + (index * 11))
      left = label[:side] == :left ? 14 : width - 14 - wide
      Box.new(left, base - (size * 0.75), left + wide, base + 2)
    end
  end

  # [[[x, y], [x, y]], …] of a shape's lines.
  def lines(shape)
    case shape[:t].to_sym
    when :rect
      x, y, w, h = shape.values_at(:x, :y, :w, :h)
      [[[x, y], [x + w, y]], [[x, y + h], [x + w, y + h]], [[x, y], [x, y + h]],
       [[x + w, y], [x + w, y + h]]]
    when :circle
      x, y, r = shape.values_at(:x, :y, :r)
      [[[x - r, y], [x + r, y]]]
    when :line then [[shape.values_at(:x1, :y1), shape.values_at(:x2, :y2)]]
    else path(shape[:d])
    end
  end

  def path(text)
    at = [0.0, 0.0]
    text.scan(/([MLHVQZ])([^MLHVQZ]*)/).flat_map do |command, rest|
      n = rest.scan(/-?\d+(?:\.\d+)?/).map(&:to_f)
      to = case command
           when "H" then [n[0], at[1]]
           when "V" then [at[0], n[0]]
           when "Z" then at
           else n.last(2)
           end
      from = at
      at = to
      command == "M" ? [] : [[from, to]]
    end
  end

  def leader(label, width)
    wide = boxes(label, width).map { |box| box.right - box.left }.max + 4
    ends = 14 + wide
    edge = [132, ends].max
    ends, edge = [ends, edge].map { |x| label[:side] == :left ? x : width - x }
    y = label[:at] - 3
    [[[ends, y], [edge, y]], [[edge, y], [label[:x], label[:y]]]]
  end

  # What is wrong with a drawing's words, in words.
  def problems(drawing)
    width = drawing[:width]
    all = drawing[:labels].flat_map do |label|
      boxes(label, width).map { |box| [label[:part], box] }
    end
    beyond(all, drawing) + on_each_other(all) + on_lines(all, drawing) + led_through(all, drawing)
  end

  def beyond(all, drawing)
    outside = all.reject do |_, box|
      box.left >= 0 && box.right <= drawing[:width] && box.bottom <= drawing[:height]
    end
    outside.map { |part, _| "#{part} beyond" }
  end

  def on_each_other(all)
    met = all.combination(2).select { |(one, a), (other, b)| one != other && a.meets?(b) }
    met.map { |(one, _), (other, _)| "#{one} on #{other}" }
  end

  def on_lines(all, drawing)
    drawn = drawing[:shapes].flat_map { |shape| lines(shape) }
    all.select { |_, box| drawn.any? { |from, to| box.crossed?(from, to) } }
      .map { |part, _| "#{part} on a line" }
  end

  def led_through(all, drawing)
    drawing[:labels].flat_map do |label|
      others = all.reject { |part, _| part == label[:part] }
      leader(label, drawing[:width]).flat_map do |from, to|
        crossed = others.select { |_, box| box.crossed?(from, to) }
        crossed.map { |part, _| "#{label[:part]} through #{part}" }
      end
    end
  end
end
