# frozen_string_literal: true

module Munimen
  class Visit
    class Format
      # The keys that a file may have at each level: one that is not known is refused by its name,
      # since a reading under a misspelt key would else be a heater of which nothing is wrong.
      module KnownKeys
        WHOLE = %w[
          version date now site house_rules heater jobs readings observations steps decisions notes
        ].freeze
        # What a file may say of itself; it is read over.
        REMARKS = %w[id title story comment source expected].freeze
        LEVELS = {
          "site" => %w[rulebook],
          "house_rules" => Rules::EffectiveRules::LEVELS.map(&:to_s),
          "readings" => %w[name value unit state id method instrument at by corrected_by],
          "observations" => %w[item finding note id at by],
          "steps" => %w[operation outcome reason id of made at by],
          "notes" => %w[entry place text id at by]
        }.freeze

        module_function

        # data: Hash of the newest version. Raises Error.
        def check!(data)
          only!(data.except(*REMARKS), WHOLE, nil)
          LEVELS.each do |name, known|
            rows = data[name]
            only!(rows, known, name) if rows.is_a?(Hash)
            next unless rows.is_a?(Array)

            rows.each_with_index do |row, index|
              only!(row, known, "#{name}.#{index}") if row.is_a?(Hash)
            end
          end
          decisions!(data["decisions"])
        end

        def only!(hash, known, at)
          unknown = (hash.keys.map(&:to_s) - known).first or return
          raise Error.new(
            "There is no “#{unknown}” in #{at || "a visit"}; there are: #{known.join(", ")}.",
            field: [at, unknown].compact.join("."), code: :unknown_input
          )
        end

        def decisions!(given)
          return unless given.is_a?(Hash)

          name = given.keys.find { |one| Decisions.parse(one).nil? } or return
          raise Error.new("“#{name}” is no decision.", field: "decisions.#{name}",
                                                       code: :unknown_input)
        end
        private_class_method :only!, :decisions!
      end
    end
  end
end
