# frozen_string_literal: true

module Munimen
  module Web
    # A client that does not read what it has asked for holds none of Puma's threads: an answer that
    # may not fit into the socket's buffer is written by one thread for all of them, as fast as each
    # client reads; and who asks on while earlier answers are still unread is let go.
    class LargeAnswers
      LARGE = 100_000 # bytes; below that an answer fits into the buffer
      BUFFER = 212_992 # bytes asked of the kernel for what is sent
      UNREAD = 65_536 # bytes of earlier answers that may be unread when the next request comes
      CHUNK = 65_536
      STUCK = 15 # s without a byte taken after which a client is let go
      SIOCOUTQ = 0x5411 # Linux: bytes in the send queue that are not acknowledged

      Sending = Struct.new(:io, :chunks, :rest, :body, :moved)

      # A listening socket whose connections have that buffer.
      def self.prepare(listeners)
        listeners.each { |one| one.setsockopt(:SOCKET, :SNDBUF, BUFFER) }
      end

      def initialize(app)
        @app = app
        @sending = []
        @lock = Mutex.new
        @waker = IO.pipe
      end

      def call(env)
        return let_go(env) if unread?(env)

        status, headers, body = @app.call(env)
        return [status, headers, body] unless env["rack.hijack"] && large?(env, headers)

        take_over(env["rack.hijack"].call, head(status, headers), body)
        [-1, {}, []]
      end

      private

      def large?(env, headers)
        env["REQUEST_METHOD"] != "HEAD" && headers["content-length"].to_i > LARGE
      end

      def unread?(env)
        socket = env["puma.socket"] or return false
        queue = [0].pack("i")
        socket.ioctl(SIOCOUTQ, queue)
        queue.unpack1("i") > UNREAD
      rescue SystemCallError, IOError, NoMethodError
        false
      end

      def let_go(env)
        env["rack.hijack"].call.close
        [-1, {}, []]
      end

      def head(status, headers)
        lines = headers.flat_map do |name, value|
          Array(value).flat_map { |one| one.to_s.split("\n") }.map { |one| "#{name}: #{one}" }
        end
        reason = Rack::Utils::HTTP_STATUS_CODES[status]
        ["HTTP/1.1 #{status} #{reason}", *lines, "connection: close", "", ""].join("\r\n").b
      end

      def take_over(io, head, body)
        sending = Sending.new(io, chunks(body), head, body, clock)
        @lock.synchronize do
          @sending << sending
          @thread ||= Thread.new { serve }
        end
        @waker.last.write_nonblock(".", exception: false)
      end

      # The body bit by bit, none of it before it is wanted.
      def chunks(body)
        return body.each_entry unless body.respond_to?(:to_path)

        Enumerator.new do |out|
          File.open(body.to_path, "rb") do |file|
            while (chunk = file.read(CHUNK))
              out << chunk
            end
          end
        end
      end

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      # Those that are being sent; nil when there are none any more, and the thread may go.
      def all
        @lock.synchronize { @sending.empty? ? @thread = nil : @sending.dup }
      end

      def serve
        while (all = self.all)
          ready = IO.select([@waker.first], all.map(&:io), nil, 1)
          @waker.first.read_nonblock(100, exception: false) if ready&.first&.any?
          writable = ready ? ready[1] : []
          all.each { |one| writable.include?(one.io) ? move(one) : drop_if_stuck(one) }
        end
      end

      def move(sending)
        rest = sending.rest
        rest = sending.chunks.next.b if rest.empty?
        written = sending.io.write_nonblock(rest, exception: false)
        return sending.rest = rest if written == :wait_writable

        sending.moved = clock
        sending.rest = rest.byteslice(written..)
      rescue StopIteration, IOError, SystemCallError
        finish(sending)
      end

      def drop_if_stuck(sending)
        finish(sending) if clock - sending.moved > STUCK
      end

      def finish(sending)
        @lock.synchronize { @sending.delete(sending) }
        sending.io.close
        sending.body.close if sending.body.respond_to?(:close)
      rescue IOError, SystemCallError
        nil
      end
    end
  end
end
