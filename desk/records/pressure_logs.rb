# frozen_string_literal: true

require "digest"

module Munimen
  module Desk
    # A heater's pressure logs: taken in from a file while the person sees how far it is, shown,
    # and brought into a visit.
    class PressureLogs
      COURSE = 1200  # stretches of the plot, each with its lowest and highest
      MOST = 400     # events that are shown one by one
      READ = 0.85    # share of the work that reading is

      def initialize(context) = @context = context

      # Reads a file (path) for a heater; yields the share done. asked: {time:, pressure:, unit:,
      # date:}
      # where the person points at columns. Raises Error that names what the file lacks. Returns
      # the log as shown.
      def take_in(heater_id, id:, name:, file:, asked: {})
        @context.allow!(:owner, :plumber, :inspector, :office)
        visit = heater(heater_id)
        read = File.open(file, "r:UTF-8") do |io|
          Formats::PressureLogCsv
            .new(io, units: visit.units, **asked)
            .read { |share| yield share * READ }
        end
        yield READ
        told = told(read, PressureLog.new(read.times, read.pressures, heater: visit.heater), visit)
        @context.records.pressure_logs.add(
          id:,
          heater_id:,
          name: @context.text!(name, :name, max: 120),
          file:,
          told: told.merge(messages: Message.gathered(told)),
          started_at: read.start,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
        show(id)
      end

      def of_heater(heater_id)
        @context
          .records
          .pressure_logs
          .of_heater(heater_id)
          .map do |row|
            {
              id: row[:id],
              name: row[:name],
              started_at: row[:started_at],
              worst: worst(row),
              at: row[:at]
            }
          end
      end

      def find(id)
        @context.records.pressure_logs.find(id) ||
          raise(NotFound.new("There is no such pressure log.", field: :log))
      end

      def show(id)
        row = find(id)
        place = @context.records.heaters.with_place(row[:heater_id])
        {
          id:,
          name: row[:name],
          started_at: row[:started_at],
          heater_id: row[:heater_id],
          label: place[:label],
          customer: place[:customer],
          address: place[:address],
          visit: open_visit(row[:heater_id]),
          **Message.laid(row[:told].except(:messages), row[:told].fetch(:messages, []))
        }
      end

      # Writes what a log gives into an open visit as readings: static pressure, the hot peak, the
      # rise at rest. `write` is the id of the writing: sent twice, it is one.
      def bring_in(id, write:, visit:)
        row = find(id)
        unless @context.records.visits.find(visit)[:heater_id] == row[:heater_id]
          raise Error.new("That visit is to another heater.", field: :visit, code: :other_heater)
        end

        unit = Measure::Unit[row[:told][:unit]]
        row[:told][:readings].each do |name, si|
          TakeReading.new(@context).call(
            visit,
            id: named(write, name),
            name: name.to_s,
            value: "#{unit.from_si(si).round(2)} #{unit.symbol}",
            method: "log",
            instrument: row[:name]
          )
        end
        row[:told][:readings].keys
      end

      private

      # An id made from another one and a name (RFC 9562, version 8).
      def named(id, name)
        Digest::SHA256
          .hexdigest("#{id} #{name}")
          .then { |h| [h[0, 8], h[8, 4], "8#{h[13, 3]}", "8#{h[17, 3]}", h[20, 12]].join("-") }
      end

      # An empty visit: the heater, the rules and the words that hold at its site.
      def heater(heater_id)
        row = @context.records.heaters.with_place(heater_id)
        rules = Rules::EffectiveRules.new(
          row[:code_profile],
          firm: @context.records.settings.house_rules,
          site: row[:house_rules]
        )
        Visit.new(
          heater: row[:heater],
          rules:,
          jobs: [],
          date: @context.now.to_date
        )
      end

      def told(read, log, visit)
        told = PressureLog::Interpretation.new(log, visit.rules)
        unit = Measure::Kind[:pressure].unit(visit.units)
        {
          **read.to_h.slice(:skipped, :guessed, :absolute, :columns, :time_column,
            :pressure_column),
          rows: read.times.size,
          file_unit: read.unit,
          clock_moved: read.moved,
          seconds: log.seconds.round(3),
          interval: log.interval.round(3), unit: unit.symbol,
          findings: told.findings.map { |one| finding(one, visit.words) },
          events: log.events.first(MOST).map { |event| event(event, told, unit, visit.words) },
          more_events: [log.events.size - MOST, 0].max,
          readings: told.readings.merge(night_rise: night(told, log)).compact,
          limits: limits(visit, log, unit),
          course: course(log, unit)
        }
      end

      def finding(one, words)
        {
          kind: one.kind,
          state: one.grade,
          text: words.say(one.text),
          limit: one.limit,
          source: one.source
        }
      end

      # Pa that it rose at rest in the night; 0 where it did not, nil where the log cannot tell.
      def night(told, log)
        case told.night_creep
        when :rises then log.events.select { |event| event.kind == :creep }.map(&:height).max
        when :steady then 0.0
        end
      end

      def event(event, told, unit, words)
        {
          kind: event.kind,
          from: event.from.round(2),
          to: event.to.round(2),
          start: unit.from_si(event.start).round(2),
          extreme: unit.from_si(event.extreme).round(2),
          text: words.say(told.sentence(event)),
          state: told.verdict(event)
        }
      end

      def limits(visit, log, unit)
        most = visit.rules.limit(:static_pressure)&.at_most&.si
        {
          "Static" => log.static, "Limit" => most,
          visit.words.say("{Relief_valve}") => log.relief
        }.compact.map { |title, si| { title:, value: unit.from_si(si).round(2) } }
      end

      # [[s, lowest, highest], …], in the site's unit: enough for any screen, and no peak is lost.
      def course(log, unit)
        width = [log.seconds / COURSE, 1e-9].max
        stretch = ->(index) { (log.times[index] / width).floor }
        stretches = log.times.each_index.slice_when do |before, after|
          stretch[before] != stretch[after]
        end
        stretches.map do |indices|
          low, high = log.values.values_at(*indices).minmax
          [log.times[indices.first].round(2), *[low, high].map { |si| unit.from_si(si).round(2) }]
        end
      end

      def worst(row)
        row[:told][:findings]
          .map { |one| one[:state].to_sym }
          .min_by { |state| Verdict::GRADES.index(state) }
      end

      def open_visit(heater_id)
        @context
          .records
          .visits
          .of_heater(heater_id)
          .find { |row| row[:status] == "open" }
          &.fetch(:id)
      end
    end
  end
end
