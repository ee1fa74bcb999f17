# frozen_string_literal: true

require "roda"
require "rodauth"

module Munimen
  module Web
    # Sign-in and sign-out by Rodauth: Argon2, sessions that can be ended. Who tries passwords is
    # held up by SignInGuard.
    module Auth
      WRONG = SignInGuard::WRONG
      SETTINGS = proc do
        enable :login, :logout, :active_sessions, :argon2, :json
        prefix "/auth"
        accounts_table :accounts
        login_column :email
        normalize_login { |login| login.to_s.strip.downcase }
        account_password_hash_column nil
        require_bcrypt? false
        only_json? true
        domain { request.host }
        already_logged_in { nil }
        set_deadline_values? true
        # The session's cookie carries its own deadlines (web/stack.rb): here they would cost a
        # write each time.
        session_inactivity_deadline nil
        session_lifetime_deadline nil
        # Whose session has been ended is nobody: routes say what that person may still see.
        no_longer_active_session { clear_session }
        json_response_success_key "success"
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
            plugin :rodauth, json: :only, csrf: false do
              db config.records.database
              hmac_secret config.secret
              hmac_old_secret config.old_secret if config.old_secret
              instance_exec(&SETTINGS)
            end
          end
        end

        route do |r|
          r.on("auth") { r.rodauth }
          look_up if env["PATH_INFO"].start_with?("/api/")
          nil
        end

        private

        def look_up
          rodauth.check_active_session
          env["munimen.person"] = opts[:people].find(rodauth.session_value) if rodauth.logged_in?
        end
      end
    end
  end
end
