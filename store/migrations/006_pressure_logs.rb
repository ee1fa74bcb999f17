# frozen_string_literal: true

# Pressure logs: what was told from a file, and a course for its plot; the file itself lies in the
# data folder by its hash.
Sequel.migration do
  change do
    create_table(:pressure_logs, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :heater_id, :heaters, type: :text, null: false, index: true
      column :name, :text, null: false
      column :hash, :text, null: false
      column :started_at, :text
      column :told, :text, null: false
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
  end
end
