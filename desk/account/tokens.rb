# frozen_string_literal: true

module Munimen
  module Desk
    # Tokens by which a person's own scripts come in: to read, or to write as well, until a day.
    # What opens or replaces everything stays with who gives a password.
    class Tokens
      LONGEST = 366 # days

      def initialize(context)
        @context = context
        @rows = context.records.api_tokens
      end

      # [{id:, name:, scope:, made_at:, expires_at:, used_at:}]
      def list = @rows.of(@context.person[:id])

      # {token:, tokens:}: the token is told this once.
      def make(id:, name:, scope:, days:)
        unless days.between?(1, LONGEST)
          raise Error.new(Message.of("days must be a number from 1 to {longest}.",
                                     longest: LONGEST), field: :days,
                                                                         code: :out_of_range)
        end

        token = @rows.make(
          id, account_id: @context.person[:id], name: @context.text!(name, :name, max: 80), scope:,
          at: @context.stamp, expires_at: @context.stamp(@context.now + (days * 86_400))
        )
        { token:, tokens: list }
      end

      # NotFound where it is no token of theirs, or ended.
      def close(id)
        gone = @rows.close(id, account_id: @context.person[:id], at: @context.stamp)
        raise NotFound.new("There is no such token.", field: :token) if gone.zero?

        list
      end
    end
  end
end
