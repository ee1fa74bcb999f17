# frozen_string_literal: true

module Munimen
  module Web
    # Server-sent events over a connection that was taken over from Puma, so that it holds none of
    # its threads. Whoever does not read is not waited for.
    #
    #   stream = EventStream.take_over(env)
    #   stream.say("change", version: 3) # => whether it is still open
    class EventStream
      HEAD =
        "HTTP/1.1 200 OK\r\ncontent-type: text/event-stream\r\ncache-control: " \
        "no-store\r\nx-content-type-options: nosniff\r\nconnection: close\r\n\r\nretry: 2000\n\n"

      # Whether the server lets a connection be taken over.
      def self.possible?(env) = !env["rack.hijack"].nil?
      def self.take_over(env) = new(env["rack.hijack"].call)

      # What Rack is told of a connection that was taken over.
      TAKEN = [-1, {}, []].freeze

      def initialize(io)
        @io = io
        @spoken = clock
        write(HEAD)
      end

      # s since something was written last.
      def silent = clock - @spoken
      def say(event, data) = write("event: #{event}\ndata: #{JSON.generate(data)}\n\n")
      def still_here = write(": still here\n\n")

      def close
        @io.close
      rescue IOError
        nil
      end

      private

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def write(text)
        @io.write_nonblock(text)
        @spoken = clock
        true
      rescue IOError, SystemCallError
        close
        false
      end
    end
  end
end
