# frozen_string_literal: true

module Munimen
  module Web
    # What goes wrong, and what the sign-in says, in the language of whoever asks: of the person, or
    # as the browser says where nobody is signed in. All else is said by the routes (Helpers#json).
    class Spoken
      # Members that are read: of a problem document, and of the sign-in's answers.
      SAID = %w[title error success].freeze
      FIELD = "field-error" # [name, what is wrong with it]

      # The language of whoever asks, or nil.
      def self.language(env)
        person = env["munimen.person"]
        person ? person[:language] : asked(env)
      end

      # That the request asks for first, or nil.
      def self.asked(env) = env["HTTP_ACCEPT_LANGUAGE"].to_s[/\A[a-z]{2}/]

      def initialize(app) = @app = app

      def call(env)
        status, headers, body = @app.call(env)
        language = self.class.language(env)
        return [status, headers, body] unless Desk::Spoken.other?(language) && says?(env, headers)

        text = body.respond_to?(:to_ary) ? body.to_ary.join : body.enum_for(:each).to_a.join
        body.close if body.respond_to?(:close)
        said = said(JSON.parse(text), language)
        [status, headers.except("content-length"), [JSON.generate(said)]]
      end

      private

      def say(text, language) = Desk::Spoken.say(text, language)

      def says?(env, headers)
        type = headers["content-type"].to_s
        type.start_with?(Problem::TYPE) ||
          (env["PATH_INFO"].start_with?("/auth/") && type.start_with?("application/json"))
      end

      def said(answer, language)
        answer.to_h do |name, value|
          said = if name == FIELD && value.is_a?(Array)
                   [value.first, say(value.last, language)]
                 elsif SAID.include?(name) && value.is_a?(String) then say(value, language)
                 else
                   value
                 end
          [name, said]
        end
      end
    end
  end
end
