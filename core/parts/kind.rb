# frozen_string_literal: true

module Munimen
  module Parts
    # A kind of part: the columns of its rows in the catalogue, and what a new one must be for a
    # heater.
    #
    #   Kind.define :anode do
    #     title "Anode"
    #     column :length, :length
    #     must(:length, "no longer than its room") { |offered, wanted| offered.si <= wanted.si }
    #   end
    class Kind
      # One criterion of a match: what is offered, what is wanted, and whether it fits (nil: not
      # known).
      Criterion = Struct.new(:name, :fits, :offered, :wanted, :rule, :grade, keyword_init: true)
      Must = Struct.new(:name, :column, :rule, :grade, :test, keyword_init: true)

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |kind| kind.instance_eval(&block) }
        def all = @all.values
        def ids = @all.keys
        # The kind that a job fits, or nil.
        def fitted_by(job) = all.find { |kind| kind.fitted_by.include?(job) }

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(
              Message.of("There is no kind of part “{id}”; there are: {known}.",
                         id:, known: @all.keys.join(", ")),
              field: :kind
            )
          end
        end
      end

      attr_reader :id, :columns, :musts

      def initialize(id)
        @id = id
        @columns = {}
        @musts = []
        @fitted_by = []
        @wants = ->(_) { {} }
        @on = ->(_) { true }
      end

      # -- declaration --------------------
      def title(text = nil) = text ? @title = text : @title
      # The jobs that fit a new one.
      def fitted_by(*jobs) = jobs.empty? ? @fitted_by : @fitted_by = jobs
      # On which heaters there is such a part; all unless said.
      def on(&block) = @on = block
      def of?(heater) = @on.call(heater)

      # A column of the catalogue: a kind of quantity, or :text.
      def column(name, kind) = @columns[name] = kind

      # A criterion: true, false, or nil where it cannot be told; a :danger is never fitted.
      def must(name, rule, grade: :defect, column: name, &test)
        @musts << Must.new(name:, column:, rule:, grade:, test:)
      end

      # What would be better of a column, and without which it fits all the same.
      def better(name, rule, column:, &test)
        must(name, rule, grade: :watch, column:, &test)
      end

      # What only the person can answer: name of a decision, question, and the answers that can be
      # chosen.
      def asks(name = nil, question = nil, *answers)
        name ? @asks = { name:, ask: question, answers: } : @asks
      end

      # What a visit's heater wants: values by name of criterion.
      def wants(&block) = block ? @wants = block : @wants

      # -- use --------------------
      # What the heater of a visit asks for: {criterion => Quantity or text}, only what is known.
      def wanted(visit) = @wants.call(visit).compact

      # What a part says of itself, as typed: {column => Quantity or text}; bare numbers in the
      # units of a system. Raises Error naming the column.
      def read(typed, units: :us)
        typed = typed.to_h.transform_keys(&:to_s)
        columns.each_with_object({}) do |(name, type), all|
          text = typed[name.to_s].to_s.strip
          next if text.empty?

          all[name] = if type == :text then text
                      else Measure::Quantity.parse(text, type, system: units, field: name)
                      end
        end
      end

      # [Criterion] of a part against what is wanted.
      def match(part, wanted)
        musts.map do |must|
          offered = part[must.column]
          want = wanted[must.name]
          Criterion.new(
            name: must.name,
            offered:,
            wanted: want,
            rule: must.rule,
            grade: must.grade,
            fits: offered && want ? must.test.call(offered, want) : nil
          )
        end
      end
    end
  end
end
