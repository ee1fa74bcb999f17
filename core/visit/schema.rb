# frozen_string_literal: true

module Munimen
  class Visit
    # JSON Schema of the open visit format, made from the declarations:
    # docs/formats/visit.schema.json is `bin/munimen schema`, and a test holds it to that.
    module Schema
      TEXT = { type: "string" }.freeze
      TIME = { type: "string", format: "date-time" }.freeze
      BY = { type: %w[string integer] }.freeze

      module_function

      # The schema as a Hash.
      def to_h
        {
          "$schema": "https://json-schema.org/draft/2020-12/schema",
          "$id": "munimen:visit:#{Visit::Format::VERSION}",
          title: "One visit, open format, version #{Visit::Format::VERSION}",
          type: "object",
          required: ["heater"],
          additionalProperties: false,
          properties: {
            version: {
              const: Visit::Format::VERSION
            },
            date: {
              type: "string",
              format: "date"
            },
            now: TIME,
            site:,
            house_rules:,
            heater:,
            jobs: list({ enum: ids(Work::Job.all) }),
            readings: list(reading),
            observations: list(observation),
            steps: list(step),
            decisions: {
              type: "object",
              propertyNames: { pattern: decision_names },
              additionalProperties: TEXT
            },
            notes: list(note),
            **Format::KnownKeys::REMARKS.to_h { |name| [name, true] }
          }
        }
      end

      def decision_names
        about = Decisions::ABOUT.map { |kind, rest| "#{kind}\\.#{rest.source.gsub(/\(\?-mix:(.*?)\)/, '\\1')}" }
        "^(?:#{[*Decisions::ALONE.keys, *about].join("|")})$"
      end

      def ids(declared) = declared.map { |one| one.id.to_s }
      def list(items) = { type: "array", items: }

      def object(properties, required: [])
        { type: "object", required:, additionalProperties: false, properties: }
      end

      def site = object({ rulebook: { enum: ids(Rules::Book.all) } })

      def house_rules
        level = object(
          Rules::Question.all.to_h do |question|
            [question.id, { enum: question.options.keys.map(&:to_s) }]
          end
        )
        object(Rules::EffectiveRules::LEVELS.to_h { |name| [name, level] }).merge(
          description: "firm, site and visit, the later overriding"
        )
      end

      def heater
        fields = Heater::Fields
        quantities = fields::QUANTITIES.transform_values do |kind|
          {
            type: %w[string number],
            description: "#{kind.to_s.tr("_", " ")}; a bare number in the site's unit"
          }
        end
        words = fields::WORDS.transform_values { |choices| { enum: choices.map(&:to_s) } }
        object(
          words.merge(quantities).merge(fields::TEXTS.to_h { |name| [name, TEXT] }),
          required: %w[kind capacity]
        )
      end

      def reading
        state = object(
          Work::StateSpace::VARIABLES.transform_values do |values, _|
            { enum: values.map(&:to_s) }
          end
        ).merge(additionalProperties: TEXT) # such as heat.burner
        object(
          {
            name: {
              enum: reading_names(:name)
            },
            of: {
              description: "The part, where the same is read of several",
              enum: reading_names(:of)
            },
            value: {
              type: %w[string number]
            },
            unit: TEXT,
            state:,
            id: TEXT,
            method: TEXT,
            instrument: TEXT,
            at: TIME,
            by: BY,
            corrected_by: TEXT,
            as: { enum: %w[found left] }
          },
          required: %w[name value]
        )
      end

      def reading_names(what)
        Visit::ReadingInput.known.keys.filter_map { |one| Visit::ReadingInput.parted(one)[what] }
          .uniq.sort
      end

      def observation
        object(
          {
            item: {
              enum: ids(Inspection::InspectionItem.all)
            },
            finding: TEXT,
            note: TEXT,
            id: TEXT,
            at: TIME,
            by: BY
          },
          required: %w[item finding]
        )
      end

      def step
        object(
          {
            operation: {
              enum: ids(Work::Operation.all)
            },
            outcome: {
              enum: Visit::Format::OUTCOMES.map(&:to_s)
            },
            reason: TEXT,
            id: TEXT,
            at: TIME,
            by: BY,
            of: TEXT,
            together: { type: "boolean" },
            made: {
              type: "object",
              additionalProperties: TEXT
            }
          },
          required: %w[operation]
        )
      end

      def note
        object(
          {
            entry: {
              enum: ids(Inspection::Catalogue.all)
            },
            place: TEXT,
            text: TEXT,
            id: TEXT,
            at: TIME,
            by: BY
          },
          required: %w[entry]
        )
      end
      private_class_method :ids,
                           :list,
                           :object,
                           :site,
                           :house_rules,
                           :heater,
                           :reading,
                           :reading_names,
                           :observation,
                           :step,
                           :note
    end
  end
end
