# frozen_string_literal: true

require "mail"

module Munimen
  module Desk
    # Messages to customers: a report's link, a reminder of what is owed. They lie in the outbox
    # as .eml until somebody has them sent, where a server is set: then they wait for the worker
    # (MailRound), and nobody else does. Owner and office see all of them, everybody else their own.
    class Outbox
      CLOSED = "invitation" # what it says opens something: kept closed, and only until it went

      # base: what links begin with.
      def initialize(context, base: nil)
        @context = context
        @base = base
      end

      # {smtp:, server: {host:, port:, user:, from:} or nil, attached:, messages:}
      def list
        {
          smtp: server.set?,
          server: server.shown,
          by_itself: @context.records.settings.by_itself,
          attached: attached?,
          messages: sharing.messages(of: author).map { |row| row.merge(state: state(row)) }
        }
      end

      def eml(id)
        row = message(id)
        return row[:eml] unless row[:kind] == CLOSED

        raise NotFound.new("What it says is for its reader alone.", field: :message)
      end

      # Writes a mail with the link to a signed visit's page.
      def report(visit_id, id:, recipient:, days: 30)
        page = ReportPage.new(@context).for_customer(visit_id)
        link = Share.new(@context).create(visit_id, id:, days:)
        words = Words[page[:units]]
        speaker = Words::Speaker.new(words, page[:language])
        write(
          id:,
          kind: "report",
          recipient:,
          subject: speaker.say("Your {heater}: report of {day}",
                               day: Date.iso8601(page[:date][0, 10])),
          text: [
            page[:customer],
            *Formats::DocumentText.new(Report::Document.new(page).brief).to_a,
            speaker.say("The whole report, to read or to print, until {day}:",
                        day: Date.iso8601(link[:expires_at][0, 10])) +
              "\n#{@base}/shared/#{link[:token]}"
          ],
          file: attached? ? page_file(visit_id, page) : nil
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

      # Writes a mail to a visit's customer about its booking, with an entry for their calendar.
      # what: "booked", "moved" or "cancelled". One that was told before has the same entry there.
      def booking(visit_id, id:, what:, offset: 0, recipient: nil)
        @context.may!(:records)
        tell(visit_id, id:, what:, offset:, recipient:)
        list
      end

      # Tells whoever knows of a visit's booking that it is cancelled; nobody else.
      def cancelled(visit_id, id:)
        told = sharing.booking_told(visit_id) or return
        tell(visit_id, id:, what: "cancelled", **told)
      end

      # Writes a mail to the person about their own account, which goes where a server is set.
      def notice(id:, subject:, text:)
        add(id:, kind: "account", recipient: @context.person[:email], subject:, text:)
        queue(id) if server.set?
      end

      # Has a mail go whose words open something, where a server is set; whether it is on its way.
      def straight?(to:, subject:, text:)
        return false unless server.set?

        id = SecureRandom.uuid
        add(id:, kind: CLOSED, recipient: to, subject:, text:) { |eml| box.seal(eml) }
        queue(id)
        true
      end

      # Has one go. Raises Refused where no server is set.
      def deliver(id)
        @context.may!(:records)
        row = message(id)
        return list if row[:sent_at]

        server.options
        queue(id)
        list
      end

      # Which kinds of mail go by themselves: names of BY_ITSELF. The others wait for a look.
      # attached: whether a customer's page goes as a PDF besides its link; nil: as before.
      def go_by_themselves(kinds, attached: nil)
        @context.may!(:mail_server)
        unknown = kinds - Store::KnownSettings::BY_ITSELF
        if unknown.any?
          raise Error.new(Message.of("kinds must be of: {known}.",
                                     known: Store::KnownSettings::BY_ITSELF.join(", ")),
                          field: :kinds, code: :unknown_choice)
        end

        @context.records.settings[:mail_by_itself] = kinds
        @context.records.settings[:mail_attached] = attached unless attached.nil?
        list
      end

      # Sends one mail to whoever asks, to see whether the server takes it. Raises Refused with what
      # the server said.
      def try
        @context.may!(:mail_server)
        to = @context.person[:email]
        server.take(composed(id: SecureRandom.uuid, to:, subject: "A test of your mail server",
                             text: "If you read this, mails go out.").to_s)
        list.merge(tried: to)
      rescue *MailServer::AWAY, *MailServer::REFUSED => e
        raise Refused.new(Message.of("The mail server did not take it: {answer}",
                                     answer: e.message.to_s.strip[0, 200]),
                          code: :not_sent)
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
          host: host!(host),
          port:,
          user: line!(user, :user),
          from: from && address!(from, :from),
          password: password.to_s.empty? ? kept["password"] : box.seal(password),
          plain: plain || nil
        }.compact
        @context.records.settings[:smtp] = given[:host] ? given : nil
        list
      end

      private

      def sharing = @context.records.sharing
      def server = @server ||= MailServer.new(@context.records)
      def queue(id) = sharing.queue(id, at: @context.stamp)

      def state(row)
        return "sent" if row[:sent_at]

        row[:next_try] ? "on_its_way" : "waiting"
      end

      # A name or an address; nil where it is empty.
      def host!(text)
        host = @context.text!(text, :host, required: false)
        return host if host.nil? || host.match?(/\A[\w.:-]+\z/)

        raise Error.new("host must be a name or an address such as mail.firm.example.",
                        field: :host, code: :bad_host)
      end

      def line!(text, field)
        line = @context.text!(text, field, required: false)
        return line unless line&.match?(/[[:cntrl:]]/)

        raise Error.new(Message.of("{field} must be one line.",
                                   field:), field:, code: :not_one_line)
      end

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

      def attached? = @context.records.settings[:mail_attached] || false

      def page_file(visit_id, page)
        { name: "#{page[:date]}.pdf", type: "application/pdf",
          text: ReportPage.new(@context).pdf(visit_id, language: page[:language]) }
      end

      def write(**mail)
        @context.may!(:records)
        add(**mail)
        list
      end

      def tell(visit_id, id:, what:, offset:, recipient:)
        before = ToldBefore.new(@context, base: @base)
        link = before.link(visit_id) if @base && before.coming?(visit_id)
        notice = BookingNotice.new(@context, visit_id, what, offset:, link:)
        to = recipient || notice.customer_address
        from = server.from || @context.person[:email]
        add(id:, kind: "booking", recipient: to, subject: notice.subject, text: notice.text,
            file: notice.calendar(from:, to:), visit_id:, offset:)
      end

      # A block may close what is kept of its text.
      def add(id:, kind:, recipient:, subject:, text:, file: nil, **about)
        to = address!(recipient, :recipient)
        eml = composed(id:, to:, subject:, text:, file:).to_s
        sharing.add_message(
          id:,
          kind:,
          recipient: to,
          subject:,
          eml: block_given? ? yield(eml) : eml,
          at: @context.stamp,
          account_id: @context.person[:id],
          **about
        )
        queue(id) if server.set? && @context.records.settings.by_itself?(kind)
      end

      def composed(id:, to:, subject:, text:, file: nil)
        firm = @context.records.settings.firm
        from = server.from || @context.person[:email]
        body =
          "#{[*text, firm.values_at("name", "address", "phone").compact.join("\n")].join("\n\n")}\n"
        mail = Mail.new(
          from: "#{Mail::Utilities.quote_phrase(firm["name"].to_s)} <#{from}>",
          to:,
          subject:,
          charset: "UTF-8",
          message_id: "<#{id}@#{from.split("@").last}>",
          date: @context.now
        )
        file ? with_file(mail, body, file) : mail.tap { |one| one.body = body }
      end

      # file: {name:, type:, text:}
      def with_file(mail, body, file)
        mail.text_part = Mail::Part.new(content_type: "text/plain; charset=UTF-8", body:)
        mail.add_file(filename: file[:name], content: file[:text])
        mail.attachments.last.content_type = file[:type]
        mail
      end

      # One plain address: no list, no line break, nothing that would add a header.
      def address!(text, field)
        text = @context.text!(text, field, max: 254)
        return text if text.match?(/\A[^\s<>,;:"@]+@[^\s<>,;:"@]+\z/)

        raise Error.new(
          Message.of("{field} must be one e-mail address such as name@example.com.", field:),
          field:,
          code: :bad_address
        )
      end
    end
  end
end
