# frozen_string_literal: true

require "roda"
require "rodauth"

module Munimen
  module Web
    # Sign-in and sign-out by Rodauth: Argon2, sessions that can be ended, a second factor by TOTP
    # or passkey with recovery codes, and the password asked again before what opens everything. Who
    # tries passwords is held up by SignInGuard.
    module Auth
      WRONG = SignInGuard::WRONG
      FRESH = 600 # s for which a password counts as just given
      IDLE = 86_400 # s without a word after which a session ends on a device that nothing locks
      LOCKED = "locked" # of a session: that a PIN or passkey locks the device
      BROWSERS = { "Edg/" => "Edge", "Firefox/" => "Firefox", "Chrome/" => "Chromium",
                   "Safari/" => "Safari" }.freeze
      SYSTEMS = %w[Android iPhone iPad Windows Macintosh Linux].freeze

      # "Firefox, Android": what a person knows a device by.
      def self.device(agent)
        browser = BROWSERS.find { |mark, _| agent.to_s.include?(mark) }&.last
        system = SYSTEMS.find { |mark| agent.to_s.include?(mark) }
        [browser, system].compact.join(", ")
      end

      SETTINGS = proc do
        enable :login, :logout, :active_sessions, :argon2, :json, :change_password,
               :confirm_password, :password_grace_period, :disallow_common_passwords, :otp,
               :recovery_codes, :webauthn
        prefix "/auth"
        accounts_table :accounts
        login_column :email
        normalize_login { |login| login.to_s.strip.downcase }
        account_password_hash_column nil
        # Whose account is closed is nobody.
        skip_status_checks? false
        require_bcrypt? false
        only_json? true
        domain { request.host }
        already_logged_in { nil }
        set_deadline_values? true
        # The session's cookie carries its own deadlines (web/stack.rb): here they would cost a
        # write each time.
        session_inactivity_deadline nil
        session_lifetime_deadline nil
        # Every request asks: as Rodauth does, by a statement that is ready.
        currently_active_session? do
          id = session[session_id_session_key]
          id && scope.opts[:people].session?(session_value, compute_hmacs(id))
        end
        # Whose session has been ended is nobody: routes say what that person may still see.
        no_longer_active_session { clear_session }
        json_response_success_key "success"
        password_minimum_length Store::Passwords::LEAST
        password_maximum_length Store::Passwords::MOST
        most_common_passwords { Store::Passwords.common }
        password_one_of_most_common? { |password| Store::Passwords.common?(password) }
        change_password_requires_password? true
        require_password_confirmation? false
        password_grace_period FRESH
        active_sessions_insert_hash { super().merge(device: Auth.device(request.user_agent)) }
        before_login_attempt { request.env["munimen.account"] = account_id }
        # Whoever knew the old one is out: other sessions (Rodauth), streams with them, the feed,
        # tokens.
        after_change_password { scope.opts[:people].withdraw(account_id) }
        auto_add_recovery_codes? true
        auto_remove_recovery_codes? true
        otp_issuer { "Munimen" }
        # The secret as a picture, for an app that scans it, beside the secret to be typed.
        before_otp_setup_route do
          super()
          json_response["otp_qr"] = otp_qr_code unless param_or_nil(otp_setup_raw_param)
        end
        webauthn_rp_name "Munimen"
        webauthn_key_insert_hash do |key|
          super(key).merge(device: Auth.device(request.user_agent))
        end
        no_matching_login_message { WRONG.tap { SignInGuard.work_in_vain } }
        invalid_password_message WRONG
      end

      # The Rack middleware: POST /auth/login and /auth/logout with JSON go to Rodauth; for the API
      # it says in env["munimen.person"] whose session this is, and whether it still runs.
      class SessionLookup < Roda
        plugin :middleware
        plugin :json_parser, content_type_regexp: %r{\Aapplication/json\b}i

        # The middleware of an installation (Web::Config).
        def self.for(config)
          Class.new(self) do
            opts[:people] = config.records.people
            opts[:records] = config.records
            plugin :rodauth, json: :only, csrf: false do
              db config.records.database
              hmac_secret config.secret
              hmac_old_secret config.old_secret if config.old_secret
              instance_exec(&SETTINGS)
            end
          end
        end

        route do |r|
          r.on("auth") do
            env["munimen.account"] = rodauth.session_value if rodauth.logged_in?
            shown_out(r) if env[Guesses::KEY]&.over?(env["munimen.account"])
            r.rodauth
          end
          look_up if env["PATH_INFO"].start_with?("/api/")
          nil
        end

        private

        def shown_out(request)
          rodauth.remove_current_session
          rodauth.clear_session
          request.halt(Problem.rack(401, Guesses::TEXT, code: "not_signed_in"))
        end

        # A working week on a device that is locked, a day on another.
        def idle?
          last = env[Roda::RodaPlugins::Sessions::SESSION_UPDATED_AT]
          last && !session[LOCKED] && Time.now.to_i - last > IDLE
        end

        # Who has given the password only, of two factors, is nobody yet.
        def look_up
          rodauth.logout if rodauth.logged_in? && idle?
          rodauth.check_active_session
          return unless rodauth.logged_in?

          env["munimen.account"] = rodauth.session_value
          env["munimen.session"] = rodauth.compute_hmac(rodauth.session[:active_session_id])
          env["munimen.fresh"] = rodauth.password_recently_entered?
          env["munimen.factors"] = -> { rodauth.possible_authentication_methods }
          return if rodauth.two_factor_partially_authenticated?

          env["munimen.second_factor"] = rodauth.uses_two_factor_authentication?
          person = env["munimen.person"] = opts[:people].find(rodauth.session_value)
          env["munimen.factor_due"] = person && !env["munimen.second_factor"] &&
                                      Desk::Security.factor_asked?(opts[:records], person)
        end
      end
    end
  end
end
