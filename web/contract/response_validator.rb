# frozen_string_literal: true

require "json_schemer"
require "yaml"

module Munimen
  module Web
    # Holds answers to web/openapi.yaml, with every schema compiled once: an answer of this
    # route, with this status, of this media type and shape.
    #
    #   ResponseValidator.new(path).problem("today", 200, "application/json", body)
    #   # => nil, or what is wrong
    class ResponseValidator
      # The one of a contract's file, whose schemas are compiled once in a process.
      def self.of(path) = (@of ||= {})[path] ||= new(path)

      def initialize(path)
        @path = path
        @reading = Mutex.new
      end

      # Text of what breaks the contract, or nil. `body` is the list of Strings of a Rack answer.
      def problem(operation, status, media_type, body)
        media = known.fetch(operation)[status.to_s] or
          return "#{operation}: status #{status} is not in the contract"
        schema = media.fetch(media_type.to_s.split(";").first) do
          return "#{operation}: #{media_type} is not in the contract"
        end
        return if schema.nil?

        data = JSON.parse(body.join)
        return if schema.valid?(data)

        errors = schema.validate(data).first(3)
        told = errors.map { |error| "#{error["data_pointer"]} #{error["error"]}" }.join("; ")
        "#{operation} #{status}: #{told}"
      end

      ONE_OF = 50 # answers of an operation that are looked at in daily use

      # A Rack answer, held to the contract. Nobody waits for that: a server that can do something
      # after its reply does it then, and what breaks the contract is noted; in the tests it stops
      # them. one_of: so many answers of an operation one is looked at.
      def held(operation, answer, env, one_of: ONE_OF)
        return answer unless turn?(operation, one_of)

        status, headers, body = answer
        check = lambda do
          (problem = problem(operation, status, headers["content-type"], body)) && note(problem)
        end
        later = env["rack.after_reply"]
        later && ENV["RACK_ENV"] != "test" ? later << check : check.call
        answer
      end

      private

      def turn?(operation, one_of)
        ((@turns ||= Hash.new(0))[operation] += 1) % one_of == 1 % one_of
      end

      def note(problem)
        raise problem if ENV["RACK_ENV"] == "test"

        warn "Answer breaks the contract: #{problem[0, 500]}"
      end

      # {operation => its responses}; read when the first answer is held to it, which is after the
      # first page is out.
      def known
        @reading.synchronize { @known ||= read }
      end

      def read
        contract = YAML.load_file(@path)
        document = JSONSchemer.openapi(contract)
        contract["paths"].flat_map do |route, methods|
          methods.map do |verb, operation|
            [operation["operationId"], responses(document, contract, route, verb, operation)]
          end
        end.to_h
      end

      # status => media type => compiled schema, nil for bytes.
      def responses(document, contract, route, verb, operation)
        operation["responses"].to_h do |status, response|
          pointer = response["$ref"] || "#/paths/#{escape(route)}/#{verb}/responses/#{status}"
          content =
            (response["$ref"] ? contract.dig(*pointer.delete_prefix("#/").split("/")) : response)[
              "content"
            ] || {}
          [
            status,
            content.to_h do |type, media|
              [
                type,
                (
                  if media.dig("schema", "format") == "binary"
                    nil
                  else
                    document.ref("#{pointer}/content/#{escape(type)}/schema")
                  end
                )
              ]
            end
          ]
        end
      end

      def escape(text)
        text.gsub("~", "~0").gsub("/", "~1").gsub("{", "%7B").gsub("}", "%7D").gsub("+", "%2B")
      end
    end
  end
end
