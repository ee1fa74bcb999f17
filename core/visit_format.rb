# frozen_string_literal: true

module Munimen
  # The open visit format (docs/formats/visit.schema.json): one visit as plain data, read into a Visit.
  # Raises Error naming the field that is wrong.
  #
  #   VisitFormat.read(JSON.parse(text))
  class VisitFormat
    VERSION = 1

    def self.read(data) = new(data).visit

    def initialize(data)
      raise Error.new("A visit is an object with at least “heater”.", code: :not_a_visit) unless data.is_a?(Hash)

      @data = data
      @site = hash("site")
      version = data.fetch("version", VERSION)
      raise Error.new("version must be #{VERSION}.", field: :version, code: :unknown_version) unless version == VERSION
    end

    def visit
      rules = Rules::InForce.new(@site.fetch("code_profile", "us_irc"), **house_rules)
      heater = Heater::Installation.from(hash("heater"), units: rules.units)
      Visit.new(heater:, rules:, jobs: list("jobs").map { |job| Work::Job[job].id }, on: date, readings: readings(rules.units),
                observations:, steps:, decisions: hash("decisions").transform_values(&:to_s), notes:, site: @site)
    end

    private

    def hash(name)
      value = @data.fetch(name, {})
      return value if value.is_a?(Hash)

      raise Error.new("#{name} must be an object.", field: name, code: :wrong_type)
    end

    def list(name)
      value = @data.fetch(name, [])
      return value if value.is_a?(Array) && (name == "jobs" || value.all?(Hash))

      raise Error.new("#{name} must be a list#{' of objects' unless name == 'jobs'}.", field: name, code: :wrong_type)
    end

    def house_rules
      Rules::InForce::LEVELS.to_h { |level| [level, hash("house_rules").fetch(level.to_s, {})] }
    end

    def date
      text = @data["date"] or return
      Date.iso8601(text.to_s)
    rescue ArgumentError
      raise Error.new("date must be written 2026-11-23; got “#{text}”.", field: :date, code: :bad_date)
    end

    def readings(units)
      list("readings").each_with_index.map do |row, index|
        ReadingInput.read(row["name"], row["value"], units:, state: state(row["state"], index), id: row["id"] || "r#{index}",
                                                     way: row["method"], instrument: row["instrument"], by: row["by"])
      end
    end

    # {"heater_pressure" => "zero"} with known names and values.
    def state(given, index)
      return {} if given.nil?

      problems = given.is_a?(Hash) ? Work::StateSpace.problems(given.to_h { |name, value| [name.to_sym, value.to_sym] }) : ["it must be an object"]
      return given.to_h { |name, value| [name.to_sym, value.to_sym] } if problems.empty?

      raise Error.new("The state of reading #{index + 1} is wrong: #{problems.first}.", field: "readings.#{index}.state", code: :bad_state)
    end

    def observations
      list("observations").each_with_index.map do |row, index|
        look = Judgement::Look[row["item"].to_s]
        Visit::Observation.new(id: row["id"] || "o#{index}", item: look.id, finding: look.answer(row["finding"]), note: row["note"])
      end
    end

    def steps
      list("steps").each_with_index.map do |row, index|
        outcome = %i[done already_so not_tested].find { |known| known.to_s == row.fetch("outcome", "done") } or
          raise Error.new("outcome must be done, already_so or not_tested.", field: "steps.#{index}.outcome", code: :unknown_choice)
        raise Error.new("What was not tested needs its reason.", field: "steps.#{index}.reason", code: :missing) if outcome == :not_tested && row["reason"].to_s.strip.empty?

        Visit::Step.new(id: row["id"] || "s#{index}", operation: Work::Operation[row["operation"].to_s].id, outcome:, reason: row["reason"])
      end
    end

    def notes
      list("notes").each_with_index.map do |row, index|
        Visit::Note.new(id: row["id"] || "n#{index}", entry: Judgement::Catalogue[row["entry"]].id, place: row["place"], text: row["text"])
      end
    end
  end
end
