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
            answer = devices.add(**sent, name: Auth.device(request.user_agent))
            env["rack.session"][Auth::LOCKED] = true
            json(answer)
          end
          app.post("/api/devices/:id/end", account: true) { json(devices.close(id)) }
        end

        # What its routes share.
        module Helpers
          def devices = Desk::Devices.new(desk)

          # Whether the device that asks was ended: then it is signed out as well.
          def ended_here?
            device = params["device"].to_s.downcase
            locked_by(device)
            return false unless records.devices.ended?(device)

            records.people.end_sessions(person[:id], [env["munimen.session"]]) if person
            true
          end

          # A session on a device that is locked lasts for a working week.
          def locked_by(device)
            locked = person && records.devices.in_use?(device, person[:id])
            env["rack.session"][Auth::LOCKED] = true if locked && !env["rack.session"][Auth::LOCKED]
          end
        end
      end
    end
  end
end
