# frozen_string_literal: true

module Munimen
  module Store
    # Rows of a visit → the core's Visit.
    class VisitMapper
      # known: Known of the same visit, made earlier; what is new is added.
      def initialize(row, now:, firm_rules:, written:, known: Known.new)
        @known = known
        @row = row
        @now = now
        @firm_rules = firm_rules
        @written = written
      end

      # Of a visit that was loaded before: {id => [row, Visit::Reading]}, and what was worked out
      # from it.
      Known = Struct.new(:readings, :memory) do
        def initialize(readings = {}, memory = Visit::Memory.new) = super
      end

      # What a device knew of a visit: its entries up to a number of the order of entry, and those
      # it had made itself.
      Seen = Struct.new(:number, :device) do
        # Rows of a visit by table, without what the device did not know.
        def of(written)
          written.transform_values do |rows|
            rows = rows.select { |row| knew?(row) }
            there = rows.to_h { |row| [row[:id], true] }
            rows.each { |row| row[:superseded_by] = nil unless there[row[:superseded_by]] }
          end
        end

        # Whether something was entered that the device did not know of.
        def behind?(written) = written.each_value.any? { |rows| rows.any? { |row| !knew?(row) } }

        def knew?(row)
          return true if row[:seq].nil? || row[:seq] <= number

          !device.nil? && row[:arrived].to_s.include?(%("device":"#{device}"))
        end
      end

      # Heaters already read, by their text and units: they are immutable, and many visits ask for
      # the same.
      @heaters = {}
      @rules = {}
      @lock = Mutex.new

      # The Installation of a kept text.
      def self.heater(text, units)
        @lock.synchronize do
          @heaters.clear if @heaters.size > 2000
          @heaters[[text, units]] ||= Heater::Installation.from(JSON.parse(text), units:)
        end
      end

      # The EffectiveRules of a book and of what firm, site and visit say, made once for the same.
      def self.rules(book, firm, site, visit)
        key = [book, firm, site, visit]
        @lock.synchronize { @rules[key] } || Rules::EffectiveRules.new(
          book, firm:, site: JSON.parse(site), visit: JSON.parse(visit)
        ).tap do |rules|
          @lock.synchronize do
            @rules.clear if @rules.size > 500
            @rules[key] = rules
          end
        end
      end

      # The last quantity of each name of some readings, in order: {name => Quantity}.
      def self.quantities(rows)
        rows.to_h do |row|
          name = row[:name].to_sym
          [name, Measure::Quantity.new(Visit::ReadingInput.known.fetch(name).kind, row[:si])]
        end
      end

      # Decisions that tell who learnt what: [{field:, on: day, account_id:}].
      def self.learnt(rows)
        rows.map do |row|
          field = Visit::Decisions.parse(row[:name]).last.first.to_sym
          { field:, on: row[:at][0, 10], account_id: row[:account_id] }
        end
      end

      # A reading's state is kept as what differs from the state on arrival.
      def self.dump_state(state, heater)
        arrival = Work::StateSpace.new(heater).arrival
        JSON.generate(state.reject { |name, value| arrival[name] == value })
      end

      def build
        rules = self.class.rules(@row[:code_profile], @firm_rules,
                                 *@row.values_at(:site_rules, :visit_rules))
        @heater = self.class.heater(@row[:installation], rules.units)
        Visit.new(
          heater: @heater,
          rules:,
          jobs: JSON.parse(@row[:jobs]).map(&:to_sym),
          date: Date.iso8601((@row[:started_at] || @row[:planned_for])[0, 10]),
          now: @now,
          readings:,
          observations: observations.reject(&:superseded),
          corrected_observations: observations.select(&:superseded),
          steps:,
          decisions:,
          notes:,
          site: @row.except(:open_before),
          open_before:,
          arrival: @row[:arrival] ? symbols(@row[:arrival]) : {},
          memory: @known.memory
        )
      end

      private

      def time(text) = Time.iso8601(text)

      def readings
        arrival = Work::StateSpace.new(@heater).arrival
        @written[:readings].map do |row|
          before, known = @known.readings[row[:id]]
          next known if before == row

          reading(row, arrival).tap { |made| @known.readings[row[:id]] = [row.dup, made] }
        end
      end

      def reading(row, arrival)
        declared = Visit::ReadingInput.known.fetch(row[:name].to_sym)
        quantity = row[:si] && Measure::Quantity.new(declared.kind, row[:si], typed: row[:typed])
        Visit::Reading.new(
          id: row[:id],
          name: declared.name,
          quantity:,
          choice: row[:choice]&.to_sym,
          state: arrival.merge(symbols(row[:state])),
          entry_method: row[:method],
          at: row[:at],
          by: row[:account_id],
          instrument: row[:instrument],
          superseded: row[:superseded_by],
          typed: row[:typed],
          seq: row[:seq],
          **arrived(row)
        )
      end

      def symbols(json)
        json == "{}" ? {} : JSON.parse(json).to_h { |name, value| [name.to_sym, value.to_sym] }
      end

      def observations
        @observations ||= @written[:observations].map do |row|
          Visit::Observation.new(
            id: row[:id],
            item: row[:item].to_sym,
            finding: row[:finding].to_sym,
            note: row[:note],
            at: row[:at],
            by: row[:account_id],
            superseded: row[:superseded_by],
            seq: row[:seq],
            **arrived(row)
          )
        end
      end

      def steps
        @written[:steps].map do |row|
          Visit::Step.new(
            id: row[:id],
            operation: row[:operation].to_sym,
            outcome: row[:outcome].to_sym,
            reason: row[:reason],
            at: time(row[:at]),
            by: row[:account_id],
            of: row[:of],
            made: row[:made] && symbols(row[:made]),
            seq: row[:seq],
            together: row[:arrived]&.include?('"together":true') || nil,
            **arrived(row)
          )
        end
      end

      # How an entry got here: {received:, apart:}, nil where that is not known.
      def arrived(row)
        text = row[:arrived] or return {}
        return { received: text[/"at":"([^"]+)"/, 1] } unless text.include?('"apart"')

        told = JSON.parse(text, symbolize_names: true)
        { received: told[:at], apart: told[:apart] }
      end

      def decisions = told.merge(@written[:decisions].to_h { |row| [row[:name], row[:value]] })

      # What the household told counts until somebody of the firm says otherwise.
      def told
        said = JSON.parse(@row[:told_before] || "{}")
        { "complaint" => said["complaint"], "complaint_words" => said["words"] }.compact
      end

      def open_before
        JSON.parse(@row[:open_before] || "[]", symbolize_names: true).map do |kept|
          row = Values.said(kept)
          due = row[:due] && (Date.iso8601(row[:due]) - @now.to_date).to_i
          Visit::OpenFinding.new(
            **row.slice(:text, :remedy, :found_on), check: row[:check].to_sym,
            part: row[:part].to_sym, grade: row[:grade].to_sym, due_in: due && [due, 0].max
          )
        end
      end

      def notes
        @written[:notes].map do |row|
          Visit::Note.new(
            id: row[:id],
            entry: row[:entry],
            place: row[:place],
            text: row[:text],
            at: row[:at],
            by: row[:account_id],
            seq: row[:seq],
            **arrived(row)
          )
        end
      end
    end
  end
end
