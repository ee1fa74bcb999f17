# frozen_string_literal: true

module Munimen
  module Work
    # Who may do an operation where the law restricts it, by the rulebook of the site.
    #
    #   Competence.new(visit, qualifications).missing(operation)
    #   # => {trade: :unvented, text: "…"} or nil
    class Competence
      TRADES = %i[unvented gas electrical].freeze

      # qualifications: [{trade:, expires:}] of a person, `expires` an ISO date or nil.
      def initialize(visit, qualifications)
        @visit = visit
        @held = qualifications.map { |one| one.transform_keys(&:to_sym) }
      end

      # What the person lacks for an operation: its trade and the text to show; nil when nothing.
      def missing(operation)
        trade = self.class.trade(operation, @visit) or return
        return if held?(trade)

        { trade:, text: Message.join([@visit.rules.book.restricts.fetch(trade), lack(trade),
                                      "Hand over."]) }
      end

      # The trade that an operation is restricted to under the visit's rulebook, or nil.
      def self.trade(operation, visit)
        restricts = visit.rules.book.restricts
        return if !operation.operates? || operation.secures? || operation.id == :make_safe

        own = operation.trade || Heater::Parts.trade(operation.part)
        return own if restricts.key?(own)

        :unvented if visit.heater.unvented? && restricts.key?(:unvented)
      end

      private

      def lack(trade)
        expired = @held.find { |one| one[:trade].to_s == trade.to_s }
        return "It is not among your qualifications." unless expired

        Message.of("Your qualification ended on {on}.", on: expired[:expires])
      end

      def held?(trade)
        today = (@visit.date || Date.new(1, 1, 1)).iso8601
        @held.any? do |one|
          one[:trade].to_s == trade.to_s && (one[:expires].to_s.empty? || one[:expires] >= today)
        end
      end
    end
  end
end
