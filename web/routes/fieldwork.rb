# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What is done on site, as Desk::Routes says it for the server and for a browser without a
      # signal alike.
      class Fieldwork < Resource
        Desk::Routes.all.each do |one|
          raw(Operations.declared_at(one.verb, one.path).id) { answered(one) }
        end

        private

        def answered(one)
          given = request.get? ? {} : body_given
          answer = taken_once(given) { one.call(one.firm? ? firm : desk, named, given) }
          place = one.made_at(named, given)
          headers "location" => place if place
          json(answer, place ? 201 : 200)
        end

        # Of path and query; an id is the same in capitals.
        def named
          params.to_h { |name, value| [name.to_sym, name == "id" ? value.downcase : value] }
        end

        # An id that comes again with another content is another write under the same name.
        def taken_once(given)
          id = request.post? && given[:id] or return yield
          content = [request.path_info, given]
          @taken = records.taken_writes.begin!(id, content, at: firm.stamp)
          yield.tap { @taken.keep }
        end

        # The body, where the operation takes one: what the contract does not know is not read.
        def body_given
          return {} if request.content_length.to_i.zero?

          sent.is_a?(Hash) ? sent : {}
        rescue JSON::ParserError
          raise Error.new("The body must be JSON.", field: :body, code: :bad_json)
        end
      end
    end
  end
end
