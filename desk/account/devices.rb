# frozen_string_literal: true

module Munimen
  module Desk
    # The devices on which people keep what they take along under a PIN: one's own, or for who may
    # see to security everybody's. One that was lost is ended, and forgets at its next word with the
    # office.
    class Devices
      # Whether the firm wants a PIN on every device that takes something along.
      def self.pin_wanted?(records) = records.settings[:device_pin] == true

      def initialize(context)
        @context = context
        @rows = context.records.devices
      end

      def list = @rows.list(whose)

      def add(id:, name: nil)
        @rows.add(id, account_id: @context.person[:id], name:, at: @context.stamp)
        list
      end

      # NotFound when there is no such device of theirs.
      def close(id)
        gone = @rows.close(id, at: @context.stamp, account_id: whose)
        raise NotFound.new("There is no such device.", field: :device) if gone.zero?

        list
      end

      private

      def whose
        Abilities.of(@context.person[:role]).include?(:security) ? nil : @context.person[:id]
      end
    end
  end
end
