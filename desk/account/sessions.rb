# frozen_string_literal: true

module Munimen
  module Desk
    # Where a person is signed in, and the end of it from afar.
    class Sessions
      SHOWN = 16 # characters of a session's hash that name it

      # current: the hash of the session that asks.
      def initialize(context, current)
        @context = context
        @rows = context.records.people.sessions(context.person[:id])
        @current = current
      end

      # [{id:, since:, device:, current:}], the newest first.
      def list
        @rows.map do |row|
          {
            id: row[:session_id][0, SHOWN],
            since: row[:created_at],
            device: row[:device],
            current: row[:session_id] == @current
          }
        end
      end

      # Ends one of them. Raises NotFound.
      def end_one(id)
        row = @rows.find { |one| one[:session_id][0, SHOWN] == id } or
          raise NotFound.new("There is no such session.", field: :session)
        finish { |one| one[:session_id] == row[:session_id] }
      end

      # Ends all but the one that asks.
      def end_others = finish { |one| one[:session_id] != @current }

      private

      def finish(&)
        ended = @rows.select(&)
        @context.records.people.end_sessions(
          @context.person[:id], ended.map { |one| one[:session_id] }
        )
        @rows -= ended
        list
      end
    end
  end
end
