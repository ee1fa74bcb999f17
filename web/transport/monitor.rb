# frozen_string_literal: true

module Munimen
  module Web
    # For who watches over it: /health says whether it can work, to anybody; /metrics gives numbers
    # in the text format of Prometheus, to the machine itself only (a proxy says for whom it asks).
    # Stands before sessions and limits: it sets no cookie, and is not counted as a guest.
    class Monitor
      TEXT = "text/plain; version=0.0.4; charset=utf-8"
      LOCAL = %w[127.0.0.1 ::1].freeze
      # What only somebody writes who passes a request on.
      PASSED_ON = %w[HTTP_X_FORWARDED_FOR HTTP_FORWARDED HTTP_VIA HTTP_X_REAL_IP].freeze

      def initialize(app, config)
        @app = app
        @config = config
        @lock = Mutex.new
        @answers = Hash.new(0)
        @seconds = 0.0
      end

      def call(env)
        case env["PATH_INFO"]
        when "/health" then health
        when "/metrics" then here?(env) ? metrics : [404, { "content-type" => TEXT }, ["\n"]]
        else counted(env)
        end
      end

      private

      def here?(env)
        LOCAL.include?(env["REMOTE_ADDR"]) && !Limits.proxy?(env) && !env.keys.intersect?(PASSED_ON)
      end

      def gauges = Store::Gauges.new(@config.records.database, @config.folder)

      def health
        gauges.answers!
        told(200, "ok")
      rescue StandardError => e
        warn "health: #{e.class}: #{e.message}"
        told(503, "failing")
      end

      def told(status, text)
        headers = { "content-type" => "application/json", "cache-control" => "no-store" }
        [status, headers, [JSON.generate({ status: text })]]
      end

      def counted(env)
        start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        answer = @app.call(env)
        took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
        @lock.synchronize do
          @answers["#{answer.first / 100}xx"] += 1
          @seconds += took
        end
        answer
      end

      def metrics
        answers, seconds = @lock.synchronize { [@answers.dup, @seconds] }
        lines = [
          *family("requests_total", "counter", "class", answers),
          *family("request_seconds_total", "counter", nil, seconds.round(3)),
          *family("resident_memory_bytes", "gauge", nil, memory),
          *gauges.read.flat_map { |name, value| family(name, "gauge", "status", value) }
        ]
        [200, { "content-type" => TEXT }, ["#{lines.join("\n")}\n"]]
      end

      # Lines of one name; nothing where there is no value.
      def family(name, type, label, value)
        return [] if value.nil?

        rows = { "" => value }
        rows = value.transform_keys { |key| %({#{label}="#{key}"}) } if value.is_a?(Hash)
        ["# TYPE munimen_#{name} #{type}", *rows.map { |key, one| "munimen_#{name}#{key} #{one}" }]
      end

      def memory
        File.read("/proc/self/statm").split[1].to_i * 4096
      rescue SystemCallError
        nil
      end
    end
  end
end
