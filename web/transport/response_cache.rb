# frozen_string_literal: true

module Munimen
  module Web
    # Answers of the pages that everybody looks at all day (routes that declare `kept`), kept
    # until anything at all is written (by whatever connection), or a few seconds have gone: then
    # they are worked out anew. Each person's are their own.
    class ResponseCache
      SECONDS = 10
      MOST = 300
      LARGEST = 200_000 # bytes

      Kept = Struct.new(:version, :before, :answer)

      def initialize(app, database_path)
        @app = app
        @path = database_path
        @kept = {}
        @lock = Mutex.new
      end

      def call(env)
        return @app.call(env) unless keeps?(env)

        key = [env["munimen.person"].values_at(:id, :role, :language), env["PATH_INFO"],
               env["QUERY_STRING"]]
        version = @lock.synchronize { (@watch ||= Store::Watch.new(@path)).version }
        known = @kept[key]
        return copy(known.answer) if known && known.version == version && clock < known.before

        answer(key, version, @app.call(env))
      end

      private

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def keeps?(env)
        return false unless env["munimen.person"] && Operations.of(env)&.kept
        return false if env["munimen.factor_due"] # the route says so

        found = Operations.of(env).pattern.match(env["PATH_INFO"])
        # A training run is in a database of its own.
        found.names.none? { |name| Desk::TrainingRun.token(found[name]) }
      end

      def answer(key, version, (status, headers, body))
        text = body.respond_to?(:to_ary) ? body.to_ary.join : nil
        return [status, headers, body] unless status == 200 && text && text.bytesize <= LARGEST

        answer = [status, headers.dup, [text]]
        @lock.synchronize do
          @kept.shift if @kept.size >= MOST
          @kept[key] = Kept.new(version, clock + SECONDS, answer)
        end
        copy(answer)
      end

      def copy((status, headers, body)) = [status, headers.dup, body]
    end
  end
end
