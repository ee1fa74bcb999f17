# frozen_string_literal: true

require "openapi_first"

module Munimen
  module Web
    # Holds requests and responses to web/openapi.yaml.
    module Contract
      PATH = File.join(ROOT, "web/openapi.yaml")

      # A request that is not in the contract becomes a problem document naming the field.
      class ErrorResponse
        include OpenapiFirst::ErrorResponse

        def status = { not_found: 404, method_not_allowed: 405 }.fetch(failure.type, 422)
        def content_type = "application/problem+json"

        def body
          first = failure.errors&.first
          Problem.document(status, text(first), code: "contract", field: first && field(first))
        end

        private

        def text(first)
          return first.error.sub("value at root", "the body").sub(/\Avalue at `(.*?)`/) { field(first) || "the body" } if first

          failure.type == :invalid_body ? "The body must be JSON." : "There is no such thing here."
        end

        def field(error)
          name = error.instance_location.to_s.delete_prefix("/").tr("/", ".")
          name.empty? ? nil : name
        end
      end

      module_function

      def definition = @definition ||= OpenapiFirst.load(PATH)
    end
  end
end
