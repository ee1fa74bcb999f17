# frozen_string_literal: true

module Munimen
  module Drawing
    # The safety ladder: everything of this heater on two upright scales, pressure and
    # temperature, and which rungs are out of order or too close. A canvas of 420 × 400.
    #
    #   Ladder.new(visit).to_h # => {width:, height:, scales: [{rungs: [...]}], problems: [...]}
    class Ladder
      include Saying

      WIDTH = 420
      HEIGHT = 400
      TOP = 34
      BOTTOM = 384
      # presumed: whether nobody has read it, so that what is usual stands there.
      Rung = Struct.new(:id, :label, :quantity, :role, :presumed, keyword_init: true)
      USUAL = "~ as is usual; nobody has read it here."

      # High limits of US electric heaters trip between 170 and 190 °F, English energy cut-outs
      # between 80 and 85 °C; from memory.
      BOILING = Measure::Quantity.of(212, "degF", :temperature)

      def initialize(visit, meaning = Judgement::Meaning.new(visit))
        @visit = visit
        @heater = visit.heater
        @meaning = meaning
      end

      def to_h
        pressures = self.pressures
        temperatures = self.temperatures
        {
          width: WIDTH,
          height: HEIGHT,
          problems: problems.map { |rungs, text| { rungs:, text: @visit.words.say(text) } },
          note: (USUAL if (pressures + temperatures).any?(&:presumed)),
          scales: [
            scale(:pressure, "Pressure", pressures, 0.0, top_pressure, 70),
            scale(:temperature, "Temperature", temperatures, fahrenheit(32), fahrenheit(230), 258)
          ]
        }
      end

      # [[ids of rungs, text], …] of what is out of order or too close.
      def problems
        [charge_off, peak_high, relief_over_tank, reliefs_reversed, set_point_high].compact
      end

      private

      def units = @visit.units
      def fahrenheit(number) = Measure::Quantity.of(number, "degF", :temperature).si
      def psi(number) = Measure::Quantity.of(number, "psi", :pressure)
      def supply = @visit.quantity(:static_pressure)

      def charge
        [@visit.reading(:charge_set), @visit.reading(:vessel_charge)].compact
          .find { |reading| @visit.pressure_at_vessel(reading) == :zero }
          &.quantity
      end

      def peak = @visit.quantity(:hot_peak_after) || @visit.quantity(:hot_peak_found)
      def limit = @visit.rules.limit(:static_pressure)&.at_most

      def top_pressure
        [@heater.relief_pressure.si * 1.12, (@heater.working_pressure&.si || 0) * 1.06].max
      end

      def second_tier = @heater.second_tier
      def second_tier? = @heater.unvented? || @heater.electric?

      # One for each source of heat in an unvented cylinder.
      def second_tier_label
        if @heater.unvented?
          "Cut-out: #{@heater.heat_sources.map { |one| Heater::HeatSource[one].short }.join(", ")}"
        else
          "{cut_out}"
        end
      end

      def predicted = expected&.hot_pressure

      def expected
        return unless supply && supply < @heater.first_relief_pressure

        @meaning.cases.find { |one| one.name == :set } || @meaning.cases.first
      end

      # What is expected of a vessel that has not been read yet is not told as if it were known.
      def predicted_label
        unread = expected&.name == :without && @heater.vessel == :external
        unread ? "Hot, if the vessel failed" : "Hot, expected"
      end

      def pressures
        [
          Rung.new(
            id: :relief,
            label: @visit.words.part(:relief_valve),
            quantity: @heater.relief_pressure,
            role: :protection,
            presumed: @heater.relief_set_pressure.nil?
          ),
          expansion_relief,
          (
            if @heater.regulator_setting
              Rung.new(
                id: :setting,
                label: @visit.words.part(:regulator),
                quantity: @heater.regulator_setting,
                role: :limit
              )
            end
          ),
          Rung.new(
            id: :tank,
            label: @heater.rated_pressure ? "Tank is rated" : "Plate: works at",
            quantity: @heater.working_pressure,
            role: :limit
          ),
          Rung.new(id: :limit, label: "Limit", quantity: limit, role: :limit),
          Rung.new(
            id: :street,
            label: "{street}",
            quantity: @visit.quantity(:mains_pressure),
            role: :measured
          ),
          Rung.new(
            id: :predicted,
            label: @visit.words.say(predicted_label),
            quantity: predicted,
            role: :predicted
          ),
          Rung.new(id: :peak, label: "Hot, measured", quantity: peak, role: :measured),
          Rung.new(id: :supply, label: "Supply", quantity: supply, role: :measured),
          Rung.new(id: :charge, label: "Vessel charge", quantity: charge, role: :measured)
        ].compact.select(&:quantity)
      end

      def expansion_relief
        return if @heater.expansion_relief == :no

        Rung.new(
          id: :expansion_relief,
          label: @visit.words.part(:expansion_relief),
          quantity: @heater.first_relief_pressure,
          role: :protection,
          presumed: @heater.expansion_relief_pressure.nil?
        )
      end

      def temperatures
        [
          Rung.new(id: :boiling, label: "Water boils", quantity: BOILING, role: :limit),
          Rung.new(
            id: :relief_hot,
            label: @visit.words.part(:relief_valve),
            quantity: @heater.relief_temperature,
            role: :protection,
            presumed: @heater.relief_set_temperature.nil?
          ),
          (
            if second_tier?
              Rung.new(
                id: :high_limit,
                label: second_tier_label,
                quantity: second_tier,
                role: :protection,
                presumed: @heater.cut_out_temperature.nil?
              )
            end
          ),
          Rung.new(
            id: :scald,
            label: "Scald limit",
            quantity: @visit.rules.limit(:bath_temperature)&.at_most,
            role: :limit
          ),
          Rung.new(
            id: :set_point,
            label: "Thermostat",
            quantity: @heater.set_point,
            role: :predicted
          ),
          Rung.new(
            id: :tap,
            label: "At the {tap}",
            quantity: @visit.quantity(:tap_temperature),
            role: :measured
          )
        ].compact.select(&:quantity)
      end

      def scale(id, title, rungs, low, high, x)
        bad = problems.flat_map(&:first)
        placed = rungs.map do |rung|
          {
            id: rung.id,
            label: @visit.words.sentence(rung.label),
            value: [("~" if rung.presumed), rung.quantity.format(units)].compact.join(" "),
            role: rung.role,
            x:,
            y:
              (BOTTOM - ((rung.quantity.si - low) / (high - low) * (BOTTOM - TOP))).clamp(
                TOP,
                BOTTOM
              ).round(1),
            problem: bad.include?(rung.id)
          }
        end
        {
          id:,
          title:,
          x:,
          top: TOP,
          bottom: BOTTOM,
          rungs: Labels.spread(placed, top: TOP, bottom: BOTTOM, gap: 29)
        }
      end

      def charge_off
        return unless charge && supply

        gap = charge.si - supply.si
        return if gap.abs <= @visit.rules.limit(:charge_tolerance).at_most.si + 1.0

        side = gap.negative? ? "below" : "above"
        by = Measure::Quantity.new(:pressure, gap.abs).format(units)
        [%i[charge supply], msg("The charge lies {side} the supply by {by}: they belong on one " \
                                "rung.",
                                side:, by:)]
      end

      def peak_high
        return unless peak && limit && peak > limit

        [%i[peak limit], "The hot peak stands above the limit: expansion is not taken up."]
      end

      def relief_over_tank
        tank = @heater.design_pressure
        return unless tank && @heater.relief_pressure > tank

        [
          %i[relief tank],
          "The {relief_valve} opens above what the tank is rated for: it must be set no higher " \
          "than the tank's rating."
        ]
      end

      def reliefs_reversed
        if @heater.expansion_relief == :no || !@heater.expansion_relief_pressure ||
           @heater.expansion_relief_pressure < @heater.relief_pressure
          return
        end

        [%i[expansion_relief relief], "The {expansion_relief} must open below the {relief_valve}."]
      end

      def set_point_high
        hot = @visit.quantity(:tap_temperature)
        return unless hot && second_tier? && hot >= second_tier

        [
          %i[tap high_limit],
          "The water is as hot as the {cut_out}: the thermostat did not stop it."
        ]
      end
    end
  end
end
