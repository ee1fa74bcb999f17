# frozen_string_literal: true

require "etc"

module Munimen
  module Bench
    # One core, shared with three busy loops: whatever process is on it goes at a quarter of its
    # speed, its threads one after another.
    #
    #   SlowCore.of(pid) { … } # pid of a browser; its children come along
    class SlowCore
      LOOPS = 3
      CORE = (Etc.nprocessors - 1).to_s

      def self.of(pid)
        here = family(pid)
        here.each { |one| pin(one, CORE) }
        loops = Array.new(LOOPS) { spawn("taskset", "-c", CORE, "ruby", "-e", "nil while true") }
        sleep 1
        yield
      ensure
        loops&.each { |one| Process.kill(:KILL, one) && Process.wait(one) }
        family(pid).each { |one| pin(one, "0-#{CORE}") }
      end

      # A process and all that came from it.
      def self.family(pid)
        children = `ps -eo pid,ppid`.lines.drop(1).map { |line| line.split.map(&:to_i) }
        found = [pid]
        found.each { |one| found.concat(children.select { |_, of| of == one }.map(&:first)) }
      end

      def self.pin(pid, cores)
        system("taskset", "-acp", cores, pid.to_s, out: File::NULL, err: File::NULL)
      end
      private_class_method :pin
    end
  end
end
