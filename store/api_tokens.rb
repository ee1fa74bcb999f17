# frozen_string_literal: true

require "digest"
require "securerandom"

module Munimen
  module Store
    # Tokens by which somebody's script comes in: told once, kept as a hash, good until a day.
    class ApiTokens
      MARK = "mnm_" # by which one that has leaked is known for what it is

      def initialize(database)
        @rows = database[:api_tokens]
      end

      # Makes one for an account and answers it. Raises Refused where there is one of this id: a
      # token is told once.
      def make(id, account_id:, name:, scope:, at:, expires_at:)
        raise Refused.new("This token was made already.", code: :id_taken) if @rows.first(id:)

        token = MARK + SecureRandom.urlsafe_base64(32)
        @rows.insert(id:, account_id:, name:, scope:, token_hash: hash(token), made_at: at,
                     expires_at:)
        token
      end

      # Those of an account that are not ended, the newest first.
      def of(account_id)
        @rows.where(account_id:, ended_at: nil).reverse(:made_at)
             .select(:id, :name, :scope, :made_at, :expires_at, :used_at).all
      end

      # {id:, account_id:, scope:} of one that is good at a time, noted as used; nil for any other.
      def good(token, at:)
        row = @rows.where(token_hash: hash(token), ended_at: nil).where { expires_at > at }
                   .select(:id, :account_id, :scope, :used_at).first or return
        # by the minute: a script that asks all day writes little
        @rows.where(id: row[:id]).update(used_at: at) if row[:used_at].to_s[0, 16] != at[0, 16]
        row
      end

      # Ends one of an account. Answers how many there were.
      def close(id, account_id:, at:)
        @rows.where(id:, account_id:, ended_at: nil).update(ended_at: at)
      end

      private

      def hash(token) = Digest::SHA256.hexdigest(token.to_s)
    end
  end
end
