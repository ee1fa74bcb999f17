# frozen_string_literal: true

module Munimen
  module Store
    # The firm's own settings: name, address, house rules.
    class Settings
      def initialize(database)
        @rows = database[:settings]
        @read = {}
      end

      # Kept in memory once read: only this process writes settings.
      def [](name)
        return @read[name.to_s] if @read.key?(name.to_s)

        text = @rows.where(name: name.to_s).get(:value)
        @read[name.to_s] = text && JSON.parse(text)
      end

      def []=(name, value)
        @read.delete(name.to_s)
        @rows.insert_conflict(target: :name, update: { value: Sequel[:excluded][:value] })
             .insert(name: name.to_s, value: JSON.generate(value))
      end

      def forget = @read.clear

      # The rulebook of new sites, and of pages that belong to no site.
      def code_profile = self[:code_profile] || "us_irc"
      def rulebook = Rules::Book[code_profile]
      def units = rulebook.units
      def house_rules = self[:house_rules] || {}
      def firm = self[:firm] || { "name" => "Unnamed firm" }
    end
  end
end
