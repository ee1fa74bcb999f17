# frozen_string_literal: true

# Which visit a mail is about, and by which clock, so that whoever was told of a booking is told
# when it changes;
# whether the cause of an exercise was proved before it was named.
Sequel.migration do
  change do
    alter_table(:messages) do
      add_column :visit_id, :text
      add_column :offset, :integer # minutes ahead of UTC
    end
    alter_table(:training_results) { add_column :proved, :integer, null: false, default: 0 }
  end
end
