# frozen_string_literal: true

module Munimen
  module Desk
    # What the owner looks up about everybody's coming and going, and what the firm asks of
    # them: a second factor, a PIN on devices.
    class Security
      NOBODY = "nobody"

      # Whether the firm asks a person for a second factor.
      def self.factor_asked?(records, person)
        asked = records.settings[:second_factor]
        asked == "all" || (asked == "owners" && person[:role] == "owner")
      end

      def initialize(context) = @context = context

      # {second_factor:, device_pin:, lines: [{at:, event:, …}]}, the newest first.
      def show
        @context.may!(:security)
        records = @context.records
        { second_factor: records.settings[:second_factor] || NOBODY,
          device_pin: Devices.pin_wanted?(records),
          lines: records.security_log.list }
      end

      # second_factor: "nobody", "owners" or "all"; device_pin: whether what is taken along has to
      # be locked. What is not given stays.
      def ask(second_factor: nil, device_pin: nil)
        @context.may!(:security)
        settings = @context.records.settings
        settings[:second_factor] = second_factor == NOBODY ? nil : second_factor if second_factor
        settings[:device_pin] = device_pin unless device_pin.nil?
        show
      end
    end
  end
end
