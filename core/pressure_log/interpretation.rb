# frozen_string_literal: true

module Munimen
  class PressureLog
    # What a log says, in sentences with their verdict and its rule: the levels, each kind of
    # event, and what rows so far apart cannot show. Texts carry {terms}.
    class Interpretation
      # grade: one of Verdict. kind: of the events it is about, or :static, :above, :cannot.
      Finding = Struct.new(:kind, :grade, :text, :limit, :source, keyword_init: true)

      SUPPLIED = Source.common_practice(
        "a supply that falls far while others draw, or a pipe too narrow for what runs"
      )
      # US: IRC P2903.5; elsewhere practice.
      HAMMER = Source.published("IRC", "P2903.5 water hammer", clause: :from_memory)
      BANGS = Source.common_practice("quick-closing valves need a cushion; pipes need holding")
      SEAT = Source.common_practice(
        "pressure that climbs at rest: the regulator's seat passes, or water goes back from " \
        "elsewhere"
      )
      WARMS =
        "A pilot flame that warms a tank with nowhere to expand does the same: watch it with the " \
        "heat off."
      THICKEST = 0.5 # s: rows closer than this show a short rush

      def initialize(log, rules)
        @log = log
        @rules = rules
      end

      # [Finding], the worst first; what cannot be told last.
      def findings
        @findings ||= [static, above, heating, creep, dips, hammer].compact.sort_by do |one|
          Verdict::GRADES.index(one.grade)
        end + [cannot].compact
      end

      # What the finder's test of the night would be answered: :rises, :steady, or nil where the
      # log cannot tell.
      def night_creep
        return :rises if of(:creep).any? && !ambiguous?

        :steady if of(:creep).empty? && @log.seconds > 6 * 3600
      end

      # The readings of a visit that a log gives: {name => Pa}.
      def readings
        { static_pressure: @log.static, hot_peak_found: of(:heating).map(&:extreme).max }.compact
      end

      # The grade of one event, by the rule that holds here.
      def verdict(event)
        return :watch if %i[dip hammer].include?(event.kind)

        limit_of(event)&.grade || (event.kind == :creep ? :watch : :sound)
      end

      # One event in a sentence.
      def sentence(event)
        case event.kind
        when :heating
          "#{say(event.start)} to #{say(event.extreme)} in #{minutes(event.seconds)}, " \
          "#{rate(event)}#{lifted(event)}."
        when :creep
          "#{say(event.start)} to #{say(event.extreme)} in #{hours(event.seconds)} without use, " \
          "#{rate(event)}."
        when :dip
          "Down to #{say(event.extreme)} for #{minutes(event.seconds)}."
        else
          "A bang: #{say(event.start)} to #{say(event.extreme)} and back within " \
          "#{format("%.1f", [event.seconds, 0.1].max)} s."
        end
      end

      private

      def first_relief
        Heater::Parts.term(@log.heater&.first_relief || :relief)
      end

      def lifted(event)
        {
          nil => "",
          :may => "; the #{first_relief} may have opened",
          :yes => "; the #{first_relief} opened"
        }.fetch(event.lifted)
      end

      def of(kind) = @log.events.select { |event| event.kind == kind }
      def pressure(si) = Measure::Quantity.new(:pressure, si)
      def say(si) = pressure(si).format(@rules.units)

      def minutes(seconds)
        seconds < 5400 ? "#{[(seconds / 60.0).round, 1].max} min" : hours(seconds)
      end

      def hours(seconds) = "#{format("%.1f", seconds / 3600.0)} h"
      def times(count) = count == 1 ? "once" : "#{count} times"

      def rate(event)
        unit = Measure::Kind[:pressure].unit(@rules.units)
        per = event.rate * (event.kind == :creep ? 3600 : 60) / unit.to_si(1)
        "#{format(per < 0.1 ? "%.2f" : "%.1f", per)} #{unit.label} " \
          "#{event.kind == :creep ? "an hour" : "a minute"}"
      end

      # The worst grade of a limit among some that a pressure passes.
      def passed(si, *ids)
        limits =
          ids
            .filter_map { |id| @rules.limit(id) }
            .select { |limit| limit.violated_by(pressure(si)) }
        limits.min_by { |limit| Verdict::GRADES.index(limit.grade) }
      end

      # The limit that an event passes, or nil.
      def limit_of(event)
        case event.kind
        when :heating
          (event.lifted && @rules.limit(:hot_peak_at_relief)) ||
            passed(event.extreme, :hot_peak, :hot_peak_at_relief)
        when :creep
          passed(event.extreme, :static_pressure)
        when :dip
          passed(event.extreme, :static_pressure_low)
        end
      end

      # The worst of the limits that some events pass.
      def worst_limit(events)
        events
          .filter_map { |event| limit_of(event) }
          .min_by { |limit| Verdict::GRADES.index(limit.grade) }
      end

      def finding(kind, text, limit: nil, grade: nil, source: nil)
        Finding.new(
          kind:,
          grade: grade || limit&.grade || :sound,
          text:,
          limit: limit&.to_text(@rules.units),
          source: (limit&.source || source).to_s
        )
      end

      def static
        limit = passed(@log.static, :static_pressure, :static_pressure_low)
        finding(
          :static,
          "Stands at #{say(@log.static)} when nothing runs; lowest #{say(@log.lowest)}, highest " \
          "#{say(@log.highest)} in #{hours(@log.seconds)}.",
          limit:,
          source: @rules.limit(:static_pressure)&.source
        )
      end

      def above
        limit = @rules.limit(:static_pressure) or return
        over = @log.seconds_above(limit.at_most.si)
        if over.zero?
          return finding(
            :above,
            "Never above #{limit.at_most.format(@rules.units)}.",
            source: limit.source
          )
        end

        finding(
          :above,
          "#{minutes(over)} above #{limit.at_most.format(@rules.units)}, " \
          "#{format("%.0f", 100.0 * over / @log.seconds)} % of the time.",
          limit:
        )
      end

      def heating
        events = of(:heating)
        return finding(:heating, "No rise with heating that the rows could show.") if events.empty?

        worst = events.max_by(&:extreme)
        lifts = events.count(&:lifted)
        finding(
          :heating,
          "Rises with heating #{times(events.size)}, at most #{sentence(worst)}" \
          "#{" The #{first_relief} opens on #{lifts} of them." if lifts.positive?}",
          limit: worst_limit(events)
        )
      end

      def creep
        events = of(:creep)
        return if events.empty?

        worst = events.max_by(&:extreme)
        limit = worst_limit(events)
        finding(
          :creep,
          "Climbs slowly without use #{times(events.size)}, at most #{sentence(worst)}" \
          "#{" #{WARMS}" if ambiguous?}",
          limit:,
          grade: limit ? nil : :watch,
          source: SEAT
        )
      end

      # In a tight system a pilot flame alone pushes the pressure up.
      def ambiguous? = @log.heater.nil? || (@log.heater.gas? && @log.heater.vessel != :external)

      def dips
        events = of(:dip)
        return if events.empty?

        lowest = events.min_by(&:extreme)
        finding(
          :dip,
          "Falls far below its level #{times(events.size)}, at most #{sentence(lowest)}",
          limit: limit_of(lowest),
          grade: :watch,
          source: SUPPLIED
        )
      end

      def hammer
        events = of(:hammer)
        return if events.empty?

        worst = events.max_by { |event| event.height.abs }
        finding(
          :hammer,
          "Water hammer #{times(events.size)}, at most #{sentence(worst)}",
          grade: :watch,
          source: Measure::System.american?(@rules.units) ? HAMMER : BANGS
        )
      end

      def cannot
        every = @log.interval
        what = []
        what << "water hammer, which lasts milliseconds" unless Hammer.shows?(every)
        what << "anything shorter than #{minutes(every * RESOLVES)}" if every > THICKEST * 10
        what << "dips, nor for certain how low it stands between two rises" if every > Dips::SLOWEST
        what << gaps if @log.gaps.any?
        what << "a night: it is shorter than 12 hours" if @log.seconds < 12 * 3600
        return if what.empty?

        interval = every < 60 ? "#{format("%g", every.round(2))} s" : minutes(every)
        finding(
          :cannot,
          "A row every #{interval} cannot show: #{what.join("; ")}.",
          grade: :not_tested
        )
      end

      def gaps
        count = @log.gaps.size == 1 ? "one gap" : "#{@log.gaps.size} gaps"
        "what happened in #{count} of #{minutes(@log.gaps.sum { |from, to| to - from })} together"
      end
    end
  end
end
