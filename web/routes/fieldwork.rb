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
              json(one.call(desk, named, request.get? ? {} : body_given))
            end
          end
        end

        # What its routes share.
        module Helpers
          # Of path and query; an id is the same in capitals.
          def named
            params.to_h { |name, value| [name.to_sym, name == "id" ? value.downcase : value] }
          end

          def body_given = request.content_length.to_i.zero? ? {} : sent
        end
      end
    end
  end
end
