# frozen_string_literal: true

module Munimen
  module Store
    # What has changed since a number: the latest change of each customer, site, heater and visit.
    # The database itself writes it down.
    class Changes
      def initialize(database) = @rows = database[:changes]

      # [{seq:, kind:, id:, gone:, at:}] after a number, in order.
      def after(seq, limit:)
        @rows.where { Sequel[:seq] > seq }.order(:seq).limit(limit).map do |row|
          { seq: row[:seq], kind: row[:kind], id: row[:thing], gone: row[:gone] == 1, at: row[:at] }
        end
      end
    end
  end
end
