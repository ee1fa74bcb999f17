# frozen_string_literal: true

module Munimen
  module Desk
    # Ends a visit that comes to nothing, with one reason: the customer has cancelled it, nobody was
    # at home, or it was begun by mistake. Only as long as the heater is as it was found: what was
    # changed at it, or a danger that was seen, is left and signed like any other visit.
    class EndVisit
      HOW = %w[cancelled nobody_home given_up].freeze
      REASON = 300 # letters

      # What is kept of a visit that was ended: who did it, when, why, and what it was.
      def self.ended(context, row, how, reason: "")
        { how:, reason:, by: context.person[:name], at: context.stamp, was: row[:status] }
      end

      # Whoever was told of the booking is told that it is cancelled, where there is an office to do
      # so.
      # id: of the mail, so that what is sent twice is told once.
      def self.tell(context, visit_id, id: SecureRandom.uuid)
        Outbox.new(context).cancelled(visit_id, id:) if context.records.sharing
      end

      def initialize(context) = @context = context

      # id: UUID of the decision that is written down; how: one of HOW, or "reopened", which takes
      # it back. Raises Refused where something was done, or where it is signed.
      def call(visit_id, id:, how:, reason: nil)
        known!(how)
        opened = ->(row) { allowed!(row, how) }
        VisitWrite.new(@context, visit_id).call(:decisions, id, opened:) do |entry|
          reopening = how == "reopened"
          as_found!(entry.visit) unless reopening
          reason = @context.text!(reason, :reason, max: REASON, required: false).to_s
          entry.change(**(reopening ? again(visit_id) : ended(entry.row, how, reason)))
          entry.add(:decisions, id:, name: Visit::Decisions.name(:ended, how), value: reason)
        end
        self.class.tell(@context, visit_id, id:) if how == "cancelled"
      end

      private

      def known!(how)
        return if [*HOW, "reopened"].include?(how)

        raise Error.one_of([*HOW, "reopened"], field: :how)
      end

      def allowed!(row, how)
        @context.may!(:end_visit)
        return reopened!(row) if how == "reopened"
        return row if %w[booked open].include?(row[:status])

        @context.open!(row)
      end

      def reopened!(row)
        unless row[:status] == "ended"
          raise Refused.new("This visit has not been ended.", code: :not_ended)
        end
        return row unless @context.records.heaters.find(row[:heater_id])[:ended]

        raise Refused.new("The heater is not there any more; take that back first.", code: :ended)
      end

      def ended(row, how, reason)
        { status: "ended", ended: self.class.ended(@context, row, how, reason:) }
      end

      def again(visit_id)
        { status: @context.records.visits.find(visit_id)[:ended].fetch(:was), ended: nil }
      end

      # What leaving it in service would want, beyond what it wanted on arrival.
      def as_found!(visit)
        leave = Work::Operation[:leave_site]
        undone = visit.terms.unmet(leave, visit.state).keys -
                 visit.terms.unmet(leave, Work::StateSpace.new(visit.heater).arrival).keys
        return if visit.hazards.empty? && visit.running_waits.empty? && undone.empty?

        raise Refused.new(
          "Something was changed at the heater, or a danger was seen: put it back or leave it " \
          "made " \
          "safe, and sign.",
          code: :not_as_found
        )
      end
    end
  end
end
