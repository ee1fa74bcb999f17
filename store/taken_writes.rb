# frozen_string_literal: true

require "digest"

module Munimen
  module Store
    # Which write an id was used for: sent again with the same content it is the same write, with
    # another one it is refused.
    class TakenWrites
      # A write that is under way: kept in the transaction of what it writes, else by itself.
      class Begun
        def initialize(database, row, insert)
          @database = database
          @row = row
          @insert = insert
        end

        # Once; database: where what it writes goes. Another one (a training run's) is not its own.
        def keep(database = @database)
          return if @kept || !database.equal?(@database)

          @insert.call(@row)
          @kept = true
        end
      end

      def initialize(database)
        @database = database
        @rows = database[:taken_writes]
      end

      # Begun. content: anything that JSON can write. Raises Refused where the id stands for another
      # one.
      def begin!(id, content, at:)
        digest = digest(content)
        known = known_of(id)
        return Begun.new(@database, { id:, digest:, at: }, insert) if [nil, digest].include?(known)

        raise Refused.new(
          Message.of("The id {id} was used for another write: what is new needs an id of its own.",
                     id:),
          code: :id_taken
        )
      end

      private

      def known_of(id)
        @known ||= @rows.where(id: :$id).select(:digest).prepare(:select, :taken_write)
        @known.call(id:).first&.fetch(:digest)
      end

      def insert
        @insert ||= @rows.insert_conflict.prepare(:insert, :take_write, id: :$id, digest: :$digest,
                                                                        at: :$at)
      end

      def digest(content) = Digest::SHA256.hexdigest(JSON.generate(sorted(content)))

      def sorted(value)
        case value
        when Hash then value.map { |key, one| [key.to_s, sorted(one)] }.sort
        when Array then value.map { |one| sorted(one) }
        else value
        end
      end
    end
  end
end
