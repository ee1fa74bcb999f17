# frozen_string_literal: true

module Munimen
  module Web
    # Problem documents (RFC 9457) as Rack's answers.
    module Problem
      module_function

      def of(error) = Desk::Problem.of(error)
      def document(...) = Desk::Problem.document(...)

      def rack(status, title, code:)
        [status, { "content-type" => "application/problem+json" }, [document(status, title, code:)]]
      end
    end
  end
end
