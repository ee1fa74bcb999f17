# frozen_string_literal: true

# The language that a customer's page is in; a person's own signature, who is out for a while and
# which days somebody is away; and customers whose words have still to be written down for the
# search, after a large file.
Sequel.migration do
  up do
    alter_table(:customers) { add_column :language, :text, null: false, default: "en" }
    alter_table(:accounts) do
      add_column :signature, :text
      add_column :paused_at, :text
    end
    create_table(:absences, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :account_id, :accounts, type: :integer, null: false, index: true
      column :from_on, :text, null: false
      column :to_on, :text, null: false
      column :why, :text
      constraint(:in_order) { from_on <= to_on }
    end
    create_table(:search_waiting, strict: true) do
      foreign_key :customer_id, :customers, type: :text, on_delete: :cascade
      primary_key [:customer_id]
    end
  end
  down do
    drop_table :search_waiting, :absences
    alter_table(:accounts) do
      drop_column :paused_at
      drop_column :signature
    end
    alter_table(:customers) { drop_column :language }
  end
end
