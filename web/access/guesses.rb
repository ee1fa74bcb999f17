# frozen_string_literal: true

module Munimen
  module Web
    # Who sits at an open session and tries passwords or codes is shown out: after so many wrong
    # ones of an account within a quarter of an hour the session ends, and what comes then goes
    # through SignInGuard.
    class Guesses
      PATHS = %w[
        /auth/confirm-password /auth/change-password /auth/otp-setup /auth/otp-disable
        /auth/otp-auth /auth/recovery-auth /auth/recovery-codes /auth/webauthn-auth
        /auth/webauthn-setup /auth/webauthn-remove
      ].freeze
      MOST = 6
      KEY = "munimen.guesses"
      TEXT = "Too many wrong ones. This session has ended: sign in again."

      def initialize(app)
        @app = app
        @tries = Tries.new(MOST)
      end

      def call(env)
        return @app.call(env) unless env["REQUEST_METHOD"] == "POST" &&
                                     PATHS.include?(env["PATH_INFO"])

        env[KEY] = self
        answer = @app.call(env)
        account = env["munimen.account"]
        @tries.count(account, answer.first) if account
        answer
      end

      # Whether an account has had its tries.
      def over?(account) = @tries.enough?(account)
    end
  end
end
