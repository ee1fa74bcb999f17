# frozen_string_literal: true

# What is put off or declined of what is owed, with its reason; where sites lie and who lives
# there; promised windows.
Sequel.migration do
  up do
    create_table(:due_decisions, strict: true) do
      column :id, :text, primary_key: true
      column :due, :text, null: false, index: true
      column :what, :text, null: false
      column :until, :text
      column :reason, :text, null: false
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
      constraint(:known_decision, what: %w[snooze decline resume])
    end
    alter_table(:dues) do
      add_column :hidden_until, :text
      add_column :declined, :integer, null: false, default: 0
    end
    alter_table(:sites) do
      add_column :household, :text, null: false, default: "usual"
      add_column :lat, :real
      add_column :lng, :real
    end
    alter_table(:visits) do
      add_column :window_from, :text
      add_column :window_to, :text
      add_index :planned_for
    end
  end
  down do
    alter_table(:visits) { drop_column(:window_from) && drop_column(:window_to) }
    alter_table(:sites) { %i[household lat lng].each { |name| drop_column(name) } }
    alter_table(:dues) { %i[hidden_until declined].each { |name| drop_column(name) } }
    drop_table(:due_decisions)
  end
end
