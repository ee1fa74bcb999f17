# frozen_string_literal: true

module Munimen
  module Pocket
    # The firm's settings as they were when the signal went.
    class Settings
      def initialize(tables)
        @read = tables[:settings].to_h { |row| [row[:name], JSON.parse(row[:value])] }
      end

      def [](name) = @read[name.to_s]
      def code_profile = self[:code_profile] || "us_irc"
      def rulebook = Rules::Book[code_profile]
      def units = rulebook.units
      def house_rules = self[:house_rules] || {}
      def firm = self[:firm] || { "name" => "Unnamed firm" }
    end
  end
end
