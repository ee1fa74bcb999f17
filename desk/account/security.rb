# frozen_string_literal: true

module Munimen
  module Desk
    # What the owner looks up about everybody's coming and going, and whom the firm asks for a
    # second factor.
    class Security
      NOBODY = "nobody"

      # Whether the firm asks a person for a second factor.
      def self.factor_asked?(records, person)
        asked = records.settings[:second_factor]
        asked == "all" || (asked == "owners" && person[:role] == "owner")
      end

      def initialize(context) = @context = context

      # {second_factor:, lines: [{at:, event:, …}]}, the newest first.
      def show
        @context.may!(:security)
        records = @context.records
        { second_factor: records.settings[:second_factor] || NOBODY,
          lines: records.security_log.list }
      end

      # whom: "nobody", "owners" or "all".
      def ask_factor(whom)
        @context.may!(:security)
        @context.records.settings[:second_factor] = whom == NOBODY ? nil : whom
        show
      end
    end
  end
end
