# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Pressure logs: taken in while the person sees how far it is.
      module PressureLogs
        LARGEST = 400_000_000 # bytes

        def self.registered(app)
          app.helpers Helpers
          app.get("/api/heaters/:id/pressure-logs") { json(Desk::PressureLogs.new(desk).of_heater(id)) }
          app.post("/api/heaters/:id/pressure-logs") { json(take_in(desk)) }
          app.get("/api/pressure-logs/:id") { json(told(Desk::PressureLogs.new(desk), config.log_imports.find(id, person[:id]))) }
          app.post("/api/pressure-logs/:id/visit") { json(readings: Desk::PressureLogs.new(desk).bring_in(id, write: sent[:id].downcase, visit: sent[:visit].downcase)) }
        end

        # What its routes share.
        module Helpers
          # The file is put aside and read in a thread of its own.
          def take_in(desk)
            desk.allow!(:owner, :office, :plumber, :inspector)
            raise Error.new("The file is larger than #{LARGEST / 1_000_000} MB; cut it into parts.", field: :log, code: :too_long) if request.content_length.to_i > LARGEST

            log = params["log"].downcase
            records.heaters.find(id)
            file = put_aside
            name = params["name"]
            heater = id
            asked = params.slice("time", "pressure", "unit").transform_keys(&:to_sym).reject { |_, value| value.empty? }
            config.log_imports.start(log, person[:id]) do |share|
              Desk::PressureLogs.new(desk).take_in(heater, id: log, name:, file: file.path, asked:, &share)
            ensure
              file.close!
            end
            { id: log }
          end

          def put_aside = Tempfile.new("log", binmode: true).tap { |file| IO.copy_stream(request.body.tap(&:rewind), file) && file.flush }

          def told(logs, import)
            return { share: import.share, problem: import.error && JSON.parse(Problem.of(import.error).last), log: nil } if import && !import.done

            { share: 1.0, problem: nil, log: logs.show(id) }
          end
        end
      end
    end
  end
end
