# frozen_string_literal: true

require "mail"

module Munimen
  module Desk
    # The firm's mail server: how it is spoken to, and the handing over of one mail.
    class MailServer
      OPEN = 10 # s to connect
      READ = 20 # s for an answer
      # What comes of a server that is not there or does not answer, and of one that says no.
      AWAY = [IOError, SystemCallError, SocketError, OpenSSL::SSL::SSLError, Timeout::Error].freeze
      REFUSED = [Net::ProtocolError, Net::SMTPError, ArgumentError].freeze

      def initialize(records) = @records = records

      def set? = !kept.nil?
      # {host, port, user, from} as they are shown; nil where none is set.
      def shown = kept&.except("password")
      def from = (kept || {})["from"]

      # Hands over one mail, as text. Raises one of AWAY or REFUSED; Refused where no server is set.
      def take(text)
        mail = Mail.new(text)
        mail.delivery_method(:smtp, **options)
        mail.deliver!
      end

      # What the mail library wants to know. Raises Refused where no server is set.
      def options
        server = kept or
          raise Refused.new(
            "No mail server is set: take the .eml into your mail program, or set one.",
            code: :no_smtp
          )
        tls = server["port"] == 465
        {
          address: server["host"],
          port: server["port"],
          user_name: server["user"],
          password: password(server),
          ssl: tls,
          enable_starttls: starttls(server, tls),
          open_timeout: OPEN,
          read_timeout: READ
        }.compact
      end

      private

      def kept = @records.settings[:smtp]

      # Raises Refused where the installation's secret does not open it, as after a move without it.
      def password(server)
        return unless server["password"]

        @records.secret_box.open(server["password"]) or
          raise Refused.new("The mail server's password has to be set again.", code: :no_smtp)
      end

      # A password goes by an encrypted line only, unless the owner has said so.
      def starttls(server, tls)
        return false if tls

        server["user"] && !server["plain"] ? :always : :auto
      end
    end
  end
end
