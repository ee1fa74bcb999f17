# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down what was seen, item by item; a whole group can come at once ("all sound here").
    class RecordObservations
      def initialize(context) = @context = context

      # items: [{id:, item:, finding:, note:, corrects:}]; corrects: the finding that was on the
      # screen, if any. What somebody else saw otherwise meanwhile is not written over unseen.
      def call(visit_id, items:, at: nil)
        @context.may!(:visit)
        items = items.reject { |item| @context.records.visits.written?(:observations, item[:id]) }
        return if items.empty?

        row = @context.open_visit!(visit_id)
        time = @context.stamp(@context.done_at(at, not_before: row[:started_at]))
        seen = items.map { |item| checked(item) }
        conflict(visit_id, items)
        @context.records.write { seen.each { |one| write(visit_id, one, time) } }
      end

      private

      def conflict(visit_id, items)
        return unless items.any? { |item| item.key?(:corrects) }

        standing =
          @context
            .records
            .visits
            .rows(:observations, visit_id)
            .reject { |row| row[:superseded_by] }
            .to_h { |row| [row[:item], row] }
        items.each do |item|
          other = item.key?(:corrects) && standing[item[:item].to_s] or next
          if other[:account_id] == @context.person[:id] ||
             [item[:corrects], item[:finding]].map(&:to_s).include?(other[:finding])
            next
          end

          who = @context.records.people.find(other[:account_id])&.fetch(:name)
          raise Refused.new(
            "#{who} answered “#{other[:finding].tr("_", " ")}” here meanwhile. " \
            "Look together; your answer then goes in its place.",
                  field: item[:item],
                  code: :conflict,
                  details: {
                    name: item[:item],
                    theirs: other[:finding],
                    who:
                  }
          )
        end
      end

      def checked(item)
        look = Inspection::InspectionItem[item[:item]]
        { id: item[:id], item: look.id.to_s, finding: look.answer(item[:finding]).to_s,
          note: @context.text!(item[:note], :note, max: 500, required: false) }
      end

      def write(visit_id, one, time)
        account_id = @context.person[:id]
        @context.records.visits.write(:observations, visit_id:, at: time, account_id:, **one)
      end
    end
  end
end
