# frozen_string_literal: true

module Munimen
  module Desk
    # Takes down a heater from its data plate, or what has become known of it later.
    class KeepHeater
      def initialize(context) = @context = context

      # installation: the open form, as typed, in the site's units.
      def add(site_id:, label:, installation:, id: nil)
        @context.may!(:records)
        unless id
          raise Error.new(
            "id is missing: a UUID, made by whoever writes.",
            field: :id,
            code: :missing
          )
        end

        site = @context.records.customers.site(site_id)
        @context.records.heaters.add(
          id:,
          site_id:,
          label: @context.text!(label, :label),
          installation: kept(installation, site),
          at: @context.stamp
        )
        @context.records.heaters.find(id)
      end

      def change(id, label:, installation:)
        @context.may!(:records)
        row = @context.records.heaters.find(id)
        site = @context.records.customers.site(row[:site_id])
        label = @context.text!(label, :label)
        installation = kept(installation, site)
        @context.records.write do
          dangers_stay(id) { @context.records.heaters.update(id, label:, installation:) }
        end
        @context.records.heaters.find(id)
      end

      # One field of the record, as typed; "": it is not known any more. What it makes pointless
      # goes with it. The heater's row.
      def learn(id, field, value)
        row = @context.records.heaters.find(id)
        pointless = Heater::Fields::POINTLESS.select do |_, (by, values)|
          by == field.to_sym && values.include?(value.to_s.to_sym)
        end.keys
        plate = row[:installation].transform_keys(&:to_sym).except(*pointless)
        change(id, label: row[:label], installation: plate.merge(field.to_sym => value))
      end

      private

      # What is written in the record puts no danger right: one that stands in an open visit stays,
      # until it is mended and proved.
      def dangers_stay(heater_id)
        open = @context.records.visits.of_heater(heater_id).select { |row| row[:status] == "open" }
        before = open.to_h { |row| [row[:id], dangers(row[:id])] }
        yield
        before.each do |id, known|
          gone = known.except(*dangers(id).keys)
          @context.records.visits.keep_standing(id, gone) if gone.any?
        end
      end

      def dangers(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        visit.hazards.to_h { |hazard| [hazard.variable.to_s, visit.terms.value(hazard).to_s] }
      end

      def kept(installation, site)
        units = site[:book].units
        Heater::Installation.from(installation, units:).to_h(units:)
      end
    end
  end
end
