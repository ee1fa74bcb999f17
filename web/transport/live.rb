# frozen_string_literal: true

module Munimen
  module Web
    # GET /api/visits/{id}/events: server-sent events to everybody who has a visit on the screen,
    # so that two people see each other's entries. The connection is taken over from Puma, so that
    # it holds none of its threads; one thread serves all of them. An event says that something
    # has changed; the screen reads the visit anew.
    class Live
      EVERY = 0.3  # s between looks at the database
      BEAT = 15    # s between signs of life
      MOST = 200   # listeners at one time
      OF_ONE = 12  # of them one account's
      HEAD =
        "HTTP/1.1 200 OK\r\ncontent-type: text/event-stream\r\ncache-control: " \
        "no-store\r\nx-content-type-options: nosniff\r\nconnection: close\r\n\r\nretry: 2000\n\n"

      Listener = Struct.new(:visit, :io, :mark, :spoken, :account, :session)

      # path: of the database.
      def initialize(app, path)
        @app = app
        @path = path
        @listeners = []
        @lock = Mutex.new
      end

      def call(env)
        operation = Operations.of(env)
        return @app.call(env) unless operation&.id == :events

        visit = operation.pattern.match(env["PATH_INFO"])[:id]
        return @app.call(env) unless visit.match?(Helpers::UUID) || Desk::TrainingRun.token(visit)
        unless env["munimen.person"]
          return Problem.rack(401, "Sign in first.", code: "not_signed_in")
        end
        if env["munimen.factor_due"]
          return Problem.rack(403, "Set up a second factor first.", code: "second_factor_wanted")
        end
        if full?(env["munimen.person"][:id]) || !env["rack.hijack"]
          return Problem.rack(503, "Too many screens listen; this one looks by itself.",
                              code: "busy")
        end

        if Desk::TrainingRun.token(visit)
          return Problem.rack(503, "A training visit is looked at by itself.", code: "busy")
        end

        listen(visit.downcase.force_encoding(Encoding::UTF_8), env)
        [-1, {}, []]
      end

      private

      # The mark is taken before the connection answers, so that nothing written from then on is
      # missed.
      def listen(visit, env)
        watch = Store::Watch.new(@path)
        mark = watch.mark(visit)
        io = env["rack.hijack"].call
        io.write(HEAD)
        return io.close unless mark

        @lock.synchronize do
          who = [env["munimen.person"][:id], env["munimen.session"]]
          @listeners << Listener.new(visit, io, mark, clock, *who)
          @thread ||= Thread.new { serve }
        end
      ensure
        watch&.close
      end

      def full?(account)
        @listeners.size >= MOST || @listeners.count { |one| one.account == account } >= OF_ONE
      end

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      # All who listen; nil when nobody does any more, and the thread may go.
      def all
        @lock.synchronize { @listeners.empty? ? @thread = nil : @listeners.dup }
      end

      # Until nobody listens any more.
      def serve
        watch = Store::Watch.new(@path)
        version = nil
        while (all = self.all)
          changed = version != (version = watch.version)
          all.each { |listener| tell(listener, watch, changed) }
          sleep EVERY
        end
      rescue SQLite3::Exception => e
        warn "Live: #{e.message}"
        @lock.synchronize do
          @listeners.each { |listener| listener.io.close }.clear
          @thread = nil
        end
      ensure
        watch&.close
      end

      def tell(listener, watch, changed)
        return close(listener) if changed && !watch.session?(listener.account, listener.session)

        mark = changed ? watch.mark(listener.visit) : listener.mark
        say(listener, "event: change\ndata: {\"version\":#{mark}}\n\n") if mark != listener.mark
        say(listener, ": still here\n\n") if clock - listener.spoken > BEAT
        listener.mark = mark
      end

      def say(listener, text)
        listener.io.write_nonblock(text)
        listener.spoken = clock
      rescue IOError, SystemCallError
        close(listener)
      end

      def close(listener)
        @lock.synchronize { @listeners.delete(listener) }
        listener.io.close
      rescue IOError
        nil
      end
    end
  end
end
