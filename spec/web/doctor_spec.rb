# frozen_string_literal: true

require "office_helper"

# bin/munimen doctor on a good installation and on ones that are broken in a known way.
RSpec.describe Munimen::Cli::Doctor do
  def told(folder = office.config.folder, environment: {}, port: nil)
    described_class.new(folder, environment:, port:).findings
                   .to_h { |one| [one.what, [one.grade, one.mend]] }
  end

  # Whether the program itself is set up anew is another matter here.
  def wrongs(...)
    told(...).select { |_, (grade, mend)| grade == :wrong && mend != "bin/setup" }
  end

  # Office makes its people with the database; the files beside it come with the first start.
  def good
    office.config.take!
    office.config.secret
    office.records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
    { "MUNIMEN_URL" => "https://heaters.example", "MUNIMEN_HTTPS" => "1" }
  end

  it "finds nothing wrong with a good one, and says what would be better" do
    environment = good
    expect(wrongs(environment:)).to be_empty
    expect(told(environment:)).to include(
      "There is an owner." => [:well, nil],
      "There is no backup." => [:watch, /MUNIMEN_NIGHTLY=1/]
    )
    room = File.join(office.config.folder, "backups")
    FileUtils.mkdir_p(room)
    File.write(File.join(room, "a.zip"), "")
    expect(told(environment:).keys.join).to include("The latest backup is of")
  end

  it "names each thing that is wrong, and what mends it" do
    environment = good
    folder = office.config.folder
    file = File.join(folder, "munimen.sqlite3")
    expect(wrongs("/no/such/folder").values).to include([:wrong, /MUNIMEN_DATA/])
    expect(wrongs(environment: { "MUNIMEN_URL" => "http://heaters.example" }).values).to eq(
      [[:wrong,
        "A proxy with TLS before it (docs/operations.md), MUNIMEN_HTTPS=1, and https in " \
        "MUNIMEN_URL."]]
    )
    expect(wrongs(environment:, port: 1).keys).to eq(["Nothing answers on port 1."])
    File.chmod(0o644, file)
    expect(wrongs(environment:)).to eq(
      "Others on this machine can read #{file}." => [:wrong, "chmod -R go= #{folder}"]
    )
    File.chmod(0o600, file)
    office.records.database[:accounts].update(status_id: 3)
    expect(wrongs(environment:).keys).to eq(["Nobody can sign in as owner."])
    office.records.database[:schema_info].update(version: 900)
    expect(wrongs(environment:).keys).to include("The database is of a newer version.")
    office.records.database.disconnect
    File.binwrite(file, "not a database" * 100)
    expect(wrongs(environment:).to_a).to match([[/damaged/, [:wrong, /bin.munimen restore FILE/]]])
  end
end
