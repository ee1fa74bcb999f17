# frozen_string_literal: true

module Munimen
  module Pocket
    # What is owed, in memory: as Store::Dues.
    class Dues
      DANGER_FIRST = { "danger" => 0, "defect" => 1, "watch" => 3 }.freeze

      def initialize(tables) = @tables = tables

      def find(id) = @tables.find(:dues, id)

      def add(attributes)
        @tables.insert(
          :dues,
          { settled_at: nil, hidden_until: nil, declined: 0, check: nil, job: nil,
            risk: DANGER_FIRST.fetch(attributes[:grade], 2), **Store::Values.with_said(attributes) }
        )
      end

      def open(by: nil, heater_id: nil, show: :all, today: nil, limit: nil, gone: {})
        rows = standing(gone).select { |row| shown?(row, show, today.to_s) }
        rows.select! { |row| row[:on] <= by.to_s } if by
        rows.select! { |row| row[:heater_id] == heater_id } if heater_id
        rows = rows.each_with_index.sort_by { |row, i| [row[:risk], row[:on], i] }.map(&:first)
        (limit ? rows.first(limit) : rows).map { |row| placed(row) }
      end

      def counts(by:, today:, gone: {})
        due = standing(gone).select { |row| row[:on] <= by.to_s }
        %i[open snoozed declined].to_h do |show|
          [show, due.count { |row| shown?(row, show, today.to_s) }]
        end
      end

      def dangerous(heater_ids)
        found = standing({}).select do |row|
          heater_ids.include?(row[:heater_id]) && row[:grade] == "danger"
        end
        found.map { |row| row[:heater_id] }.uniq
      end

      def decide(due:, what:, until_date: nil, **)
        @tables.update(:dues, due, { hidden_until: (until_date if what == "snooze"),
                                     declined: what == "decline" ? 1 : 0 })
      end

      def last_decisions(_dues) = {}
      def ever?(heater_id, kind) = @tables.where(:dues, heater_id:, kind:).any?

      def settle(heater_id:, at:, jobs:, checks:, kinds: [])
        @tables.where(:dues, heater_id:, settled_at: nil).each do |row|
          next unless jobs.include?(row[:job]) || checks.include?(row[:check]) ||
                      kinds.include?(row[:kind])

          @tables.update(:dues, row[:id], { settled_at: at })
        end
      end

      def settle_heater(heater_id, at:)
        of = @tables.where(:dues, heater_id:, settled_at: nil)
        of.each { |row| @tables.update(:dues, row[:id], { settled_at: at }) }
      end

      def resume_heater(heater_id, at:)
        of = @tables.where(:dues, heater_id:, settled_at: at)
        of.each { |row| @tables.update(:dues, row[:id], { settled_at: nil }) }
      end

      private

      def standing(gone)
        rows = @tables.where(:dues, settled_at: nil)
        rows.reject do |row|
          gone.any? { |kind, day| row[:kind] == kind.to_s && row[:on] < day.to_s }
        end
      end

      def shown?(row, show, today)
        hidden = row[:hidden_until] && row[:hidden_until] > today
        case show
        when :open then row[:declined].zero? && !hidden
        when :snoozed then row[:declined].zero? && hidden
        when :declined then row[:declined] == 1
        else true
        end
      end

      def placed(row)
        heater, site, customer = Places.new(@tables).of(row[:heater_id])
                                       .values_at(:heater, :site, :customer)
        plate = JSON.parse(heater[:installation])
        Store::Values.said(row)
           .slice(:id, :kind, :on, :text, :grade, :job, :check, :heater_id, :hidden_until,
                  :declined, :visit_id)
           .merge(label: heater[:label], address: site[:address], household: site[:household],
                  customer_id: site[:customer_id],
                  made: plate["manufactured"] || plate["installed"],
                  customer: customer[:name], email: customer[:email])
      end
    end
  end
end
