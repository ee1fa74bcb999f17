# frozen_string_literal: true

module Munimen
  module Drawing
    # The picture that answers a calculation's question, worked out from its result: curves (one
    # input swept through a range, everything else as given), bars, lines of a list, or shapes.
    # Each is one file in core/drawing/charts/; numbers are in the result's units.
    #
    #   Chart.define :scald_time do
    #     curve x: :temperature, y: :time, range: ->(_) { [fahrenheit(112), fahrenheit(160)] }
    #     log_y
    #   end
    class Chart
      include Saying

      include Rules::Measures

      Curve = Struct.new(:x, :y, :range, :name, :with, keyword_init: true)
      POINTS = 40

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new.tap { |chart| chart.instance_eval(&block) }

        # The picture of a Calculations::Result as plain data, or nil when there is none.
        def of(result) = @all[result.calculation.id]&.draw(result)
      end

      def initialize
        @curves = []
        @levels = []
      end

      # x: an input that is swept; y: an output; range: [low, high] Quantities from the result;
      # with: inputs that are otherwise.
      def curve(x:, y:, range:, name: nil, with: {})
        @curves << Curve.new(x:, y:, range:, name:, with:)
      end

      def log_y = @log_y = true
      # A horizontal line: text and Quantity from a result.
      def level(label, &quantity) = @levels << [label, quantity]
      # Series of one's own: {x: kind, y: kind, series: [{name:, points: [[Quantity, Quantity],
      # …]}]}.
      def plot(&block) = @plot = block
      # [[text, Quantity], …]
      def bars(&block) = @bars = block
      # [[text, text, grade or nil], …]
      def list(&block) = @list = block
      # Draws on a Canvas of 400 × 240.
      def shapes(&block) = @shapes = block

      # The opening that is wanted (output free_area) beside the one that is there (input
      # existing_area), as squares to one scale.
      def openings
        shapes do |result, canvas|
          wanted = result.outputs[:free_area]
          there = result.inputs[:existing_area]&.si || 0
          side = ->(area) { 150 * Math.sqrt(area / [wanted, there, 1e-6].max) }
          [[40, wanted, :unknown], [210, there, :plate]].each do |x, area, role|
            canvas.rect(x, 190 - side[area], side[area], side[area], :tank, role) if area.positive?
          end
          say = ->(area) { Measure::Quantity.new(:area, area).format(result.units) }
          [{ x: 40, y: 212, text: msg("Wanted: {area}", area: say[wanted]) },
           { x: 210, y: 212, text: msg("There: {area}", area: say[there]) }]
        end
      end

      # Plain data of one result.
      def draw(result)
        @units = result.units
        if @list
          return {
            kind: :list,
            rows:
              instance_exec(result, &@list).map { |name, text, grade| { name:, text:, grade: } }
          }
        end
        return drawn(result) if @shapes
        return bar_chart(result) if @bars

        lines(result)
      end

      private

      def drawn(result)
        canvas = Canvas.new
        texts = instance_exec(result, canvas, &@shapes)
        { kind: :shapes, width: 400, height: 240, shapes: canvas.shapes, texts: }
      end

      def bar_chart(result)
        rows = instance_exec(result, &@bars).select(&:last)
        {
          kind: :bars,
          y: axis(rows.first.last),
          rows: rows.map { |name, quantity| { name:, value: number(quantity) } },
          levels: levels(result)
        }
      end

      def lines(result)
        return curves(result) unless @plot

        x, y = instance_exec(result, &@plot).values_at(:x, :y)
        {
          kind: :lines,
          x: axis(x),
          y: axis(y).merge(log: false),
          series: plotted(result),
          levels: levels(result),
          point: nil
        }
      end

      def curves(result)
        first = @curves.first
        input = result.calculation.inputs.find { |one| one.name == first.x }
        output = result.calculation.outputs.find { |one| one.name == first.y }
        across = scale(input.kind, input.unit_symbol(@units))
        {
          kind: :lines,
          x: {
            label: say(first.x),
            unit: across.label
          },
          y: {
            label: say(first.y),
            unit: scale(output.kind, output.unit).label,
            log: @log_y || false
          },
          series:
            @curves.map do |curve|
              { name: curve.name, points: sweep(curve, result, across), main: curve.with.empty? }
            end,
          levels: levels(result),
          point: point(result, first, across)
        }
      end

      def say(name) = name.to_s.tr("_", " ").capitalize

      # Times are drawn in minutes.
      def scale(kind, symbol = nil)
        if Measure::Kind[kind].dimension == :time
          Measure::Unit["min"]
        else
          Measure::Unit[symbol || Measure::Kind[kind].unit(@units).symbol]
        end
      end

      def plotted(result)
        instance_exec(result, &@plot)[:series].map do |one|
          points = one[:points].map { |pair| pair.map { |value| number(value) } }
          { name: one[:name], main: one.fetch(:main, true), points: }
        end
      end

      def sweep(curve, result, across)
        low, high = instance_exec(result, &curve.range).map(&:si)
        kind = result.inputs.fetch(curve.x).kind
        given = result.inputs.compact.merge(curve.with)
        Array.new(POINTS) do |i|
          x = Measure::Quantity.new(kind, low + ((high - low) * i / (POINTS - 1.0)))
          y = result.calculation.call(given.merge(curve.x => x), units: @units)[curve.y]
          [x.in(across).round(4), number(y)] if y.is_a?(Measure::Quantity) && y.si.finite?
        rescue Munimen::Error
          nil
        end.compact
      end

      # Where the inputs given stand on the first curve.
      def point(result, curve, across)
        y = result[curve.y]
        [result.inputs.fetch(curve.x).in(across).round(4), number(y)] if y.is_a?(Measure::Quantity)
      end

      def levels(result)
        @levels.filter_map do |label, block|
          quantity = instance_exec(result, &block)
          { label:, at: number(quantity), text: quantity.format(@units) } if quantity
        end
      end

      def unit(quantity) = scale(quantity.kind.id)
      def number(value) = value.is_a?(Measure::Quantity) ? value.in(unit(value)).round(4) : value

      def axis(quantity)
        if quantity.is_a?(Measure::Quantity)
          { label: say(quantity.kind.id), unit: unit(quantity).label }
        else
          { label: quantity.to_s, unit: "" }
        end
      end
    end
  end
end
