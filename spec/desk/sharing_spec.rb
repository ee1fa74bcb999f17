# frozen_string_literal: true

require "office_helper"
require "zip"

RSpec.describe "What must not be lost" do
  let(:records) { office.records }
  let(:folder) { office.config.folder }

  def empty_office
    other = Dir.mktmpdir("munimen-other")
    config = Munimen::Web::Config.new(other)
    yield config
  ensure
    config.records.database.disconnect
    FileUtils.rm_rf(other)
  end

  # A signed visit with a photograph, an amendment, a link, a due put off, a log.
  def lived_in
    Munimen::Desk::AddPhoto.new(office.context).call(
      office.start,
      id: office.uuid,
      subject: "leak",
      data: [Photographs.jpeg].pack("m0")
    )
    signed = office.walk
    Munimen::Desk::Amend.new(office.context).call(
      signed,
      id: office.uuid,
      reason: "Forgot",
      text: "Ünïcode “quoted”, a;b"
    )
    Munimen::Desk::Share.new(office.context).create(signed, id: office.uuid)
    Munimen::Desk::Owed.new(office.context).decide(
      records.dues.open.first[:id],
      id: office.uuid,
      what: "decline",
      reason: "Sells"
    )
    signed
  end

  # Somebody at the file itself, past what guards it.
  def unguarded
    database = records.database
    database[:sqlite_master].where(type: "trigger").where(Sequel.like(:name, "%sealed%"))
      .select_map(:name).each { |name| database.run("DROP TRIGGER #{name}") }
    database
  end

  describe Munimen::Desk::RepairSeals do
    it "takes out what came in after signing, and seals anew what was changed in its place" do
      signed = lived_in
      other = office.walk
      repair = described_class.new(office.context("owner"))
      expect(repair.look).to eq([])
      database = unguarded
      step = { id: office.uuid, visit_id: signed, operation: "fit_gauge", outcome: "done",
               at: office.now.iso8601, account_id: office.person[:id] }
      database[:steps].insert(step)
      database[:readings].where(visit_id: other).update(typed: "1")
      expect(repair.look).to contain_exactly(
        { visit: signed, late: [include("step fit_gauge done")] },
        { visit: other, late: nil }
      )
      repair.call
      expect(records.seals.problems(records.photo_files)).to be_empty
      texts = [signed, other].map { |id| records.visits.amendments(id).last[:text] }
      expect(texts).to match([/taken out of it: step fit_gauge/, /sealed anew/])
      expect(database[:steps].where(id: step[:id])).to be_empty
    end
  end

  describe Munimen::Store::Seals do
    it "is whole after any number of visits, and finds every change by name" do
      signed = lived_in
      other = office.walk
      problems = -> { records.seals.problems(records.photo_files) }
      expect(problems.call).to be_empty
      database = unguarded
      {
        readings: {
          typed: "1"
        },
        visits: {
          outcome: "in_service",
          page: "{}"
        },
        signatures: {
          name: "X"
        },
        steps: {
          at: "x"
        }
      }.each do |table, change|
        key = table == :visits ? :id : :visit_id
        id = database[table].where(key => signed).get(:id)
        before = database[table].where(id:).first
        database[table].where(id:).update(change)
        expect(problems.call).to eq(["visit:#{signed}: what was signed has been changed."]),
        table.to_s
        database[table].where(id:).update(before.slice(*change.keys))
      end
      expect(problems.call).to be_empty
      database[:amendments].update(text: "nothing")
      expect(problems.call).to contain_exactly(/\Aamendment:.*changed/)
      database[:amendments].delete
      expect(problems.call).to contain_exactly(/\Aamendment:.*changed/)
      file = records.reports.path(records.seals.of(other)[:file])
      File.binwrite(file, "#{File.binread(file)} ")
      expect(problems.call).to include("visit:#{other}: its PDF is missing or was changed.")
      database[:seals].where(subject: "visit:#{signed}").delete
      expect(problems.call).to include(a_string_including("does not follow")).and include(
        "visit:#{signed}: signed, but not in the chain."
      )
    end

    it "misses a photograph that is gone" do
      Munimen::Desk::AddPhoto.new(office.context).call(
        visit = office.start,
        id: office.uuid,
        subject: "leak",
        data: [Photographs.png].pack("m0")
      )
      records.seals.seal_visit(visit, pdf: "x", at: "now")
      hash = records.database[:photos].get(:hash)
      expect(records.seals.problems(records.photo_files)).to be_empty
      File.delete(records.photo_files.path(hash))
      expect(records.seals.problems(records.photo_files)).to contain_exactly(/photo #{hash[0, 12]}/)
    end
  end

  describe Munimen::Desk::Bundle do
    it "exports everything and imports it into an empty installation, from which the same bytes " \
       "come" do
      lived_in
      first, second = %w[one two].map { |name| File.join(folder, "#{name}.zip") }
      described_class.new(records, folder).write(first)
      empty_office do |config|
        counts = described_class.new(config.records, config.folder).read(first)
        expect(counts).to include(
          visits: 2,
          photos: 1,
          amendments: 1,
          share_links: 1,
          due_decisions: 1
        )
        described_class.new(config.records, config.folder).write(second)
        expect(Digest::SHA256.file(second)).to eq(Digest::SHA256.file(first))
        expect(config.records.seals.problems(config.records.photo_files)).to be_empty
        expect { described_class.new(config.records, config.folder).read(first) }.to raise_error(
          Munimen::Refused,
          /empty installation/
        )
      end
    end

    it "takes nothing over from a bundle that is wrong anywhere, and names the place" do
      lived_in
      good = File.join(folder, "good.zip")
      described_class.new(records, folder).write(good)
      {
        ->(text) { text.sub('"typed":', '"typd":') } => /readings, line 1: .*typd|typed/,
        ->(text) { text.gsub(/"visit_id":"[^"]+"/, '"visit_id":"nowhere"') } =>
          /do not belong together/,
        ->(_) { "{" } => /readings, line 1 is not JSON/
      }.each do |spoil, message|
        bad = File.join(folder, "bad.zip")
        FileUtils.cp(good, bad)
        Zip::File.open(bad) do |zip|
          zip.get_output_stream("readings.ndjson") do |out|
            out.write(spoil[Zip::File.open(good) { |from| from.read("readings.ndjson") }])
          end
        end
        empty_office do |config|
          expect { described_class.new(config.records, config.folder).read(bad) }.to raise_error(
            Munimen::Error,
            message
          )
          expect(Munimen::Store::BundleTables.new(config.records.database)).to be_empty
        end
      end
    end

    it "publishes the schema of its rows" do
      published = JSON.parse(File.read(File.join(Munimen::ROOT, "docs/formats/bundle.schema.json")))
      expect(published).to eq(
        JSON.parse(
          JSON.generate(described_class.schema(Munimen::Store::BundleTables.new(records.database)))
        )
      )
    end

    it "reads no zip that leads elsewhere, unfolds without end, names a file wrongly or is none" do
      make = lambda do |entries|
        File
          .join(folder, "#{office.uuid}.zip")
          .tap do |path|
            Zip::OutputStream.open(path) do |zip|
              entries.each { |name, bytes| zip.put_next_entry(name) && zip.write(bytes) }
            end
          end
      end
      head = ["bundle.json", JSON.generate(format: "munimen-bundle", version: 1)]
      {
        make[[head, %w[../../evil.ndjson x]]] => /does not belong/,
        make[[head, %w[photos/aa/../../../x x]]] => /does not belong/,
        make[[head, ["readings.ndjson", "0" * 60_000_000]]] => /unfolds too far/,
        make[[head, ["photos/ab/#{"ab" * 32}", "x"]]] => /is not the file of that name/,
        make[[%w[bundle.json {}]]] => /not a bundle/,
        make[[["bundle.json", JSON.generate(format: "munimen-bundle", version: 9)]]] => /version 9/,
        File.join(folder, "session.secret") => /not a whole zip/
      }.each do |path, message|
        empty_office do |config|
          expect { described_class.new(config.records, config.folder).read(path) }.to raise_error(
            Munimen::Error,
            message
          )
        end
      end
    end
  end

  describe Munimen::Desk::Backup do
    it "takes everything while people write, and puts it back into the running installation" do
      signed = lived_in
      path = File.join(folder, "backup.zip")
      described_class.new(records, folder).write(path)
      before = records.customers.list
      Munimen::Desk::AddCustomer.new(office.context).call(id: office.uuid, name: "Later")
      unguarded[:readings].where(visit_id: signed).update(typed: "1")
      FileUtils.rm_rf(File.join(folder, "photos"))
      described_class.new(records, folder).restore(path)
      expect(records.customers.list).to eq(before)
      expect(records.seals.problems(records.photo_files)).to be_empty
      expect(
        office.read(office.start, :static_pressure, "60")[:reading].quantity.in("psi")
      ).to be_within(1e-6).of(60)
      # What was there before is kept as it was, with the reading that somebody changed.
      before_it = Dir[File.join(folder, "backups/before-restore-*.zip")].fetch(0)
      expect { described_class.new(records, folder).restore(before_it) }.to raise_error(
        Munimen::Refused,
        /visit:#{signed}: what was signed has been changed/
      )
      described_class.new(records, folder).restore(before_it, even_broken: true)
      expect(records.settings[:restored_broken]["problems"].first).to include(signed)
    end

    # The file of another tool: age 1.1.1 of Debian, “age -p”.
    it "opens what age has closed, and nothing with another passphrase or cut off" do
      work = Dir.mktmpdir
      closed = File.join(work, "closed.age")
      File.binwrite(closed, File.read(File.join(__dir__, "../support/closed.age.b64")).unpack1("m"))
      open = ->(phrase) { Munimen::Formats::AgeFile.decrypt(closed, "#{work}/out", phrase) }
      open["seven brass unions"]
      expect(File.read("#{work}/out")).to eq("what is opened here was closed by another tool\n")
      expect { open["seven brass onions"] }.to raise_error(Munimen::Error, /wrong/)
      File.binwrite(closed, File.binread(closed)[0..-2])
      expect { open["seven brass unions"] }.to raise_error(Munimen::Error, /damaged/)
    ensure
      FileUtils.rm_rf(work)
    end

    it "encrypts every backup and export once a passphrase is set, and restores with it" do
      phrase = Munimen::Desk::Passphrase.new(records)
      phrase.set("seven brass unions")
      backup = described_class.new(records, office.config.folder)
      path = backup.nightly(Time.utc(2026, 11, 24))
      expect(Munimen::Formats::AgeFile.encrypted?(path)).to be(true)
      bundle = Munimen::Desk::Bundle.new(records, office.config.folder)
      expect(bundle.write("#{path}.bundle")).to end_with(".bundle.age")
      phrase.set(nil)
      expect { backup.restore(path) }.to raise_error(Munimen::Refused, /passphrase/)
      expect { backup.restore(path, given: "another one altogether") }.to raise_error(/wrong/)
      before = records.customers.list
      Munimen::Desk::AddCustomer.new(office.context).call(id: office.uuid, name: "Later")
      backup.restore(path, given: "seven brass unions")
      expect(records.customers.list).to eq(before)
    end

    it "restores nothing that is damaged, and keeps as many nightly ones as it should" do
      lived_in
      path = File.join(folder, "backup.zip")
      described_class.new(records, folder).write(path)
      Zip::File.open(path) do |zip|
        zip.get_output_stream("munimen.sqlite3") do |out|
          out.write("SQLite format 3\0#{"x" * 5000}")
        end
      end
      Munimen::Desk::AddCustomer.new(office.context).call(id: office.uuid, name: "Later")
      expect { described_class.new(records, folder).restore(path) }.to raise_error(
        Munimen::Error,
        /is not what was backed up/
      )
      expect(records.customers.list.map { |one| one[:name] }).to include("Later")
      place = Dir.mktmpdir("munimen-place")
      Munimen::Desk::BackupPlace.new(records, folder).set(place)
      16.times do |day|
        described_class.new(records, folder).nightly(Time.utc(2026, 11, 1 + day), keep: 14)
      end
      expect(Dir.children(place).minmax).to eq(%w[munimen-20261103.zip munimen-20261116.zip])
      expect(Dir.children(place).size).to eq(14)
      expect(Munimen::Store::BundleTables::BEHIND[:settings].call(name: "backup_place")).to be(true)
      expect(
        Dir[File.join(folder, "backups", "*")].map { |file| File.basename(file) }.minmax
      ).to eq(%w[munimen-20261103.zip munimen-20261116.zip])
    end
  end
end
