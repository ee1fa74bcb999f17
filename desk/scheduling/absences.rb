# frozen_string_literal: true

module Munimen
  module Desk
    # Days on which somebody is away: holidays, illness, training. The plan sends nobody there.
    class Absences
      LONGEST = 366 # days

      def initialize(context) = @context = context

      # [{id:, person:, name:, from:, to:, why:}] of today and later, the earliest first. why is for
      # those who plan, and for oneself.
      def list
        names = @context.records.people.all.to_h { |row| [row[:id], row[:name]] }
        rows = absences.since(@context.now.to_date.iso8601)
        rows.map do |row|
          { id: row[:id], person: row[:account_id], name: names[row[:account_id]],
            from: row[:from_on], to: row[:to_on], why: (row[:why] if told?(row)) }
        end
      end

      # person: id of an account; from and to: dates, both days away. Answers the list. Raises
      # Error.
      def add(id:, person:, from:, to:, why: nil)
        @context.may!(:day_plan)
        first = day(from, :from)
        last = day(to, :to)
        unless (last - first).between?(0, LONGEST)
          raise Error.new("to must not be before from, nor more than a year after it.",
                          field: :to, code: :out_of_range)
        end
        unless @context.records.people.find(person)
          raise NotFound.new("There is no such person.", field: :person)
        end

        absences.add(id:, account_id: person, from_on: first.iso8601, to_on: last.iso8601,
                     why: @context.text!(why, :why, max: 120, required: false))
        list
      end

      def remove(id)
        @context.may!(:day_plan)
        return list if absences.remove(id).positive?

        raise NotFound.new("This has been taken out.", field: :absence)
      end

      private

      def told?(row)
        row[:account_id] == @context.person[:id] ||
          Abilities.of(@context.person[:role]).include?(:day_plan)
      end

      def absences = @context.records.absences

      def day(text, field)
        Date.iso8601(text.to_s)
      rescue ArgumentError
        raise Error.new(Message.of("{field} must be a date such as 2026-12-24; got “{text}”.",
                                   field:, text:),
                        field:, code: :bad_date)
      end
    end
  end
end
