# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Customers: found, added, changed; their card.
      module Customers
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/customers/:id/customer.vcf") { file "text/vcard", card, "customer.vcf" }
          personal(app)
        end

        # What a person may ask of those who keep data about them.
        def self.personal(app)
          app.get("/api/customers/:id/export.json", fresh: true) do
            headers "content-disposition" => "attachment; filename=\"customer.json\""
            json(Desk::EraseCustomer.new(desk).export(id))
          end
          app.post("/api/customers/:id/erase", fresh: true) do
            json(Desk::EraseCustomer.new(desk).call(id))
          end
        end

        # What its routes share.
        module Helpers
          def card
            customer = Desk::ViewCustomer.new(desk).call(id)
            Formats::VcardText.render(customer, customer[:sites].map { |site| site[:address] })
          end
        end
      end
    end
  end
end
