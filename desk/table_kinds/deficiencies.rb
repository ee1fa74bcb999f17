# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Deficiencies: they come about in visits; a file can close them.
      class Deficiencies < Kind
        def columns = %i[id heater_id check part grade text remedy due status found_on closed_on evidence]
        def needed = %i[id status]
        def rows = database[:deficiencies].order(:heater_id, :found_on, :id)

        private

        def now(id) = database[:deficiencies].where(id:).select(:status, :evidence).first

        def write(id, cells, before)
          raise Error.new("A deficiency comes about in a visit; a file can only close one that is there.", field: :id, code: :unknown) unless before
          return if cells[:status] == before[:status]
          raise Refused.new("It is #{before[:status]} already.", code: :closed) unless before[:status] == "open"

          CloseDeficiency.new(@context).call(id, status: cells[:status], evidence: cells[:evidence])
        end
      end
    end
  end
end
