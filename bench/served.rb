# frozen_string_literal: true

require "json"
require "net/http"
require "socket"

module Munimen
  module Bench
    # A server in a process of its own, and one connection to it that is kept open; for the bench.
    class Served
      attr_reader :pid, :port

      # The server as people start it: bin/munimen serve.
      def self.serve(folder)
        new(nil, folder) { |port| [File.join(ROOT, "bin/munimen"), "serve", port.to_s] }
      end

      # A bare Puma route of 1 kB, to be set beside ours in the same run.
      def self.bare(folder)
        file = File.join(folder, "bare.ru")
        File.write(
          file,
          "body = 'x' * 1024\nrun ->(_env) { [200, { 'content-type' => 'text/plain' }, [body]] }\n"
        )
        new(file, folder)
      end

      # A block gives the command for a port; else it is Puma with a rackup file. more: of its
      # environment.
      def initialize(rackup, folder, more = {})
        @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
        puma = ["bundle", "exec", "puma", "-b", "tcp://127.0.0.1:#{@port}", "-t", "1:5", rackup]
        @pid = spawn(
          { "MUNIMEN_DATA" => folder, "RACK_ENV" => "production", **more },
          *(block_given? ? yield(@port) : puma),
          out: File::NULL,
          err: File::NULL
        )
        wait
        @http = Net::HTTP.start("127.0.0.1", @port)
        @cookie = nil
        @token = nil
      end

      def get(path) = call(Net::HTTP::Get.new(path))

      def post(path, body) = call(writing(path, body))

      # A post that may be refused: its response, whatever that is.
      def attempt(path, body)
        request = writing(path, body)
        request["Cookie"] = @cookie if @cookie
        @http.request(request)
      end

      def sign_in(email, password)
        @token = JSON.parse(get("/api/session").body)["csrf"]
        post("/auth/login", { login: email, password: })
        @token = JSON.parse(get("/api/session").body)["csrf"]
      end

      # A connection of its own, signed in like this one: yields a callable that gets a path, or
      # posts a body to it.
      def clone_connection
        Net::HTTP.start("127.0.0.1", port) do |http|
          yield(lambda do |path, body = nil, type = "application/json"|
            request = body ? writing(path, body, type) : Net::HTTP::Get.new(path)
            request["Cookie"] = @cookie if @cookie
            response = http.request(request)
            unless response.code.start_with?("2")
              raise "#{path}: #{response.code} #{response.body[0,
200]}"
            end

            response
          end)
        end
      end

      # A connection of its own for what is too large to hold: yields it, and what makes a request
      # of a path and a class that is signed in like this one.
      def streamed
        Net::HTTP.start("127.0.0.1", port, read_timeout: 900, write_timeout: 900) do |http|
          yield http, (lambda do |path, verb|
            verb.new(path, "Cookie" => @cookie, "Accept" => "application/json",
                           "X-CSRF-Token" => @token.to_s)
          end)
        end
      end

      # A raw connection on which server-sent events arrive, opened and greeted.
      def events(path)
        socket = TCPSocket.new("127.0.0.1", port)
        socket.write("GET #{path} HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: #{@cookie}\r\n\r\n")
        nil until socket.gets.include?("retry")
        socket
      end

      def memory_mb = File.read("/proc/#{pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024.0

      def stop
        Process.kill(:TERM, pid)
        Process.wait(pid)
      end

      private

      def writing(path, body, type = "application/json")
        request = Net::HTTP::Post.new(
          path,
          "Content-Type" => type,
          "Accept" => "application/json",
          "X-CSRF-Token" => @token.to_s
        )
        request.body = body.is_a?(String) ? body : JSON.generate(body)
        request
      end

      def call(request)
        request["Cookie"] = @cookie if @cookie
        response = @http.request(request)
        @cookie = response["set-cookie"].split(";").first if response["set-cookie"]
        unless response.code.start_with?("2")
          raise "#{request.path}: #{response.code} #{response.body[0, 200]}"
        end

        response
      end

      def wait
        100.times do
          return TCPSocket.new("127.0.0.1", port).close
        rescue Errno::ECONNREFUSED
          sleep 0.1
        end
        raise "the server did not start"
      end
    end
  end
end
