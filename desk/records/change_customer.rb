# frozen_string_literal: true

module Munimen
  module Desk
    # Changes what is known of a customer.
    class ChangeCustomer
      LONGEST = { name: 200, phone: 200, email: 200, note: 2000 }.freeze

      def initialize(context) = @context = context

      # What is not given stays; an empty text empties it. Returns the customer's row.
      def call(id, **given)
        @context.may!(:records)
        before = @context.records.customers.find(id)
        text = LONGEST.to_h do |name, max|
          [
            name,
            @context.text!(given.fetch(name, before[name]), name, max:, required: name == :name)
          ]
        end
        @context.address!(text[:email], required: false) unless text[:email] == before[:email]
        text[:language] = Words::Language.name!(given[:language]) if given[:language]
        text[:reminders] = given[:reminders] ? 1 : 0 unless given[:reminders].nil?
        @context.records.customers.update(id, text)
        @context.records.customers.find(id)
      end
    end
  end
end
