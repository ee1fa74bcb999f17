# frozen_string_literal: true

module Munimen
  module Desk
    # A month at a glance, for the owner: who did what in how much time, what dangers were found and
    # made safe, what stands open and how long, and what is due and not booked.
    class Month
      AGES = [30, 90, nil].freeze # days up to which something has stood open; nil: longer

      def initialize(context) = @context = context

      # month: "2026-11"; nil: this one. {month:, visits: [{who:, kind:, count:, reckoned:,
      # taken:}] in minutes, dangers: {found:, made_safe:, standing:}, open: [{grade:, ages: [counts
      # by AGES]}], unbooked:, estimates: {said: [{answer:, count:, totals: [text]}], list:},
      # list: the deficiencies behind}. Raises Error on what is no month.
      def call(month = nil)
        @context.may!(:numbers)
        from, to = bounds(month || @context.now.strftime("%Y-%m"))
        visits = outcomes.signed(from.iso8601, to.iso8601)
        open, dangers = deficiencies(from, to)
        {
          month: from.strftime("%Y-%m"),
          visits: by_person(visits),
          dangers: { found: dangers.size, made_safe: left_off(visits),
                     standing: dangers.count { |one| one[:status] == "open" } },
          open: by_age(open, to),
          unbooked: unbooked(to),
          estimates: estimates(from, to),
          list: (open | dangers).map { |one| listed(one) }
        }
      end

      private

      def outcomes = @context.records.outcomes

      def bounds(month)
        from = Date.strptime(month.to_s, "%Y-%m")
        [from, from >> 1]
      rescue Date::Error
        raise Error.new("month must be a month such as 2026-11.", field: :month,
                                                                  code: :unknown_choice)
      end

      def by_person(visits)
        spent = outcomes.reckoned(visits.map { |one| one[:id] }, hands_on)
        kinds = @context.records.heaters.kinds(visits.map { |one| one[:heater_id] }.uniq)
        visits.group_by { |one| [one[:who], kinds[one[:heater_id]]] }.map do |(who, kind), all|
          { who:, kind:, count: all.size, taken: all.filter_map { |one| one[:minutes] }.sum,
            reckoned: (all.sum { |one| spent[one[:id]] } / 60.0).round }
        end
      end

      def hands_on
        Work::Operation.all.to_h { |one| [one.id, one.hands_on] }
      end

      # Those open at the month's end, and the dangers that were found in it.
      def deficiencies(from, to)
        all = outcomes.deficiencies(to.iso8601)
        open = all.select { |one| one[:closed_on].nil? || one[:closed_on] >= to.iso8601 }
        dangers = all.select { |one| one[:grade] == "danger" && one[:found_on] >= from.iso8601 }
        [open, dangers]
      end

      # By what the customers said, with the sums of what was priced, a currency each.
      def estimates(from, to)
        rows = outcomes.estimates(from.iso8601, to.iso8601)
        said = Costing::Line::ANSWERS.map do |answer|
          all = rows.select { |row| row[:answer] == answer }
          { answer:, count: all.size, totals: totals(all) }
        end
        table = TableKinds::Estimates.new(@context)
        { said:, list: rows.map { |row| table.shown(row) } }
      end

      def totals(rows)
        rows.select { |row| row[:total] }.group_by { |row| row[:currency] }.map do |currency, some|
          Costing::Money.new(some.sum { |row| row[:total] }, currency).to_s
        end
      end

      def left_off(visits) = visits.count { |one| one[:outcome] == "left_off" }

      def by_age(open, to)
        Verdict::FINDINGS.map do |grade|
          days = open.select { |one| one[:grade] == grade.to_s }
                     .map { |one| (to - Date.iso8601(one[:found_on])).to_i }
          last = -1
          counts = AGES.map do |most|
            days.count { |day| day > last && (most.nil? || day <= most) }.tap { last = most }
          end
          { grade:, ages: counts }
        end
      end

      # Heaters that have something due by a day, and no visit booked.
      def unbooked(to) = @context.records.dues.heaters_without_booking(to.iso8601)

      def listed(one)
        one.slice(:heater_id, :customer, :grade, :text, :found_on, :status, :closed_on)
      end
    end
  end
end
