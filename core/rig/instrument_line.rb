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
        ascii(asked.start_with?("ROUT:") ? route(asked, argument) : told(asked, argument))
      rescue Error => e
        illegal(e)
      end

      # The protocol's word for a wrong parameter.
      def illegal(error)
        ascii(%(-224,"Illegal parameter value; #{error.message.tr('"', "'")}"))
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

      # Seconds as they were given, 0 to 3600.
      def number(text, otherwise)
        return otherwise unless text

        value = Float(text, exception: false)
        return value if value&.between?(0.0, 3600.0)

        raise Error.new(Message.of("MEAS? takes seconds from 0 to 3600, got '{text}'.",
                                   text: text[0, 40]),
                        field: :seconds, code: :out_of_range)
      end

      def ascii(text)
        text&.tr("“”‘’–", "''''-")&.encode("US-ASCII", undef: :replace, invalid: :replace)
      end
    end
  end
end
