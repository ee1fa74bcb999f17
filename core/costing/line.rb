# frozen_string_literal: true

module Munimen
  module Costing
    # One line of an estimate: what a piece of work costs, its part and its minutes, and what the
    # customer says of it. An answer keeps the line as it was shown, whatever the firm asks later.
    #
    #   line = Line.read("accepted for=relief_flow minutes=50 currency=USD per_hour=9500 tax=8.25")
    #   line.total # => 10_284
    class Line
      # What a customer says of a finding.
      ANSWERS = %w[accepted declined postponed].freeze
      OPEN = "open" # changed by hand, and not answered yet
      WHOLE = %i[minutes part_amount per_hour call_out step].freeze
      RATES = %i[currency per_hour call_out tax step].freeze
      TEXT = / part=(.*)\z/m

      # answer: one of ANSWERS or nil; checks: the findings that it is about; part: what is fitted,
      # as typed; part_amount: its price; minutes: of work; rates: Rates, or nil where nobody has
      # said what work costs.
      attr_reader :answer, :checks, :part, :part_amount, :minutes, :rates

      def initialize(checks:, answer: nil, part: nil, part_amount: nil, minutes: nil, rates: nil)
        @answer = answer
        @checks = checks
        @part = part
        @part_amount = part_amount
        @minutes = minutes
        @rates = rates
        freeze
      end

      # A line out of the text of its decision.
      def self.read(text)
        part = text[TEXT, 1]
        answer, *pairs = text.sub(TEXT, "").split
        said = pairs.to_h { |pair| pair.split("=", 2) }.transform_keys(&:to_sym)
        said.merge!(said.slice(*WHOLE).transform_values(&:to_i))
        rates = Rates.new(**said.slice(*RATES)) if said[:per_hour]
        new(answer:, part:, rates:, checks: said[:for].to_s.split(",").map(&:to_sym),
            **said.slice(:minutes, :part_amount))
      end

      # The text that `read` reads.
      def to_s
        pairs = { for: checks.join(","), minutes:, part_amount:, **rates.to_h }.compact
        [answer, *pairs.map { |name, value| "#{name}=#{value}" },
         part && "part=#{part}"].compact.join(" ")
      end

      def with(**changed)
        self.class.new(answer:, checks:, part:, part_amount:, minutes:, rates:, **changed)
      end

      def answered? = ANSWERS.include?(answer)
      # Whether it can be said what it costs.
      def priced? = !rates.nil? && !minutes.nil?

      # In the smallest unit: of the work, of both, the tax on them, and all together.
      def labour = priced? ? rates.labour(minutes) : 0
      def net = labour + part_amount.to_i
      def tax = priced? ? rates.tax_on(net) : 0
      def total = net + tax
      def money(amount) = rates.money(amount)
    end
  end
end
