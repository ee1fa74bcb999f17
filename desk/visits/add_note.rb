# frozen_string_literal: true

module Munimen
  module Desk
    # Adds a deficiency by hand from the catalogue.
    class AddNote
      def initialize(context) = @context = context

      def call(visit_id, id:, entry:, place: nil, text: nil)
        @context.may!(:visit)
        VisitWrite.new(@context, visit_id).call(:notes, id) do |written|
          written.add(
            :notes,
            id:,
            entry: Inspection::Catalogue[entry].id,
            place: @context.text!(place, :place, required: false),
            text: @context.text!(text, :text, max: 500, required: false)
          )
        end
      end
    end
  end
end
