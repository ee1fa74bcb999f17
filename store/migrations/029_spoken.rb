# frozen_string_literal: true

# The language that a person reads the tool in.
Sequel.migration do
  change do
    alter_table(:accounts) { add_column :language, :text, null: false, default: "en" }
  end
end
