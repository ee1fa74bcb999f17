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
        VisitWrite.new(@context, visit_id).call(:decisions, id) do |entry|
          known!(field)
          name = Visit::Decisions.name(keep ? :kept : :learnt, field)
          entry.along do
            text = keep ? value.to_s : learnt(entry, field, value)
            entry.add(:decisions, id:, name:, value: text)
          end
        end
      end

      private

      def known!(field)
        return if Heater::Fields::ALL.map(&:to_s).include?(field.to_s) && field.to_s != "kind"

        raise Error.new(Message.of("A heater's record has no “{field}” that can be learnt.",
                                   field:), field: :field,
                                                                             code: :unknown_choice)
      end

      # As the record now has it; what it had before is kept with the entry.
      def learnt(entry, field, value)
        heater = entry.row[:heater_id]
        entry.mark(before: written(@context.records.heaters.find(heater), field))
        written(KeepHeater.new(@context).learn(heater, field, value.to_s), field)
      end

      def written(heater, field) = heater[:installation].transform_keys(&:to_sym)[field.to_sym].to_s
    end
  end
end
