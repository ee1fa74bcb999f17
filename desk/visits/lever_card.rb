# frozen_string_literal: true

module Munimen
  module Desk
    # The card that a customer reads before a lever is lifted, in their language, and what they
    # answered. A name that they type there stands with the answer.
    class LeverCard
      LIFTS = %w[exercise_relief_valve open_relief_for_air].freeze

      def initialize(context) = @context = context

      # {lines: [text], consent: "given" or "refused" or nil, by: who, or nil}
      def call(visit_id)
        visits = @context.records.visits
        visit = visits.load(visit_id, now: @context.now)
        card = Report::BeforeALever.new(visit, lifted: lifted(visits.find(visit_id)),
                                               price: price(visit))
        reader = Words::Speaker.new(visit.words, visits.contact(visit_id)[:language])
        { lines: card.lines.map { |template, filled| reader.say(template, **filled) },
          consent: visit.decision(:consent), by: visit.decision(:consent_by) }
      end

      private

      # The day on which a signed visit last lifted it.
      def lifted(row)
        visits = @context.records.visits
        earlier = visits.of_heater(row[:heater_id]).select { |one| one[:status] == "signed" }
        last = earlier.find do |one|
          visits.rows(:steps, one[:id]).any? do |step|
            LIFTS.include?(step[:operation]) && step[:outcome] == "done"
          end
        end
        last && Date.iso8601(last[:signed_at][0, 10])
      end

      # Of the first of the firm's list that fits, or may.
      def price(visit)
        best = MatchParts.new(@context).best(:relief_valve, visit)
        price = best&.part&.price.to_s
        price unless best&.fits? == false || price.empty?
      end
    end
  end
end
