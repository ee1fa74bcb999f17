# frozen_string_literal: true

module Munimen
  # JSON Schema of the open visit format, made from the declarations: docs/formats/visit.schema.json is
  # `bin/munimen schema`, and a test holds it to that.
  module VisitSchema
    TEXT = { type: "string" }.freeze
    TIME = { type: "string", format: "date-time" }.freeze
    BY = { type: %w[string integer] }.freeze

    module_function

    # The schema as a Hash.
    def to_h
      { "$schema": "https://json-schema.org/draft/2020-12/schema", "$id": "munimen:visit:#{VisitFormat::VERSION}",
        title: "One visit, open format, version #{VisitFormat::VERSION}", type: "object", required: ["heater"],
        properties: { version: { const: VisitFormat::VERSION }, date: { type: "string", format: "date" }, now: TIME, site:, house_rules:, heater:,
                      jobs: list({ enum: ids(Work::Job.all) }), readings: list(reading), observations: list(observation), steps: list(step),
                      decisions: { type: "object", additionalProperties: TEXT }, notes: list(note) } }
    end

    def ids(declared) = declared.map { |one| one.id.to_s }
    def list(items) = { type: "array", items: }
    def object(properties, required: []) = { type: "object", required:, properties: }

    def site = object({ rulebook: { enum: ids(Rules::Book.all) } })

    def house_rules
      level = object(Rules::Question.all.to_h { |question| [question.id, { enum: question.options.keys.map(&:to_s) }] }).merge(additionalProperties: false)
      object(Rules::InForce::LEVELS.to_h { |name| [name, level] }).merge(description: "firm, site and visit, the later overriding")
    end

    def heater
      fields = Heater::Fields
      quantities = fields::QUANTITIES.transform_values { |kind| { type: %w[string number], description: "#{kind.to_s.tr('_', ' ')}; a bare number in the site's unit" } }
      words = fields::WORDS.transform_values { |choices| { enum: choices.map(&:to_s) } }
      object(words.merge(quantities).merge(fields::TEXTS.to_h { |name| [name, TEXT] }), required: %w[kind capacity]).merge(additionalProperties: false)
    end

    def reading
      state = object(Work::StateSpace::VARIABLES.transform_values { |values, _| { enum: values.map(&:to_s) } })
      object({ name: { enum: ReadingInput.known.keys.map(&:to_s).sort }, value: { type: %w[string number] }, unit: TEXT, state:, id: TEXT, method: TEXT, instrument: TEXT,
               at: TIME, by: BY, corrected_by: TEXT }, required: %w[name value])
    end

    def observation
      object({ item: { enum: ids(Judgement::Look.all) }, finding: TEXT, note: TEXT, id: TEXT, at: TIME, by: BY }, required: %w[item finding])
    end

    def step
      object({ operation: { enum: ids(Work::Operation.all) }, outcome: { enum: VisitFormat::OUTCOMES.map(&:to_s) }, reason: TEXT, id: TEXT, at: TIME, by: BY, of: TEXT,
               made: { type: "object", additionalProperties: TEXT } }, required: %w[operation])
    end

    def note = object({ entry: { enum: ids(Judgement::Catalogue.all) }, place: TEXT, text: TEXT, id: TEXT, at: TIME, by: BY }, required: %w[entry])
    private_class_method :ids, :list, :object, :site, :house_rules, :heater, :reading, :observation, :step, :note
  end
end
