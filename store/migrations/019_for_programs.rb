# frozen_string_literal: true

# For other programs: which write an id was used for, tokens that let a script in, and what has
# changed since a number, the latest change of each thing.
things = { customer: :customers, site: :sites, heater: :heaters, visit: :visits }
note = lambda do |kind, row, gone|
  "DELETE FROM changes WHERE kind = '#{kind}' AND thing = #{row}.id; " \
    "INSERT INTO changes (kind, thing, gone, at) VALUES ('#{kind}', #{row}.id, #{gone}, " \
    "strftime('%Y-%m-%dT%H:%M:%fZ', 'now'));"
end

Sequel.migration do
  up do
    create_table(:taken_writes, strict: true, without_rowid: true) do
      column :id, :text, primary_key: true
      column :digest, :text, null: false
      column :at, :text, null: false
    end
    create_table(:api_tokens, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :account_id, :accounts, type: :integer, null: false, index: true
      column :name, :text, null: false
      column :scope, :text, null: false
      column :token_hash, :text, null: false, unique: true
      column :made_at, :text, null: false
      column :expires_at, :text, null: false
      column :used_at, :text
      column :ended_at, :text
      constraint(:known_scope, scope: %w[read write])
    end
    run "CREATE TABLE changes (seq INTEGER PRIMARY KEY AUTOINCREMENT, kind TEXT NOT NULL, " \
        "thing TEXT NOT NULL, gone INTEGER NOT NULL, at TEXT NOT NULL) STRICT"
    add_index :changes, %i[kind thing], unique: true
    things.each do |kind, table|
      run "INSERT INTO changes (kind, thing, gone, at) SELECT '#{kind}', id, 0, created_at " \
          "FROM #{table} ORDER BY created_at, id"
      { INSERT: "NEW", UPDATE: "NEW", DELETE: "OLD" }.each do |verb, row|
        run "CREATE TRIGGER changes_#{table}_#{verb.downcase} AFTER #{verb} ON #{table} BEGIN " \
            "#{note.call(kind, row, verb == :DELETE ? 1 : 0)} END"
      end
    end
  end

  down do
    things.each_value do |table|
      %w[insert update delete].each { |verb| run "DROP TRIGGER changes_#{table}_#{verb}" }
    end
    %i[changes api_tokens taken_writes].each { |table| drop_table(table) }
  end
end
