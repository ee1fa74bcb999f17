# frozen_string_literal: true

# Mails that are to go leave by a worker of their own: since when each waits for it, how often it
# was tried, and when it is tried next.
Sequel.migration do
  change do
    alter_table(:messages) do
      add_column :queued_at, :text
      add_column :tries, :integer, null: false, default: 0
      add_column :next_try, :text
    end
  end
end
