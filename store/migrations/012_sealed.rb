# frozen_string_literal: true

# What has been sealed does not change: whatever writes to a sealed visit is refused by the
# database itself, whoever asked before whether the visit is open. The order of entry (`seq`) and
# the counters of a visit are not sealed.
Sequel.migration do
  tables = %i[readings observations steps decisions notes signatures photos]
  columns = Munimen::Store::Seals::VISIT
  sealed = ->(id) { "EXISTS (SELECT 1 FROM seals WHERE subject = 'visit:' || #{id})" }
  stop = "BEGIN SELECT RAISE(ABORT, '#{Munimen::Store::Translated::SEALED}'); END"
  up do
    tables.each do |table|
      kept = self[table].columns - [:seq]
      run "CREATE TRIGGER #{table}_sealed_insert BEFORE INSERT ON #{table} " \
          "WHEN #{sealed["NEW.visit_id"]} #{stop}"
      run "CREATE TRIGGER #{table}_sealed_update BEFORE UPDATE OF " \
          "#{kept.map { |one| "`#{one}`" }.join(", ")} ON #{table} " \
          "WHEN #{sealed["OLD.visit_id"]} #{stop}"
      run "CREATE TRIGGER #{table}_sealed_delete BEFORE DELETE ON #{table} " \
          "WHEN #{sealed["OLD.visit_id"]} #{stop}"
    end
    run "CREATE TRIGGER visits_sealed_update BEFORE UPDATE OF #{columns.join(", ")} ON visits " \
        "WHEN #{sealed["OLD.id"]} #{stop}"
    run "CREATE TRIGGER visits_sealed_delete BEFORE DELETE ON visits WHEN #{sealed["OLD.id"]} " \
        "#{stop}"
  end
  down do
    tables.each do |table|
      %w[insert update delete].each { |event| run "DROP TRIGGER #{table}_sealed_#{event}" }
    end
    run "DROP TRIGGER visits_sealed_update"
    run "DROP TRIGGER visits_sealed_delete"
  end
end
