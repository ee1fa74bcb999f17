# frozen_string_literal: true

# A number of each visit that grows with whatever changes what the visit shows, so that what was
# worked out from it can be kept until then, and other screens can tell.
Sequel.migration do
  written = %w[readings observations steps decisions notes signatures photos]
  grows = "UPDATE visits SET version = version + 1"
  up do
    alter_table(:visits) { add_column :version, :integer, null: false, default: 0 }
    # What corrects comes with the row that it is corrected by: an insert says it all.
    written.each do |table|
      run "CREATE TRIGGER #{table}_insert AFTER INSERT ON #{table} BEGIN #{grows} WHERE id = " \
          "NEW.visit_id; END"
    end
    run "CREATE TRIGGER visits_changed AFTER UPDATE OF status, jobs, house_rules, started_at, " \
        "planned_for ON visits BEGIN #{grows} WHERE id = NEW.id; END"
    run "CREATE TRIGGER heaters_changed AFTER UPDATE ON heaters BEGIN #{grows} WHERE heater_id = " \
        "NEW.id AND status <> 'signed'; END"
    run "CREATE TRIGGER sites_changed AFTER UPDATE ON sites BEGIN #{grows} WHERE heater_id IN " \
        "(SELECT id FROM heaters WHERE site_id = NEW.id) AND status <> 'signed'; END"
    %w[INSERT UPDATE].each do |event|
      run "CREATE TRIGGER settings_#{event.downcase} AFTER #{event} ON settings BEGIN #{grows} " \
          "WHERE status IN ('booked', 'open'); END"
    end
  end
  down do
    written.each { |table| run "DROP TRIGGER #{table}_insert" }
    %w[visits_changed heaters_changed sites_changed settings_insert settings_update].each do |name|
      run "DROP TRIGGER #{name}"
    end
    alter_table(:visits) { drop_column :version }
  end
end
