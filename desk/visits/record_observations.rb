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
        return if items.empty?

        ids = items.map { |item| item[:id] }
        VisitWrite.new(@context, visit_id).call(:observations, ids, at:) do |entry|
          items.each do |item|
            conflict(entry.visit, item)
            entry.add(:observations, **checked(item))
          end
        end
      end

      private

      def conflict(visit, item)
        other = item.key?(:corrects) && visit.observation(item[:item].to_s.to_sym) or return
        return if other.id == item[:id] || other.by == @context.person[:id]
        return if [item[:corrects], item[:finding]].map(&:to_s).include?(other.finding.to_s)

        who = @context.records.people.find(other.by)&.fetch(:name)
        raise Refused.new(
          Message.of("{who} answered “{finding}” here meanwhile. Look together; your answer " \
                     "then goes in its place.",
                     who:, finding: other.finding.to_s.tr("_", " ")),
          field: item[:item],
          code: :conflict,
          details: { name: item[:item], theirs: other.finding.to_s, who:, id: other.id }
        )
      end

      def checked(item)
        look = Inspection::InspectionItem[item[:item]]
        { id: item[:id], item: look.id.to_s, finding: look.answer(item[:finding]).to_s,
          note: @context.text!(item[:note], :note, max: 500, required: false) }
      end
    end
  end
end
