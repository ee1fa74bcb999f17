# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Customers. A file may say an address as well: it becomes a site of theirs. Names and
      # addresses may come in parts: first and last, street, city, state and ZIP.
      class Customers < Kind
        TITLE = "Customers"
        COLUMNS = %i[id name phone email note language].freeze
        WITH = %i[address access].freeze
        PARTS = %i[first_name last_name street city state zip].freeze
        OTHERS = {
          name: ["customer", "customer name", "full name", "client", "client name", "company",
                 "nombre", "cliente"],
          phone: ["telephone", "tel", "tel no", "telephone no", "telephone number", "phone no",
                  "phone number", "mobile", "cell", "home phone", "teléfono"],
          email: ["e-mail", "mail", "email address", "e-mail address", "correo"],
          note: %w[notes comment comments remarks],
          language: %w[lang idioma],
          address: ["site", "site address", "street address", "service address", "full address",
                    "dirección"],
          access: ["access notes", "entry", "directions"],
          first_name: ["first", "given name", "forename"],
          last_name: ["last", "surname", "family name"],
          street: ["address 1", "address line 1", "street name", "road"],
          city: %w[town locality],
          state: %w[province county],
          zip: ["zip code", "postcode", "postal code", "post code"]
        }.freeze
        ALIKE = %i[phone email address].freeze # by which a person of a name is told from another

        def table = :customers
        def order = %i[name id]
        def needed = [%i[name last_name]]
        def taken = COLUMNS + WITH + PARTS
        def others = OTHERS

        # A row without an id that says what is known already is the same, so that a file taken in
        # twice makes nobody twice. One of a known name that says nothing of what is known is
        # somebody new, and who is there already is told beside it.
        def take(cells)
          cells = whole(cells)
          return super if cells[:id]

          namesakes = by_name[name_key(cells[:name])].dup
          known = namesakes.max_by { |one| alike(one, cells).size }
          unless known && (bare?(cells) || alike(known, cells).any?)
            others = namesakes.any? ? namesakes : by_number(cells)
            return other(super, others)
          end

          @remark = taken_for(known, cells)
          site(known[:id], cells) ? "changed" : "same"
        end

        private

        # Name and address of what comes in parts.
        def whole(cells)
          name = cells[:name] || cells.values_at(:first_name, :last_name).compact.join(" ")
          town = [cells[:city], cells.values_at(:state, :zip).compact.join(" ")]
          address = [cells[:address], cells[:street], *town].map(&:to_s).reject(&:empty?)
          given = cells.except(*PARTS).merge(name: name.empty? ? nil : name)
          address.empty? ? given : given.merge(address: address.join(", "))
        end

        def write(id, cells, before)
          given = cells.slice(*COLUMNS).except(:id)
          if before
            ChangeCustomer.new(@context).call(id, **given)
          else
            AddCustomer.new(@context).call(id:, **given)
            know(given.merge(id:))
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

        def key(text) = Store::SearchWords.folded(text).gsub(/[^[:alnum:]]+/, " ").strip

        # “Lee, Ann” is Ann Lee.
        def name_key(text) = key(text.to_s.split(",", 2).reverse.join(" "))

        # A number without what stands before it abroad or at home.
        def number(text) = text.to_s.gsub(/\D/, "")[/\d{1,10}\z/]

        # Which of ALIKE the row says as it is known.
        def alike(known, cells) = said(cells).select { |what| same?(what, known, cells) }
        def said(cells) = ALIKE.select { |what| cells[what] }
        def bare?(cells) = said(cells).empty?

        def same?(what, known, cells)
          case what
          when :phone then number(cells[:phone])&.== number(known[:phone])
          when :email then key(cells[:email]) == key(known[:email])
          else addresses[known[:id]].include?(key(cells[:address]))
          end
        end

        def other(fate, there)
          return fate if there.empty?

          @remark = Message.of("Another one is known: {who}.",
                               who: there.first(3).map { |one| told(one) }.join("; "))
          fate
        end

        def taken_for(known, cells)
          otherwise = (said(cells) - [:address] - alike(known, cells)).map { |what| cells[what] }
          return unless bare?(cells) || otherwise.any?

          left = Message.of("Not taken over: {what}.", what: otherwise.join(", ")) if otherwise.any?
          Message.join([Message.of("Taken for the one who is known: {who}.", who: told(known)),
                        left])
        end

        def told(known) = known.values_at(:name, :phone, :email).compact.join(", ")

        def by_number(cells)
          found = []
          found += numbers[number(cells[:phone])] if number(cells[:phone])
          found += mails[key(cells[:email])] if cells[:email]
          found.uniq
        end

        def know(row)
          by_name[name_key(row[:name])] << row
          numbers[number(row[:phone])] << row if number(row[:phone])
          mails[key(row[:email])] << row if row[:email]
        end

        def by_name = @by_name ||= index { |row| name_key(row[:name]) }
        def numbers = @numbers ||= index { |row| number(row[:phone]) }
        def mails = @mails ||= index { |row| row[:email] && key(row[:email]) }

        # Rows that are there by what the block gives of them.
        def index
          rows.each_with_object(Hash.new { |all, one| all[one] = [] }) do |row, all|
            found = yield(row)
            all[found] << row if found
          end
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
