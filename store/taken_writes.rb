# frozen_string_literal: true

require "digest"

module Munimen
  module Store
    # Which write an id was used for: sent again with the same content it is the same write, with
    # another one it is refused.
    class TakenWrites
      def initialize(database) = @rows = database[:taken_writes]

      # content: anything that JSON can write. Raises Refused where the id stands for another one.
      def same!(id, content)
        known = @rows.where(id:).get(:digest)
        return if known.nil? || known == digest(content)

        raise Refused.new(
          "The id #{id} was used for another write: what is new needs an id of its own.",
          code: :id_taken
        )
      end

      def add(id, content, at:)
        @rows.insert_conflict.insert(id:, digest: digest(content), at:)
      end

      private

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
