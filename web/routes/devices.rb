# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Devices that keep something under a PIN.
      class Devices < Resource
        on(:devices) { devices.list }
        on(:addDevice) do
          answer = devices.add(**sent, name: Auth.device(request.user_agent))
          env["rack.session"][Auth::LOCKED] = true
          answer
        end
        on(:endDevice) { devices.close(id) }

        private

        def devices = Desk::Devices.new(desk)
      end
    end
  end
end
