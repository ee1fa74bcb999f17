# frozen_string_literal: true

module Munimen
  module Store
    # What was ended after a backup was made stays ended when that backup is put back: people who
    # left, tokens, links, sessions, devices, and customers whose data were erased. An account is
    # the same where its number and its address are. The keys of such an account (password, second
    # factor, tokens …) are those of now; of an account that is not known here the password and
    # the second factor come along, and what a script or a browser held does not.
    #
    #   EndedSince.new(records, staged).carry # => { people: ["Lou Ferris"], tokens: 2, … }
    class EndedSince
      # Table => the column that names its account.
      OWN = {
        account_password_hashes: :id, account_otp_keys: :id, account_recovery_codes: :id,
        account_webauthn_user_ids: :id, account_webauthn_keys: :account_id
      }.freeze
      LENT = {
        account_active_session_keys: :account_id, calendar_feeds: :account_id,
        api_tokens: :account_id, invitations: :account_id, devices: :account_id
      }.freeze
      STANDING = %i[status_id paused_at role].freeze

      # live, staged: Records of what is there and of what is about to take its place.
      def initialize(live, staged)
        @live = live
        @staged = staged
      end

      # Writes into the staged records. Returns what would have come back: {people: [name],
      # tokens:, links:, customers:} (counts).
      def carry
        now = Time.now.utc.iso8601(3)
        @staged.write do
          { people: people, tokens: tokens, links: links(now), customers: customers(now) }
            .tap { keys }
        end
      end

      private

      # Rows of both that are one account.
      def same
        @same ||= @staged.people.all.filter_map do |then_|
          now = @live.people.find(then_[:id])
          [now, then_] if now && now[:email] == then_[:email]
        end
      end

      def ids = same.map { |now, _| now[:id] }
      def rows(side, table) = side.database[table]

      def people
        same.filter_map do |now, then_|
          rows(@staged, :accounts).where(id: now[:id]).update(now.slice(*STANDING))
          open = Store::People::OPEN
          now[:name] if then_[:status_id] == open && now[:status_id] != open
        end
      end

      def tokens
        good = rows(@live, :api_tokens).where(account_id: ids, ended_at: nil).select_map(:id)
        rows(@staged, :api_tokens).where(ended_at: nil).exclude(id: good).count
      end

      def links(now)
        ended = rows(@live, :share_links).exclude(revoked_at: nil).select_map(:id)
        rows(@staged, :share_links).where(id: ended, revoked_at: nil).update(revoked_at: now)
      end

      # Erased wholly, or all but what was signed.
      def customers(now)
        gone = rows(@live, :changes).where(kind: "customer", gone: 1).select_map(:thing)
        bare = rows(@live, :customers).where(Sequel.like(:name, "#{PersonalData::ERASED} %"))
                                      .select_map(:id)
        there = rows(@staged, :customers).where(id: gone + bare).select_map(:id)
        there.each { |id| @staged.personal_data.erase(id, at: now) }.size
      end

      def keys
        OWN.each { |name, column| of_now(name, column, rows(@staged, name).where(column => ids)) }
        LENT.each { |name, column| of_now(name, column, rows(@staged, name)) }
      end

      def of_now(table, column, gone)
        gone.delete
        rows(@live, table).where(column => ids).each { |row| rows(@staged, table).insert(row) }
      end
    end
  end
end
