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

      def initialize(context) = @context = context

      # For the screen of a visit: what may be taken from which.
      def briefly = list.map { |one| one.slice(:id, :title, :reads, :point, :overdue, :note) }

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

        raise Error.new("#{field} must be of letters, figures, dots and dashes.", field:,
                        code: :unknown_choice)
      end

      def checked(given)
        one = FIELDS.to_h { |name| [name, @context.text!(given[name], name, max: 80)] }
        Measure::Kind[one[:reads]]
        near!(one[:host])
        %i[device point].each { |name| word!(one[name], name) }
        one[:port] = Integer(one[:port], exception: false)&.then do |port|
          port if port.between?(1, 65_535)
        end ||
                     raise(
                       Error.new("port must be a number from 1 to " \
                                 "65535.", field: :port, code: :out_of_range)
                     )
        Date.iso8601(one[:calibrated])
        one
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

      def overdue?(one) = Date.iso8601(one[:calibrated]) + YEAR < @context.now.to_date

      # What goes with a reading.
      def note(one)
        "#{one[:title]}, calibrated " \
          "#{one[:calibrated]}#{" – calibration overdue" if overdue?(one)}"
      end
    end
  end
end
