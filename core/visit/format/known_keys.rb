# frozen_string_literal: true

module Munimen
  class Visit
    class Format
      # The keys that a file may have at each level: one that is not known is refused by its name,
      # since a reading under a misspelt key would else be a heater of which nothing is wrong.
      module KnownKeys
        # What a file may say of itself; it is read over.
        REMARKS = %w[id title story comment source expected].freeze

        module_function

        # data: Hash of the newest version. Raises Error.
        def check!(data)
          only!(data.except(*REMARKS), whole, nil)
          levels.each do |name, known|
            rows = data[name]
            only!(rows, known, name) if rows.is_a?(Hash)
            next unless rows.is_a?(Array)

            rows.each_with_index do |row, index|
              only!(row, known, "#{name}.#{index}") if row.is_a?(Hash)
            end
          end
          decisions!(data["decisions"])
        end

        # As the schema has them: it is said there once.
        def whole = schema.keys.map(&:to_s) - REMARKS

        # {list or object => names of its keys}
        def levels
          @levels ||= %i[site house_rules readings observations steps notes].to_h do |name|
            of = schema.fetch(name)
            [name.to_s, (of[:items] || of).fetch(:properties).keys.map(&:to_s)]
          end
        end

        def schema = @schema ||= Schema.to_h.fetch(:properties)

        def only!(hash, known, at)
          unknown = (hash.keys.map(&:to_s) - known).first or return
          raise Error.new(
            Message.of("There is no “{unknown}” in {at}; there are: {known}.",
                       unknown:, at: at || "a visit", known: known.join(", ")),
            field: [at, unknown].compact.join("."), code: :unknown_input
          )
        end

        def decisions!(given)
          return unless given.is_a?(Hash)

          name = given.keys.find { |one| Decisions.parse(one).nil? } or return
          raise Error.new(Message.of("“{name}” is no decision.", name:), field: "decisions.#{name}",
                                                       code: :unknown_input)
        end
        private_class_method :whole, :levels, :schema, :only!, :decisions!
      end
    end
  end
end
