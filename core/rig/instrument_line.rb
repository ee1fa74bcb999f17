# frozen_string_literal: true

module Munimen
  class Rig
    # The line protocol of an instrument, in the manner of SCPI queries: a line in, a line out. A
    # real meter would be spoken to in the same words, by a driver that answers these lines
    # (docs/formats/instruments.md).
    #
    #   line = InstrumentLine.new(Instrument::Use.new(:manometer, rig))
    #   line.answer("ROUT:CLOS inlet") # => "OK"
    #   line.answer("MEAS?")           # => "1742.5,OK"
    class InstrumentLine
      IDENTITY = "Munimen,%s,simulated,1"
      UNKNOWN = '-113,"Undefined header"'

      # calibrated: ISO date of its last calibration.
      def initialize(use, calibrated: nil)
        @use = use
        @calibrated = calibrated
      end

      # The answer to a line; nil to an empty one.
      def answer(line)
        command, argument = line.to_s.strip.split(/\s+/, 2)
        return if command.nil?

        asked = command.upcase
        asked.start_with?("ROUT:") ? route(asked, argument) : told(asked, argument)
      end

      private

      def route(asked, argument)
        case asked
        when "ROUT:CLOS" then connect(argument)
        when "ROUT:CLOS?" then @use.connected ? @use.connected.name.to_s : "NONE"
        when "ROUT:CAT?" then @use.instrument.points.keys.join(",")
        else UNKNOWN
        end
      end

      def told(asked, argument)
        case asked
        when "*IDN?" then format(IDENTITY, @use.instrument.id)
        when "CONF?" then configuration
        when "MEAS?" then measured(@use.sample(number(argument, 0.5)))
        when "MAX?" then @use.maximum ? value(@use.maximum) : "NONE"
        when "MAX:RES" then @use.reset_maximum || "OK"
        when "SYST:BATT?" then @use.battery.round(2).to_s
        when "CAL:DATE?" then @calibrated || "NONE"
        else UNKNOWN
        end
      end

      def connect(point)
        @use.connect(point)
        "OK"
      rescue Error => e
        %(-224,"Illegal parameter value; #{e.message.tr('"', "'")}")
      end

      # Kind of quantity, least, greatest, one digit.
      def configuration
        one = @use.instrument
        [one.reads, one.range.begin, one.range.end, one.resolution].join(",")
      end

      # The value in SI, or a word; then OK, or what is the matter.
      def measured(sample)
        [
          sample.value.nil? ? "9.91E37" : value(sample.value),
          sample.flags.empty? ? "OK" : sample.flags.join("+").upcase
        ].join(",")
      end

      def value(value) = value.is_a?(Numeric) ? value.round(6).to_s : value.to_s

      def number(text, otherwise)
        text ? Float(text, exception: false)&.clamp(0.0, 3600.0) || otherwise : otherwise
      end
    end
  end
end
