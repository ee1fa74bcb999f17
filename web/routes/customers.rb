# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # A customer's card, and what a person may ask of those who keep data about them.
      class Customers < Resource
        raw(:vcard) { file "text/vcard", card, "customer.vcf" }
        raw(:exportCustomer) do
          headers "content-disposition" => "attachment; filename=\"customer.json\""
          json(Desk::EraseCustomer.new(desk).export(id))
        end
        on(:eraseCustomer) { Desk::EraseCustomer.new(desk).call(id) }

        private

        def card
          customer = Desk::ViewCustomer.new(desk).call(id)
          Formats::VcardText.render(customer, customer[:sites].map { |site| site[:address] })
        end
      end
    end
  end
end
