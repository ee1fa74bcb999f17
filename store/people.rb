# frozen_string_literal: true

require "argon2"

module Munimen
  module Store
    # Accounts: who may sign in, and in which role.
    class People
      ROLES = %w[owner office plumber inspector].freeze

      OPEN = 2 # status of an account that may sign in, as Rodauth has them
      CLOSED = 3

      # What a password costs to look at (Argon2).
      COST = { t_cost: 2, m_cost: 16 }.freeze

      def initialize(database)
        @database = database
        @rows = database[:accounts]
      end

      def find(id) = (@one ||= @rows.where(id: :$id).prepare(:select, :one_account)).call(id:).first

      # Whether a session of an account is under way, by one of its marks (there are two while the
      # secret is being changed).
      def session?(id, marks)
        @session ||= @database[:account_active_session_keys]
          .where(account_id: :$id, session_id: %i[$one $other])
          .select(:account_id).prepare(:select, :one_session)
        @session.call(id:, one: marks.first, other: marks.last).any?
      end

      def by_email(email) = @rows.where(email: email.to_s.downcase).first
      def all = @rows.order(:name).all
      def any? = !@rows.empty?

      # Makes an account and returns its id. Raises Error on an unknown role, a taken address or a
      # short password.
      def create(email:, name:, role:, password:)
        known!(role)
        Passwords.check!(password, email, name)
        free!(email)

        @database.transaction do
          id = @rows.insert(email: email.downcase, name:, role:)
          @database[:account_password_hashes].insert(id:, password_hash: hash(password))
          id
        end
      end

      # Makes an account that nobody can sign in to yet, and returns its id. Raises Error on an
      # unknown role or a taken address.
      def invite(email:, name:, role:)
        known!(role)
        free!(email)
        @rows.insert(email: email.downcase, name:, role:, status_id: CLOSED)
      end

      # attributes: name, role, language and signature.
      def change(id, attributes)
        known!(attributes[:role]) if attributes[:role]
        strokes = attributes[:signature]
        attributes = attributes.merge(signature: JSON.generate(strokes)) if strokes
        @rows.where(id:).update(attributes) unless attributes.empty?
      end

      # Whether somebody of a row is here: neither paused nor gone.
      def here?(person) = person[:status_id] == OPEN

      # Nobody signs in to it from now on, and whoever is in is out.
      def close(id)
        @rows.where(id:).update(status_id: CLOSED, paused_at: nil)
        active_sessions.where(account_id: id).delete
        withdraw(id)
      end

      # Ends what lets somebody in as this account without its password: calendar feed and tokens.
      def withdraw(id)
        %i[calendar_feeds api_tokens].each { |table| @database[table].where(account_id: id).delete }
      end

      # The same for a while: devices, calendar and tokens are theirs again afterwards.
      def pause(id, at:)
        @rows.where(id:).update(status_id: CLOSED, paused_at: at)
        active_sessions.where(account_id: id).delete
      end

      # Whether an account may sign in.
      def open?(id) = !@rows.where(id:, status_id: OPEN).empty?
      def open(id) = @rows.where(id:).update(status_id: OPEN, paused_at: nil)
      def password?(id) = !@database[:account_password_hashes].where(id:).empty?
      # Ids of the owners who may sign in.
      def owners = @rows.where(role: "owner", status_id: OPEN).select_map(:id)

      # Writes an account's row down in another installation's database, without its password.
      def copy(row)
        @rows.insert(row.slice(:id, :email, :status_id, :name, :role, :qualifications, :signature,
                           :language))
      end

      # The passkeys of an account: [{id:, device:, used:}], the latest used first.
      def passkeys(account_id)
        @database[:account_webauthn_keys].where(account_id:).reverse(:last_use)
          .select(Sequel[:webauthn_id].as(:id), :device, Sequel[:last_use].as(:used)).all
      end

      # Sets a password and ends every session, the calendar feed and the tokens of the account.
      def set_password(id, password)
        Passwords.check!(password, *find(id)&.values_at(:email, :name))
        @database.transaction do
          @database[:account_password_hashes].insert_conflict(
            target: :id,
            update: {
              password_hash: Sequel[:excluded][:password_hash]
            }
          ).insert(id:, password_hash: hash(password))
          active_sessions.where(account_id: id).delete
          withdraw(id)
        end
      end

      # Sessions of an account, the newest first: [{session_id:, created_at:, device:}]. The ids are
      # hashes; nobody gets in with them.
      def sessions(id)
        active_sessions.where(account_id: id).reverse(:created_at)
          .select(:session_id, :created_at, :device).all
      end

      def end_sessions(id, hashes)
        active_sessions.where(account_id: id, session_id: hashes).delete
      end

      # Writes the qualifications of an account. Raises Error on an unknown trade or a date that
      # is none.
      def qualify(id, list)
        @rows.where(id:).update(
          qualifications: JSON.generate(list.map { |one| qualification(one) })
        )
      end

      private

      def known!(role)
        return if ROLES.include?(role)

        raise Error.one_of(ROLES, field: :role)
      end

      def free!(email)
        return unless by_email(email)

        raise Error.new(Message.of("{email} has an account already.",
                                   email:), field: :email, code: :taken)
      end

      def active_sessions = @database[:account_active_session_keys]

      def qualification(one)
        trade = Work::Competence::TRADES.map(&:to_s).find { |known| known == one[:trade].to_s } or
          raise Error.one_of(Work::Competence::TRADES, field: :trade)
        {
          trade:,
          number: one[:number].to_s[0, 60],
          expires: one[:expires].to_s.empty? ? nil : Date.iso8601(one[:expires].to_s).iso8601
        }
      rescue ArgumentError
        raise Error.new(
          Message.of("expires must be a date such as 2027-06-30; got “{expires}”.",
                     expires: one[:expires]),
          field: :expires,
          code: :bad_date
        )
      end

      def hash(password) = Argon2::Password.new(**COST).create(password)
    end
  end
end
