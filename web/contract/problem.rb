# frozen_string_literal: true

module Munimen
  module Web
    # Problem documents (RFC 9457) as Rack's answers.
    module Problem
      TYPE = "application/problem+json"
      # What the system says where a disk, or somebody's share of it, is full.
      FULL = [Errno::ENOSPC, Errno::EDQUOT].freeze
      # Errors that have an answer of their own.
      KNOWN = [Munimen::Error, *FULL].freeze

      module_function

      # [status, headers, body] of one of KNOWN. language: of whoever is answered.
      def answer(error, language = nil)
        error = Store::DiskFull.new if FULL.any? { |one| error.is_a?(one) }
        status, document = Desk::Problem.of(error, language)
        headers = { "content-type" => TYPE }
        headers["retry-after"] = "1" if status == 503
        [status, headers, [document]]
      end

      def document(...) = Desk::Problem.document(...)

      def rack(status, title, code:)
        [status, { "content-type" => TYPE }, [document(status, title, code:)]]
      end
    end
  end
end
