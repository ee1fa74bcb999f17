# frozen_string_literal: true

require "digest"

module Munimen
  module Desk
    # Reminders of what falls due in this month and the next: one look, one press; what is late
    # since longer stays among what is owed. One mail for each heater, of what comes first of what
    # is the customer's to book; who has asked for none, has no address, or has a visit booked, is
    # named and left out.
    class Reminders
      # outbox: Outbox, which writes them.
      def initialize(context, outbox)
        @context = context
        @outbox = outbox
      end

      # {until:, due: [{due:, customer:, address:, email:, on:, text:, why_not: "none_wanted",
      # "no_address", "booked" or nil}]}, the soonest first.
      def list
        @context.may!(:mails)
        gone = Calendar::Rule.gone(today)
        rows = @context.records.dues.open(by: last, show: :open, today:, gone:)
                       .reject { |row| late?(row) || Calendar::Rule[row[:kind]]&.ours? }
        first = rows.sort_by { |row| row[:on] }.uniq { |row| row[:heater_id] }
        contacts = @context.records.customers.of_heaters(first.map { |row| row[:heater_id] })
        booked = @context.records.visits.booked_heaters
        { until: last.iso8601,
          due: first.map { |row| told(row, contacts.fetch(row[:heater_id]), booked) } }
      end

      # Writes those of some dues that may go; the same press again writes none twice. Returns the
      # Outbox's list.
      def write(dues)
        able = list[:due].reject { |one| one[:why_not] }.to_h { |one| [one[:due], one] }
        able.values_at(*dues).compact.each do |one|
          @outbox.reminder(one[:due], id: id(one), recipient: one[:email])
        end
        @outbox.list
      end

      private

      def today = @context.now.to_date
      def begins = Date.new(today.year, today.month, 1)
      def last = begins.next_month(2) - 1
      def late?(row) = row[:on] < begins.iso8601

      def told(row, contact, booked)
        { due: row[:id], on: row[:on], text: row[:text],
          **contact.slice(:customer, :address, :email),
          why_not: why_not(contact, booked.include?(row[:heater_id])) }
      end

      def why_not(contact, booked)
        return "booked" if booked
        return "none_wanted" if contact[:reminders].zero?

        "no_address" if contact[:email].to_s.empty?
      end

      # The same for the same due of the same day.
      def id(one)
        hex = Digest::SHA256.hexdigest("reminder #{one[:due]} #{one[:on]}")
        [hex[0, 8], hex[8, 4], "5#{hex[13, 3]}", "8#{hex[17, 3]}", hex[20, 12]].join("-")
      end
    end
  end
end
