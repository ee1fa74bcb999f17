# frozen_string_literal: true

module Munimen
  module Calculations
    # The judgement behind `pilot_generator`.
    class PilotGenerator
      include Saying

      PRACTICE = Source.common_practice(
        "thermocouple 20–30 mV, mostly 23–25; thermopile 350–700 mV, open circuit"
      )
      BOTH = Source.common_practice(
        "the symptoms are alike: measure generator and cut-off before condemning either"
      )
      SOURCES = [PRACTICE, BOTH].freeze
      # V, open circuit
      BANDS = { thermocouple: (0.020..0.030), thermopile: (0.350..0.700) }.freeze

      # The band of a generator in mV: {from:, to:}.
      def self.millivolts(kind)
        BANDS
          .fetch(kind)
          .then { |band| { from: (band.begin * 1000).round, to: (band.end * 1000).round } }
      end

      def initialize(inputs, units)
        @kind = inputs[:kind].to_sym
        @open, @loaded, @minimum = inputs.values_at(:open_circuit, :loaded, :loaded_minimum)
        @eco = inputs[:eco_continuity].to_sym
        @units = units
        @judged = Judged.new(:pilot_generator)
      end

      # {verdict:, next_test:, judged:}
      def outputs
        grade, text, next_test, source = conclusion
        @judged.add(grade, text, measured: @open&.format(@units), limit: band_text, source:)
        loaded
        { verdict: @judged.grade, next_test:, judged: @judged.verdict }
      end

      private

      def band = BANDS.fetch(@kind)

      def band_text
        [band.begin, band.end].map { |volts| (volts * 1000).round }.join("–").concat(" mV")
      end

      def weak? = @open && (@open.si * 1000).round < (band.begin * 1000)

      def conclusion
        unless @open || @eco == :no
          return [
            :not_tested,
            "Nothing measured yet: start with the generator in a lit pilot.",
            :open_circuit,
            BOTH
          ]
        end
        unless @open
          return [
            :watch,
            "The cut-off shows no continuity; measure the generator before condemning the control.",
            :open_circuit,
            BOTH
          ]
        end
        return weak if weak?

        strong
      end

      def weak
        case @eco
        when :untested
          [
            :watch,
            msg("The {kind} is weak; test the cut-off before condemning it.", kind: @kind),
            :eco_continuity,
            BOTH
          ]
        when :no
          [
            :defect,
            msg("The {kind} is weak and the cut-off is open: the control is replaced, and what " \
                "overheated it found; then the {kind}.",
                kind: @kind),
            :overheating,
            BOTH
          ]
        else
          [
            :defect,
            msg("The {kind} is weak, the cut-off sound: clean the tip and tighten the nut; if it " \
                "stays weak, replace it.",
                kind: @kind),
            :clean_and_repeat,
            PRACTICE
          ]
        end
      end

      def strong
        case @eco
        when :untested
          [:sound, msg("The {kind} gives enough; now the cut-off.",
                       kind: @kind), :eco_continuity, PRACTICE]
        when :no
          [
            :defect,
            msg("The {kind} is good and the cut-off open: replace the control, and find out why " \
                "it overheated.",
                kind: @kind),
            :overheating,
            BOTH
          ]
        else
          [
            :sound,
            "Generator and cut-off are good: if the pilot still drops, suspect the control.",
            @loaded ? :hold_test : :loaded,
            BOTH
          ]
        end
      end

      def loaded
        return unless @loaded && @minimum

        enough = @loaded >= @minimum
        @judged.add(
          enough ? :sound : :defect,
          (
            if enough
              "Loaded, it still gives what the control needs."
            else
              "Loaded, it gives less than the control needs."
            end
          ),
          measured: @loaded.format(@units),
          limit: msg("at least {least}", least: @minimum.format(@units)),
          source: Source.from_memory("The control's maker")
        )
      end
    end
  end
end
