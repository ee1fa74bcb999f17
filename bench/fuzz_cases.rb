# frozen_string_literal: true

require "yaml"

module Munimen
  module Bench
    # Requests made from the contract, most of them wrong somewhere: right in form with values up to
    # the longest that is allowed, odd, extreme, of another type, missing or too many.
    class FuzzCases
      DOCUMENT = YAML.load_file(Web::Contract::PATH)
      # What writes a whole installation anew, streams, or signs the person out.
      NOT = %w[restore events trace endOtherSessions qualify setSignIn].freeze
      ALPHABETS = [
        [*"a".."z"], [*"0".."9"], ["(", ")", "[", "]", "{", "}"], ["\\", "\"", "'", "`"],
        ["%", "_", "*", "?"], ["é", "漢", "ع", "🚿", "\u202e", "\u0301"], [" ", "\t", "\n"],
        ["1", ".", ",", " ", "/", "e", "-"], ["a", "!", "@", "."], ["<", "script>", "/", "&amp;"],
        ["psi", "gal", "°F", " 1 ", "/2", "\""]
      ].freeze
      TEXTS = ["", " ", "null",
               "NaN", "Infinity", "1e400", "-0", "0x10", "true", "../../etc/passwd",
               "'; DROP TABLE visits; --", "2026-02-30", "-2026-01-01", "9999-12-31",
               "2026-11-23T09:00:00+99:99", "00000000-0000-0000-0000-000000000000", "1/0", "1e-320",
               "١٢", "12 psi 3", "%s%n", "${1}", "\u0000", "\ufeff"].freeze
      NUMBERS = [0, -1, 1, 2**31, 2**63, -(2**63), 2**64, 1e308, -1e308, 1e-320, 0.1, 10**40].freeze
      DEEP = 60

      # known: {parameter or property => [value]} that exist in the data.
      def initialize(known, random)
        @known = known
        @random = random
        @operations = operations
      end

      # [verb, path with query, type, body or nil]
      def call
        verb, path, operation = @operations.sample(random: @random)
        [verb, address(path, operation), *body(operation)]
      end

      private

      def operations
        DOCUMENT["paths"].flat_map do |path, verbs|
          verbs.filter_map do |verb, one|
            [verb, path, one] if one.is_a?(Hash) && one["operationId"] &&
                                 !NOT.include?(one["operationId"])
          end
        end
      end

      # One time in so many.
      def once_in?(count) = @random.rand(count).zero?
      def pick(list) = list.sample(random: @random)

      def address(path, operation)
        parameters = (operation["parameters"] || []).map { |one| resolved(one) }
        filled = path.gsub(/\{(\w+)\}/) do
          once_in?(4) ? odd_path : Rack::Utils.escape_path(known(Regexp.last_match(1)) || odd_path)
        end
        query = parameters.select { |one| one["in"] == "query" && !once_in?(2) }.map do |one|
          "#{one["name"]}=#{Rack::Utils.escape(value(one["schema"], one["name"]).to_s)}"
        end
        query.empty? ? filled : "#{filled}?#{query.join("&")}"
      end

      def odd_path = Rack::Utils.escape_path(text(64).then { |one| one.empty? ? "-" : one })
      def known(name) = @known[name.to_s]&.sample(random: @random)

      def body(operation)
        content = operation.dig("requestBody", "content") or return [nil, nil]
        type, media = content.first
        return [type, pick(TEXTS) + text(60_000)] unless type.include?("json")
        return [type, broken] if once_in?(12)

        [type, JSON.generate(value(media["schema"], nil), allow_nan: true)]
      end

      def broken
        [
          "{", "[" * 50_000, "{\"a\":" * 5_000, "\"#{text(500)}", "nul", "[1,]", "\xff\xfe",
          "{\"id\":1,\"id\":2}", "1e99999", "\"\\ud800\"", "[#{"1," * 20_000}1]"
        ].sample(random: @random)
      end

      def resolved(schema)
        reference = schema["$ref"] or return schema
        DOCUMENT.dig(*reference.delete_prefix("#/").split("/"))
      end

      # A value of a schema, or now and then anything.
      def value(schema, name, depth = 0)
        return anything(depth) if once_in?(25)

        schema = resolved(schema || {})
        options = schema["oneOf"] || schema["anyOf"]
        return value(pick(options), name, depth) if options
        return pick(schema["enum"]) if schema["enum"]

        of_type([schema["type"]].flatten.compact.sample(random: @random), schema, name, depth)
      end

      def of_type(type, schema, name, depth)
        case type
        when "object" then object(schema, depth)
        when "array" then Array.new(length(schema)) { value(schema["items"], name, depth + 1) }
        when "integer", "number" then number(schema, type)
        when "boolean" then once_in?(2)
        when "null" then nil
        when "string" then string(schema, name)
        else anything(depth)
        end
      end

      def length(schema)
        most = schema["maxItems"] || 20
        once_in?(10) ? [most, 400].min : @random.rand(4)
      end

      def object(schema, depth)
        properties = schema["properties"] || {}
        needed = schema["required"] || []
        given = properties.select { |key, _| needed.include?(key) ? !once_in?(40) : once_in?(2) }
        made = given.to_h { |key, one| [key, value(one, key, depth + 1)] }
        free = schema["additionalProperties"]
        made[text(30)] = value(free, nil, depth + 1) if free.is_a?(Hash)
        made[text(30)] = 1 if once_in?(40)
        made
      end

      def number(schema, type)
        return pick(NUMBERS) if once_in?(4)

        low = schema["minimum"] || 0
        high = schema["maximum"] || 1000
        type == "integer" ? @random.rand(low.to_i..high.to_i) : low + (@random.rand * (high - low))
      end

      def string(schema, name)
        found = known(name) unless once_in?(5)
        return found if found
        return SecureRandom.uuid if schema["format"] == "uuid" || name == "id"

        text([schema["maxLength"] || 5_000, 60_000].min)
      end

      # Up to so many characters, one time in three as many as are allowed.
      def text(most)
        return pick(TEXTS) if once_in?(3)

        letters = pick(ALPHABETS)
        size = once_in?(2) ? most : @random.rand(most + 1)
        (letters.sample(3, random: @random).join * ((size / 3) + 1))[0, size]
      end

      def anything(depth)
        return nil if depth > DEEP

        case @random.rand(6)
        when 0 then pick(NUMBERS)
        when 1 then text(2_000)
        when 2 then [anything(depth + 1)]
        when 3 then { text(20) => anything(depth + 1) }
        when 4 then nil
        else (1..DEEP).reduce(1) { |inner, _| [inner] }
        end
      end
    end
  end
end
