# frozen_string_literal: true

require "fileutils"
require "securerandom"

module Munimen
  module Desk
    # The training runs of a firm, each in a file of its own; a few are kept open. Of each person
    # the latest few are kept, and none for ever.
    class TrainingRuns
      OPEN = 12
      EACH = 6 # runs of one person
      LONGEST = 90 * 86_400 # s since a run was last touched

      def initialize(folder, clock: -> { Time.now })
        @folder = folder
        @clock = clock
        @open = {}
        @lock = Mutex.new
      end

      def start(scenario, person)
        clear(person)
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

      # What is too old, and of this person's runs all but the latest, to leave room for one more.
      def clear(person)
        files = Dir[File.join(@folder, "*.sqlite3")].sort_by { |file| -File.mtime(file).to_f }
        old, recent = files.partition { |file| File.mtime(file) < Time.now - LONGEST }
        own = recent.select { |file| Store::Training.trainee(file) == person[:id] }
        (old + own.drop(EACH - 1)).each { |file| remove(File.basename(file, ".sqlite3")) }
      end

      def remove(token)
        @lock.synchronize { @open.delete(token)&.close }
        FileUtils.rm_rf(Dir["#{path(token)}*"])
      end

      def path(token) = File.join(@folder, "#{token}.sqlite3")

      def keep(token, run)
        @lock.synchronize do
          @open.delete(token)
          @open.shift.last.close if @open.size >= OPEN
          @open[token] = run
        end
      end
    end
  end
end
