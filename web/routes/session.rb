# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Who is signed in.
      class Session < Resource
        FACTORS = { "totp" => "code", "webauthn" => "passkey" }.freeze

        on(:session) do
          ended = ended_here?
          {
            device_ended: ended,
            program: config.program,
            csrf: Rack::Protection::AuthenticityToken.token(env["rack.session"]),
            person: ended ? nil : shown_person,
            second_factor:,
            factors:,
            fresh: env["munimen.fresh"] || false,
            device_pin: Desk::Devices.pin_wanted?(records),
            firm_named: records.settings.firm_named?,
            firm: records.settings.firm["name"],
            units: Rules::Book[records.settings.code_profile].units,
            demo: config.demo_accounts
          }
        end

        private

        # none: not set up; given: set up, and given in this session; wanted: still to be given;
        # due: the firm asks for one that is not set up yet.
        def second_factor
          return env["munimen.account"] ? "wanted" : "none" unless person
          return "due" if second_factor_due?

          env["munimen.second_factor"] ? "given" : "none"
        end

        # What the account has set up beside its password: "code", "passkey".
        def factors = FACTORS.values_at(*env["munimen.factors"]&.call).compact

        def shown_person
          person&.slice(:id, :name, :role, :language)&.merge(may: Desk::Abilities.of(person[:role]))
        end

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
