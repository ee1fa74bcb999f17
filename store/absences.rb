# frozen_string_literal: true

module Munimen
  module Store
    # On which days who is away.
    class Absences
      def initialize(database) = @rows = database[:absences]

      # Rows that end on a day or later, the earliest first.
      def since(day) = @rows.where { to_on >= day }.order(:from_on, :id).all

      # Accounts that are away on a day.
      def away(day) = @rows.where { (from_on <= day) & (to_on >= day) }.select_map(:account_id)

      # Once; a second sending of the same id changes nothing.
      def add(attributes) = @rows.insert_conflict(target: :id).insert(attributes)

      # How many there were of it.
      def remove(id) = @rows.where(id:).delete
    end
  end
end
