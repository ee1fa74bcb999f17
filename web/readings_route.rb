# frozen_string_literal: true

module Munimen
  module Web
    # POST /api/visits/{id}/readings, the route that a plumber waits for, with nothing between it and the
    # use case but the contract: request and answer are held to the same schemas of web/openapi.yaml. What
    # is not a good request goes on to the ordinary layers, which refuse it and say why.
    class ReadingsRoute
      PATH = %r{\A/api/visits/([0-9a-fA-F]{8}-[0-9a-fA-F-]{27})/readings\z}
      HEADERS = { "content-type" => "application/json" }.freeze

      # answers: Answers, or nil to leave answers unchecked.
      def initialize(app, config, contract_path, answers)
        @app = app
        @config = config
        @answers = answers
        @request = JSONSchemer.openapi(YAML.load_file(contract_path)).ref("#/components/schemas/NewReading")
      end

      def call(env)
        match = env["REQUEST_METHOD"] == "POST" && PATH.match(env["PATH_INFO"])
        return @app.call(env) unless match && (sent = read(env))

        person = env["munimen.person"]
        return Problem.rack(401, "Sign in first.", code: "not_signed_in") unless person

        answer = answer(match[1].downcase.force_encoding(Encoding::UTF_8), person, sent)
        @answers ? @answers.held("takeReading", answer, env) : answer
      end

      private

      # The body as a Hash when it is as the contract says, else nil; the body can be read again.
      def read(env)
        return unless env["CONTENT_TYPE"].to_s.start_with?("application/json") && env["CONTENT_LENGTH"].to_i < 4096

        text = env["rack.input"].read
        env["rack.input"] = StringIO.new(text)
        sent = JSON.parse(text)
        sent if @request.valid?(sent)
      rescue JSON::ParserError, EncodingError
        nil
      end

      def answer(visit_id, person, sent)
        taken = Desk::TakeReading.new(@config.desk_for(person, visit_id)).call(visit_id, **sent.transform_keys(&:to_sym))
        visit = taken[:visit]
        body = [JSON.generate(reading: Desk::StepView.reading(taken[:reading], visit.units), verdicts: taken[:verdicts].map { |verdict| Desk::StepView.verdict(verdict, visit) })]
        [200, HEADERS.dup, body]
      rescue Munimen::Error => e
        status, document = Problem.of(e)
        [status, { "content-type" => "application/problem+json" }, [document]]
      end
    end
  end
end
