# frozen_string_literal: true

module Munimen
  module Desk
    # Takes down a customer's site, with the rulebook that holds there.
    class AddSite
      def initialize(context) = @context = context

      # code_profile: of its rulebook; the firm's where none is given.
      def call(id:, customer_id:, address:, code_profile: nil, access: nil)
        @context.may!(:records)
        book = Rules::Book.find(code_profile || @context.records.settings.code_profile)
        @context.records.customers.find(customer_id)
        @context.records.customers.add_site(
          id:,
          customer_id:,
          address: @context.text!(address, :address),
          code_profile: book.id.to_s,
          access: @context.text!(access, :access, max: 2000, required: false),
          created_at: @context.stamp
        )
      end
    end
  end
end
