# frozen_string_literal: true

module Munimen
  module Desk
    # Adds a deficiency by hand from the catalogue.
    class AddNote
      def initialize(context) = @context = context

      def call(visit_id, id:, entry:, place: nil, text: nil)
        @context.may!(:visit)
        return if @context.records.visits.written?(:notes, id)

        @context.open_visit!(visit_id)
        @context.records.visits.write(
          :notes,
          id:,
          visit_id:,
          entry: Inspection::Catalogue[entry].id,
          at: @context.stamp,
          place: @context.text!(place, :place, required: false),
          text: @context.text!(text, :text, max: 500, required: false),
          account_id: @context.person[:id]
        )
      end
    end
  end
end
