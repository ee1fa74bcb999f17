# frozen_string_literal: true

module Munimen
  module Store
    # Who came in, who was turned away, what was taken out and what was changed about people and
    # rules: when, and from where. Nothing of customers. The oldest go first; of one person's lines
    # of one kind only the latest stay, so that nobody can fill it until the rest is gone.
    class SecurityLog
      MOST = 20_000
      OF_ONE = 300
      EVERY = 50 # lines between two looks at how many there are

      def initialize(database)
        @rows = database[:security_log]
        @accounts = database[:accounts]
      end

      # event: a word of Web::SecurityLog. about: a path or a name, never a value that was sent.
      def add(event, at:, account_id: nil, source: nil, about: nil)
        id = @rows.insert(event: event.to_s, at:, account_id:, source:, about: about&.slice(0, 120))
        return unless (id % EVERY).zero?

        @rows.where { Sequel[:id] <= id - MOST }.delete
        same = @rows.where(event: event.to_s, account_id:)
        same = same.where(source:) unless account_id
        last = same.reverse(:id).offset(OF_ONE).get(:id)
        same.where { Sequel[:id] <= last }.delete if last
      end

      # The newest first: [{at:, event:, name:, source:, about:}].
      def list(limit: 200)
        @rows
          .left_join(:accounts, id: :account_id)
          .reverse(Sequel[:security_log][:id])
          .limit(limit)
          .select(Sequel[:security_log][:at], :event, :name, :source, :about)
          .all
      end
    end
  end
end
