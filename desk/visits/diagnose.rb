# frozen_string_literal: true

module Munimen
  module Desk
    # The fault finder for a visit (its readings and answers kept with it), for a heater on
    # record, or for a kind of heater alone.
    class Diagnose
      # What a kind of heater is taken to have when nothing else is known.
      KINDS = Heater::Kind.all.to_h { |kind| [kind.id, kind.usual] }.freeze

      BEFORE = 6 # earlier visits that are looked through

      def initialize(context) = @context = context

      # {units:, symptoms:} for a visit or a kind.
      def symptoms(visit: nil, kind: nil)
        about(visit, kind)
        { units: @units, symptoms: FindFault.symptoms(@heater, @words) }
      end

      # evidence: {test => outcome}; answers kept in the visit count as well.
      def call(symptom:, visit: nil, kind: nil, evidence: {}, skip: [])
        about(visit, kind)
        FindFault.new(
          @heater,
          symptom,
          words: @words,
          evidence: kept(symptom).merge(evidence.to_h.transform_keys(&:to_sym)),
          visit: @visit,
          before: before(visit),
          skip:
        ).to_h
      end

      private

      def about(visit, kind)
        if visit
          @visit = @context.records.visits.load(visit, now: @context.now)
          @heater = @visit.heater
          @units = @visit.units
        else
          @units = (
            if kind.to_s.start_with?("unvented")
              :england
            else
              @context.records.settings.units
            end
          )
          given = KINDS.fetch(kind.to_s.to_sym) do
            raise Error.one_of(KINDS.keys, field: :kind)
          end
          @heater = Heater::Installation.from({ kind:, **given }, units: @units)
        end
        @words = Words[@units]
      end

      # Visits to the same heater that are signed, the latest first.
      def before(id)
        return [] unless id

        rows =
          @context
            .records
            .visits
            .of_heater(@visit.site[:heater_id])
            .select { |row| row[:status] == "signed" && row[:id] != id }
        rows.first(BEFORE).map { |row| @context.records.visits.load(row[:id], now: @context.now) }
      end

      # Answers given in the visit.
      def kept(symptom) = @visit ? @visit.decisions.fault_answers(symptom) : {}
    end
  end
end
