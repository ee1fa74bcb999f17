# frozen_string_literal: true

require "fileutils"
require "tmpdir"

module Munimen
  module Bench
    # A second machine close behind the first (docs/operations.md): Litestream sends on what the
    # first writes, both are killed in the midst of it, the second is brought up from what has
    # arrived, and what was acknowledged and is not there is counted. Each round's second machine is
    # the first of the next.
    #
    #   MUNIMEN_LITESTREAM=/usr/bin/litestream bin/bench second 20
    class SecondTrial
      BESIDE = %w[session.secret reports photos logs].freeze # copied each minute
      LONGEST = 6.0 # s of writing before the kill
      PROGRAM = ENV.fetch("MUNIMEN_LITESTREAM", "litestream")

      # folder: of the first machine; place: an empty folder for the others. writers: Writers.
      def initialize(folder, place, writers, seed: 1)
        @first = Machine.new(folder)
        @place = place
        @writers = writers
        @random = Random.new(seed)
      end

      # {rounds:, acknowledged:, lost:, damaged:, problems:, oldest: s by which the oldest lost came
      # before the kill, arrived: s until Litestream had put the database together, up: s until the
      # second machine answered}; the times are the longest of all rounds.
      def run(rounds)
        sums = Hash.new(0).merge(rounds:, acknowledged: 0, lost: 0)
        rounds.times do |number|
          copy = File.join(@place, "copy-#{number}")
          killed = first_dies(copy)
          second = brought_up(File.join(@place, "second-#{number}"), copy, killed, sums)
          count(second, killed, sums)
          @first = second
        end
        sums
      end

      private

      def clock = Writers.clock

      # When both were killed.
      def first_dies(copy)
        port = @first.start
        sender = spawn(
          PROGRAM, "replicate", database(@first), "file://#{copy}",
          out: File::NULL, err: File::NULL
        )
        sleep 0.1 until Dir[File.join(copy, "**/*.ltx")].any?
        @writers.enter(port)
        threads = @writers.start(port)
        sleep @random.rand * LONGEST
        Process.kill(:KILL, sender)
        @first.kill
        clock.tap do
          Process.wait(sender)
          threads.each(&:join)
        end
      end

      # A machine that has answered, and is stopped again so that it can be looked at.
      def brought_up(folder, copy, killed, sums)
        FileUtils.mkdir_p(folder, mode: 0o700)
        second = Machine.new(folder)
        system(
          PROGRAM, "restore", "-o", database(second), "file://#{copy}",
          out: File::NULL, err: File::NULL, exception: true
        )
        longest(sums, :arrived, killed)
        BESIDE.each do |name|
          beside = File.join(@first.folder, name)
          FileUtils.cp_r(beside, folder) if File.exist?(beside)
        end
        second.start
        longest(sums, :up, killed)
        second.tap(&:kill)
      end

      def count(second, killed, sums)
        told = @writers.told
        sums[:acknowledged] += told.size
        second.look do |database, sound, problems|
          missing = Writers.missing(told, database)
          sums[:lost] += missing.size
          sums[:damaged] += 1 unless sound
          sums[:problems] += problems.size
          sums[:oldest] = [sums[:oldest], *missing.map { |one| killed - one.at }].max
        end
      end

      def database(machine) = File.join(machine.folder, "munimen.sqlite3")
      def longest(sums, what, since) = sums[what] = [sums[what], clock - since].max
    end
  end
end
