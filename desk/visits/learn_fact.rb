# frozen_string_literal: true

module Munimen
  module Desk
    # What a visit has found out of its heater goes into the heater's record, with who learnt it and
    # when; or does not, by a person's decision, where the record says otherwise.
    class LearnFact
      def initialize(context) = @context = context

      # field: of Heater::Fields; value: as typed, in the site's units, "" where it is not known any
      # more; keep: the record stays, though the visit told this value.
      def call(visit_id, id:, field:, value:, keep: false)
        @context.may!(:records)
        return if @context.records.visits.written?(:decisions, id)

        row = @context.open_visit!(visit_id)
        known!(field)
        @context.records.write do
          text = keep ? value.to_s : learnt(row, field, value)
          decided(visit_id, id, keep ? :kept : :learnt, field, text)
        end
      end

      private

      def known!(field)
        return if Heater::Fields::ALL.map(&:to_s).include?(field.to_s) && field.to_s != "kind"

        raise Error.new("A heater's record has no “#{field}” that can be learnt.", field: :field,
                                                                             code: :unknown_choice)
      end

      # As the record now has it.
      def learnt(row, field, value)
        kept = KeepHeater.new(@context).learn(row[:heater_id], field, value.to_s)
        kept[:installation].transform_keys(&:to_sym)[field.to_sym].to_s
      end

      def decided(visit_id, id, kind, field, text)
        @context.records.visits.write(
          :decisions, id:, visit_id:, name: Visit::Decisions.name(kind, field), value: text,
                      at: @context.stamp, account_id: @context.person[:id]
        )
      end
    end
  end
end
