# frozen_string_literal: true

require "office_helper"

# What several people write at the same moment, and what is asked of the database without a layer
# between.
RSpec.describe "At one time" do
  let(:records) { office.records }

  it "leaves one reading of a name standing, whoever writes how often, and the others corrected " \
     "by their followers" do
    visit = office.start
    people = %w[plumber owner inspector].map { |role| office.context(role) }
    write = lambda do |one, n|
      Munimen::Desk::TakeReading.new(one).call(
        visit,
        id: SecureRandom.uuid,
        name: "static_pressure",
        value: (50 + n).to_s
      )
    end
    people.map { |one| Thread.new { 12.times { |n| write[one, n] } } }.each(&:join)
    rows = records.database[:readings].where(visit_id: visit).order(Sequel.lit("rowid")).all
    expect(rows.size).to eq(36)
    expect(rows.map { |row| row[:superseded_by] }).to eq(
      rows.drop(1).map { |row| row[:id] } + [nil]
    )
    expect(
      records.visits.load(visit, now: office.now).quantity(:static_pressure).in("psi")
    ).to be_within(1e-9).of(rows.last[:typed].to_f)
  end

  it "takes what is sent twice once, and a finding in the place of the one that stood" do
    visit = office.start
    id = office.uuid
    2.times do
      Munimen::Desk::TakeReading.new(office.context).call(
        visit,
        id:,
        name: "static_pressure",
        value: "60"
      )
    end
    expect(records.database[:readings].select_map(%i[id superseded_by])).to eq([[id, nil]])
    look = lambda do |finding|
      Munimen::Desk::RecordObservations.new(office.context).call(
        visit,
        items: [{ id: office.uuid, item: "leak", finding: }]
      )
    end
    %w[sound fitting sound].each(&look)
    expect(records.database[:observations].where(superseded_by: nil).select_map(:finding)).to eq(
      ["sound"]
    )
    expect(records.visits.load(visit, now: office.now).observation(:leak).finding).to eq(:sound)
  end

  it "knows a wrong row from one that was sent before" do
    visit = office.start
    row = {
      id: office.uuid,
      visit_id: visit,
      name: "static_pressure",
      si: 1.0,
      choice: nil,
      typed: "1",
      state: "{}",
      method: nil,
      instrument: nil,
      at: "2026-11-23T09:00:00.000Z",
      account_id: 999_999
    }
    enter = -> { records.visits.enter(visit, records.visits.version(visit), [[:readings, row]]) }
    expect(&enter).to raise_error(Sequel::ForeignKeyConstraintViolation)
  end

  it "sees what another connection writes, and what a restore puts there, with the same " \
     "statement" do
    visit = office.start
    version = -> { records.visits.version(visit) }
    was = version.call
    backup = Munimen::Desk::Backup.new(records, office.config.folder)
    backup.write(path = File.join(office.config.folder, "b.zip"))
    other = Sequel.sqlite(office.config.database_path)
    other[:visits].where(id: visit).update(version: was + 5)
    other.alter_table(:visits) { add_column :fax, :text }
    expect(version.call).to eq(was + 5)
    backup.restore(path)
    expect(version.call).to eq(was)
  ensure
    other&.disconnect
  end

  # A data folder of any earlier version of the program opens with all that was written in it.
  it "brings the tables of every earlier version up to date, and leads back" do
    Dir.mktmpdir do |folder|
      database = Sequel.sqlite(File.join(folder, "old.sqlite3"))
      Sequel.extension :migration
      migrations = Munimen::Store::Database::MIGRATIONS
      newest = Dir[File.join(migrations, "*.rb")].size
      newest.downto(0) { |version| Sequel::Migrator.run(database, migrations, target: version) }
      expect(database.tables - [:schema_info]).to be_empty
      (1..newest).each { |version| Sequel::Migrator.run(database, migrations, target: version) }
      expect(database.fetch("PRAGMA integrity_check").first.values).to eq(["ok"])
      shape = lambda do |one|
        one.fetch(
          "SELECT type, name FROM sqlite_master WHERE name NOT LIKE 'sqlite_%' AND name <> " \
          "'schema_info' ORDER BY type, name"
        ).all
      end
      expect(shape[database]).to eq(shape[records.database])
      database.disconnect
    end
  end
end
