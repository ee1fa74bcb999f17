# frozen_string_literal: true

require "puma"
require "puma/configuration"
require "puma/launcher"

module Munimen
  module Cli
    # Starts Puma on 127.0.0.1 with the data folder of MUNIMEN_DATA.
    module Serve
      module_function

      # Runs until stopped. Exits with one clear line when the port is taken.
      def start(port, threads: 5)
        config = Web::Config.from_environment.tap(&:take!)
        Store::Database.whole!(config.records.database, config.database_path)
        nightly
        launcher = Puma::Launcher.new(
          configuration(port, threads),
          log_writer: Puma::LogWriter.new(File.open(File::NULL, "w"), $stderr)
        )
        launcher.events.on_booted do
          first_page(config, port) unless config.records.people.any?
          puts "Listens on http://127.0.0.1:#{port}, with the data in #{config.folder}."
          $stdout.flush
          Web::Sockets.cap(launcher.binder.ios)
          Web::LargeAnswers.prepare(launcher.binder.ios)
        end
        launcher.run
      rescue Munimen::Error => e
        abort "✗ #{e.message}"
      rescue Errno::EADDRINUSE
        abort "✗ Port #{port} is taken. Stop what runs there, or choose another."
      end

      # Where the owner's account is made, as long as there is none.
      def first_page(config, port)
        address = ENV.fetch("MUNIMEN_URL", "http://127.0.0.1:#{port}").chomp("/")
        puts "Nobody has an account yet. Begin at #{address}/begin/#{config.begin_code}"
        $stdout.flush
      end

      def configuration(port, threads)
        Puma::Configuration.new do |config|
          config.bind "tcp://127.0.0.1:#{port}"
          config.threads 1, threads
          config.rackup File.join(ROOT, "web/server.ru")
          config.environment ENV.fetch("RACK_ENV", "production")
          config.log_requests false
          # Who sends nothing, or slowly, holds no thread; who never ends a request is let go.
          config.first_data_timeout 10
          config.persistent_timeout 20
          config.max_fast_inline 5
          config.quiet
        end
      end

      # A backup in the first hour of the night that finds none of its day: where it is asked for,
      # or has a place to go to.
      def nightly
        config = Web::Config.from_environment
        Thread.new do
          loop do
            wanted = ENV["MUNIMEN_NIGHTLY"] == "1" || config.records.settings[:backup_place]
            if wanted && Time.now.hour.between?(1, 4)
              Desk::Backup.new(config.records, config.folder).nightly(Time.now)
            end
            sleep 1800
          rescue StandardError => e
            warn "Nightly backup: #{e.class}: #{e.message}"
            sleep 1800
          end
        end
      end
    end
  end
end
