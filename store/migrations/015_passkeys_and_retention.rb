# frozen_string_literal: true

# Passkeys as a second factor; signed visits that were erased when the time had passed for which the
# firm keeps them: the chain of seals holds their hashes still, and says so.
tables = %i[readings observations steps decisions notes signatures photos]
stop = "BEGIN SELECT RAISE(ABORT, '#{Munimen::Store::Translated::SEALED}'); END"
guard = lambda do |database, table, id, but|
  database.run "DROP TRIGGER #{table}_sealed_delete"
  database.run "CREATE TRIGGER #{table}_sealed_delete BEFORE DELETE ON #{table} WHEN EXISTS " \
               "(SELECT 1 FROM seals WHERE subject = 'visit:' || #{id}) #{but[id]} #{stop}"
end
kept = ->(id) { "AND NOT EXISTS (SELECT 1 FROM erased WHERE subject = 'visit:' || #{id})" }

Sequel.migration do
  up do
    create_table(:account_webauthn_user_ids, strict: true) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :webauthn_id, :text, null: false
    end
    create_table(:account_webauthn_keys, strict: true) do
      foreign_key :account_id, :accounts, type: :integer, on_delete: :cascade
      column :webauthn_id, :text
      column :public_key, :text, null: false
      column :sign_count, :integer, null: false
      column :last_use, :text, null: false, default: Sequel::CURRENT_TIMESTAMP
      column :device, :text
      primary_key %i[account_id webauthn_id]
    end
    create_table(:erased, strict: true) do
      column :subject, :text, primary_key: true # as in seals
      column :at, :text, null: false
    end
    tables.each { |table| guard.call(self, table, "OLD.visit_id", kept) }
    guard.call(self, :visits, "OLD.id", kept)
  end
  down do
    tables.each { |table| guard.call(self, table, "OLD.visit_id", ->(_) {}) }
    guard.call(self, :visits, "OLD.id", ->(_) {})
    %i[erased account_webauthn_keys account_webauthn_user_ids].each do |table|
      drop_table(table)
    end
  end
end
