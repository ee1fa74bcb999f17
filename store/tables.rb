# frozen_string_literal: true

module Munimen
  module Store
    # Rows of any table by columns, for tables that go out and in as files.
    #
    #   tables.all(:readings, { id: :id, value: :typed }, order: %i[visit_id at], only: {…})
    class Tables
      def initialize(database)
        @database = database
      end

      # [{name => value}]; columns: {name => column of the table}.
      def all(table, columns, order:, only: {})
        rows = @database[table].where(only).order(*order)
        rows.select(*named(columns)).map { |row| Values.of(row).except(:book) }
      end

      # Whose each heater is: {heater id => {customer:, address:}}
      def places
        @database[:heaters]
          .join(:sites, id: Sequel[:heaters][:site_id])
          .join(:customers, id: Sequel[:sites][:customer_id])
          .select_map([Sequel[:heaters][:id], Sequel[:customers][:name], :address])
          .to_h { |id, customer, address| [id, { customer:, address: }] }
      end

      # One row by its id, or nil.
      def find(table, id, columns)
        Values.of(@database[table].where(id:).select(*named(columns)).first)&.except(:book)
      end

      # Runs a block and takes back what it wrote if it raises, within what is being written.
      def attempt(&) = @database.transaction(savepoint: true, &)

      private

      def named(columns) = columns.map { |name, column| Sequel[column].as(name) }
    end
  end
end
