# frozen_string_literal: true

module Munimen
  module Facts
    # What a visit has found out of its heater, beside the record: proposed where the record does
    # not know it, asked where it says otherwise, and left alone once somebody has decided.
    class Proposals
      NEAR = 0.01 # part of a quantity within which two are the same
      # told: Clue::Told; recorded: what the record says otherwise, or nil.
      Proposal = Struct.new(:told, :recorded)

      # visit: whose heater as recorded is compared.
      def initialize(visit)
        @visit = visit
        @record = visit.recorded_heater
      end

      # [Proposal], in the order of the heater's fields.
      def all
        told = Clue.every.group_by(&:field).filter_map do |field, clues|
          next unless Heater::Fields.of?(@record.kind, field)

          one = clues.flat_map { |clue| clue.told(@visit) }.max_by.with_index do |each, index|
            [each.at.to_s, index]
          end
          proposal(one) if one
        end
        told.compact.sort_by { |one| Heater::Fields::ALL.index(one.told.field) }
      end

      # A value as the open form writes it.
      def text(field, value)
        @record.with(field => value).to_h(units: @visit.units)[field].to_s
      end

      private

      def proposal(told)
        recorded = @record.public_send(told.field)
        return if same?(recorded, told.value)
        return if @visit.decisions.kept(told.field) == text(told.field, told.value)

        Proposal.new(told, Heater::Fields::NOT_KNOWN.include?(recorded) ? nil : recorded)
      end

      def same?(one, other)
        return one.to_s == other.to_s unless one.respond_to?(:si) && other.respond_to?(:si)

        (one.si - other.si).abs <= NEAR * one.si.abs
      end
    end
  end
end
