# frozen_string_literal: true

module Munimen
  module Desk
    # What each CSV table has for columns, how its rows are read from the records, and how one is taken in.
    module TableKinds
      UUID = /\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/

      def self.find(name, context)
        kind = { "customers" => Customers, "sites" => Sites, "heaters" => Heaters, "readings" => Readings, "deficiencies" => Deficiencies }[name.to_s] or
          raise NotFound.new("There is no table “#{name}”.", field: :table)
        kind.new(context)
      end

      # What they share: take returns "new", "changed" or "same", or raises Error. A column that the file lacks leaves what is there; an empty
      # cell empties it.
      class Kind
        def initialize(context)
          @context = context
          @records = context.records
        end

        def needed = []
        # Columns of a row that is there which a file does not change.
        def fixed = []

        def take(cells)
          id = cells[:id] ? id!(cells[:id], :id) : SecureRandom.uuid
          before = now(id)
          stay!(cells, before) if before
          write(id, cells, before)
          return "new" unless before

          now(id) == before ? "same" : "changed"
        end

        private

        def database = @records.database

        def stay!(cells, before)
          moved = fixed.find { |column| cells[column] && cells[column].to_s.downcase != before[column].to_s } or return
          raise Error.new("#{moved} is #{before[moved]} and stays so; leave it, or take the row in as a new one without id.", field: moved, code: :fixed)
        end

        def id!(text, field)
          return text.downcase if text.to_s.match?(UUID)

          raise Error.new("#{field} must be a UUID such as #{SecureRandom.uuid}, or empty for something new.", field:, code: :invalid)
        end
      end

      # Customers.
      class Customers < Kind
        def columns = %i[id name phone email note]
        def needed = %i[name]
        def rows = database[:customers].order(:name, :id)

        private

        def now(id) = database[:customers].where(id:).select(*columns).first

        def write(id, cells, before)
          before ? ChangeCustomer.new(@context).call(id, **cells.except(:id)) : AddCustomer.new(@context).call(id:, **cells.slice(:phone, :email, :note), name: cells[:name])
        end
      end

      # Sites of customers.
      class Sites < Kind
        def columns = %i[id customer_id address access code_profile household lat lng]
        def needed = %i[address]
        def fixed = %i[customer_id code_profile]
        def rows = database[:sites].order(:customer_id, :id)

        private

        def now(id) = database[:sites].where(id:).select(*columns).first

        def write(id, cells, before)
          unless before
            AddSite.new(@context).call(id:, customer_id: id!(cells[:customer_id], :customer_id), address: cells[:address], access: cells[:access],
                                       code_profile: cells[:code_profile] || @records.settings.code_profile)
          end
          known = (before || {}).merge(cells)
          ChangeSite.new(@context).call(id, **known.slice(:address, :access), household: known[:household] || "usual", lat: degrees(known[:lat], :lat),
lng: degrees(known[:lng], :lng))
        end

        def degrees(text, field)
          return if text.nil?

          Float(text, exception: false) || raise(Error.new("#{field} must be a number of degrees.", field:, code: :not_a_number))
        end
      end

      # Heaters, with a column for each field of the plate.
      class Heaters < Kind
        def columns = %i[id site_id label] + Heater::Fields::ALL
        def needed = %i[label kind]
        def fixed = %i[site_id]
        def rows = database[:heaters].order(:site_id, :id).map { |row| row.slice(:id, :site_id, :label).merge(JSON.parse(row[:installation], symbolize_names: true)) }

        private

        def now(id) = database[:heaters].where(id:).select(:site_id, :label, :installation).first

        def write(id, cells, before)
          installation = (before ? JSON.parse(before[:installation], symbolize_names: true) : {}).merge(cells.slice(*Heater::Fields::ALL)).compact
          return KeepHeater.new(@context).change(id, label: cells[:label], installation:) if before

          KeepHeater.new(@context).add(id:, site_id: id!(cells[:site_id], :site_id), label: cells[:label], installation:)
        end
      end

      # Readings: out of every visit, into visits that are under way. What is signed is not touched.
      class Readings < Kind
        def columns = %i[id visit_id name value at method instrument]
        def needed = %i[visit_id name value]
        def rows = database[:readings].where(superseded_by: nil).order(:visit_id, :at, :id).select(:id, :visit_id, :name, Sequel[:typed].as(:value), :at, :method, :instrument)

        private

        def now(id) = database[:readings].where(id:).select(:visit_id, :name, :typed).first

        def write(id, cells, before)
          if before
            return if before.values == [cells[:visit_id].to_s.downcase, cells[:name], cells[:value]]

            raise Refused.new("A reading is not changed by a file: correct it in its visit.", code: :known)
          end
          TakeReading.new(@context).call(id!(cells[:visit_id], :visit_id), id:, name: cells[:name], value: cells[:value], **cells.slice(:at, :method, :instrument).compact)
        end
      end

      # Deficiencies: they come about in visits; a file can close them.
      class Deficiencies < Kind
        def columns = %i[id heater_id check part grade text remedy due status found_on closed_on evidence]
        def needed = %i[id status]
        def rows = database[:deficiencies].order(:heater_id, :found_on, :id)

        private

        def now(id) = database[:deficiencies].where(id:).select(:status, :evidence).first

        def write(id, cells, before)
          raise Error.new("A deficiency comes about in a visit; a file can only close one that is there.", field: :id, code: :unknown) unless before
          return if cells[:status] == before[:status]
          raise Refused.new("It is #{before[:status]} already.", code: :closed) unless before[:status] == "open"

          CloseDeficiency.new(@context).call(id, status: cells[:status], evidence: cells[:evidence])
        end
      end
    end
  end
end
