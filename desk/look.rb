# frozen_string_literal: true

module Munimen
  module Desk
    # Writes down what was seen, item by item; a whole group can come at once ("all sound here").
    class Look
      def initialize(context) = @context = context

      # items: [{id:, item:, finding:, note:}]
      def call(visit_id, items:, at: nil)
        @context.allow!(:owner, :plumber, :inspector)
        row = @context.open_visit!(visit_id)
        time = @context.stamp(@context.done_at(at, not_before: row[:started_at]))
        seen = items.map { |item| checked(item) }
        @context.records.write { seen.each { |one| write(visit_id, one, time) } }
      end

      private

      def checked(item)
        look = Judgement::Look[item[:item]]
        { id: item[:id], item: look.id.to_s, finding: look.answer(item[:finding]).to_s,
          note: @context.text!(item[:note], :note, max: 500, required: false) }
      end

      def write(visit_id, one, time)
        visits = @context.records.visits
        return if visits.written?(:observations, one[:id])

        visits.write(:observations, visit_id:, at: time, account_id: @context.person[:id], **one)
        visits.supersede(:observations, visit_id, one[:id], item: one[:item])
      end
    end
  end
end
