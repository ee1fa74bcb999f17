# frozen_string_literal: true

module Munimen
  module Desk
    # Books a visit, or starts one.
    class StartVisit
      def initialize(context) = @context = context

      # planned_for: ISO time; account_id: who goes. Returns the visit's row.
      def book(id:, heater_id:, jobs:, planned_for:, account_id: nil)
        @context.allow!(:owner, :office, :plumber)
        @context.records.heaters.find(heater_id)
        raise Error.new("Say at least one job.", field: :jobs, code: :missing) if Array(jobs).empty?

        known = jobs.map { |job| Work::Job[job].id }
        @context.records.visits.add(id:, heater_id:, jobs: JSON.generate(known), status: "booked", planned_for:,
                                    account_id: account_id || @context.person[:id], created_at: @context.stamp)
        @context.records.visits.find(id)
      end

      # Starts a booked visit; starting a started one changes nothing.
      def start(id)
        @context.allow!(:owner, :plumber, :inspector)
        row = @context.records.visits.find(id)
        return row unless row[:status] == "booked"

        @context.records.visits.update(id, status: "open", started_at: @context.stamp, account_id: row[:account_id] || @context.person[:id],
                                           house_rules: house_rules(row))
        @context.records.visits.find(id)
      end

      private

      # An inspector's visit only looks.
      def house_rules(row)
        return row[:house_rules] unless @context.person[:role] == "inspector"

        JSON.generate(JSON.parse(row[:house_rules]).merge("operate" => "look_only"))
      end
    end
  end
end
