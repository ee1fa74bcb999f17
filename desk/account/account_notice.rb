# frozen_string_literal: true

module Munimen
  module Desk
    # A mail to a person about their own account. It goes at once where a mail server is set, and
    # waits in the outbox otherwise.
    class AccountNotice
      def initialize(context) = @context = context

      # change: what happened, as the middle of a sentence; device and from: where it came from.
      def call(change, device:, from:)
        id = SecureRandom.uuid
        outbox = Outbox.new(@context, base: "")
        outbox.notice(
          id:,
          subject: say("Your account: {change}", change:),
          text: [
            say("At {at}, {change}.", at: @context.stamp, change:),
            say("It came from {where}.",
                where: [device, from].reject { |one| one.to_s.empty? }.join(", ")),
            say("If that was not you, change your password now and tell the owner of your firm.")
          ]
        )
      end

      private

      # In the language of whose account it is.
      def say(template, **more)
        Spoken.say(Message.of(template, **more), @context.person[:language])
      end
    end
  end
end
