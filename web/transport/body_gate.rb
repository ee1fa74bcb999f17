# frozen_string_literal: true

require "puma"
require "puma/server"
require "rack"
require "roda/session_middleware"

module Munimen
  module Web
    # Decides who may send how much before a byte of a large body is read: Puma puts all of a body
    # on disk before it asks the application. A body larger than a form comes only from somebody
    # who is signed in, to a route that takes one, as large as that route allows, and within what
    # one account may have on its way at a time. What is refused is answered without being read,
    # and the connection ends with it.
    #
    #   BodyGate.open(BodyGate.by(config)) # for this process
    module BodyGate
      FREE = 1_000_000 # bytes that anybody may send; most routes take less
      OF_ONE = 4_200_000_000 # bytes on their way from one account
      NOT_YOURS = "Your role may not do this."
      TOO_MUCH = "Too much is on its way from you already; wait until it is here."

      # What a client does besides.
      module Gated
        def setup_body
          why = BodyGate.refusal(@env, self)
          return super unless why

          @env[RequestGuard::REFUSED] = why
          @env["HTTP_CONNECTION"] = "close"
          %w[CONTENT_LENGTH HTTP_TRANSFER_ENCODING HTTP_EXPECT].each { |name| @env.delete(name) }
          @buffer = nil
          @body = Puma::Client::EmptyBody
          @read_header = false
          set_ready
          true
        end

        def write_chunk(part)
          @gate_read = (@gate_read || 0) + part.bytesize
          raise Puma::HttpParserError, "This body is too large." if @gate_read > FREE

          super
        end

        def reset(*)
          @gate_read = nil
          BodyGate.over(self)
          super
        end

        def close
          BodyGate.over(self)
          super
        end
      end

      @lock = Mutex.new
      @taken = {} # client => [account, bytes]

      class << self
        # who: callable that gives the person that a request comes from, or nil; without it the gate
        # stands open.
        def open(who)
          @who = who
          Puma::Client.prepend(Gated) unless Puma::Client.include?(Gated)
        end

        # The one who asks, by the session or the token that comes with the request.
        def by(config)
          asked = Rack::Builder.new do
            use RodaSessionMiddleware, **Stack.session(config)
            use Auth::SessionLookup.for(config)
            use Tokens, config
            run ->(env) { [200, {}, [env["munimen.person"]]] }
          end.to_app
          lambda do |env|
            asked.call(env.slice("HTTP_COOKIE", "HTTP_AUTHORIZATION").merge(
                         "PATH_INFO" => "/api/", "REQUEST_METHOD" => "POST", "SCRIPT_NAME" => "",
                         "QUERY_STRING" => "", "rack.input" => StringIO.new
                       ))[2].first
          rescue Munimen::Error, Sequel::Error
            nil
          end
        end

        # nil, or the status and the words of a refusal. A body whose length is not said is counted
        # as it comes.
        def refusal(env, client)
          bytes = env["CONTENT_LENGTH"].to_i
          return if bytes <= FREE || @who.nil?

          operation = Operations.at(env["REQUEST_METHOD"], env["REQUEST_PATH"].to_s)
          most = operation ? operation.most : Operations.usual
          return [413, RequestGuard.too_large(most), "too_large"] if bytes > most

          person = @who.call(env)
          return [401, "Sign in first.", "not_signed_in"] unless person
          return [403, NOT_YOURS, "forbidden"] unless may?(person, operation.ability)

          [503, TOO_MUCH, "busy"] unless room?(client, person[:id], bytes)
        end

        def over(client) = @lock.synchronize { @taken.delete(client) }

        private

        def may?(person, ability)
          ability.nil? || Desk::Abilities.of(person[:role]).include?(ability)
        end

        def room?(client, account, bytes)
          @lock.synchronize do
            on_way = @taken.each_value.sum { |whose, size| whose == account ? size : 0 }
            on_way + bytes <= OF_ONE && (@taken[client] = [account, bytes])
          end
        end
      end
    end
  end
end
