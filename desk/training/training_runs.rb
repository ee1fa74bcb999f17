# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    # The training runs of a firm, each in a file of its own; a few are kept open.
    class TrainingRuns
      OPEN = 12

      def initialize(folder, clock: -> { Time.now })
        @folder = folder
        @clock = clock
        @open = {}
        @lock = Mutex.new
      end

      def start(scenario, person)
        token = SecureRandom.hex(6)
        keep(token, TrainingRun.start(path(token), token, scenario, person, clock: @clock))
      end

      # The run of an id (of a visit, a heater or an instrument) for a person; raises NotFound
      # where it is not theirs.
      def find(id, person)
        token = TrainingRun.token(id)
        run =
          token &&
          (
            @lock.synchronize { @open[token] } ||
              (
                if File.exist?(path(token))
                  keep(token, TrainingRun.new(path(token), token, clock: @clock))
                end
              )
          )
        unless run && (run.account_id == person[:id] || person[:role] == "owner")
          raise NotFound.new("There is no such exercise.", field: :visit)
        end

        run
      end

      # Those of a person that are not over yet, the latest first.
      def running(person)
        Dir[File.join(@folder, "*.sqlite3")]
          .sort_by { |file| -File.mtime(file).to_f }
          .filter_map do |file|
            run = find("#{TrainingRun::VISIT}#{File.basename(file, ".sqlite3")}", person)
            run unless run.account_id != person[:id] || run.exercise.over?
          rescue NotFound
            nil
          end
      end

      private

      def path(token) = File.join(@folder, "#{token}.sqlite3")

      def keep(token, run)
        @lock.synchronize do
          @open.delete(token)
          @open.shift.last.records.database.disconnect if @open.size >= OPEN
          @open[token] = run
        end
      end
    end
  end
end
