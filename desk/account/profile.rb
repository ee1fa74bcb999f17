# frozen_string_literal: true

module Munimen
  module Desk
    # What a person says of themselves: the name that stands on pages, and their own signature,
    # drawn once, which the plumber's line of a page can take.
    class Profile
      def initialize(context) = @context = context

      # {name:, email:, role:, signature:, language:, languages:} of whoever is signed in;
      # signature: strokes, or nil; languages: those to work in.
      def show
        row = people.find(@context.person[:id])
        row.slice(:name, :email, :role, :language)
           .merge(signature: Store::Values.signature(row),
                  languages: Words::Language.offered(tool: true))
      end

      # name: stands on pages from now on; signed ones keep the old one. signature: strokes as a
      # visit's are, [] for none. language: in which the tool speaks. What is not given stays.
      # Raises Error.
      def keep(name: nil, signature: nil, language: nil)
        attributes = {}
        attributes[:name] = @context.text!(name, :name, max: 120) if name
        attributes[:signature] = drawn(signature) if signature
        attributes[:language] = spoken!(language) if language
        people.change(@context.person[:id], attributes)
        show
      end

      private

      def people = @context.records.people

      def spoken!(language)
        known = Words::Language.offered(tool: true).map { |one| one[:id] }
        return language if known.include?(language)

        raise Error.one_of(known, field: :language)
      end

      def drawn(strokes)
        points = Sign.points(strokes)
        return if points.zero?
        return strokes if points.between?(2, Sign::MOST_POINTS)

        raise Error.new(Message.of("Draw your signature, in at most {most_points} points.",
                                   most_points: Sign::MOST_POINTS),
                        field: :signature, code: :too_long)
      end
    end
  end
end
