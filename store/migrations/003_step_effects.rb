# frozen_string_literal: true

# What a step made true because of what had been read when it was done, as JSON: a later reading
# of the same name does not change it.
Sequel.migration do
  change { alter_table(:steps) { add_column :made, :text } }
end
