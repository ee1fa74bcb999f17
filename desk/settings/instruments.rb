# frozen_string_literal: true

module Munimen
  module Desk
    # The firm's instruments: what they read, where they answer, when they were calibrated.
    class Instruments
      YEAR = 365 # days a calibration holds; common practice
      # Where an instrument may answer: on this machine, or in the firm's own network.
      # (Link-local addresses are left out: at them a machine that is let asks for its keys.)
      RANGES = %w[
        127.0.0.0/8 10.0.0.0/8 172.16.0.0/12 192.168.0.0/16 ::1/128 fc00::/7
      ].freeze
      RIG = "rig" # the simulated one of a training run, which is not dialled
      FIELDS = %i[id title reads host port device point calibrated].freeze
      ADDRESS = %i[host port device].freeze # of one that is connected
      # How a dial's face is kept: 720 bytes, one for each half degree.
      FACE = %r{\A[A-Za-z0-9+/]{960}\z}

      def initialize(context) = @context = context

      # For the screen of a visit: what may be taken from which.
      def briefly
        list.map do |one|
          one.slice(:id, :title, :reads, :point, :overdue, :note)
             .merge(dial: !one[:dial].nil?, connected: connected?(one))
        end
      end

      # [{id:, title:, reads:, calibrated:, overdue:, …}]; a person's list, with what the screen
      # says of each.
      def list
        kept.map { |one| one.merge(overdue: overdue?(one), note: note(one)) }
      end

      # Raises NotFound; Error where it lies outside the firm's own network.
      def find(id)
        one = list.find { |kept| kept[:id] == id } or
          raise NotFound.new("There is no such instrument.", field: :instrument)
        one.tap { near!(one[:host]) unless one[:host] == RIG }
      end

      def replace(instruments)
        @context.may!(:instruments)
        @context.records.settings[:instruments] = instruments.map { |one| checked(one) }
        list
      end

      private

      def kept
        (@context.records.settings[:instruments] || []).map { |one| one.transform_keys(&:to_sym) }
      end

      def near!(host)
        return if host == "localhost"
        return if RANGES.any? { |range| IPAddr.new(range).include?(IPAddr.new(host)) }

        raise IPAddr::InvalidAddressError
      rescue IPAddr::Error
        raise Error.new(
          "host must be localhost or an address of your own network, such as 192.168.1.20.",
          field: :host,
          code: :out_of_range
        )
      end

      # Words of the line protocol: no spaces, nothing that ends a line.
      def word!(text, field)
        return text if text.match?(/\A[\w.-]{1,40}\z/)

        raise Error.new(Message.of("{field} must be of letters, figures, dots and dashes.",
                                   field:), field:,
                        code: :unknown_choice)
      end

      # Whether it answers anywhere; one that is only looked at does not.
      def connected?(one) = !one[:host].to_s.empty?

      def checked(given)
        alone = given[:dial] && given[:host].to_s.strip.empty?
        one = FIELDS.to_h do |name|
          required = !(alone && ADDRESS.include?(name))
          [name, @context.text!(given[name], name, max: 80, required:).to_s]
        end
        Measure::Kind[one[:reads]]
        word!(one[:point], :point)
        address(one) unless alone
        Date.iso8601(one[:calibrated])
        one.merge(dial: given[:dial] && dial!(given[:dial], one[:reads])).compact
      rescue ArgumentError
        raise Error.new(
          "calibrated must be a date such as 2026-01-31.",
          field: :calibrated,
          code: :bad_date
        )
      rescue KeyError
        raise Error.new(
          "reads must be a kind of quantity such as pressure, gas_pressure or temperature.",
          field: :reads,
          code: :unknown_choice
        )
      end

      # Where it answers.
      def address(one)
        near!(one[:host])
        word!(one[:device], :device)
        port = Integer(one[:port], exception: false)
        return one[:port] = port if port&.between?(1, 65_535)

        raise Error.new("port must be a number from 1 to 65535.", field: :port,
                                                                  code: :out_of_range)
      end

      # How a round gauge looks, and two marks of its scale, as it was shown once: {unit:, marks:
      # [{angle:, value:}, …], face:}.
      def dial!(given, kind)
        marks = Array(given[:marks]).map { |one| one.slice(:angle, :value) }
        known = given[:unit].to_s[/\A\S{1,12}\z/]
        if known.nil? || marks.size != 2 || marks.map { |one| one[:value] }.uniq.size != 2 ||
           !given[:face].to_s.match?(FACE)
          raise Error.new("dial must be of a unit, two marks with their values and a face.",
                          field: :dial, code: :invalid)
        end

        Measure::Quantity.parse("1 #{known}", kind.to_sym, field: :dial)
        { unit: known, marks:, face: given[:face] }
      end

      def overdue?(one) = Date.iso8601(one[:calibrated]) + YEAR < @context.now.to_date

      # What goes with a reading.
      def note(one)
        "#{one[:title]}, calibrated " \
          "#{one[:calibrated]}#{" – calibration overdue" if overdue?(one)}"
      end
    end
  end
end
