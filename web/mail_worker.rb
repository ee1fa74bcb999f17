# frozen_string_literal: true

module Munimen
  module Web
    # Sends mails in a thread of its own, so that no request waits for a mail server.
    module MailWorker
      EVERY = 2 # s between two looks

      module_function

      # config: Web::Config. Returns the Thread.
      def start(config)
        Thread.new do
          Thread.current.report_on_exception = true
          loop do
            Desk::MailRound.new(config.records).call
          rescue StandardError => e
            warn "Mail: #{e.class}: #{e.message}"
          ensure
            sleep EVERY
          end
        end
      end
    end
  end
end
