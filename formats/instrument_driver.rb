# frozen_string_literal: true

require "socket"

module Munimen
  module Formats
    # Speaks the line protocol (docs/formats/instruments.md) to an instrument, simulated or
    # real.
    #
    #   InstrumentDriver.open("127.0.0.1", 4020, device: "manometer", point: "inlet", &:measure)
    class InstrumentDriver
      PATIENCE = 2 # s for an answer
      LONGEST = 200 # bytes of one
      NONE = "9.91E37"

      # value: SI number or nil; flags: ["OVERLOAD"], [] when all is well.
      Sample = Struct.new(:value, :flags)

      # Raises Error when nothing answers, or when it says no.
      def self.open(host, port, device:, point:)
        driver = new(Socket.tcp(host, port, connect_timeout: PATIENCE))
        driver.order("INST #{device}")
        driver.order("ROUT:CLOS #{point}")
        yield driver
      rescue SystemCallError, SocketError => e
        raise Error.new(
          Message.of("The instrument does not answer ({error}). Is it on, and near?",
                     error: e.class.name.split("::").last),
          field: :instrument,
          code: :no_answer
        )
      ensure
        driver&.close
      end

      def initialize(socket) = @socket = socket

      def order(line)
        answer = ask(line)
        return if answer == "OK"

        raise Error.new(
          Message.of("The instrument refuses “{line}”: {answer}", line:, answer:),
          field: :instrument,
          code: :refused
        )
      end

      # What it shows, half a second on.
      def measure
        value, state = ask("MEAS? 0.5").split(",", 2)
        Sample.new(
          value == NONE ? nil : Float(value, exception: false),
          state.to_s.split("+") - ["OK"]
        )
      end

      # One digit of what it shows, SI.
      def digit = Float(ask("CONF?").split(",").last, exception: false) || 0.0

      def close = @socket.close

      private

      # An answer is one line of plain ASCII, given within the patience for the whole of it.
      def ask(line)
        @socket.write("#{line}\n")
        answer = read_line(clock + PATIENCE)
        return answer if answer.match?(/\A[\x20-\x7e]*\z/)

        fail_with("The instrument answers in no language that is known here.", :no_answer)
      end

      def read_line(deadline)
        text = +"".b
        until text.end_with?("\n")
          left = deadline - clock
          unless left.positive? && @socket.wait_readable(left)
            fail_with("The instrument has stopped answering.", :no_answer)
          end
          fail_with("The instrument's answer is too long.", :no_answer) if text.bytesize >= LONGEST
          text << @socket.read_nonblock(LONGEST - text.bytesize)
        end
        text.lines.first.chomp
      rescue EOFError
        fail_with("The instrument has hung up.", :no_answer)
      end

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def fail_with(text, code) = raise(Error.new(text, field: :instrument, code:))
    end
  end
end
