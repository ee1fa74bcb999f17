# frozen_string_literal: true

# What large firms ask for every day, by index: what is owed by risk, and customers by the
# beginnings of words.
Sequel.migration do
  up do
    alter_table(:dues) { add_column :risk, :integer, null: false, default: 2 }
    run "UPDATE dues SET risk = CASE grade WHEN 'danger' THEN 0 WHEN 'defect' THEN 1 WHEN " \
        "'watch' THEN 3 ELSE 2 END"
    # It led the query planner to read all that is due and to sort it, where the one below gives
    # it in order.
    alter_table(:dues) { drop_index %i[settled_at on] }
    run "CREATE INDEX dues_urgent ON dues (risk, \"on\") WHERE settled_at IS NULL"
    run "CREATE INDEX dues_counted ON dues (declined, \"on\") WHERE settled_at IS NULL"
    run "CREATE INDEX dues_hidden ON dues (hidden_until) WHERE settled_at IS NULL AND " \
        "hidden_until IS NOT NULL"
    run "CREATE INDEX dues_of_kind ON dues (kind, \"on\") WHERE settled_at IS NULL"
    create_table(:search_words, strict: true, without_rowid: true) do
      column :word, :text, null: false
      foreign_key :customer_id, :customers, type: :text, null: false, on_delete: :cascade
      primary_key %i[word customer_id]
      index %i[customer_id word]
    end
  end
  down do
    drop_table :search_words
    %w[dues_counted dues_hidden dues_of_kind].each { |index| run "DROP INDEX #{index}" }
    run "DROP INDEX dues_urgent"
    alter_table(:dues) { add_index %i[settled_at on] }
    alter_table(:dues) { drop_column :risk }
  end
end
