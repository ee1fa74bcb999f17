# frozen_string_literal: true

module Munimen
  module Desk
    # What a person says of themselves: the name that stands on pages, and their own signature,
    # drawn once, which the plumber's line of a page can take.
    class Profile
      def initialize(context) = @context = context

      # {name:, email:, role:, signature:} of whoever is signed in; signature: strokes, or nil.
      def show
        row = people.find(@context.person[:id])
        row.slice(:name, :email, :role).merge(signature: Store::Values.signature(row))
      end

      # name: stands on pages from now on; signed ones keep the old one. signature: strokes as a
      # visit's are, [] for none. What is not given stays. Raises Error.
      def keep(name: nil, signature: nil)
        attributes = {}
        attributes[:name] = @context.text!(name, :name, max: 120) if name
        attributes[:signature] = drawn(signature) if signature
        people.change(@context.person[:id], attributes)
        show
      end

      private

      def people = @context.records.people

      def drawn(strokes)
        points = Sign.points(strokes)
        return if points.zero?
        return strokes if points.between?(2, Sign::MOST_POINTS)

        raise Error.new("Draw your signature, in at most #{Sign::MOST_POINTS} points.",
                        field: :signature, code: :too_long)
      end
    end
  end
end
