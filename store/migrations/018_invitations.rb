# frozen_string_literal: true

# Links by which somebody sets their first password, or another one where it was forgotten: only the
# hash is kept, and each works once.
Sequel.migration do
  change do
    create_table(:invitations, strict: true) do
      column :token_hash, :text, primary_key: true
      foreign_key :account_id, :accounts, type: :integer, null: false, index: true
      column :made_at, :text, null: false
      column :expires_at, :text, null: false
      column :used_at, :text
    end
  end
end
