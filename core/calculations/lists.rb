# frozen_string_literal: true

module Munimen
  module Calculations
    # Inputs that are dates or lists of pairs.
    module Lists
      KINDS = %i[samples inspections date].freeze

      # What the two of a pair are called.
      NAMES = { samples: %i[t value], inspections: %i[date remaining] }.freeze

      module_function

      # The pairs of a list as rows, as they were given.
      def rows(kind, pairs)
        pairs.map do |pair|
          NAMES.fetch(kind).zip(pair).to_h do |name, cell|
            [name, cell.is_a?(Date) ? cell.iso8601 : cell]
          end
        end
      end

      # The value of an input of one of KINDS; Error naming the field when it is not one.
      def read(kind, given, field) = public_send(kind, given, field)

      # [[t, value], …] from [{"t": seconds, "value": number}, …] in order of time, at least
      # three.
      def samples(list, field)
        pairs = pairs(list, :samples)
        usable =
          pairs && pairs.size >= 3 && pairs.flatten.all? { |n| n.is_a?(Numeric) && n.finite? }
        return pairs if usable && pairs.each_cons(2).all? { |a, b| a.first < b.first }

        raise Error.new(
          Message.of("{field} must be a list of at least three {\"t\": seconds, \"value\": " \
                     "number} in order of time.",
                     field:),
          field:,
          code: :bad_samples
        )
      end

      # [[Date, part left 0…1], …] in order of time.
      def inspections(list, field)
        pairs = pairs(list, :inspections)
        unless pairs && !pairs.empty? &&
               pairs.all? { |_, left| left.is_a?(Numeric) && left.between?(0, 1) }
          raise Error.new(
            Message.of("{field} must be a list of {\"date\": \"2026-11-23\", \"remaining\": part " \
                       "left, 0 to 1}.",
                       field:),
            field:,
            code: :bad_inspections
          )
        end

        pairs.map { |on, left| [date(on, field), left] }.sort_by(&:first)
      end

      def date(text, field)
        return text if text.is_a?(Date)

        Date.iso8601(text.to_s)
      rescue ArgumentError
        raise Error.new(
          Message.of("{field} must be dated like 2026-11-23; got “{text}”.", field:, text:),
          field:,
          code: :bad_date
        )
      end

      def pairs(list, kind)
        return unless list.is_a?(Array) && list.all?(Hash)

        list.map { |row| row.transform_keys(&:to_sym).values_at(*NAMES.fetch(kind)) }
      end
      private_class_method :pairs
    end
  end
end
