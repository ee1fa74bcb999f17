# frozen_string_literal: true

require "stringio"

module Munimen
  module Web
    # Before anything parses a request: how large its body may be, by what its route declares, and
    # that its text is text. A body without a stated length is counted while it is read.
    class RequestGuard
      # Where BodyGate says why a body was not read: [status, words, code].
      REFUSED = "munimen.body_refused"

      class << self
        # Whether a request brings a file that is not JSON.
        def file?(env)
          Operations.of(env)&.file && !json?(env) && env["CONTENT_LENGTH"].to_i.positive?
        end

        def json?(env)
          env["CONTENT_TYPE"].to_s.downcase.start_with?("application/json") &&
            %w[POST PUT PATCH DELETE].include?(env["REQUEST_METHOD"])
        end

        def too_large(most)
          Message.of("The request is larger than {most}.", most: Operations.size(most))
        end
      end

      def initialize(app) = @app = app

      def call(env)
        return refused(*env[REFUSED]) if env[REFUSED]
        return bad_text unless text?(env["PATH_INFO"]) && text?(env["QUERY_STRING"])

        most = limit(env)
        return too_large(most) if env["CONTENT_LENGTH"].to_i > most
        return bad_text if json?(env) && !small_text?(env, most)

        @app.call(env)
      rescue TooLarge
        too_large(most)
      end

      class TooLarge < StandardError
      end

      private

      # A file that is called JSON, and so read into memory, is a form.
      def limit(env)
        operation = Operations.of(env)
        return Operations.usual if operation.nil? || (operation.file && json?(env))

        operation.most
      end

      def refused(status, text, code) = Problem.rack(status, text, code:)

      def json?(env) = self.class.json?(env)

      # The path and the query as they are meant: valid UTF-8 without NUL.
      def text?(part)
        text = Rack::Utils.unescape(part.to_s).dup.force_encoding(Encoding::UTF_8)
        text.valid_encoding? && !text.include?("\0")
      rescue ArgumentError
        false
      end

      # Reads a JSON body, no more of it than is allowed, and puts it back. A NUL is written \u0000
      # in JSON: it is no text either.
      def small_text?(env, most)
        body = env["rack.input"]&.read(most + 1).to_s.dup
        raise TooLarge if body.bytesize > most

        env["rack.input"] = StringIO.new(body)
        body.force_encoding(Encoding::UTF_8)
        body.valid_encoding? && !body.include?("\0") && !body.match?(/(?<!\\)(?:\\\\)*\\u0000/)
      end

      def bad_text
        Problem.rack(422, "The request is not text: UTF-8 without NUL.", code: "bad_text")
      end

      def too_large(most)
        Problem.rack(413, self.class.too_large(most), code: "too_large")
      end
    end
  end
end
