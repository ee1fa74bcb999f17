# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Who is signed in.
      module Session
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/session", anyone: true) do
            ended = ended_here?
            json(
              device_ended: ended,
              program: config.program,
              csrf: Rack::Protection::AuthenticityToken.token(env["rack.session"]),
              person: ended ? nil : shown_person,
              second_factor: second_factor,
              factors: factors,
              fresh: env["munimen.fresh"] || false,
              device_pin: Desk::Devices.pin_wanted?(records),
              firm_named: records.settings.firm_named?,
              firm: records.settings.firm["name"],
              units: Rules::Book[records.settings.code_profile].units,
              demo: config.demo_accounts
            )
          end
        end

        # What its routes share.
        module Helpers
          # none: not set up; given: set up, and given in this session; wanted: still to be given;
          # due: the firm asks for one that is not set up yet.
          def second_factor
            return env["munimen.account"] ? "wanted" : "none" unless person
            return "due" if second_factor_due?

            env["munimen.second_factor"] ? "given" : "none"
          end

          FACTORS = { "totp" => "code", "webauthn" => "passkey" }.freeze

          # What the account has set up beside its password: "code", "passkey".
          def factors
            FACTORS.values_at(*env["munimen.factors"]&.call).compact
          end

          def shown_person
            person&.slice(:id, :name, :role)&.merge(may: Desk::Abilities.of(person[:role]))
          end
        end
      end
    end
  end
end
