# frozen_string_literal: true

# How each entry of a visit got here, as JSON: {at: when it arrived, device: from which, known: how
# many entries its device knew of, apart: why it could not have been made on the visit as it then
# stood}. Nothing is said of what was entered before this was kept.
Sequel.migration do
  tables = %i[readings observations steps decisions notes signatures photos amendments]
  sealed = ->(row) { "EXISTS (SELECT 1 FROM seals WHERE subject = 'visit:' || #{row}.visit_id)" }
  up do
    tables.each do |table|
      alter_table(table) { add_column :arrived, :text }
      next if table == :amendments

      run "CREATE TRIGGER #{table}_sealed_arrived BEFORE UPDATE OF arrived ON #{table} WHEN " \
          "#{sealed["OLD"]} BEGIN SELECT RAISE(ABORT, '#{Munimen::Store::Translated::SEALED}'); END"
    end
  end
  down do
    tables.each do |table|
      run "DROP TRIGGER #{table}_sealed_arrived" unless table == :amendments
      alter_table(table) { drop_column :arrived }
    end
  end
end
