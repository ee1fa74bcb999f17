# frozen_string_literal: true

require "mail"

module Munimen
  module Desk
    # Messages to customers: a report's link, a reminder of what is owed. They lie in the outbox
    # as .eml until somebody sends them, or go by SMTP where a server is set. Owner and office see
    # all of them, everybody else their own.
    class Outbox
      ON_ITS_WAY = 120 # s after which a mail whose sending was broken off may be sent again

      def initialize(context, base:)
        @context = context
        @base = base
      end

      # {smtp:, server: {host:, port:, user:, from:} or nil, messages:}
      def list
        {
          smtp: !@context.records.settings[:smtp].nil?,
          server: @context.records.settings[:smtp]&.except("password"),
          messages: sharing.messages(of: author).map { |row| row.merge(state: state(row)) }
        }
      end

      def eml(id) = message(id)[:eml]

      # Writes a mail with the link to a signed visit's page.
      def report(visit_id, id:, recipient:, days: 30)
        page = ReportPage.new(@context).for_customer(visit_id)
        link = Share.new(@context).create(visit_id, id:, days:)
        language = Words::Language.find(page[:language])
        words = Words[page[:units]]
        say = ->(text) { words.say(text).then { |said| language&.say(said, words.id) || said } }
        write(
          id:,
          kind: "report",
          recipient:,
          subject: say["Your {heater}: report of #{words.date(page[:date])}"],
          text: [
            page[:customer],
            page[:page][:sentence],
            say["The whole report, to read or to print, until #{words.date(link[:expires_at])}:"] +
              "\n#{@base}/shared/#{link[:token]}"
          ]
        )
      end

      # Writes a mail that reminds of something owed.
      def reminder(due_id, id:, recipient:)
        row =
          @context.records.dues.find(due_id) ||
          raise(NotFound.new("Nothing of this name is owed.", field: :due))
        place = @context.records.heaters.with_place(row[:heater_id])
        words = Words[place[:book].units]
        day = words.date(row[:on])
        write(
          id:,
          kind: "reminder",
          recipient:,
          subject: words.say("Your {heater}: due #{day}"),
          text: [
            place[:customer],
            "At #{place[:address]} (#{place[:label]}) this is due on #{day}:",
            row[:text],
            "Please answer this mail or call us, and we will find a time."
          ]
        )
      end

      # Writes a mail to the person about their own account, and sends it where a server is set.
      def notice(id:, subject:, text:)
        add(id:, kind: "account", recipient: @context.person[:email], subject:, text:)
        return unless @context.records.settings[:smtp] && sharing.taken_to_send?(
          id, at: @context.stamp, before: taken_before
        )

        hand_over(id, message(id), smtp)
      end

      # Sends a mail at once where a server is set, and keeps nothing of it: what it says opens
      # something. Whether it went.
      def straight(to:, subject:, text:)
        return false unless @context.records.settings[:smtp]

        mail = composed(id: SecureRandom.uuid, to: address!(to, :email), subject:, text:)
        sent(mail, smtp)
        true
      rescue Refused
        false
      end

      # Sends one by SMTP, once: who sends it at the same time is told so. Raises Refused where no
      # server is set or it does not take the mail; the message stays.
      def deliver(id)
        @context.may!(:records)
        row = message(id)
        return list if row[:sent_at]

        server = smtp
        unless sharing.taken_to_send?(id, at: @context.stamp, before: taken_before)
          raise Refused.new("This mail is on its way.", code: :being_sent)
        end

        hand_over(id, row, server)
        list
      end

      # The server: {host:, port:, user:, password:, from:}; the password is never told again, and
      # only given to a server that encrypts unless `plain` says otherwise. An empty host unsets it.
      def set(host:, port: 587, user: nil, password: nil, from: nil, plain: false)
        @context.may!(:mail_server)
        unless port.between?(1, 65_535)
          raise Error.new(
            "port must be a number from 1 to 65535.",
            field: :port,
            code: :out_of_range
          )
        end

        kept = @context.records.settings[:smtp] || {}
        given = {
          host: @context.text!(host, :host, required: false),
          port:,
          user: @context.text!(user, :user, required: false),
          from: from && address!(from, :from),
          password: password.to_s.empty? ? kept["password"] : box.seal(password),
          plain: plain || nil
        }.compact
        @context.records.settings[:smtp] = given[:host] ? given : nil
        list
      end

      private

      def sharing = @context.records.sharing
      def state(row) = row[:sent_at] ? "sent" : "waiting"

      def box = @context.records.secret_box

      # Whose messages the person sees: nil, everybody's.
      def author
        @context.person[:id] unless Abilities.of(@context.person[:role]).include?(:mails)
      end

      # Raises NotFound where it is not theirs to see.
      def message(id)
        row = sharing.message(id)
        return row if author.nil? || row[:account_id] == author

        raise NotFound.new("There is no such message.", field: :message)
      end

      def taken_before = @context.stamp(@context.now - ON_ITS_WAY)

      def hand_over(id, row, server)
        sent(Mail.new(row[:eml]), server) { |error| sharing.sent(id, at: nil, error:) }
        sharing.sent(id, at: @context.stamp)
      end

      # Yields the name of what went wrong. Raises Refused.
      def sent(mail, server)
        mail.delivery_method(:smtp, **server)
        mail.deliver!
      rescue IOError, SystemCallError, SocketError, Net::ProtocolError, OpenSSL::SSL::SSLError,
             Timeout::Error, ArgumentError, Net::SMTPError => e
        yield e.class.name if block_given?
        raise Refused.new(
          "The mail server did not take it (#{e.class.name.split("::").last}). It stays in " \
          "the outbox.",
          code: :not_sent
        )
      end

      # What the mail library wants to know. Raises Refused where no server is set.
      def smtp
        kept = @context.records.settings[:smtp] or
          raise Refused.new(
            "No mail server is set: take the .eml into your mail program, or set one.",
            code: :no_smtp
          )
        tls = kept["port"] == 465
        {
          address: kept["host"],
          port: kept["port"],
          user_name: kept["user"],
          password: password(kept),
          ssl: tls,
          enable_starttls: starttls(kept, tls),
          open_timeout: 10,
          read_timeout: 20
        }.compact
      end

      # Raises Refused where the installation's secret does not open it, as after a move without it.
      def password(kept)
        return unless kept["password"]

        box.open(kept["password"]) or
          raise Refused.new("The mail server's password has to be set again.", code: :no_smtp)
      end

      # A password goes by an encrypted line only, unless the owner has said so.
      def starttls(kept, tls)
        return false if tls

        kept["user"] && !kept["plain"] ? :always : :auto
      end

      def write(**mail)
        @context.may!(:records)
        add(**mail)
        list
      end

      def add(id:, kind:, recipient:, subject:, text:)
        to = address!(recipient, :recipient)
        sharing.add_message(
          id:,
          kind:,
          recipient: to,
          subject:,
          eml: composed(id:, to:, subject:, text:).to_s,
          at: @context.stamp,
          account_id: @context.person[:id]
        )
      end

      def composed(id:, to:, subject:, text:)
        firm = @context.records.settings.firm
        from = (@context.records.settings[:smtp] || {})["from"] || @context.person[:email]
        body =
          "#{[*text, firm.values_at("name", "address", "phone").compact.join("\n")].join("\n\n")}\n"
        Mail.new(
          from: "#{Mail::Utilities.quote_phrase(firm["name"].to_s)} <#{from}>",
          to:,
          subject:,
          body:,
          charset: "UTF-8",
          message_id: "<#{id}@#{from.split("@").last}>",
          date: @context.now
        )
      end

      # One plain address: no list, no line break, nothing that would add a header.
      def address!(text, field)
        text = @context.text!(text, field, max: 254)
        return text if text.match?(/\A[^\s<>,;:"@]+@[^\s<>,;:"@]+\z/)

        raise Error.new(
          "#{field} must be one e-mail address such as name@example.com.",
          field:,
          code: :bad_address
        )
      end
    end
  end
end
