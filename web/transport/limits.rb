# frozen_string_literal: true

require "ipaddr"
require "rack/attack"

module Munimen
  module Web
    # Rate limits: sign-in attempts and all requests, by address.
    module Limits
      module_function

      # Whose request it is: the peer of the connection, unless that is the proxy that the operator
      # names (MUNIMEN_PROXY): then the address that it has appended to X-Forwarded-For, which is
      # the last one. Nothing else that a request says of itself counts.
      def peer(env)
        from = env["REMOTE_ADDR"]
        return from unless proxy?(env)

        IPAddr.new(env["HTTP_X_FORWARDED_FOR"].to_s.split(",").last.to_s.strip).to_s
      rescue IPAddr::Error
        from
      end

      # Whether it comes through the proxy that the operator names.
      def proxy?(env) = !ENV["MUNIMEN_PROXY"].nil? && ENV["MUNIMEN_PROXY"] == env["REMOTE_ADDR"]

      # Configures Rack::Attack for this process.
      def set_up(logins: 20, requests: 3000)
        Rack::Attack.cache.store = MemoryCache.new
        Rack::Attack.throttle("sign-in", limit: logins, period: 300) do |request|
          peer(request.env) if request.path == "/auth/login" && request.post?
        end
        Rack::Attack.throttle("all", limit: requests, period: 60) { |request| peer(request.env) }
        Rack::Attack.throttled_responder = lambda do |request|
          retry_after = request.env["rack.attack.match_data"][:period]
          body = JSON.generate(
            type: "about:blank",
            title: Message.of("Too many requests; try again in {retry_after} s.", retry_after:),
            status: 429,
            code: "too_many"
          )
          [
            429,
            { "content-type" => "application/problem+json", "retry-after" => retry_after.to_s },
            [body]
          ]
        end
      end
    end
  end
end
