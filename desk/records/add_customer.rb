# frozen_string_literal: true

module Munimen
  module Desk
    # Takes down a new customer.
    class AddCustomer
      def initialize(context) = @context = context

      # Returns the customer's row. `id` is a UUID made by the caller; sending it twice does no
      # harm.
      def call(id:, name:, phone: nil, email: nil, note: nil, language: nil, reminders: true)
        @context.may!(:records)
        @context.records.customers.add(
          id:,
          name: @context.text!(name, :name),
          phone: @context.text!(phone, :phone, required: false),
          email: @context.address!(email, required: false),
          note: @context.text!(note, :note, max: 2000, required: false),
          language: Words::Language.name!(language || "en"),
          reminders: reminders == false ? 0 : 1,
          created_at: @context.stamp
        )
      end
    end
  end
end
