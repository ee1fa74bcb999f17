# frozen_string_literal: true

require "roda"
require "rodauth"

module Munimen
  module Web
    # Sign-in and sign-out by Rodauth: Argon2, lockout after repeated failures, sessions that can be ended.
    module Auth
      WRONG = "The address or the password is wrong."
      SETTINGS = proc do
        enable :login, :logout, :lockout, :active_sessions, :argon2, :json
        prefix "/auth"
        accounts_table :accounts
        login_column :email
        account_password_hash_column nil
        require_bcrypt? false
        only_json? true
        domain { request.host }
        already_logged_in { nil }
        unlock_account_request_route nil
        unlock_account_route nil
        set_deadline_values? true
        max_invalid_logins 8
        account_lockouts_deadline_interval({ minutes: 15 })
        # The session's cookie carries its own deadlines (web/stack.rb): here they would cost a write each time.
        session_inactivity_deadline nil
        session_lifetime_deadline nil
        json_response_success_key "success"
        no_matching_login_message WRONG
        invalid_password_message WRONG
        login_lockout_error_flash "Too many failed attempts: this account is locked for 15 minutes."
      end

      # The Rack middleware for a database: POST /auth/login and /auth/logout with JSON go to Rodauth; every
      # other request only has its session looked up, by one prepared statement.
      class Gate
        MOST = 1000 # sessions

        def initialize(app, database, secret)
          @app = app
          @rodauth = Auth.rodauth(database, secret).new(app)
          @secret = secret
          rows = database[:accounts].join(:account_active_session_keys, account_id: :id).where(account_id: Sequel.lit(":account"), session_id: Sequel.lit(":key"))
          @active = Store::Prepared.new(database, rows.select_all(:accounts).sql)
        end

        def call(env)
          return @rodauth.call(env) if env["PATH_INFO"].start_with?("/auth/")

          env["munimen.person"] = signed_in(env["rack.session"])
          @app.call(env)
        end

        private

        # Row of the account whose session has not been ended, or nil. Rodauth keeps an HMAC of the session's
        # key, so that the table alone gives nobody a session.
        def signed_in(session)
          account = session["account_id"]
          key = session["active_session_id"]
          @active.all(account:, key: hmac(key)).first if account && key
        end

        # Of the sessions seen last: their keys do not change.
        def hmac(key)
          @known = {} if @known.nil? || @known.size > MOST
          @known[key] ||= [OpenSSL::HMAC.digest("SHA256", @secret, key)].pack("m0").delete_suffix("=").tr("+/", "-_")
        end
      end

      # Rodauth as a Rack middleware.
      def self.rodauth(database, secret)
        Class.new(Roda) do
          plugin :middleware
          plugin :json_parser, content_type_regexp: %r{\Aapplication/json\b}i
          plugin :rodauth, json: :only, csrf: false do
            db database
            hmac_secret secret
            instance_exec(&SETTINGS)
          end

          route do |r|
            r.on("auth") { r.rodauth }
            nil
          end
        end
      end
    end
  end
end
