# frozen_string_literal: true

# Whether a customer wants to be reminded of what falls due.
Sequel.migration do
  change do
    alter_table(:customers) { add_column :reminders, :integer, null: false, default: 1 }
  end
end
