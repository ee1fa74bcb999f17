# frozen_string_literal: true

require "digest"
require "securerandom"

module Munimen
  module Store
    # Links by which somebody sets a password: the token is told once and kept as its hash.
    class Invitations
      def initialize(database) = @rows = database[:invitations]

      # Makes one for an account, in place of those before it. Answers the token.
      def make(account_id, at:, expires_at:)
        token = SecureRandom.urlsafe_base64(32)
        withdraw(account_id)
        @rows.insert(token_hash: hash(token), account_id:, made_at: at, expires_at:)
        token
      end

      # The account of a token that is still good at a time; nil where there is none.
      def account(token, at:)
        @rows.where(token_hash: hash(token), used_at: nil).where { expires_at > at }
             .get(:account_id)
      end

      def use(token, at:) = @rows.where(token_hash: hash(token)).update(used_at: at)
      def withdraw(account_id) = @rows.where(account_id:, used_at: nil).delete

      # Accounts with one that is still good.
      def open(at:) = @rows.where(used_at: nil).where { expires_at > at }.select_map(:account_id)

      private

      def hash(token) = Digest::SHA256.hexdigest(token.to_s)
    end
  end
end
