# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # Deficiencies: they come about in visits; a file can close them.
      class Deficiencies < Kind
        TITLE = "Deficiencies"
        COLUMNS = %i[
          id heater_id check part grade text remedy due status found_on closed_on evidence
        ].freeze

        def table = :deficiencies
        def order = %i[heater_id found_on id]
        def needed = %i[id status]

        private

        def write(id, cells, before)
          unless before
            raise Error.new(
              "A deficiency comes about in a visit; a file can only close one that is there.",
              field: :id,
              code: :unknown
            )
          end
          return if cells[:status] == before[:status]
          unless before[:status] == "open"
            raise Refused.new(Message.of("It is {status} already.",
                                         status: before[:status]), code: :closed)
          end

          CloseDeficiency.new(@context).call(id, status: cells[:status], evidence: cells[:evidence])
        end
      end
    end
  end
end
