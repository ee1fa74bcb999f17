# frozen_string_literal: true

module Munimen
  module Web
    # Writes into the security log what the owner wants to know afterwards, here for all routes at
    # once: who came in or was turned away, what was taken out, what was changed about people, rules
    # and the installation.
    class SecurityLog
      # [method, path, event]; with two events the second is for a refusal.
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
        ["POST", %r{\A/auth/otp-disable\z}, :second_factor_removed, :confirmation_failed],
        ["GET", %r{\A/api/backup\.zip\z}, :backup_taken],
        ["GET", %r{\A/api/bundle\.zip\z}, :everything_exported],
        ["GET", %r{\A/api/customers/[^/]+/export\.json\z}, :customer_exported],
        ["POST", %r{\A/api/customers/[^/]+/erase\z}, :customer_erased],
        ["GET", %r{\A/api/tables/\w+/export\.csv\z}, :table_exported],
        ["POST", %r{\A/api/tables/\w+\z}, :table_imported],
        ["POST", %r{\A/api/restore\z}, :backup_restored],
        ["POST", %r{\A/api/seals/repair\z}, :seals_repaired],
        ["PUT", %r{\A/api/settings/}, :settings_changed],
        ["PUT", %r{\A/api/sites/[^/]+/house-rules\z}, :settings_changed],
        ["PUT", %r{\A/api/instruments\z}, :instruments_changed],
        ["PUT", %r{\A/api/people/}, :people_changed],
        ["POST", %r{\A/api/people(/|\z)}, :people_changed],
        ["POST", %r{\A/api/(join|begin)/}, :password_set_by_link],
        ["POST", %r{\A/api/sessions/}, :sessions_ended],
        ["POST", %r{\A/api/devices/[^/]+/end\z}, :device_ended],
        ["POST", %r{\A/api/calendar/feed\z}, :calendar_feed_made],
        ["POST", %r{\A/api/tokens\z}, :token_made],
        ["POST", %r{\A/api/tokens/[^/]+/end\z}, :token_ended],
        ["POST", %r{\A/api/visits/[^/]+/links\z}, :page_shared]
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
        _, _, done, failed = EVENTS.find do |method, path,|
          method == env["REQUEST_METHOD"] && path.match?(env["PATH_INFO"])
        end
        return done if done && (200..299).cover?(status)
        return failed if failed && REFUSED.include?(status)

        :refused if status == 403 && env["PATH_INFO"].start_with?("/api/")
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
