# frozen_string_literal: true

require "sinatra/base"

module Munimen
  module Web
    # The API: thin routes over the use cases in desk/, one file a resource in web/routes/. Requests
    # have been held to the contract before they get here.
    #
    # Every route wants somebody signed in, unless it says `anyone: true`. One that says
    # `kept: true` is looked at all day: its answers are kept until something is written
    # (ResponseCache). One that says `account: true` is for whoever still has to set up the second
    # factor that the firm asks for. One that says `fresh: true` opens or replaces everything: it
    # wants the password given within the last minutes.
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

        # Patterns of the paths whose answers are kept.
        def kept = @kept ||= []

        private

        def route(verb, path, options = {}, &block)
          options = options.dup
          anyone = options.delete(:anyone)
          fresh = options.delete(:fresh)
          account = options.delete(:account)
          App.kept << Mustermann.new(path) if options.delete(:kept) && verb == "GET"
          super do
            signed_in! unless anyone
            second_factor! unless anyone || account
            fresh! if fresh
            instance_exec(&block)
          end
        end
      end

      helpers Helpers

      error(*Problem::KNOWN) { halt Problem.answer(env["sinatra.error"]) }

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

      Routes.constants.sort.each { |name| register Routes.const_get(name) }
    end
  end
end
