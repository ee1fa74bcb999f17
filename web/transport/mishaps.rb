# frozen_string_literal: true

module Munimen
  module Web
    # What goes wrong outside the routes, as before a session is found: an answer that says what it
    # is, as the routes give it.
    class Mishaps
      def initialize(app) = @app = app

      def call(env)
        @app.call(env)
      rescue *Problem::KNOWN => e
        Problem.answer(e, Spoken.language(env))
      end
    end
  end
end
