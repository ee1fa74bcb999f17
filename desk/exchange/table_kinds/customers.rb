# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Customers. A file may say an address as well: it becomes a site of theirs.
      class Customers < Kind
        TITLE = "Customers"
        COLUMNS = %i[id name phone email note language].freeze
        WITH = %i[address access].freeze
        OTHERS = {
          name: ["customer", "customer name", "full name", "client", "company", "nombre",
                 "cliente"],
          phone: ["telephone", "tel", "phone number", "mobile", "cell", "teléfono"],
          email: ["e-mail", "mail", "email address", "correo"],
          note: %w[notes comment comments remarks],
          language: %w[lang idioma],
          address: ["site", "site address", "street address", "service address", "dirección"],
          access: ["access notes", "entry", "directions"]
        }.freeze

        def table = :customers
        def order = %i[name id]
        def needed = %i[name]
        def taken = COLUMNS + WITH
        def others = OTHERS

        # A row without an id that says what is known already is the same, so that a file taken in
        # twice makes nobody twice.
        def take(cells)
          known = cells[:id] ? nil : known(cells)
          return super unless known

          unless same?(known, cells)
            return super.tap do
              @remark = "Another one of this name is known: #{told(known)}."
            end
          end

          @remark = ("Taken for the one who is known: #{told(known)}." if bare?(cells))
          site(known[:id], cells) ? "changed" : "same"
        end

        private

        def write(id, cells, before)
          given = cells.slice(*COLUMNS).except(:id)
          if before
            ChangeCustomer.new(@context).call(id, **given)
          else
            AddCustomer.new(@context).call(id:, **given)
            by_name[key(given[:name])] ||= given.merge(id:)
          end
          site(id, cells)
        end

        # Adds an address that the customer has not; false where nothing is to be added.
        def site(id, cells)
          address = cells[:address] or return false
          return false if addresses[id].include?(key(address))

          addresses[id] << key(address)
          AddSite.new(@context).call(
            id: SecureRandom.uuid, customer_id: id, address:, access: cells[:access]
          )
        end

        def known(cells) = by_name[key(cells[:name])]
        def key(text) = text.to_s.downcase.gsub(/[^[:alnum:]]+/, " ").strip

        # Whether what the row says besides the name is known of that customer.
        def same?(known, cells)
          said = %i[phone email].select { |field| cells[field] }
          return said.all? { |field| key(cells[field]) == key(known[field]) } if said.any?

          cells[:address].nil? || addresses[known[:id]].include?(key(cells[:address]))
        end

        def bare?(cells) = %i[phone email address].none? { |field| cells[field] }

        def told(known) = known.values_at(:name, :phone, :email).compact.join(", ")

        def by_name
          @by_name ||= rows.reverse.to_h { |row| [key(row[:name]), row] }
        end

        def addresses
          @addresses ||= Hash.new { |all, id| all[id] = [] }.tap do |all|
            @records.tables.all(:sites, { customer_id: :customer_id, address: :address },
              order: [:id])
                    .each do |row|
              all[row[:customer_id]] << key(row[:address])
            end
          end
        end
      end
    end
  end
end
