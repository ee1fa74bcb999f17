# frozen_string_literal: true

module Munimen
  module Store
    # What is owed: follow-ups with their date, until a later visit settles them; put off or
    # declined with a reason, never dropped.
    class Dues
      RISK =
        { "danger" => 0, "defect" => 1, "watch" => 3 }.tap { |grades| grades.default = 2 }.freeze
      MADE = Sequel.lit(
        "COALESCE(json_extract(installation, '$.manufactured'), json_extract(installation, " \
        "'$.installed'))"
      )
      SHOWN = { open: "open", snoozed: "snoozed", declined: "declined" }.freeze

      def initialize(database)
        @rows = database[:dues]
        @decisions = database[:due_decisions]
        @database = database
      end

      def find(id) = @rows.where(id:).first

      def add(attributes)
        @rows.insert(**Values.with_said(attributes), risk: RISK[attributes[:grade]])
      end

      # Owed at most until `by` (a date), worst and latest first, with heater and customer. show:
      # :open (not put off beyond `today`, not declined), :snoozed, :declined or :all. gone: {kind
      # => the day before which it no longer counts}.
      def open(by: nil, heater_id: nil, show: :all, today: nil, limit: nil, gone: {})
        rows = shown(standing(gone), show, today.to_s)
        rows = rows.where { on <= by.to_s } if by
        rows = rows.where(heater_id:) if heater_id
        rows = rows.order(:risk, :on)
        rows = rows.limit(limit) if limit
        placed(rows)
      end

      # How many heaters have something due by a day, and no visit booked.
      def heaters_without_booking(by)
        booked = @database[:visits].where(status: %w[booked open]).select(:heater_id)
        @rows.where(settled_at: nil, declined: 0).where { on <= by.to_s }
             .exclude(heater_id: booked).distinct.select(:heater_id).count
      end

      # {open:, snoozed:, declined:} of what is owed until a date.
      def counts(by:, today:, gone: {})
        due = @rows.where(settled_at: nil).where { on <= by.to_s }
        declined = due.where(declined: 1).count
        snoozed = due.where(declined: 0).where(Sequel.expr(:hidden_until) > today.to_s).count
        past = gone.sum do |kind, day|
          @rows
            .where(settled_at: nil, declined: 0, kind: kind.to_s)
            .where(Sequel.expr(:on) < day.to_s)
            .count
        end
        { open: due.where(declined: 0).count - snoozed - past, snoozed:, declined: }
      end

      # Those of some heaters with a danger open.
      def dangerous(heater_ids)
        @rows
          .where(heater_id: heater_ids, settled_at: nil, grade: "danger")
          .distinct
          .select_map(:heater_id)
      end

      # Nothing is owed to a heater that is gone; if it is there after all, it is again.
      def settle_heater(heater_id, at:)
        @rows.where(heater_id:, settled_at: nil).update(settled_at: at)
      end

      def resume_heater(heater_id, at:)
        @rows.where(heater_id:, settled_at: at).update(settled_at: nil)
      end

      # Writes a decision down; what: "snooze" (until a date), "decline" or "resume".
      def decide(id:, due:, what:, until_date:, reason:, at:, account_id:)
        return unless @decisions.where(id:).empty?

        @database.transaction do
          @decisions.insert(id:, due:, what:, until: until_date, reason:, at:, account_id:)
          @rows.where(id: due).update(
            hidden_until: what == "snooze" ? until_date : nil,
            declined: what == "decline" ? 1 : 0
          )
        end
      end

      # {due => its last decision with the name of who made it}
      def last_decisions(dues)
        @decisions
          .where(due: dues)
          .join(:accounts, id: :account_id)
          .order(:at, Sequel.lit("due_decisions.rowid"))
          .select(:due, :what, :until, :reason, :at, Sequel[:accounts][:name].as(:by))
          .as_hash(:due)
      end

      # Whether something of a kind has ever been owed for a heater.
      def ever?(heater_id, kind) = !@rows.where(heater_id:, kind:).empty?

      # A signed visit settles what it was meant for, every open finding that it looked at again,
      # and what it owes anew.
      def settle(heater_id:, at:, jobs:, checks:, kinds: [])
        @rows
          .where(heater_id:, settled_at: nil)
          .where(Sequel.|({ job: jobs }, { check: checks }, { kind: kinds }))
          .update(settled_at: at)
      end

      private

      def standing(gone)
        gone.reduce(@rows.where(settled_at: nil)) do |rows, (kind, day)|
          rows.exclude(Sequel.&({ kind: kind.to_s }, Sequel.expr(:on) < day.to_s))
        end
      end

      def shown(rows, show, today)
        case show
        when :open
          rows.where(declined: 0).where(
            Sequel.|({ hidden_until: nil }, Sequel.expr(:hidden_until) <= today)
          )
        when :snoozed
          rows.where(declined: 0).where(Sequel.expr(:hidden_until) > today)
        when :declined
          rows.where(declined: 1)
        else
          rows
        end
      end

      # Places are joined to the few that are wanted, after they have been put in order.
      def placed(rows)
        @database
          .from(rows.as(:dues))
          .join(:heaters, id: :heater_id)
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
          .order(:risk, :on)
          .select(
            Sequel[:dues][:id],
            :kind,
            :on,
            :text,
            :said,
            :grade,
            :job,
            :check,
            :heater_id,
            :label,
            :address,
            :household,
            :customer_id,
            MADE.as(:made),
            :hidden_until,
            :declined,
            Sequel[:dues][:visit_id],
            Sequel[:customers][:name].as(:customer),
            Sequel[:customers][:email]
          )
          .map { |row| Values.said(row) }
      end
    end
  end
end
