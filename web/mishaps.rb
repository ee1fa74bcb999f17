# frozen_string_literal: true

module Munimen
  module Web
    # What goes wrong outside the routes, as before a session is found: an answer that says what it
    # is, as the routes give it.
    class Mishaps
      def initialize(app) = @app = app

      def call(env)
        @app.call(env)
      rescue Munimen::Error => e
        status, document = Problem.of(e)
        [status, { "content-type" => "application/problem+json" }, [document]]
      rescue Errno::ENOSPC, Errno::EDQUOT
        Problem.rack(503, Store::DiskFull::TEXT, code: "disk_full")
      end
    end
  end
end
