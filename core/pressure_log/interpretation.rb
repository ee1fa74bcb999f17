# frozen_string_literal: true

module Munimen
  class PressureLog
    # What a log says, in sentences with their verdict and its rule: the levels, each kind of
    # event, and what rows so far apart cannot show. Texts carry {terms}.
    class Interpretation
      include Saying

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
          msg("{start} to {extreme} in {minutes}, {rate}{lifted}.",
              start: say(event.start), extreme: say(event.extreme),
              minutes: minutes(event.seconds), rate: rate(event), lifted: lifted(event))
        when :creep
          msg("{start} to {extreme} in {hours} without use, {rate}.",
              start: say(event.start), extreme: say(event.extreme), hours: hours(event.seconds),
              rate: rate(event))
        when :dip
          msg("Down to {extreme} for {minutes}.",
              extreme: say(event.extreme), minutes: minutes(event.seconds))
        else
          msg("A bang: {start} to {extreme} and back within {seconds} s.",
              start: say(event.start), extreme: say(event.extreme),
              seconds: format("%.1f", [event.seconds, 0.1].max))
        end
      end

      private

      def first_relief
        Heater::Parts.term(@log.heater&.first_relief || :relief)
      end

      def lifted(event)
        {
          nil => "",
          :may => msg("; the {first_relief} may have opened", first_relief:),
          :yes => msg("; the {first_relief} opened", first_relief:)
        }.fetch(event.lifted)
      end

      def of(kind) = @log.events.select { |event| event.kind == kind }
      def pressure(si) = Measure::Quantity.new(:pressure, si)
      def say(si) = pressure(si).format(@rules.units)

      def minutes(seconds)
        seconds < 5400 ? msg("{max} min", max: [(seconds / 60.0).round, 1].max) : hours(seconds)
      end

      def hours(seconds) = "#{format("%.1f", seconds / 3600.0)} h"
      def times(count) = count == 1 ? "once" : msg("{count} times", count:)

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
          msg("Stands at {static} when nothing runs; lowest {lowest}, highest {highest} in " \
              "{hours}.",
              static: say(@log.static), lowest: say(@log.lowest), highest: say(@log.highest),
              hours: hours(@log.seconds)),
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
            msg("Never above {at_most}.", at_most: limit.at_most.format(@rules.units)),
            source: limit.source
          )
        end

        finding(
          :above,
          msg("{minutes} above {at_most}, {percent} % of the time.",
              minutes: minutes(over), at_most: limit.at_most.format(@rules.units),
              percent: format("%.0f", 100.0 * over / @log.seconds)),
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
          Message.join([rises(events, worst), (opens(lifts) if lifts.positive?)]),
          limit: worst_limit(events)
        )
      end

      def rises(events, worst)
        msg("Rises with heating {times}, at most {worst}",
            times: times(events.size), worst: sentence(worst))
      end

      def climbs(events, worst)
        msg("Climbs slowly without use {times}, at most {worst}",
            times: times(events.size), worst: sentence(worst))
      end

      def opens(lifts)
        msg("The {relief} opens on {lifts} of them.", relief: first_relief, lifts:)
      end

      def creep
        events = of(:creep)
        return if events.empty?

        worst = events.max_by(&:extreme)
        limit = worst_limit(events)
        finding(
          :creep,
          Message.join([climbs(events, worst), (WARMS if ambiguous?)]),
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
          msg("Falls far below its level {times}, at most {sentence}",
              times: times(events.size), sentence: sentence(lowest)),
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
          msg("Water hammer {times}, at most {sentence}",
              times: times(events.size), sentence: sentence(worst)),
          grade: :watch,
          source: Measure::System.american?(@rules.units) ? HAMMER : BANGS
        )
      end

      def cannot
        every = @log.interval
        what = []
        what << "water hammer, which lasts milliseconds" unless Hammer.shows?(every)
        if every > THICKEST * 10
          what << msg("anything shorter than {minutes}", minutes: minutes(every * RESOLVES))
        end
        what << "dips, nor for certain how low it stands between two rises" if every > Dips::SLOWEST
        what << gaps if @log.gaps.any?
        what << "a night: it is shorter than 12 hours" if @log.seconds < 12 * 3600
        return if what.empty?

        interval = every < 60 ? "#{format("%g", every.round(2))} s" : minutes(every)
        finding(
          :cannot,
          msg("A row every {interval} cannot show: {what}.",
              interval:, what: Message.join(what, "; ")),
          grade: :not_tested
        )
      end

      def gaps
        count = @log.gaps.size == 1 ? "one gap" : msg("{size} gaps", size: @log.gaps.size)
        msg("what happened in {count} of {minutes} together",
            count:, minutes: minutes(@log.gaps.sum { |from, to| to - from }))
      end
    end
  end
end
