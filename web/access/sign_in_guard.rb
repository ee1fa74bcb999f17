# frozen_string_literal: true

require "argon2"

module Munimen
  module Web
    # Holds up who tries passwords, by address *and* source, so that nobody locks a firm out of its
    # own accounts from elsewhere. An unknown address, a wrong password and too many attempts are
    # answered with the same words after the same work.
    class SignInGuard
      PATH = "/auth/login"
      MOST = 8 # failures of one address from one source
      WRONG = "The address or the password is wrong. After too many attempts, wait 15 minutes."
      ANSWER = JSON.generate(
        "field-error" => ["login", WRONG],
        "error" => "There was an error logging in"
      ).freeze

      # The work of looking at a password, where there is none to look at.
      def self.work_in_vain
        @in_vain ||= Argon2::Password.new(**Store::People::COST).create("nobody's password")
        Argon2::Password.verify_password("another", @in_vain)
      end

      def initialize(app)
        @app = app
        @tries = Tries.new(MOST)
      end

      def call(env)
        return @app.call(env) unless env["PATH_INFO"] == PATH && env["REQUEST_METHOD"] == "POST"

        key = "#{Limits.peer(env)} #{login(env)}"
        return held_up if @tries.enough?(key)

        status, headers, body = @app.call(env)
        @tries.count(key, status)
        return [status, headers, body] unless status == 401

        body.close if body.respond_to?(:close)
        [401, headers.except("content-length", "Content-Length"), [ANSWER]]
      end

      private

      def held_up
        self.class.work_in_vain
        [401, { "content-type" => "application/json" }, [ANSWER]]
      end

      def login(env)
        body = env["rack.input"]
        given = JSON.parse(body&.read.to_s)
        given.is_a?(Hash) ? given["login"].to_s.strip.downcase[0, 200] : ""
      rescue JSON::ParserError
        ""
      ensure
        body&.rewind
      end
    end
  end
end
