# frozen_string_literal: true

module Munimen
  module Desk
    # What is owed, most urgent first, with why; put off or declined with a reason, and never
    # dropped.
    class Owed
      HORIZON = 14 # days ahead within which something counts as owed now
      MOST = 200   # looked at one by one; the rest is counted
      LONGEST = 365 # days for which something can be put off
      SHOWS = %i[open snoozed declined].freeze

      # check or line => part
      def self.parts
        @parts ||=
          (Inspection::InspectionItem.all + Judgement::Check.all)
            .to_h { |one| [one.id.to_s, one.part] }
            .freeze
      end

      def initialize(context) = @context = context

      def today = @context.now.to_date

      # show: "open", "snoozed" or "declined". Returns {date:, counts:, why_first:, owed:, more:}.
      def call(show: "open")
        show = known(show)
        owed = listed(show).sort_by { |one| [-one[:points], one[:on]] }
        counts = counts()
        {
          date: today.iso8601,
          counts:,
          why_first: (why_first(owed) if show == :open),
          owed:,
          more: [counts[show] - owed.size, 0].max
        }
      end

      # Puts something off to a date, declines it, or takes it up again. Danger is not put off.
      def decide(key, id:, what:, reason:, day: nil)
        @context.may!(:records)
        row = find(key)
        reason = @context.text!(reason, :reason, max: 300)
        if what == "snooze" && row[:grade] == "danger"
          raise Refused.new(
            "Danger is not put off: it is made safe, or declined by the customer in writing.",
            code: :danger
          )
        end

        @instruments = nil
        dues.decide(
          id:,
          due: key,
          what:,
          until_date: what == "snooze" ? date(day) : nil,
          reason:,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
        call
      end

      private

      def known(show)
        SHOWS.find { |one| one.to_s == show.to_s } || raise(Error.one_of(SHOWS, field: :show))
      end

      def listed(show)
        rows = dues.open(by: today + HORIZON, show:, today:, limit: MOST, gone:) + instruments(show)
        decisions = dues.last_decisions(rows.map { |row| row[:id] })
        rows.map { |row| shown(row, decisions[row[:id]]) }
      end

      def dues = @context.records.dues
      def gone = Calendar::Rule.gone(today)

      def counts
        dues
          .counts(by: today + HORIZON, today:, gone:)
          .to_h { |show, count| [show, count + instruments(show).size] }
      end

      def find(key)
        dues.find(key) || instruments(nil).find { |row| row[:id] == key } ||
          raise(NotFound.new("Nothing of this name is owed.", field: :key))
      end

      def date(text)
        date = Date.iso8601(text.to_s)
        return date.iso8601 if date > today && date <= today + LONGEST

        raise Error.new(
          "day must be between tomorrow and a year from now.",
          field: :day,
          code: :out_of_range
        )
      rescue ArgumentError
        raise Error.new("day must be a date such as 2026-12-31.", field: :day, code: :bad_date)
      end

      # Calibrations that run out, as if they were rows.
      def instruments(show) = (@instruments ||= {})[show] ||= calibrations(show)

      def calibrations(show)
        rows = Instruments.new(@context).list.map do |one|
          {
            id: "instrument:#{one[:id]}",
            kind: "calibration",
            on: (Date.iso8601(one[:calibrated]) + Instruments::YEAR).iso8601,
            text: Message.of("Have {title} calibrated: a year since {calibrated}.",
                             title: one[:title], calibrated: one[:calibrated])
          }
        end
        rows.select! { |row| row[:on] <= (today + HORIZON).iso8601 }
        return rows unless show

        decisions = dues.last_decisions(rows.map { |row| row[:id] })
        rows.select { |row| state(decisions[row[:id]], row) == show }
      end

      # A decision on a calibration holds until the next one is due.
      def state(decision, row)
        return :open if decision.nil? || decision[:what] == "resume" || decision[:at] < row[:on]
        return :declined if decision[:what] == "decline"

        decision[:until] > today.iso8601 ? :snoozed : :open
      end

      def shown(row, decision)
        urgency = urgency(row)
        row.slice(
          :id,
          :kind,
          :on,
          :text,
          :grade,
          :heater_id,
          :label,
          :address,
          :customer,
          :customer_id,
          :email
        ).merge(
          job: row[:job] || Work::Job.curing(row[:check])&.id&.to_s,
          late: (today - Date.iso8601(row[:on])).to_i,
          points: urgency.points,
          reasons: urgency.reasons,
          rule: rule(row[:kind]),
          decision: decision&.slice(:what, :until, :reason, :at, :by)
        )
      end

      def urgency(row)
        made = row[:made].to_s[/\b(19|20)\d\d\b/]&.to_i
        Calendar::Urgency.of(
          grade: row[:grade]&.to_sym,
          part: part(row[:check]),
          on: Date.iso8601(row[:on]),
          today:,
          made:,
          household: (row[:household] || "usual").to_sym
        )
      end

      # The part that a check, or a line that is looked at, is about.
      def part(check)
        return unless check

        self.class.parts[check]
      end

      def rule(kind)
        rule = Calendar::Rule[kind] or return
        (@rules ||= {})[kind] ||= {
          comes_from: say(rule.comes_from),
          moved_by: say(rule.moved_by),
          ended_by: say(rule.ended_by),
          source: rule.source.to_s
        }
      end

      def say(text)
        text && Words[@context.records.settings.units].say(text)
      end

      # Why the first comes before the second, in a sentence.
      def why_first(owed)
        first, second = owed
        return unless first

        more = second ? first[:reasons] - second[:reasons] : first[:reasons]
        more = first[:reasons] if more.empty?
        more = [second ? "its day comes soonest" : "it is the only one"] if more.empty?
        Message.of("First because: {reasons}.", reasons: Message.join(more, ", "))
      end
    end
  end
end
