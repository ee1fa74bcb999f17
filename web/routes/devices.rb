# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Devices that keep something under a PIN.
      module Devices
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/devices", account: true) { json(devices.list) }
          app.post("/api/devices", account: true) do
            json(devices.add(**sent, name: Auth.device(request.user_agent)))
          end
          app.post("/api/devices/:id/end", account: true) { json(devices.close(id)) }
        end

        # What its routes share.
        module Helpers
          def devices = Desk::Devices.new(desk)

          # Whether the device that asks was ended: then it is signed out as well.
          def ended_here?
            return false unless records.devices.ended?(params["device"].to_s.downcase)

            records.people.end_sessions(person[:id], [env["munimen.session"]]) if person
            true
          end
        end
      end
    end
  end
end
