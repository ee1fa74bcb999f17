# frozen_string_literal: true

module Munimen
  module Parts
    # Parts that can be had, read from rows of a CSV file (the firm's own, or the one that comes
    # with Munimen).
    #
    #   Catalogue.new(rows).matches(:relief_valve, visit).first.fits? # => true
    class Catalogue
      Part = Struct.new(:kind, :maker, :model, :price, :specified) do
        def [](name) = specified[name]
        def name = "#{maker} #{model}"
      end

      # A part and how it answers each criterion.
      Match = Struct.new(:part, :criteria) do
        # true when every criterion is met, false when one is not, nil when something is not known;
        # what would only be better decides nothing.
        def fits?
          answers = criteria.reject { |one| one.grade == :watch }.map(&:fits)
          [false, nil].each { |answer| return answer if answers.include?(answer) }
          true
        end

        def failing = criteria.select { |criterion| criterion.fits == false }
        def unknown = criteria.select { |criterion| criterion.fits.nil? }
      end

      HEAD = %w[kind maker model price].freeze

      # rows: [{column => text}], the first four columns as in HEAD, the others by kind. Raises
      # Error naming row and column of what cannot be read.
      def initialize(rows)
        @parts =
          rows.each_with_index.map { |row, index| part(row.transform_keys(&:to_s), index + 2) }
      end

      attr_reader :parts

      # [Match] of a kind for a visit's heater: what fits first, then what may, then the rest.
      def matches(kind_id, visit)
        kind = Kind[kind_id]
        wanted = kind.wanted(visit)
        @parts
          .select { |part| part.kind == kind.id }
          .map { |part| Match.new(part, kind.match(part, wanted)) }
          .sort_by do |match|
            [
              { true => 0, nil => 1, false => 2 }.fetch(match.fits?),
              match.failing.size,
              match.unknown.size,
              match.part.name
            ]
          end
      end

      private

      def part(row, line)
        kind = Kind.all.find { |one| one.id.to_s == row["kind"].to_s.strip } or
          raise Error.new(
            Message.of("Line {line}: kind must be one of {known}, not “{kind}”.",
                       line:, known: Kind.ids.join(", "), kind: row["kind"]),
            field: :kind,
            code: :bad_row
          )
        if row["maker"].to_s.strip.empty? || row["model"].to_s.strip.empty?
          raise Error.new(
            Message.of("Line {line}: a part needs maker and model.", line:),
            field: :model,
            code: :bad_row
          )
        end

        Part.new(
          kind.id,
          row["maker"].strip,
          row["model"].strip,
          row["price"].to_s.strip,
          specified(kind, row, line)
        )
      end

      def specified(kind, row, line)
        kind.read(row)
      rescue Munimen::Error => e
        raise Error.new(Message.of("Line {line}, {field}: {message}",
                                   line:, field: e.field, message: e.message),
                        field: e.field, code: :bad_row)
      end
    end
  end
end
