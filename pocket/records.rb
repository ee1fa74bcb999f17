# frozen_string_literal: true

module Munimen
  module Pocket
    # All that a device took along, in memory, as Store::Records has it in a database: for the
    # use cases without a signal. spec/desk/both_offices_spec.rb holds both to the same.
    class Records
      attr_reader :tables

      # rows: {table => [row]}, as Pack gives them.
      def initialize(rows)
        @tables = Tables.new(rows)
      end

      def people = @people ||= People.new(tables)
      def settings = @settings ||= Settings.new(tables)
      def customers = @customers ||= Customers.new(tables)
      def heaters = @heaters ||= Heaters.new(tables)
      def visits = @visits ||= Visits.new(tables, settings)
      def dues = @dues ||= Dues.new(tables)
      def photos = @photos ||= Photos.new(tables)
      def deficiencies = @deficiencies ||= Deficiencies.new(tables)
      def training = @training ||= Training.new(tables)
      def seals = @seals ||= Seals.new(tables)
      # Mails are the office's.
      def sharing = nil
      def plans = @plans ||= Planning::PlanKeeper.new
      def versioned_cache = @versioned_cache ||= Store::VersionedCache.new

      # Runs a block as one write: all of it or none.
      def write(&) = tables.all_or_none(&)
    end
  end
end
