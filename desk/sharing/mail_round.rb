# frozen_string_literal: true

module Munimen
  module Desk
    # Sends the mails that wait to go, one after the other over one connection at a time. One that
    # is not taken is tried again later, less and less often, and then left for a person, with what
    # the server said; a server that is away is not asked for the next one.
    #
    #   MailRound.new(records).call # => how many went
    class MailRound
      AGAIN = [60, 300, 1800, 7200, 21_600, 43_200].freeze # s until it is tried once more
      MOST = 30 # mails in a round

      # clock: callable that gives the Time.
      def initialize(records, clock: -> { Time.now.utc })
        @records = records
        @clock = clock
        @server = MailServer.new(records)
      end

      def call
        return 0 unless @server.set?

        MOST.times do |sent|
          message = @records.sharing.next_message(at: stamp(now)) or return sent
          return sent unless sent?(message)
        end
        MOST
      end

      private

      def now = @clock.call
      def stamp(time) = time.utc.iso8601(3)

      # Whether the server is there for the next one.
      def sent?(message)
        @server.take(text(message))
        @records.sharing.sent(message[:id], at: stamp(now))
        true
      rescue *MailServer::REFUSED, Munimen::Error => e
        again(message, e)
        true
      rescue *MailServer::AWAY => e
        again(message, e)
        false
      end

      def again(message, error)
        wait = AGAIN[message[:tries]]
        @records.sharing.not_sent(
          message[:id],
          error: "#{error.class.name.split("::").last}: #{error.message.to_s[0, 120]}",
          next_try: wait && stamp(now + wait)
        )
      end

      # An invitation lies here closed, and is gone once it went.
      def text(message)
        return message[:eml] unless message[:kind] == Outbox::CLOSED

        @records.secret_box.open(message[:eml]) or
          raise Refused.new("It cannot be opened any more; make a new link.", code: :closed)
      end
    end
  end
end
