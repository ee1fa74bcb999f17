# frozen_string_literal: true

require "forwardable"

module Munimen
  module Web
    # The routes of one resource, by the names that the contract gives them. One is made for each
    # request, so that what a resource calls its helpers is nobody else's business. What may be
    # asked by whom is declared in the contract (Operations) and held to here.
    #
    #   class Places < Resource
    #     on(:places) { Desk::Places.new(desk).list }     # plain data, sent as JSON
    #     raw(:vcard) { file "text/vcard", card, "customer.vcf" } # as Sinatra takes it
    #   end
    class Resource
      extend Forwardable
      include Helpers

      class << self
        # {operation's id => what answers it}
        def answers = @answers ||= {}

        private

        def on(id, &answer)
          raw(id) { json(instance_exec(&answer)) }
        end

        def raw(id, &answer) = answers[id] = answer
      end

      def_delegators :@app, :request, :params, :env, :settings, :headers, :content_type

      # app: the Sinatra application of this request.
      def initialize(app) = @app = app

      # What Sinatra sends. Raises Refused for whoever may not.
      def answer(operation, &)
        let_in!(operation)
        instance_exec(&)
      end

      private

      def let_in!(operation)
        return if operation.who == :anyone

        signed_in!
        second_factor! unless operation.who == :account
        fresh! if operation.fresh
        desk.may!(operation.ability) if operation.ability
      end
    end
  end
end
