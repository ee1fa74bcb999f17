# frozen_string_literal: true

module Munimen
  module Web
    # GET /api/visits/{id}/events: server-sent events to everybody who has a visit on the screen,
    # so that two people see each other's entries. One thread serves all of them. An event says that
    # something has changed; the screen reads the visit anew.
    class Live
      EVERY = 0.3  # s between looks at the database
      BEAT = 15    # s between signs of life
      MOST = 200   # listeners at one time
      OF_ONE = 12  # of them one account's

      Listener = Struct.new(:visit, :stream, :mark, :account, :session)

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
        if full?(env["munimen.person"][:id]) || !EventStream.possible?(env)
          return Problem.rack(503, "Too many screens listen; this one looks by itself.",
                              code: "busy")
        end

        if Desk::TrainingRun.token(visit)
          return Problem.rack(503, "A training visit is looked at by itself.", code: "busy")
        end

        listen(visit.downcase.force_encoding(Encoding::UTF_8), env)
        EventStream::TAKEN
      end

      private

      # The mark is taken before the connection answers, so that nothing written from then on is
      # missed.
      def listen(visit, env)
        watch = Store::Watch.new(@path)
        mark = watch.mark(visit)
        stream = EventStream.take_over(env)
        return stream.close unless mark

        @lock.synchronize do
          who = [env["munimen.person"][:id], env["munimen.session"]]
          @listeners << Listener.new(visit, stream, mark, *who)
          @thread ||= Thread.new { serve }
        end
      ensure
        watch&.close
      end

      def full?(account)
        @listeners.size >= MOST || @listeners.count { |one| one.account == account } >= OF_ONE
      end

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
          @listeners.each { |listener| listener.stream.close }.clear
          @thread = nil
        end
      ensure
        watch&.close
      end

      def tell(listener, watch, changed)
        return close(listener) if changed && !watch.session?(listener.account, listener.session)

        mark = changed ? watch.mark(listener.visit) : listener.mark
        open = mark == listener.mark || listener.stream.say("change", version: mark)
        open &&= listener.stream.still_here if listener.stream.silent > BEAT
        listener.mark = mark
        close(listener) unless open
      end

      def close(listener)
        @lock.synchronize { @listeners.delete(listener) }
        listener.stream.close
      end
    end
  end
end
