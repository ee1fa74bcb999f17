# frozen_string_literal: true

module Munimen
  module Formats
    # Scenarios of the training rig as JSON (docs/formats/scenario.md).
    module Scenarios
      LARGEST = 20_000 # bytes

      module_function

      # [Training::Scenario], the easy ones first.
      def shipped
        @shipped ||= ship(Dir[File.join(ROOT, "formats/scenarios/*.json")].map do |path|
          File.read(path)
        end)
      end

      # These are the ones that ship, where there is no folder: [JSON text].
      def ship(texts) = @shipped = texts.map { |text| read(text) }

      # Raises Error naming what is wrong with the text.
      def read(text)
        if text.to_s.bytesize > LARGEST
          raise Error.new(
            Message.of("A scenario is at most {largest} bytes.", largest: LARGEST),
            field: :scenario,
            code: :too_long
          )
        end

        Training::Scenario.from(JSON.parse(text, symbolize_names: true, max_nesting: 10))
      rescue JSON::ParserError, TypeError
        raise Error.new(
          "scenario must be JSON, as in docs/formats/scenario.md.",
          field: :scenario,
          code: :bad_json
        )
      end
    end
  end
end
