# frozen_string_literal: true

module Munimen
  module Web
    # Writes into the security log what the owner wants to know afterwards, here for all routes at
    # once: who came in or was turned away, what was taken out, what was changed about people, rules
    # and the installation. What a route of the contract logs, it declares (Operations).
    class SecurityLog
      # Of sign-in, which is Rodauth's: [method, path, event]; with two events the second is for a
      # refusal.
      EVENTS = [
        ["POST", %r{\A/auth/login\z}, :signed_in, :sign_in_failed],
        ["POST", %r{\A/auth/logout\z}, :signed_out],
        ["POST", %r{\A/auth/change-password\z}, :password_changed, :password_change_failed],
        ["POST", %r{\A/auth/confirm-password\z}, :password_confirmed, :confirmation_failed],
        ["POST", %r{\A/auth/otp-auth\z}, :second_factor_given, :second_factor_failed],
        ["POST", %r{\A/auth/recovery-auth\z}, :recovery_code_used, :second_factor_failed],
        ["POST", %r{\A/auth/otp-setup\z}, :second_factor_set_up],
        ["POST", %r{\A/auth/webauthn-auth\z}, :passkey_given],
        ["POST", %r{\A/auth/webauthn-setup\z}, :passkey_added],
        ["POST", %r{\A/auth/webauthn-remove\z}, :passkey_removed, :confirmation_failed],
        ["POST", %r{\A/auth/otp-disable\z}, :second_factor_removed, :confirmation_failed]
      ].freeze
      # What of a path is nobody's business: an id, or what opens something.
      SECRET = %r{\h{8}-[\h-]{27}|(?<=/join/|/begin/)[^/]+}
      REFUSED = [401, 403, 422, 429].freeze

      def initialize(app, config)
        @app = app
        @config = config
      end

      def call(env)
        status, headers, body = @app.call(env)
        event = event(env, status)
        note(env, event) if event
        [status, headers, body]
      end

      private

      def event(env, status)
        done, failed = events(env)
        return done if done && (200..299).cover?(status)
        return failed if failed && REFUSED.include?(status)

        :refused if status == 403 && env["PATH_INFO"].start_with?("/api/")
      end

      # What is noted where it was done, and where it was refused.
      def events(env)
        logs = Operations.of(env)&.logs
        return [logs] if logs

        EVENTS.find do |method, path,|
          method == env["REQUEST_METHOD"] && path.match?(env["PATH_INFO"])
        end&.last(2)&.grep(Symbol)
      end

      # A log that cannot be written stops nobody's work.
      def note(env, event)
        @config.records.security_log.add(
          event,
          at: Time.now.utc.iso8601,
          account_id: env["munimen.person"]&.fetch(:id) || env["munimen.account"],
          source: Limits.peer(env),
          about: "#{env["REQUEST_METHOD"]} #{env["PATH_INFO"].gsub(SECRET, "…")}"
        )
      rescue Sequel::Error, Munimen::Error => e
        warn "Security log: #{e.class}"
      end
    end
  end
end
