# frozen_string_literal: true

module Munimen
  module Web
    # Answers of the pages that everybody looks at all day, kept until anything at all is written (by whatever connection), or a few
    # seconds have gone: then they are worked out anew. Each person's are their own.
    class KeptAnswers
      PATHS = %r{\A/api/(?:today|owed|customers|heaters/[0-9a-fA-F-]{36}|visits/[0-9a-fA-F-]{36}/report)\z}
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
        person = env["munimen.person"]
        return @app.call(env) unless person && env["REQUEST_METHOD"] == "GET" && PATHS.match?(env["PATH_INFO"]) && !training?(env["PATH_INFO"])

        key = [person[:id], person[:role], env["PATH_INFO"], env["QUERY_STRING"]]
        version = @lock.synchronize { (@watch ||= Store::Watch.new(@path)).version }
        known = @kept[key]
        return copy(known.answer) if known && known.version == version && Process.clock_gettime(Process::CLOCK_MONOTONIC) < known.before

        answer(key, version, @app.call(env))
      end

      private

      # A training run is in a database of its own.
      def training?(path) = Desk::TrainingRun.token(path[%r{\A/api/(?:heaters|visits)/([^/]+)}, 1])

      def answer(key, version, (status, headers, body))
        text = body.respond_to?(:to_ary) ? body.to_ary.join : nil
        return [status, headers, body] unless status == 200 && text && text.bytesize <= LARGEST

        answer = [status, headers.dup, [text]]
        @lock.synchronize do
          @kept.shift if @kept.size >= MOST
          @kept[key] = Kept.new(version, Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS, answer)
        end
        copy(answer)
      end

      def copy((status, headers, body)) = [status, headers.dup, body]
    end
  end
end
