# frozen_string_literal: true

module Munimen
  module Store
    # The firm's own settings: name, address, house rules.
    class Settings
      def initialize(database)
        @rows = database[:settings]
      end

      def [](name) = (text = @rows.where(name: name.to_s).get(:value)) && JSON.parse(text)

      def []=(name, value)
        @rows.insert_conflict(target: :name, update: { value: Sequel[:excluded][:value] })
             .insert(name: name.to_s, value: JSON.generate(value))
      end

      def house_rules = self[:house_rules] || {}
      def firm = self[:firm] || { "name" => "Unnamed firm" }
    end
  end
end
