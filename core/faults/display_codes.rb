# frozen_string_literal: true

module Munimen
  module Faults
    # What controls show on their displays, as the firm has it from their makers' instructions:
    # nothing of any maker ships.
    #
    #   DisplayCodes.new([{ maker: "Own", code: "E4", means: "…", test: "…" }]).find("e 4")
    class DisplayCodes
      COLUMNS = %w[maker code means test].freeze
      Code = Struct.new(*COLUMNS.map(&:to_sym), keyword_init: true)

      # What two ways to write the same code have in common.
      def self.plain(text) = text.to_s.downcase.gsub(/[^[:alnum:]]/, "")

      # rows: [{maker:, code:, means:, test:}] (keys as text or symbols); maker and test may be
      # left out. Raises Error naming the line of one without code or meaning.
      def initialize(rows)
        @codes = rows.each_with_index.map { |row, index| code(row, index + 2) }
      end

      def size = @codes.size
      def rows = @codes.map(&:to_h)

      # [Code] as it is shown: those of the maker first, of others only where that has none.
      def find(shown, maker: nil)
        plain = self.class.plain(shown)
        return [] if plain.empty?

        same = @codes.select { |one| self.class.plain(one.code) == plain }
        own = same.select { |one| self.class.plain(one.maker) == self.class.plain(maker) }
        own.empty? ? same : own
      end

      private

      def code(row, line)
        values = row.to_h.transform_keys(&:to_s).slice(*COLUMNS)
                    .transform_values { |text| text.to_s.strip }
        missing = %w[code means].find { |name| values[name].to_s.empty? }
        if missing
          raise Error.new(Message.of("Line {line}: {missing} is missing.",
                                     line:, missing:), field: missing,
                                                                  code: :bad_row)
        end

        Code.new(**values.transform_keys(&:to_sym))
      end
    end
  end
end
