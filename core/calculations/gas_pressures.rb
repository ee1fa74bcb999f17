# frozen_string_literal: true

module Munimen
  module Calculations
    # The judgement behind `gas_pressure`: the drop from pilot to burner, inlet limits and
    # manifold; for England the working pressures at meter and appliance. Pressures in Pa; what is
    # not given is not judged.
    class GasPressures
      include Saying

      ABOVE = "The manifold stands above what its plate says."
      BELOW = "The manifold stands below what its plate says."
      INCH = 249.08891
      PRACTICE = Source.common_practice("drop at most 0.5 in. w.c. from pilot to burner")
      TYPICAL = Source.from_memory(
        "Typical plate: inlet 5.0–10.5 natural, 11.0–13 LP; manifold 3.5, 10; ±0.3 in. w.c."
      )
      CONTROL = Source.common_practice("above 14 in. w.c. the control is in danger")
      ENGLAND = Source.published("BS 6891", "working pressures", clause: :from_memory)
      LOCKED = Source.published("BS 6400-1", "lock-up", clause: :from_memory)
      BOTTLED = Source.from_memory("Propane 37 ± 5, butane 28 ± 5 mbar, drop 2.5 mbar")
      SOURCES = [PRACTICE, TYPICAL, CONTROL, ENGLAND, LOCKED, BOTTLED].freeze

      NATURAL = { minimum: 5.0, maximum: 10.5, manifold: 3.5 }.freeze
      DROP = 0.5     # in. w.c.
      MANIFOLD = 0.3 # in. w.c. either way
      LP = { minimum: 11.0, maximum: 13.0, manifold: 10.0 }.freeze
      # mbar: lowest and highest at the meter, drop allowed to the appliance, lowest there
      WORKING = {
        natural: [19.0, 23.0, 1.0, 18.0],
        propane: [32.0, 42.0, 2.5, 32.0],
        butane: [23.0, 33.0, 2.5, 23.0]
      }.freeze

      # Lock-up in England, mbar, from memory; bottled gas goes by its regulator and is not judged.
      LOCK_UP = { natural: 30.0 }.freeze
      BREAKS = 14 # in. w.c.

      def initialize(inputs, units)
        @given = inputs.select { |_, value| value.is_a?(Measure::Quantity) }
        @fuel = inputs[:fuel].to_sym
        @units = units
        @judged = Judged.new(:gas_pressure)
      end

      # The fuel by which a heater's pressures are judged, or nil where it is not known: butane is
      # not met in US storage heaters.
      def self.fuel(heater, england:)
        { natural_gas: :natural, lp: :lp, butane: england ? :butane : :lp }[heater.fuel]
      end

      # Whether what reaches the appliance while it burns is under its fuel's least, by the working
      # pressures of England or the usual plate of North America.
      def self.starved?(pressure, fuel, england:)
        if england
          return pressure.in("mbar").round(1) < WORKING.fetch(fuel == :lp ? :propane : fuel).last
        end

        pressure.in("inH2O").round(1) < (fuel == :natural ? NATURAL : LP).fetch(:minimum)
      end

      # {drop:, manifold_deviation:, verdict:, judged:}; raises Error on readings that cannot be.
      def outputs
        misread
        inlet
        lock_up
        manifold
        working
        { drop:, manifold_deviation: deviation, verdict: @judged.grade, judged: @judged.verdict }
      end

      private

      def pa(name) = @given[name]&.si
      def usual = @fuel == :natural ? NATURAL : LP
      def limit(name, key) = pa(name) || (usual.fetch(key) * INCH)
      def say(value) = Measure::Quantity.new(:gas_pressure, value).format(@units)
      def tenths(value) = (value / INCH).round(1)

      # Burning can only lower the pressure; a little is left for the gauge.
      def misread
        order = %i[line standing operating].filter_map { |name| [name, pa(name)] if pa(name) }
        order.each_cons(2) do |(upper, high), (lower, low)|
          next if low <= high + (0.2 * INCH)

          text = msg("{lower} ({low}) is above {upper} ({high}): burning lowers the pressure. " \
                     "Let them settle and read again.",
                     lower: lower.to_s, low: say(low), upper: upper.to_s, high: say(high))
          raise Error.new(text, field: lower, code: :misreading)
        end
      end

      def drop
        still = pa(:standing) || pa(:line)
        if still && pa(:operating)
          still - pa(:operating)
        elsif pa(:meter_working) && pa(:appliance_working)
          pa(:meter_working) - pa(:appliance_working)
        end
      end

      def deviation = pa(:manifold) && (pa(:manifold) - limit(:plate_manifold, :manifold))

      def inlet
        line_limits if pa(:line)
        operating = pa(:operating) or return
        lowest = limit(:minimum_inlet, :minimum)
        if tenths(operating) < tenths(lowest)
          add(
            :defect,
            "Under the burner the pressure falls below the appliance's minimum.",
            operating,
            msg("at least {least}", least: say(lowest)),
            TYPICAL
          )
        elsif drop && tenths(drop) > DROP
          add(
            :watch,
            msg("The supply gives way by {drop} under the burner: pipe, meter or regulator is " \
                "short, or another appliance takes it.",
                drop: say(drop)),
            drop,
            msg("at most {most}", most: say(DROP * INCH)),
            PRACTICE
          )
        elsif drop
          add(
            :sound,
            "The supply gives way by no more than it should.",
            drop,
            msg("at most {most}", most: say(DROP * INCH)),
            PRACTICE
          )
        end
      end

      def line_limits
        highest = limit(:maximum_inlet, :maximum)
        if tenths(pa(:line)) > BREAKS
          add(
            :danger,
            "So high a pressure can break the gas control.",
            pa(:line),
            msg("at most {most}", most: say(BREAKS * INCH)),
            CONTROL
          )
        elsif tenths(pa(:line)) > tenths(highest)
          add(
            :defect,
            "The supply is above the plate's maximum.",
            pa(:line),
            msg("at most {most}", most: say(highest)),
            TYPICAL
          )
        end
      end

      def lock_up
        line = pa(:lock_up) or return
        most = LOCK_UP[@fuel] or return
        high = (line / 100).round(1) > most
        text = high ? "So high a pressure can break the gas control." : "Lock-up is in order."
        limit = msg("at most {most} mbar", most: most.round)
        add(high ? :danger : :sound, text, line, limit, LOCKED)
      end

      def manifold
        return unless deviation

        off = tenths(deviation.abs) > MANIFOLD
        side = deviation.positive? ? ABOVE : BELOW
        rated = limit(:plate_manifold, :manifold)
        add(off ? :defect : :sound, off ? side : "The manifold stands as its plate says.",
            pa(:manifold), "#{say(rated)} ±#{say(MANIFOLD * INCH)}", TYPICAL)
      end

      def working
        low, high, fall, least = WORKING.fetch(@fuel == :lp ? :propane : @fuel)
        source = @fuel == :natural ? ENGLAND : BOTTLED
        if (meter = pa(:meter_working))
          inside = (meter / 100).round(1).between?(low, high)
          add(
            inside ? :sound : :defect,
            (
              if inside
                "The meter gives what it should."
              else
                "The working pressure at the meter is out of range."
              end
            ),
            meter,
            msg("{low}–{high} mbar", low:, high:),
            source
          )
        end
        appliance = pa(:appliance_working) or return
        if (appliance / 100).round(1) > high
          return add(
            :defect,
            "More reaches the appliance than this fuel's burner takes: its regulator, or the " \
            "fuel, " \
            "is another one.",
            appliance,
            msg("at most {most} mbar", most: high),
            source
          )
        end

        sound = (appliance / 100).round(1) >= least && (meter.nil? || (drop / 100).round(1) <= fall)
        add(
          sound ? :sound : :defect,
          (
            if sound
              "The appliance gets what it should."
            else
              "Too little reaches the appliance at full flow."
            end
          ),
          appliance,
          msg("at least {least} mbar, and at most {fall} mbar less than the meter", least:, fall:),
          source
        )
      end

      def add(grade, text, measured, limit, source)
        @judged.add(grade, text, measured: say(measured), limit:, source:)
      end
    end
  end
end
