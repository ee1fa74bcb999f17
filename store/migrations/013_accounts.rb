# frozen_string_literal: true

# What the owner can look up about who came in and what was taken out; a session says on what
# device it runs; a second factor and its recovery codes; a mail that is on its way is not sent
# again.
Sequel.migration do
  change do
    create_table(:security_log, strict: true) do
      primary_key :id, type: :integer
      column :at, :text, null: false
      column :event, :text, null: false
      column :account_id, :integer
      column :source, :text
      column :about, :text
      index :at
    end
    create_table(:account_otp_keys, strict: true) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :key, :text, null: false
      column :num_failures, :integer, null: false, default: 0
      column :last_use, :text, null: false, default: Sequel::CURRENT_TIMESTAMP
    end
    create_table(:account_recovery_codes, strict: true) do
      foreign_key :id, :accounts, type: :integer, on_delete: :cascade
      column :code, :text
      primary_key %i[id code]
    end
    alter_table(:account_active_session_keys) { add_column :device, :text }
    alter_table(:messages) { add_column :sending_at, :text }
  end
end
