# frozen_string_literal: true

# A visit that comes to nothing: cancelled, nobody at home, or given up before anything was done at
# the heater, as JSON {how:, reason:, by:, at:, was:}; a heater that is not there any more, as JSON
# {how:, reason:, by:, at:, successor:}. The bound on the words of a status is only
# read, never kept with the rows, so that it is changed where it stands (SQLite, "Making other kinds
# of table schema changes").
Sequel.migration do
  three = "'booked', 'open', 'signed'"
  four = "'booked', 'open', 'signed', 'ended'"
  known = ->(from, to) { Sequel.function(:replace, :sql, from, to) }
  tables = ->(database) { database[:sqlite_master].where(type: "table", name: "visits") }
  version = ->(database) { database.get(Sequel.lit("schema_version FROM pragma_schema_version")) }
  up do
    # found by folded words from now on: written down at the start
    from(:search_waiting).insert_ignore.insert([:customer_id], from(:customers).select(:id))
    alter_table(:visits) { add_column :ended, :text }
    alter_table(:heaters) { add_column :ended, :text }
    run "PRAGMA writable_schema = ON"
    tables[self].update(sql: known[three, four])
    run "PRAGMA schema_version = #{version[self] + 1}"
    run "PRAGMA writable_schema = OFF"
  end
  down do
    self[:visits].where(status: "ended").update(status: "booked")
    alter_table(:visits) { drop_column :ended }
    alter_table(:heaters) { drop_column :ended }
    run "PRAGMA writable_schema = ON"
    tables[self].update(sql: known[four, three])
    run "PRAGMA schema_version = #{version[self] + 1}"
    run "PRAGMA writable_schema = OFF"
  end
end
