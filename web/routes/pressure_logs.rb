# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Pressure logs: taken in while the person sees how far it is.
      class PressureLogs < Resource
        on(:pressureLogs) { logs.of_heater(id) }
        on(:addPressureLog) { take_in }
        on(:pressureLog) { told }
        on(:bringInLog) do
          { readings: logs.bring_in(id, write: sent[:id].downcase, visit: sent[:visit].downcase) }
        end

        private

        def logs = Desk::PressureLogs.new(desk)

        # The file is put aside and read in a thread of its own.
        def take_in
          reader = logs
          records.heaters.find(id)
          log = params["log"].downcase
          given = [id, { id: log, name: params["name"], asked: }]
          file = put_aside
          config.imports.start(log, person[:id]) do |share|
            reader.take_in(given.first, **given.last, file: file.path, &share)
          ensure
            file.close!
          end
          { id: log }
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
          return { share: 1.0, problem: nil, log: logs.show(id) } if import.nil? || import.done

          problem = import.error && JSON.parse(Desk::Problem.of(import.error).last)
          { share: import.share, problem:, log: nil }
        end
      end
    end
  end
end
