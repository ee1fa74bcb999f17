# frozen_string_literal: true

module Munimen
  module Rules
    # What a firm knows better than a rulebook as it stands here: another bound, or another clause,
    # of one limit, with who says so and why. It is shown as the firm's wherever the limit decides.
    #
    #   Correction.new("at_most" => "75 psi", "reason" => "City of …", "by" => "Ann").of(limit, :us)
    class Correction
      BOUNDS = %w[at_least at_most].freeze
      # Where corrections stand among a firm's house rules.
      def self.name(book_id, limit_id) = "limit.#{book_id}.#{limit_id}"

      # Those of a book among a firm's house rules: {limit id => Correction}.
      def self.among(rules, book_id)
        of = "limit.#{book_id}."
        rules.to_h.select { |name, _| name.to_s.start_with?(of) }
             .to_h { |name, said| [name.to_s.delete_prefix(of).to_sym, new(said)] }
      end

      # Whether a house rule is one of these.
      def self.name?(name) = name.to_s.start_with?("limit.")

      # said: at_least, at_most (as typed, with unit), clause, reason, by, on.
      def initialize(said) = @said = said.to_h.transform_keys(&:to_s)

      # The Limit with what the firm says of it. Raises Error where a bound is no such quantity.
      def of(limit, units)
        bounds = BOUNDS.filter_map do |name|
          typed = @said[name].to_s
          [name.to_sym, quantity(typed, limit, units, name)] unless typed.empty?
        end
        limit.with(bounds.to_h, source(limit))
      end

      def to_h = @said.slice("at_least", "at_most", "clause", "reason", "by", "on")

      private

      def quantity(typed, limit, units, field)
        kind = (limit.at_most || limit.at_least).kind.id
        Measure::Quantity.parse(typed, kind, system: units, field: field.to_sym)
      end

      def source(limit)
        clause = @said["clause"].to_s
        named = clause.empty? ? limit.source : Source.new(limit.source.name, clause)
        why = "the firm's own: #{@said["reason"]}"
        Source.new(named.name, [named.clause, why].compact.join("; "),
                   "corrected by the firm").freeze
      end
    end
  end
end
