# frozen_string_literal: true

module Munimen
  module Judgement
    # What the readings mean together: the pressure that heating brings about with the vessel as
    # found, as set and without one, the minutes to relief, and how that compares with the
    # measured peak.
    #
    # Water is taken to come in at 50 °F unless a reading says otherwise.
    class Meaning
      include Saying

      LIFTS = "{lead}, the pressure reaches the {relief_name}'s {relief}: it drips on heat-up, " \
              "and that is physics, not a bad valve."
      LIFTS_AFTER = "{lead}, the pressure reaches the {relief_name}'s {relief} after about " \
                    "{minutes} min of heating from cold: it drips on heat-up, and that is " \
                    "physics, not a bad valve."
      Case =
        Struct.new(
          :name,
          :charge,
          :hot_pressure,
          :cycle_pressure,
          :lifts,
          :time_to_relief,
          keyword_init: true
        )

      def initialize(visit)
        @visit = visit
        @heater = visit.heater
        @supply = visit.quantity(:static_pressure)
      end

      # nil until the supply has been measured; then {cases:, text:, assumptions:, series:}.
      def to_h
        return unless @supply && @supply < relief

        {
          cases: cases.map { |one| plain(one) },
          text: sentences,
          assumptions:,
          closed: @heater.closed_system,
          relief: relief.format(units)
        }
      end

      def cases
        @cases ||= open? ? [] : [found, set, without].compact
      end

      private

      # An open system pushes back into the main: nothing here reaches the relief valve.
      def open? = @heater.closed_system == :no

      # What was charged, or is on record, is a vessel, whatever else the record says.
      def vessel? = charge_read? || @heater.vessel == :external
      def charge_read? = %i[vessel_charge charge_set].any? { |name| @visit.reading(name) }

      def units = @visit.units
      def relief = @heater.first_relief_pressure
      def relief_name = Heater::Parts.term(@heater.first_relief)
      def cold = @visit.quantity(:cold_temperature) || Work::Durations::COLD

      def hot
        (@visit.quantity(:tap_temperature) || @heater.usual_set_point).then do |t|
          t > cold ? t : @heater.usual_set_point
        end
      end

      def drawn = @visit.quantity(:drawn_volume) || Work::Durations::DRAW

      def found
        reading = @visit.reading(:vessel_charge)
        charge = reading.quantity if %i[zero flowing].include?(@visit.pressure_at_vessel(reading))
        if @visit.choice(:air_valve_emits) == :nothing
          charge = Measure::Quantity.new(:pressure, 0.0)
        end
        return without_working_vessel if @visit.choice(:air_valve_emits) == :water

        charge && vessel_case(:found, charge)
      end

      def set
        reading = @visit.reading(:charge_set)
        vessel_case(:set, reading.quantity) if @visit.pressure_at_vessel(reading) == :zero
      end

      def without = no_vessel(:without)
      # A vessel whose membrane has failed gives way no more than none.
      def without_working_vessel = no_vessel(:found)

      def vessel_case(name, charge)
        return unless @heater.vessel_volume

        build(
          name,
          charge,
          Physics::Vessel.new(volume: @heater.vessel_volume.si, charge: charge.si)
        )
      end

      def no_vessel(name) = build(name, nil, nil)

      def build(name, charge, vessel)
        system = Physics::ClosedSystem.new(volume: @heater.capacity.si, supply: @supply.si, vessel:)
        share = Physics::Water.expansion(cold.si, hot.si)
        full = reached(system, vessel, @heater.capacity.si * share)
        cycle = reached(system, vessel, [drawn.si, @heater.capacity.si].min * share)
        Case.new(
          name:,
          charge:,
          hot_pressure: pressure([full, relief.si].min),
          cycle_pressure: pressure([cycle, relief.si].min),
          lifts: full >= relief.si,
          time_to_relief: full >= relief.si ? time(system) : nil
        )
      end

      # With a vessel by the same law as the calculator, which leaves out the give of tank and
      # pipes: no less than what is measured.
      def reached(system, vessel, expanded)
        vessel ? vessel.pressure_with(expanded, @supply.si) : system.pressure(expanded)
      end

      # From cold, with the power of the plate; nil where the plate does not say.
      def time(system)
        power = @heater.heating_power or return
        reached = ->(point) { point.pressure >= relief.si }
        last = system.course(power:, cold: cold.si, hot: hot.si, &reached).last
        Measure::Quantity.new(:time, last.time) if reached.call(last)
      end

      def pressure(value) = Measure::Quantity.new(:pressure, value)

      def plain(one)
        {
          name: one.name,
          charge: one.charge&.format(units),
          hot_pressure: one.hot_pressure.format(units),
          cycle_pressure: one.cycle_pressure.format(units),
          lifts: one.lifts,
          minutes_to_relief: one.time_to_relief && (one.time_to_relief.si / 60).round(1)
        }
      end

      def assumptions
        draw = @visit.quantity(:drawn_volume) ? "measured draw" : "usual draw"
        msg("Tank {capacity}, water from {cold} to {hot}; a heating after a {which} of " \
            "{drawn}.",
            capacity: @heater.capacity.format(units), cold: cold.format(units),
            hot: hot.format(units), which: draw, drawn: drawn.format(units))
      end

      def sentences
        said = cases.map { |one| sentence(one) }
        [closed_sentence, *said, volume_sentence, comparison].compact.map do |text|
          @visit.words.say(text)
        end
      end

      def closed_sentence
        case @heater.closed_system
        when :no
          "Nothing seen closes this system: heated water can push back into the main, and " \
          "pressure should hardly rise."
        when :unknown
          "Whether a check valve closes this system is not known; these numbers hold if one does."
        end
      end

      # Of heating from cold until the relief opens.
      def minutes(one) = one.time_to_relief && [(one.time_to_relief.si / 60).round, 1].max

      def sentence(one)
        lead = {
          found: "With the {vessel} as found",
          set: "With the charge as set",
          without: "Without any {vessel}"
        }.fetch(one.name)
        if one.lifts
          msg(one.time_to_relief ? LIFTS_AFTER : LIFTS,
              lead:, relief_name:, relief: relief.format(units), minutes: minutes(one))
        else
          msg("{lead}, heating a cold tank brings the pressure from {supply} to {hot_pressure}.",
              lead:, supply: @supply.format(units), hot_pressure: one.hot_pressure.format(units))
        end
      end

      def volume_sentence
        return if open? || !charge_read? || @heater.vessel_volume

        "The {vessel}'s volume is not on record: enter it from its plate, and this says what " \
          "pressure the tank will reach."
      end

      def comparison
        peak = last_peak or return
        return rising(peak) if open?

        one = case_of_peak or return unread(peak)

        gap = peak.si - one.cycle_pressure.si
        if gap.abs <= Measure::Unit["psi"].to_si(8)
          msg("Measured {peak}, expected {cycle_pressure} after this draw: they agree.",
              peak: peak.format(units), cycle_pressure: one.cycle_pressure.format(units))
        elsif gap.positive?
          msg("Measured {peak}, expected only {cycle_pressure} after this draw: the {vessel} " \
              "takes less than its charge says, or the supply itself rose. Look at the membrane " \
              "and at the {regulator}.",
              peak: peak.format(units), cycle_pressure: one.cycle_pressure.format(units))
        else
          msg("Measured {peak}, expected {cycle_pressure} after this draw: water has found " \
              "another way, back into the main or out of a {tap}.",
              peak: peak.format(units), cycle_pressure: one.cycle_pressure.format(units))
        end
      end

      def rising(peak)
        return if peak.si - @supply.si < Measure::Unit["psi"].to_si(10)

        msg("Measured {peak} on a supply of {supply}, though nothing seen closes this system: " \
            "something does. Look for a check valve or a {regulator}.",
            peak: peak.format(units), supply: @supply.format(units))
      end

      def unread(peak)
        missing = charge_read? ? "volume is not known" : "charge has not been read yet"
        msg("Measured {peak}. The {vessel}'s {missing}: it cannot be said what was to be " \
            "expected.",
            peak: peak.format(units), missing:)
      end

      # The last peak measured, and the case that it belongs to; nil where a vessel is there of
      # which too little is known.
      def last_peak = @visit.quantity(:hot_peak_after) || @visit.quantity(:hot_peak_found)

      def case_of_peak
        name = @visit.quantity(:hot_peak_after) && @visit.reading(:charge_set) ? :set : :found
        known = cases.to_h { |one| [one.name, one] }
        known[name] || known[:found] || (cases.last unless vessel?)
      end
    end
  end
end
