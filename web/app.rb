# frozen_string_literal: true

require "sinatra/base"

module Munimen
  module Web
    # The API: thin routes over the use cases in desk/. What may be asked, and by whom, is said in
    # the contract (Operations), to which requests have been held before they get here; what answers
    # is a Resource.
    class App < Sinatra::Base
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, false
      set :protection, false
      set :host_authorization, permitted_hosts: []
      set :static, false
      set :logging, false
      set :method_override, false

      LOST = "Something went wrong here, and has been noted. What was sent may not have been " \
             "kept: " \
             "look before you send it again."

      class << self
        # The application of an installation (Web::Config).
        def with(config) = Class.new(self) { set :munimen, config }

        private

        def serve(resource, id, answer)
          operation = Operations[id]
          public_send(operation.verb.downcase, operation.sinatra) do
            resource.new(self).answer(operation, &answer)
          end
        end
      end

      error(*Problem::KNOWN) do
        halt Problem.answer(env["sinatra.error"], Spoken.language(env))
      end

      error do
        error = env["sinatra.error"]
        trace = Array(error.backtrace).first(12).join("\n  ")
        warn "#{error.class}: #{error.message}\n  #{trace}"
        content_type "application/problem+json"
        halt 500, Problem.document(500, LOST, code: "internal")
      end

      not_found do
        content_type "application/problem+json"
        Problem.document(404, "There is no such thing here.", code: "not_found")
      end

      # Those with no name in their path first: “others” is no session.
      Routes.constants.map { |name| Routes.const_get(name) }
            .flat_map { |resource| resource.answers.map { |id, answer| [resource, id, answer] } }
            .sort_by { |_, id,| Operations[id].path.count("{") }
            .each { |one| serve(*one) }
    end
  end
end
