# frozen_string_literal: true

require "net/http"

module Munimen
  module Bench
    # Kills the server with SIGKILL at random moments while people write, again and again, and
    # looks each time whether everything that was acknowledged is there, the database is sound,
    # and nothing is half written or left over. With heavy work, every second time it is killed in
    # the midst of that.
    #
    #   KillTrial.new(folder, writers, seed: 2026).run(200)
    class KillTrial
      LONGEST = 0.6 # s from the first acknowledged writes until the kill

      # folder: of the data; nothing of this process may hold it open. writers: Writers. heavy:
      # HeavyWork, or nil.
      def initialize(folder, writers, seed: 1, heavy: nil)
        @folder = folder
        @machine = Machine.new(folder)
        @writers = writers
        @random = Random.new(seed)
        @told = []
        @heavy = heavy
        @inside = Hash.new(0)
        @left = 0
      end

      # {kills:, acknowledged:, lost:, damaged:, half:, left:, inside: {kind => kills}, kinds:
      # {kind => acknowledged}}
      def run(kills)
        lost = damaged = half = 0
        kills.times do |number|
          kind = HeavyWork::KINDS.sample(random: @random) if @heavy && number.odd?
          killed_while_writing(kind)
          check do |gone, sound, halves|
            lost += gone
            damaged += 1 unless sound
            half += halves
          end
        end
        kinds = @told.map(&:kind).tally
        { kills:, acknowledged: @told.size, kinds:, lost:, damaged:, half:, left: @left,
          inside: @inside }
      end

      private

      # What was written after a backup was taken is gone with its restore, and rightly so: nobody
      # writes beside that.
      def killed_while_writing(kind)
        @heavy.prepare(@folder) if kind == :restore
        port = @machine.start
        @left += Web::Config::LEFT_OVERS.sum { |name| Dir[File.join(@folder, name)].size }
        @writers.enter(port)
        threads = kind == :restore ? [] : @writers.start(port)
        threads << heavy(port, kind) if kind
        sleep @random.rand * LONGEST
        @machine.kill
        threads.each(&:join)
        @told.concat(@writers.told)
      end

      def heavy(port, kind)
        @inside[kind] += 1
        random = Random.new(@random.rand(1 << 30))
        Thread.new do
          Net::HTTP.start("127.0.0.1", port, read_timeout: 20) do |http|
            done = @heavy.call(kind, random) { |*given| @writers.sent(http, *given) }
            @writers.acknowledge(*done) if done
          end
        rescue SystemCallError, IOError, Net::ReadTimeout
          nil
        end
      end

      # Yields what was lost, whether the database is sound, and how many amendments are there
      # without their seal or seals without theirs.
      def check
        @machine.look do |database, sound, problems|
          yield Writers.missing(@told, database).size, sound, problems.size
        end
      end
    end
  end
end
