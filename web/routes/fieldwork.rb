# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What is done on site, as Desk::Routes says it for the server and for a browser without a
      # signal alike.
      module Fieldwork
        def self.registered(app)
          app.helpers Helpers
          Desk::Routes.all.each do |one|
            app.public_send(one.verb.downcase, one.path, **one.options) do
              given = request.get? ? {} : body_given
              answer = taken_once(given) { one.call(one.firm? ? firm : desk, named, given) }
              place = one.made_at(named, given)
              headers "location" => place if place
              json(answer, place ? 201 : 200)
            end
          end
        end

        # What its routes share.
        module Helpers
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
end
