# frozen_string_literal: true

require "rack"
require "openapi_first"
require "rack/protection"
require "roda/session_middleware"

module Munimen
  module Web
    # The whole Rack application: sessions, limits, protection, sign-in, contract, API, and the
    # built interface.
    module Stack
      POLICY = {
        default_src: "'self'",
        script_src: "'self'",
        style_src: "'self' 'unsafe-inline'",
        img_src: "'self' data: blob:",
        font_src: "'self'",
        connect_src: "'self'",
        object_src: "'none'",
        frame_ancestors: "'none'",
        base_uri: "'self'",
        form_action: "'self'"
      }.freeze

      module_function

      # config: Web::Config. check_responses: hold answers to the contract, too: in daily use some
      # of them, in the tests each, or one of so many.
      def build(config, check_responses: true, one_of: ENV["RACK_ENV"] == "test" ? 1 : nil)
        Limits.set_up
        answers = ResponseValidator.of(Contract::PATH) if check_responses
        one_of ||= ResponseValidator::ONE_OF
        Rack::Builder.new do
          use Headers, config.secure_cookies?
          use Monitor, config
          use Mishaps
          use HeadAsGet
          use LargeAnswers
          use Headers, config.secure_cookies? # a large answer goes its own way from there
          use Rack::ConditionalGet
          use Marks, nil, nil
          use Spoken
          use InFlight
          use RequestGuard
          unless config.hosts.empty?
            use Rack::Protection::HostAuthorization,
                permitted_hosts: config.hosts + %w[127.0.0.1 localhost]
          end
          use Rack::Attack
          use SignInGuard
          use RodaSessionMiddleware, **Stack.session(config)
          use Csrf
          use SecurityLog, config
          use AccountNotices, config
          use Guesses
          use Auth::SessionLookup.for(config)
          use Tokens, config
          use Live, config.database_path
          use ResponseCache, config.database_path
          use Traces, config
          use ApiContract, answers, one_of
          use Interface
          run App.with(config)
        end.to_app
      end

      WEEK = 7 * 86_400 # s

      # How the session's cookie is made and read. A day without a word ends it where no device
      # is locked (Auth::SessionLookup).
      def session(config)
        {
          secret: config.secret,
          old_secret: config.old_secret,
          key: config.secure_cookies? ? "__Host-munimen" : "munimen",
          max_seconds: WEEK,
          max_idle_seconds: WEEK,
          cookie_options: { same_site: :strict, secure: config.secure_cookies?, path: "/" }
        }
      end

      # Security headers on every answer.
      class Headers
        POLICY_TEXT =
          POLICY.map { |name, value| "#{name.to_s.tr("_", "-")} #{value}" }.join("; ").freeze

        YEAR = 31_536_000 # s

        # secure: whether the browser is to come by HTTPS only from now on.
        def initialize(app, secure)
          @app = app
          @secure = secure
        end

        def call(env)
          status, headers, body = @app.call(env)
          headers["strict-transport-security"] = "max-age=#{YEAR}" if @secure
          headers["date"] = Time.now.httpdate # a device learns from it how wrong its clock is
          headers["content-security-policy"] ||= POLICY_TEXT
          headers["x-munimen"] = VERSION # by which a device tells an answer of ours from a portal's
          headers["x-content-type-options"] = "nosniff"
          headers["referrer-policy"] = "same-origin"
          headers["permissions-policy"] = "camera=(self), microphone=(), geolocation=(self)"
          headers["cache-control"] ||= "no-store"
          [status, headers, body]
        end
      end

      # An ETag on what is JSON and looked at: a file is not read for it.
      class Marks < Rack::ETag
        def call(env) = env["REQUEST_METHOD"] == "GET" ? super : @app.call(env)

        private

        def skip_caching?(headers)
          super || !headers["content-type"].to_s.start_with?("application/json")
        end
      end

      # HEAD is what GET would answer, without its body.
      class HeadAsGet
        def initialize(app) = @app = app

        def call(env)
          return @app.call(env) unless env["REQUEST_METHOD"] == "HEAD"

          status, headers, body = @app.call(env.merge("REQUEST_METHOD" => "GET"))
          body.close if body.respond_to?(:close)
          [status, headers, []]
        end
      end

      # Every write carries the session's token in X-CSRF-Token.
      class Csrf < Rack::Protection::AuthenticityToken
        def accepts?(env) = Tokens.sent?(env) || super

        def deny(_env)
          Problem.rack(403, "The page is out of date: reload it and send again.", code: "bad_token")
        end

        def react(env) = deny(env)
      end

      # The contract, for paths below /api only: requests by openapi_first, answers by schemas
      # compiled once.
      class ApiContract
        FILE = "munimen.file"

        def initialize(app, answers, one_of)
          @app = app
          @answers = answers
          @one_of = one_of
          @checked = OpenapiFirst::Middlewares::RequestValidation.new(
            method(:answer),
            spec: Contract.definition,
            error_response: Contract::ErrorResponse
          )
        end

        def call(env)
          return @app.call(env) unless env["PATH_INFO"].start_with?("/api/")

          lay_aside(env) if RequestGuard.file?(env)
          status, headers, body = @checked.call(env)
          headers["allow"] = Contract.verbs(env).join(", ") if status == 405
          [status, headers, body]
        end

        private

        # A file is not read to be held to the contract, which says of it that there is one.
        def lay_aside(env)
          env[FILE] = env["rack.input"]
          env["rack.input"] = StringIO.new("a file")
        end

        def answer(env)
          unknown = Contract.unknown_query(env) if env["munimen.person"]
          return Problem.rack(422, unknown, code: "unknown_query") if unknown

          env["rack.input"] = env.delete(FILE) if env[FILE]
          answer = @app.call(env)
          return answer unless @answers

          @answers.held(env[OpenapiFirst::REQUEST].operation_id, answer, env, one_of: @one_of)
        end
      end

      # The built interface; unknown paths get its page, so that an address can be opened directly.
      class Interface
        PUBLIC = File.join(ROOT, "web/public")

        # A worker that runs Ruby in WebAssembly may compile that, and nothing else may.
        WORKER = %r{\A/assets/worker(?:\.min)?-[\w-]+\.js\z}
        WORKER_POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src " \
                        "'self'"
        LASTING = %r{\A/(?:assets/|offline/.*\.(?:wasm|bin)\z)}

        def initialize(app)
          @app = app
          @files = Rack::Files.new(PUBLIC)
        end

        def call(env)
          path = env["PATH_INFO"]
          if path.start_with?("/api/") || !%w[GET HEAD].include?(env["REQUEST_METHOD"])
            return @app.call(env)
          end

          return contract(env) if path == "/openapi.yaml"

          file = path.include?(".") && !path.include?("..") && File.file?(File.join(PUBLIC, path))
          status, headers, body = file ? given(env, path) : page(env)
          headers["cache-control"] =
            path.match?(LASTING) ? "public, max-age=31536000, immutable" : "no-cache"
          headers["content-security-policy"] = WORKER_POLICY if path.match?(WORKER)
          [status, headers, body]
        end

        private

        def contract(env)
          status, headers, body = Rack::Files.new(File.join(ROOT, "web")).call(env)
          [status, headers.merge("content-type" => "application/yaml"), body]
        end

        def page(env) = @files.call(env.merge("PATH_INFO" => "/index.html"))

        # A file, or, where there is one and it is taken, what was compressed of it beforehand.
        def given(env, path)
          packed = "#{path}.br"
          takes = env["HTTP_ACCEPT_ENCODING"].to_s.include?("br") && !env["HTTP_RANGE"]
          return @files.call(env) unless takes && File.file?(File.join(PUBLIC, packed))

          status, headers, body = @files.call(env.merge("PATH_INFO" => packed))
          type = Rack::Mime.mime_type(File.extname(path))
          headers.merge!("content-encoding" => "br", "content-type" => type,
"vary" => "accept-encoding")
          [status, headers, body]
        end
      end
    end
  end
end
