# frozen_string_literal: true

module Munimen
  module Store
    # The firm's own settings: name, address, house rules.
    class Settings
      include KnownSettings

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
    end
  end
end
