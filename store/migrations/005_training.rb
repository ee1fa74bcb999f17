# frozen_string_literal: true

# What came of training, for each person.
Sequel.migration do
  change do
    create_table(:training_results, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :account_id, :accounts, type: :integer, null: false, index: true
      column :scenario, :text, null: false
      column :title, :text, null: false
      column :level, :integer, null: false
      column :found, :integer, null: false
      column :seconds, :integer, null: false
      column :water, :real, null: false
      column :tests, :integer, null: false
      column :unsafe, :integer, null: false
      column :wrong, :integer, null: false
      column :shortest, :integer, null: false
      column :at, :text, null: false
    end
  end
end
