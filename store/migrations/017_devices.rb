# frozen_string_literal: true

# Devices on which somebody keeps what they take along under a key of its own; the office can end
# one, and the device then forgets what lies on it.
Sequel.migration do
  change do
    create_table(:devices, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :account_id, :accounts, type: :integer, null: false, index: true
      column :name, :text
      column :made_at, :text, null: false
      column :ended_at, :text
    end
  end
end
