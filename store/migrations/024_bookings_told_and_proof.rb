# frozen_string_literal: true

# Which visit a mail is about, so that whoever was told of a booking is told when it changes;
# whether the cause of an exercise was proved before it was named.
Sequel.migration do
  change do
    alter_table(:messages) { add_column :visit_id, :text }
    alter_table(:training_results) { add_column :proved, :integer, null: false, default: 0 }
  end
end
