# frozen_string_literal: true

module Munimen
  class Visit
    # The open visit format (docs/formats/visit.schema.json): one visit as plain data, read into a
    # Visit, or written from one. Older versions are read, too (visit_format/upgrades.rb). Raises
    # Error naming the field that is wrong.
    #
    #   Visit::Format.read(JSON.parse(text))  # => Visit
    #   Visit::Format.write(visit)            # => Hash
    class Format
      VERSION = 4
      OUTCOMES = %i[done already_so not_tested left_apart undone].freeze

      def self.read(data) = new(data).visit
      def self.write(visit) = Written.of(visit)

      def initialize(data)
        unless data.is_a?(Hash)
          raise Error.new("A visit is an object with at least “heater”.", code: :not_a_visit)
        end

        @data = Upgrades.newest(data)
        @site = hash("site")
        if @site.key?("code_profile")
          raise Error.new(
            "site.code_profile is called site.rulebook since version 2.",
            field: :code_profile,
            code: :unknown_input
          )
        end

        KnownKeys.check!(@data)
      end

      def visit
        rules = Rules::EffectiveRules.new(@site.fetch("rulebook", "us_irc"), **house_rules)
        @heater = Heater::Installation.from(hash("heater"), units: rules.units)
        Visit.new(
          heater: @heater,
          rules:,
          jobs: list("jobs").map { |job| Work::Job[job].id },
          date: date,
          now: time(@data["now"], "now"),
          readings: readings(rules.units),
          observations:,
          steps:,
          decisions: hash("decisions").transform_values(&:to_s),
          notes:,
          site: @site
        )
      end

      private

      def hash(name)
        value = @data.fetch(name, {})
        return value if value.is_a?(Hash)

        raise Error.new(Message.of("{name} must be an object.",
                                   name:), field: name, code: :wrong_type)
      end

      def list(name)
        value = @data.fetch(name, [])
        return value if value.is_a?(Array) && (name == "jobs" || value.all?(Hash))

        raise Error.new(
          Message.of(name == "jobs" ? "{name} must be a list." : "{name} must be a list of " \
            "objects.",
                     name:),
          field: name,
          code: :wrong_type
        )
      end

      def house_rules
        Rules::EffectiveRules::LEVELS.to_h do |level|
          [level, hash("house_rules").fetch(level.to_s, {})]
        end
      end

      def date
        text = @data["date"] or return
        Date.iso8601(text.to_s)
      rescue ArgumentError
        raise Error.new(
          Message.of("date must be written 2026-11-23; got “{text}”.", text:),
          field: :date,
          code: :bad_date
        )
      end

      def readings(units)
        rows = list("readings").each_with_index.map do |row, index|
          { **row, "id" => row["id"] || "r#{index}" }
        end
        rows.each_with_index.map do |row, index|
          value = row["unit"] ? "#{row["value"]} #{row["unit"]}" : row["value"]
          left = left(row, rows, index)
          Visit::ReadingInput.read(
            row["name"],
            value,
            of: row["of"],
            units:,
            state: state(row["state"], index),
            id: row["id"],
            entry_method: row["method"],
            instrument: row["instrument"],
            by: row["by"],
            at: row["at"],
            superseded: row["corrected_by"] || left,
            as_found: left ? true : nil
          )
        end
      end

      # The id of the reading of how it was left, for one of how it was found; else nil.
      def left(row, rows, index)
        unless [nil, "found", "left"].include?(row["as"])
          raise Error.new(Message.of("as must be found or left; got “{as}”.", as: row["as"]),
                          field: "readings.#{index}.as", code: :unknown_choice)
        end
        return unless row["as"] == "found"

        rows.find do |one|
          one.values_at("name", "of") == row.values_at("name", "of") && one["as"] == "left"
        end&.fetch("id")
      end

      # {"heater_pressure" => "zero"} with known names and values; what is not named is as on
      # arrival. Without a state nothing is known of it.
      def state(given, index)
        return {} if given.nil?

        values = given.is_a?(Hash) ? symbols(given) : {}
        problems = given.is_a?(Hash) ? Work::StateSpace.problems(values) : ["it must be an object"]
        return Work::StateSpace.new(@heater).arrival.merge(values) if problems.empty?

        raise Error.new(
          Message.of("The state of reading {index} is wrong: {problems}.",
                     index: index + 1, problems: problems.first),
          field: "readings.#{index}.state",
          code: :bad_state
        )
      end

      def observations
        list("observations").each_with_index.map do |row, index|
          look = Inspection::InspectionItem[row["item"].to_s]
          Visit::Observation.new(
            id: row["id"] || "o#{index}",
            item: look.id,
            finding: look.answer(row["finding"]),
            note: row["note"],
            **when_and_who(row)
          )
        end
      end

      def steps
        list("steps").each_with_index.map do |row, index|
          outcome = OUTCOMES.find { |known| known.to_s == row.fetch("outcome", "done") } or
            raise Error.one_of(OUTCOMES, field: "steps.#{index}.outcome", name: "outcome")
          if %i[not_tested left_apart].include?(outcome) && row["reason"].to_s.strip.empty?
            raise Error.new(
              "What was given up needs its reason.",
              field: "steps.#{index}.reason",
              code: :missing
            )
          end

          Visit::Step.new(
            id: row["id"] || "s#{index}",
            operation: Work::Operation[row["operation"].to_s].id,
            outcome:,
            reason: row["reason"],
            of: row["of"],
            by: row["by"],
            at: time(row["at"], "steps.#{index}.at"),
            made: row["made"] && symbols(row["made"]),
            together: row["together"]
          )
        end
      end

      def when_and_who(row) = { at: row["at"], by: row["by"] }
      def symbols(given) = given.to_h { |name, value| [name.to_sym, value.to_s.to_sym] }

      def time(text, field)
        text && Time.iso8601(text.to_s)
      rescue ArgumentError
        raise Error.new(
          Message.of("{field} must be written 2026-11-23T10:05:00Z; got “{text}”.", field:, text:),
          field:,
          code: :bad_time
        )
      end

      def notes
        list("notes").each_with_index.map do |row, index|
          Visit::Note.new(
            id: row["id"] || "n#{index}",
            entry: Inspection::Catalogue[row["entry"]].id,
            place: row["place"],
            text: row["text"],
            **when_and_who(row)
          )
        end
      end
    end
  end
end
