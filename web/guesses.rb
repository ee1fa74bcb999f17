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
      LENGTH = 15 * 60 # s for which they count
      KEY = "munimen.guesses"
      WRONG = [401, 403, 422].freeze
      TEXT = "Too many wrong ones. This session has ended: sign in again."

      def initialize(app)
        @app = app
        @failures = MemoryCache.new
      end

      def call(env)
        return @app.call(env) unless env["REQUEST_METHOD"] == "POST" &&
                                     PATHS.include?(env["PATH_INFO"])

        env[KEY] = self
        answer = @app.call(env)
        count(env["munimen.account"], answer.first)
        answer
      end

      # Whether an account has had its tries.
      def over?(account) = @failures.read(account.to_s).to_i >= MOST

      private

      def count(account, status)
        return unless account

        if WRONG.include?(status) then @failures.increment(account.to_s, expires_in: LENGTH)
        elsif status == 200 then @failures.delete(account.to_s)
        end
      end
    end
  end
end
