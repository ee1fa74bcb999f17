# frozen_string_literal: true

module Munimen
  module Store
    # Rows as the desk gets them, and back: what is kept as JSON is parsed, a rulebook's id brings
    # the Rules::Book.
    #
    #   Values.of(id: "…", jobs: '["flush"]') # => {id: "…", jobs: [:flush]}
    module Values
      PARSERS = {
        jobs: ->(text) { JSON.parse(text).map(&:to_sym) },
        house_rules: ->(text) { JSON.parse(text) },
        installation: ->(text) { JSON.parse(text, symbolize_names: true) },
        strokes: ->(text) { JSON.parse(text) },
        seen: ->(text) { JSON.parse(text) },
        told_before: ->(text) { JSON.parse(text, symbolize_names: true) },
        ended: ->(text) { JSON.parse(text, symbolize_names: true) },
        arrived: ->(text) { JSON.parse(text, symbolize_names: true) }
      }.freeze

      module_function

      # What an account's row says of qualifications: [{trade:, number:, expires:}].
      def qualifications(row) = JSON.parse(row[:qualifications] || "[]", symbolize_names: true)

      # The strokes of a person's own signature, or nil.
      def signature(row) = row[:signature] && JSON.parse(row[:signature])

      # A row (Hash with Symbol keys), or nil, with values in the place of texts.
      def of(row)
        return unless row

        read = row.to_h do |name, value|
          [name, PARSERS.key?(name) && value ? PARSERS[name].call(value) : value]
        end
        row[:code_profile] ? read.merge(book: Rules::Book[row[:code_profile]]) : read
      end

      # Attributes with what their messages are made of as JSON under `said`, and a row that was
      # kept so with its messages again.
      def with_said(attributes)
        said = Message.gathered(attributes)
        { **attributes, said: (JSON.generate(said) unless said.empty?) }
      end

      def said(row)
        rest = row.except(:said)
        row[:said] ? Message.laid(rest, JSON.parse(row[:said], symbolize_names: true)) : rest
      end

      # Attributes as they are kept.
      def kept(attributes)
        attributes.transform_values do |value|
          value.is_a?(Hash) || value.is_a?(Array) ? JSON.generate(value) : value
        end
      end
    end
  end
end
