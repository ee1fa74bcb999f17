# frozen_string_literal: true

# What can be undone as a whole for a day: a file that was taken in, customers put together, an
# address or a heater that was moved. Each row as it was and as it became, as JSON.
Sequel.migration do
  change do
    create_table(:undoables, strict: true) do
      column :id, :text, primary_key: true
      column :kind, :text, null: false
      column :title, :text, null: false
      column :by, :text, null: false
      column :at, :text, null: false
      column :undone_at, :text
    end
    create_table(:undo_rows, strict: true) do
      primary_key :n
      foreign_key :undoable_id, :undoables, type: :text, null: false, index: true,
                                            on_delete: :cascade
      column :table, :text, null: false
      column :row_id, :text, null: false
      column :before, :text
      column :after, :text
    end
  end
end
