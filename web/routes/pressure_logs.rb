# frozen_string_literal: true

require "tempfile"

module Munimen
  module Web
    module Routes
      # Pressure logs: taken in while the person sees how far it is.
      module PressureLogs
        LARGEST = 400_000_000 # bytes

        def self.registered(app)
          app.helpers Helpers
          app.get("/api/heaters/:id/pressure-logs") do
            json(Desk::PressureLogs.new(desk).of_heater(id))
          end
          app.post("/api/heaters/:id/pressure-logs") { json(take_in) }
          app.get("/api/pressure-logs/:id") { json(told) }
          app.post("/api/pressure-logs/:id/visit") do
            readings = Desk::PressureLogs.new(desk).bring_in(
              id,
              write: sent[:id].downcase,
              visit: sent[:visit].downcase
            )
            json(readings:)
          end
        end

        # What its routes share.
        module Helpers
          # The file is put aside and read in a thread of its own.
          def take_in
            logs = Desk::PressureLogs.new(desk)
            log_allowed!
            log = params["log"].downcase
            given = [id, { id: log, name: params["name"], asked: }]
            file = put_aside
            config.imports.start(log, person[:id]) do |share|
              logs.take_in(given.first, **given.last, file: file.path, &share)
            ensure
              file.close!
            end
            { id: log }
          end

          def log_allowed!
            desk.allow!(:owner, :office, :plumber, :inspector)
            records.heaters.find(id)
            return if request.content_length.to_i <= LARGEST

            text = "The file is larger than #{LARGEST / 1_000_000} MB; cut it into parts."
            raise Error.new(text, field: :log, code: :too_long)
          end

          # Which columns and unit, where the person has pointed at them.
          def asked
            given = %i[time pressure unit date].to_h { |name| [name, params[name].to_s] }
            given.reject { |_, value| value.empty? }
          end

          def put_aside
            Tempfile.new("log", binmode: true).tap do |file|
              IO.copy_stream(request.body.tap(&:rewind), file)
              file.flush
            end
          end

          # How far it is, what is wrong with it, or what it says.
          def told
            import = config.imports.find(id, person[:id])
            if import.nil? || import.done
              return { share: 1.0, problem: nil, log: Desk::PressureLogs.new(desk).show(id) }
            end

            problem = import.error && JSON.parse(Desk::Problem.of(import.error).last)
            { share: import.share, problem:, log: nil }
          end
        end
      end
    end
  end
end
