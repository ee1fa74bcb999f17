# frozen_string_literal: true

module Munimen
  module Store
    # What is owed: follow-ups with their date, until a later visit settles them.
    class Dues
      RISK = Sequel.case({ "danger" => 0, "defect" => 1, "watch" => 3 }, 2, :grade)

      def initialize(database)
        @rows = database[:dues]
        @database = database
      end

      def add(attributes) = @rows.insert(attributes)

      # Owed at most until `by` (a date), worst and latest first, with heater and customer.
      def open(by: nil, heater_id: nil)
        rows = @rows.where(settled_at: nil).join(:heaters, id: :heater_id).join(:sites, id: :site_id).join(:customers, id: :customer_id)
        rows = rows.where { on <= by.to_s } if by
        rows = rows.where(heater_id:) if heater_id
        rows.order(RISK, :on)
            .select(Sequel[:dues][:id], :kind, :on, :text, :grade, :job, :check, :heater_id, :label, :address,
                    Sequel[:customers][:name].as(:customer)).all
      end

      # A signed visit settles what it was meant for, and every open finding that it looked at again.
      def settle(heater_id:, at:, jobs:, checks:)
        @rows.where(heater_id:, settled_at: nil).where(Sequel.|({ job: jobs }, { check: checks })).update(settled_at: at)
      end
    end
  end
end
