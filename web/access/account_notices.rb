# frozen_string_literal: true

module Munimen
  module Web
    # Tells a person by mail when their password or a second factor was changed, so that they notice
    # where it was somebody else. Where no mail server is set, the mail lies in the outbox.
    class AccountNotices
      CHANGES = {
        "/auth/change-password" => "your password was changed",
        "/auth/otp-setup" => "codes of an app were switched on as a second factor",
        "/auth/otp-disable" => "codes of an app were switched off as a second factor",
        "/auth/webauthn-setup" => "a passkey was added",
        "/auth/webauthn-remove" => "a passkey was removed",
        "/auth/recovery-auth" => "a recovery code was used to sign in",
        "/api/tokens" => "a token was made, by which a program comes in as you"
      }.freeze
      RESET = "your password was set anew by a link"

      def initialize(app, config)
        @app = app
        @config = config
      end

      def call(env)
        answer = @app.call(env)
        change = CHANGES[env["PATH_INFO"]] if env["REQUEST_METHOD"] == "POST"
        change = RESET if env["munimen.reset"]
        tell(env, change) if change && (200..299).cover?(answer.first)
        answer
      end

      private

      # Nobody waits for the mail server.
      def tell(env, change)
        id = env["munimen.reset"] || env["munimen.account"]
        person = @config.records.people.find(id) or return
        from = Limits.peer(env)
        Thread.new do
          context = Desk::Context.new(@config.records, person:)
          Desk::AccountNotice.new(context).call(change, device: Auth.device(env["HTTP_USER_AGENT"]),
                                                        from:)
        rescue Munimen::Error, Sequel::Error => e
          warn "Account notice: #{e.class}"
        end
      end
    end
  end
end
