# frozen_string_literal: true

require "net/http"
require "socket"

module Munimen
  module Cli
    class Doctor
      # How the installation is reached, and what it reaches.
      class Reached
        include Words

        PATIENCE = 5 # s

        def initialize(folder, port, environment)
          @folder = folder
          @port = port
          @environment = environment
        end

        def findings = [address, answer, mail].compact

        private

        def address
          url = @environment["MUNIMEN_URL"].to_s
          if url.empty?
            return watch("MUNIMEN_URL is not set: links are made as requests come in.",
                         "Set it to the address under which customers reach it.")
          end

          safe = url.start_with?("https://") && @environment["MUNIMEN_HTTPS"] == "1"
          return well("Links begin with #{url}.") if safe

          wrong("#{url}: without TLS and MUNIMEN_HTTPS=1 passwords and pages travel open.",
                "A proxy with TLS before it (docs/operations.md), MUNIMEN_HTTPS=1, and https in " \
                "MUNIMEN_URL.")
        end

        def answer
          return unless @port

          status = Net::HTTP.start("127.0.0.1", @port, open_timeout: PATIENCE,
                                                       read_timeout: PATIENCE) do |http|
            http.get("/health").code
          end
          return well("It answers on port #{@port}.") if status == "200"

          wrong("Port #{@port} answers #{status}.", "Look at what the server wrote.")
        rescue SystemCallError, Timeout::Error, IOError
          wrong("Nothing answers on port #{@port}.",
                "bin/munimen serve #{@port}; or the service: systemctl status munimen.")
        end

        def mail
          server = mail_server
          return if server == :unknown
          unless server
            return watch("No mail server is set: mails lie in the outbox.", "Outbox – mail server.")
          end

          Socket.tcp(server["host"], server["port"], connect_timeout: PATIENCE, &:close)
          well("The mail server #{server["host"]} takes calls.")
        rescue SystemCallError, SocketError
          wrong("The mail server #{server["host"]}:#{server["port"]} does not answer.",
                "Look at its name and port under Outbox.")
        end

        def mail_server
          file = File.join(@folder, "munimen.sqlite3")
          return :unknown unless File.exist?(file)

          kept = Doctor.asked(file, "SELECT value FROM settings WHERE name = 'smtp'").first
          kept && JSON.parse(kept)
        rescue SQLite3::Exception, JSON::ParserError
          :unknown
        end
      end
    end
  end
end
