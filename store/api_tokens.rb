# frozen_string_literal: true

require "digest"
require "securerandom"

module Munimen
  module Store
    # Tokens by which somebody's script comes in: told once, kept as a hash, good until a day.
    class ApiTokens
      TABLES = "tables" # the scope that reads, and takes out the tables as CSV
      MARK = "mnm_" # by which one that has leaked is known for what it is

      def initialize(database)
        @rows = database[:api_tokens]
      end

      # Makes one for an account and answers it. Raises Refused where there is one of this id: a
      # token is told once.
      def make(id, account_id:, name:, scope:, at:, expires_at:)
        raise Refused.new("This token was made already.", code: :id_taken) if @rows.first(id:)

        token = MARK + SecureRandom.urlsafe_base64(32)
        tables = scope == TABLES
        @rows.insert(id:, account_id:, name:, scope: tables ? "read" : scope,
                     tables: tables ? 1 : 0, token_hash: hash(token), made_at: at, expires_at:)
        token
      end

      # Those of an account that are not ended, the newest first.
      def of(account_id)
        @rows.where(account_id:, ended_at: nil).reverse(:made_at)
             .select(:id, :name, :scope, :tables, :made_at, :expires_at, :used_at)
             .map { |row| scoped(row) }
      end

      # {id:, account_id:, scope:} of one that is good at a time, noted as used; nil for any other.
      def good(token, at:)
        row = @rows.where(token_hash: hash(token), ended_at: nil).where { expires_at > at }
                   .select(:id, :account_id, :scope, :tables, :used_at).first or return
        # by the minute: a script that asks all day writes little
        @rows.where(id: row[:id]).update(used_at: at) if row[:used_at].to_s[0, 16] != at[0, 16]
        scoped(row)
      end

      # Ends one of an account. Answers how many there were.
      def close(id, account_id:, at:)
        @rows.where(id:, account_id:, ended_at: nil).update(ended_at: at)
      end

      private

      def scoped(row)
        row[:tables] == 1 ? row.except(:tables).merge(scope: TABLES) : row.except(:tables)
      end

      def hash(token) = Digest::SHA256.hexdigest(token.to_s)
    end
  end
end
