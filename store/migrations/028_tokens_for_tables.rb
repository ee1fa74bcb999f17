# frozen_string_literal: true

# A token may read and take out the tables as CSV besides: it was made with a password.
Sequel.migration do
  change do
    alter_table(:api_tokens) { add_column :tables, :integer, null: false, default: 0 }
  end
end
