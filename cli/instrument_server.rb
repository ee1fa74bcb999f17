# frozen_string_literal: true

require "socket"

module Munimen
  module Cli
    # bin/munimen instruments: simulated instruments on a simulated heater, a line in, a line out,
    # for each connection a heater of its own (docs/formats/instruments.md). Local only.
    class InstrumentServer
      # What stands on the bench when nothing else is said.
      HEATER = {
        kind: "gas_storage",
        capacity: "50 gal",
        input: "40000 Btu/h",
        vessel: "external",
        vessel_volume: "2 gal",
        regulator: "yes",
        ignition: "pilot_thermocouple"
      }.freeze
      LONGEST = 200 # bytes in a line
      MOST = 16     # connections

      attr_reader :port

      # faults: {name => severity} of the heaters served.
      def initialize(port, heater: HEATER, faults: {})
        @heater = Heater::Installation.from(heater)
        @faults = faults
        @server = TCPServer.new("127.0.0.1", port)
        @port = @server.addr[1]
        @threads = []
      end

      def serve
        loop do
          client = @server.accept
          @threads.select!(&:alive?)
          next client.close if @threads.size >= MOST

          @threads << Thread.new { converse(client) }
        end
      rescue IOError
        nil
      end

      def stop
        @server.close
        @threads.each(&:kill)
      end

      private

      def converse(client)
        rig = Rig.new(@heater, faults: @faults)
        lines = Hash.new do |all, id|
          all[id] = Rig::InstrumentLine.new(Rig::Instrument::Use.new(id, rig))
        end
        current = Rig::Instrument.all.first.id
        while (line = client.gets("\n", LONGEST))
          command, argument = line.strip.split(/\s+/, 2)
          wait(rig, argument) if command.to_s.casecmp?("MEAS?")
          answer = case command.to_s.upcase
                   when "INST:CAT?" then Rig::Instrument.all.map(&:id).join(",")
                   when "INST" then choose(argument, lines[current]) { |id| current = id }
                   else lines[current].answer(line)
                   end
          client.write("#{answer}\n") if answer
        end
      rescue IOError, SystemCallError
        nil
      ensure
        client.close
      end

      def choose(id, line)
        yield Rig::Instrument[id].id
        "OK"
      rescue Error => e
        line.illegal(e)
      end

      # The heater goes on meanwhile; what is no number of seconds the line itself refuses.
      def wait(rig, argument)
        seconds = Float(argument.to_s, exception: false)
        rig.run(seconds.clamp(0.0, 60.0)) if seconds&.finite?
      end
    end
  end
end
