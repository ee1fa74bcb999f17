# frozen_string_literal: true

# What is written in a visit keeps the order in which it was entered, whatever a device's clock
# says: `seq` counts it, over all tables of a visit. And how a heater was left is kept with the
# visit (left_state), for the next one to begin with (arrival).
Sequel.migration do
  tables = %i[readings observations steps decisions notes]
  up do
    alter_table(:visits) do
      add_column :entries, :integer, null: false, default: 0
      add_column :left_state, :text
      add_column :arrival, :text
    end
    tables.each { |table| alter_table(table) { add_column :seq, :integer } }
    run Munimen::Store::EntryOrder.renumber
    run Munimen::Store::EntryOrder.count
    tables.each do |table|
      run "CREATE TRIGGER #{table}_seq AFTER INSERT ON #{table} WHEN NEW.seq IS NULL BEGIN " \
          "UPDATE visits SET entries = entries + 1 WHERE id = NEW.visit_id; " \
          "UPDATE #{table} SET seq = (SELECT entries FROM visits WHERE id = NEW.visit_id) " \
          "WHERE id = NEW.id; END"
    end
  end
  down do
    tables.each do |table|
      run "DROP TRIGGER #{table}_seq"
      alter_table(table) { drop_column :seq }
    end
    alter_table(:visits) do
      drop_column :arrival
      drop_column :left_state
      drop_column :entries
    end
  end
end
