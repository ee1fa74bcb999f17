# frozen_string_literal: true

module Munimen
  module Store
    # Devices that keep something of a person's under a key.
    class Devices
      def initialize(database)
        @rows = database[:devices]
        @accounts = database[:accounts]
      end

      # Adds one; the same id again changes nothing.
      def add(id, account_id:, name:, at:)
        @rows.insert_conflict.insert(id:, account_id:, name:, made_at: at)
      end

      # Those in use, of one account or of all: [{id:, device:, person:, since:}].
      def list(account_id = nil)
        rows = account_id ? @rows.where(account_id:) : @rows
        rows.where(ended_at: nil).order(:made_at).all.map do |row|
          person = @accounts.where(id: row[:account_id]).get(:name)
          { id: row[:id], device: row[:name], person:, since: row[:made_at] }
        end
      end

      # Ends one, of one account or of all. Answers how many there were.
      def close(id, at:, account_id: nil)
        rows = account_id ? @rows.where(account_id:) : @rows
        rows.where(id:, ended_at: nil).update(ended_at: at)
      end

      def close_all(account_id, at:)
        @rows.where(account_id:, ended_at: nil).update(ended_at: at)
      end

      def in_use?(id, account_id) = !@rows.where(id:, account_id:, ended_at: nil).empty?
      def ended?(id) = !@rows.where(id:).exclude(ended_at: nil).empty?
    end
  end
end
