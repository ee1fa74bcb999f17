# frozen_string_literal: true

require "openapi_first"

module Munimen
  module Web
    # Holds requests and responses to web/openapi.yaml.
    module Contract
      PATH = File.join(ROOT, "web/openapi.yaml")
      VERBS = %w[get post put delete].freeze

      # A request that is not in the contract becomes a problem document naming the field.
      class ErrorResponse
        include OpenapiFirst::ErrorResponse

        STATUS = { not_found: 404, method_not_allowed: 405, unsupported_media_type: 415 }.freeze
        TEXT = {
          invalid_body: "The body must be JSON.",
          method_not_allowed: "That cannot be done here; see the header Allow.",
          unsupported_media_type: "The body must be of the media type that the contract names."
        }.freeze

        def status = STATUS.fetch(failure.type, 422)
        def content_type = "application/problem+json"

        def body
          first = failure.errors&.first
          Problem.document(status, text(first), code: "contract", field: first && field(first))
        end

        private

        def text(first)
          if first
            return first
              .error
              .sub("value at root", "the body")
              .sub(/\Avalue at `(.*?)`/) { field(first) || "the body" }
          end

          TEXT.fetch(failure.type, "There is no such thing here.")
        end

        def field(error)
          name = error.instance_location.to_s.delete_prefix("/").tr("/", ".")
          name.empty? ? nil : name
        end
      end

      # openapi_first's definition, with the operations (and so their compiled schemas) kept from
      # one request to the next.
      class Definition < OpenapiFirst::Definition
        def request(rack_request)
          found = super
          return found unless found.operation

          @kept ||= operations.to_h { |operation| [operation.name, operation] }
          OpenapiFirst::RuntimeRequest.new(
            request: rack_request,
            path_item: found.path_item,
            operation: @kept.fetch(found.operation.name),
            path_params: found.path_item.match(rack_request.path) || {}
          )
        end
      end

      module_function

      # The verbs that the path of a request takes.
      def verbs(env)
        item = definition.request(Rack::Request.new(env)).path_item or return []
        verbs = item.operations.map { |one| one.method.upcase }
        verbs.include?("GET") ? verbs + ["HEAD"] : verbs
      end

      # What to say where the query names what the operation does not take: whoever mistypes a name
      # would otherwise be answered something else than they asked for.
      def unknown_query(env)
        names = Rack::Utils.parse_query(env["QUERY_STRING"]).keys
        return if names.empty?

        taken = (env[OpenapiFirst::REQUEST].operation.query_parameters || [])
                .map { |one| one["name"] }
        name = (names - taken).first or return
        what = taken.empty? ? "nothing" : taken.join(", ")
        Message.of("There is no “{name}” here; the query takes {what}.", name:, what:)
      end

      # [[verb, path, what the contract says of it], …]
      def declared
        definition.paths.flat_map do |path, item|
          item.slice(*VERBS).map { |verb, one| [verb.upcase, path, one] }
        end
      end

      def definition
        @definition ||=
          OpenapiFirst
            .load(PATH)
            .then do |read|
              Definition.new({ "paths" => read.paths, "openapi" => read.openapi_version }, PATH)
            end
      end
    end
  end
end
