# frozen_string_literal: true

module Munimen
  module Store
    # Heaters as installed. `installation` is kept in the open form.
    class Heaters
      def initialize(database)
        @database = database
        @rows = database[:heaters]
      end

      def find(id)
        Values.of(@rows.where(id:).first) ||
          raise(NotFound.new("There is no such heater.", field: :heater))
      end

      def at_site(site_id) = @rows.where(site_id:).order(:label).map { |row| Values.of(row) }

      def add(id:, site_id:, label:, installation:, at:)
        @rows.insert_conflict(target: :id).insert(
          id:,
          site_id:,
          label:,
          installation: JSON.generate(installation),
          created_at: at
        )
      end

      def update(id, label:, installation:)
        @rows.where(id:).update(label:, installation: JSON.generate(installation))
      end

      # Gives a heater to another site.
      def give(id, to:) = @rows.where(id:).update(site_id: to)

      # ended: Hash of what became of it, or nil where it is there (again).
      def keep_end(id, ended)
        @rows.where(id:).update(ended: ended && JSON.generate(ended))
      end

      # The heater with its site and customer, as one row: book: the Rules::Book that holds there,
      # heater: the Heater::Installation.
      def with_place(id)
        row = placed(id).first || raise(NotFound.new("There is no such heater.", field: :heater))
        place = Values.of(row)
        place.merge(heater: VisitMapper.heater(row[:installation], place[:book].units))
      end

      # {id => kind} of some.
      def kinds(ids) = said(ids, "$.kind").to_h

      # {id => Date} on which some were installed, as far as that is on record: a year counts from
      # its middle.
      def installed(ids)
        said(ids, "$.installed").to_h.transform_values { |text| day(text) }.compact
      end

      # The language of the customer at whose place it stands.
      def language(id)
        @rows.join(:sites, id: :site_id).join(:customers, id: :customer_id)
             .where(Sequel[:heaters][:id] => id).get(:language)
      end

      private

      def said(ids, path)
        @rows.where(id: ids)
             .select_map([:id, Sequel.function(:json_extract, :installation, path).as(:said)])
      end

      def day(text)
        parts = text.to_s.match(/\A((?:19|20)\d\d)(?:-(\d\d))?(?:-(\d\d))?\z/) or return
        year, month, day = parts.captures.map { |one| one&.to_i }
        Date.new(year, month || 7, day || (month ? 15 : 1))
      rescue Date::Error
        nil
      end

      def placed(id)
        @rows
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
          .where(Sequel[:heaters][:id] => id)
          .select(
            Sequel[:heaters][:id],
            :label,
            :installation,
            :ended,
            :site_id,
            :address,
            :access,
            :code_profile,
            Sequel[:sites][:house_rules],
            :customer_id,
            Sequel[:customers][:name].as(:customer),
            :phone
          )
      end
    end
  end
end
