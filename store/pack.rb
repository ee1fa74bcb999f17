# frozen_string_literal: true

module Munimen
  module Store
    # What a person takes along for the time without a signal: the visits of a day and the next,
    # their heaters with all that was done to them, and what the firm has settled.
    class Pack
      VISITS = %i[readings observations steps decisions notes signatures signed_pages photos
                  amendments].freeze
      PEOPLE = %i[id name role qualifications].freeze
      OWN = [*PEOPLE, :email, :signature, :language].freeze # of the person whose it is
      SETTINGS = %w[code_profile house_rules firm logo instruments working_day codes rates].freeze

      # records: Store::Records.
      def initialize(records) = @database = records.database

      # The same with every setting but the list of parts, which a browser cannot read: of a
      # training run, which has no others.
      def all(heater_id)
        settings = of(:settings, {}).reject { |row| row[:name] == "parts" }
        rows([heater_id]).merge(settings:)
      end

      # {table => [row]} for some heaters. own: id of the account whose pack it is, or nil.
      def rows(heater_ids, own: nil)
        heaters = of(:heaters, id: heater_ids)
        sites = of(:sites, id: heaters.map { |row| row[:site_id] })
        visits = of(:visits, heater_id: heater_ids)
        {
          settings: of(:settings, name: SETTINGS),
          accounts: of(:accounts, {}).map { |row| row.slice(*(row[:id] == own ? OWN : PEOPLE)) },
          customers: of(:customers, id: sites.map { |row| row[:customer_id] }),
          sites:, heaters:, visits:,
          **VISITS.to_h { |table| [table, of(table, visit_id: visits.map { |row| row[:id] })] },
          deficiencies: of(:deficiencies, heater_id: heater_ids),
          dues: of(:dues, heater_id: heater_ids)
        }
      end

      private

      def of(table, where) = @database[table].where(where).order(Sequel.lit("rowid")).all
    end
  end
end
