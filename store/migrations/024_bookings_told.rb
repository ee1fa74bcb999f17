# frozen_string_literal: true

# Which visit a mail is about, so that whoever was told of a booking is told when it changes.
Sequel.migration do
  change { alter_table(:messages) { add_column :visit_id, :text } }
end
