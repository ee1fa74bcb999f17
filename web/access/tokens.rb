# frozen_string_literal: true

module Munimen
  module Web
    # Lets a script in by `Authorization: Bearer …`: as the person who made the token, with no
    # session, and with what its scope lets it do.
    class Tokens
      BEARER = /\ABearer\s+(\S+)\z/i
      SAFE = %w[GET HEAD].freeze

      # Whether a request comes with one: no page of another site can make a browser send it.
      def self.sent?(env) = env["HTTP_AUTHORIZATION"].to_s.match?(BEARER)

      def initialize(app, config)
        @app = app
        @config = config
      end

      def call(env)
        return @app.call(env) unless self.class.sent?(env)

        token = env["HTTP_AUTHORIZATION"][BEARER, 1]
        known = @config.records.api_tokens.good(token, at: Time.now.utc.iso8601(3))
        person = known && @config.records.people.find(known[:account_id])
        return unknown unless person && person[:status_id] == Store::People::OPEN
        return narrow unless known[:scope] == "write" || SAFE.include?(env["REQUEST_METHOD"])

        %w[account session factors fresh].each { |name| env.delete("munimen.#{name}") }
        # whoever made it gave their password for this
        env["munimen.fresh"] = true if tables?(known, env)
        # a program reads English, unless it asks for something else
        env["munimen.person"] = person.merge(language: Spoken.asked(env) || "en")
        env["munimen.second_factor"] = true
        env["munimen.factor_due"] = false
        @app.call(env)
      end

      private

      def tables?(known, env)
        known[:scope] == Store::ApiTokens::TABLES && Operations.of(env)&.id == :exportTable
      end

      def unknown
        Problem.rack(401, "This token is not known, was ended, or is too old.", code: "bad_token")
      end

      def narrow
        Problem.rack(403, "This token only reads: make one that may write.", code: "forbidden")
      end
    end
  end
end
