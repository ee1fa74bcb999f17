# frozen_string_literal: true

require "office_helper"
require "open3"

RSpec.describe Munimen::Cli::Commands do
  def run(*arguments, input: "")
    output = StringIO.new
    errors = StringIO.new
    status = described_class.new(StringIO.new(input), output, errors).run(arguments)
    [status, output.string, errors.string]
  end

  let(:story) do
    {
      version: 4,
      date: "2026-11-23",
      site: {
        rulebook: "us_irc"
      },
      heater: Build::GAS,
      jobs: ["annual_safety"],
      readings: [
        { name: "static_pressure", value: "62" },
        { name: "vessel_charge", value: "20 psi", state: { heater_pressure: "zero" } },
        { name: "relief_lever", value: "lifts" },
        { name: "relief_flow", value: "none" },
        { name: "relief_closes", value: "shuts" }
      ],
      observations: [
        { item: "trim_rings", finding: "melted" },
        { item: "grounding", finding: "not_visible" }
      ],
      steps: [{ operation: "test_air_valve", outcome: "not_tested", reason: "cap seized" }]
    }
  end

  it "lists, describes and works out calculations, in any system of units" do
    expect(run("calc")[1]).to include("vessel_performance", "scald_time")
    expect(run("calc", "closed_system")[1]).to include(
      "efficiency",
      "default 0.8",
      "Common practice"
    )
    status, output, = run(
      "calc",
      "thermal_expansion",
      "volume=50 gal",
      "cold=10",
      "hot=60",
      "--units",
      "england",
      "--json"
    )
    expect(status).to eq(0)
    expect(JSON.parse(output)).to include(
      "calculation" => "thermal_expansion",
      "outputs" => include("expanded_volume" => include("unit" => "L")),
      "verdict" => nil
    )
    expect(
      run(
        "calc",
        "settled_reading",
        "samples=#{JSON.generate((0..8).map { |t| { t:, value: 5 } })}",
        "tolerance=0.1"
      )[
        1
      ]
    ).to match(/settled_at\s+5/)
  end

  [
    [%w[calc heat_up volume=-5 power=4500W cold=50 hot=120], "volume"],
    [%w[calc heat_up volume=NaN power=4500W cold=50 hot=120], "volume"],
    [%w[calc heat_up volume=50 power=4500W cold=50 hot=300], "hot"],
    [%w[calc heat_up power=4500W cold=50 hot=120], "volume"],
    [["calc", "heat_up", "volume=50 psi", "power=4500W", "cold=50", "hot=120"], "volume"],
    [%w[calc nothing], "calculation"],
    [%w[calc heat_up nonsense], "nonsense"],
    [%w[judge /no/such/file], "file"],
    [%w[judge], "file"],
    [%w[calc water temperature=60 --units french], "units"]
  ].each do |arguments, field|
    it "exits with 2 and says what is wrong with #{field}: #{arguments.join(" ")}" do
      status, output, errors = run(*arguments)
      expect(status).to eq(2)
      expect(output).to be_empty
      expect(JSON.parse(errors)["error"]).to include(
        "field" => field,
        "message" => a_string_matching(/\w/)
      )
      expect(errors).not_to include(".rb:")
    end
  end

  it "judges a visit file as the visit screen would" do
    status, output, = run("judge", "-", input: JSON.generate(story))
    expect(status).to eq(0)
    judged = JSON.parse(output)
    expect(judged["outcome"]["proposed"]).to eq("left_off")
    expect(judged["deficiencies"].map { |one| one.values_at("check", "state") }).to eq(
      [%w[relief_valve danger], %w[trim_rings danger], %w[vessel_charge defect]]
    )
    expect(judged["verdicts"].find { |one| one["check"] == "test_air_valve" }).to include(
      "state" => "not_tested"
    )
    expect(judged["due"].map { |one| one["kind"] }).to include("deficiency", "annual_service")
    expect(judged["deficiencies"].first["because"].first["source"]).to eq(
      "Common practice: strong full-bore flow, and it shuts"
    )
  end

  {
    { readings: [{ name: "static_pressure", value: "62 F" }] } => "static_pressure",
    { jobs: ["fly"] } => "jobs",
    { date: "tomorrow" } => "date",
    { readings: "none" } => "readings",
    { steps: [{ operation: "identify", outcome: "not_tested" }] } => "steps.0.reason",
    {
      readings: [{ name: "static_pressure", value: "62", state: { level: "wobbly" } }]
    } =>
      "readings.0.state",
    { version: 9 } => "version",
    { heater: { kind: "gas_storage" } } => "capacity",
    { site: { rulebook: "moon" } } => "code_profile",
    { site: { code_profile: "us_irc" } } => "code_profile"
  }.each do |change, field|
    it "refuses a visit file with a wrong #{field}" do
      status, _, errors = run("judge", "-", input: JSON.generate(story.merge(change)))
      expect([status, JSON.parse(errors).dig("error", "field")]).to eq([2, field])
    end
  end

  it "reads the versions before, and what the third can say besides" do
    older = run("judge", "-", input: JSON.generate(story.merge(version: 2)))[1]
    expect(run("judge", "-", input: JSON.generate(story))[1]).to eq(older)
    cylinder = Build::KINDS.fetch(:unvented_indirect).merge(
      working_pressure: "3.5 bar", relief_set_pressure: "7 bar", d2_drop: "200 mm", d2_fall: "300",
      immersion_set_point: "60 degC", immersion_cut_out: "95 degC",
      relief_set_temperature: "90 degC",
      last_flushed: "never", date_code: "K24"
    )
    file = {
      version: 4, site: { rulebook: "england_g3" }, heater: cylinder, jobs: ["annual_unvented"],
      readings: [{ name: "strainer", value: "torn" }, { name: "drip_pail", value: "water" }],
      observations: [
        { item: "d2_route", finding: "lost" }, { item: "drain_valve", finding: "no_flow" }
      ]
    }
    states = lambda do |heater|
      JSON.parse(run("judge", "-", input: JSON.generate(file.merge(heater:)))[1])["verdicts"]
          .to_h { |one| [one["check"], one["state"]] }
    end
    # Approved Document G, G3 (from memory): 300 mm straight down, 1 in 200; handbook §§9, 25.
    expect(states[cylinder]).to include(
      "d2_drop" => "defect", "d2_fall" => "defect", "tier_order" => "danger",
      "strainer" => "defect",
      "drip_pail" => "watch", "d2_route" => "defect", "drain_valve" => "watch",
      "relief_setting" => "not_tested", "immersion_cut_out" => "defect"
    )
    expect(states[cylinder.merge(plate_pressure: "design")]["relief_setting"]).to eq("danger")
    expect(states[cylinder.merge(d2_drop: "300 mm", d2_fall: "200")]).to include(
      "d2_drop" => "sound", "d2_fall" => "sound"
    )
  end

  # Handbook §25: only a street that is higher shows what a regulator does.
  it "takes no house above its street, or level with it, for a regulator that holds" do
    state = lambda do |house, street, **more|
      heater = Build::GAS.merge(regulator: "yes", **more)
      readings = { static_pressure: house, mains_pressure: street }.map do |name, value|
        { name:, value: value.to_s }
      end
      told = run("judge", "-", input: JSON.generate(heater:, readings:))[1]
      JSON.parse(told)["verdicts"].find { |one| one["check"] == "regulator" }["state"]
    end
    expect([state[58, 58], state[70, 60], state[75, 75], state[58, 95]]).to eq(
      %w[not_tested not_tested defect sound]
    )
    expect(state[72, 95, regulator_setting: "60 psi"]).to eq("watch")
  end

  it "plans jobs in order with needs, makes and times" do
    status, output, =
      run("plan", "-", "--jobs", "annual_safety", input: JSON.generate(heater: Build::ELECTRIC))
    plan = JSON.parse(output)
    expect(status).to eq(0)
    own = JSON.generate(heater: Build::ELECTRIC, jobs: ["annual_safety"])
    expect(run("plan", "-", input: own)[1]).to eq(output)
    expect(plan["operations"].map { |one| one["operation"] }).to include(
      "lock_off_power",
      "restore_power"
    )
    expect(plan["operations"].first).to include("hands_on", "needs", "makes", "start")
    expect(plan["total_seconds"]).to be > plan["hands_on_seconds"]
  end

  # Restore when it is needed: one clear line for each, and what is damaged is kept.
  it "restores over what is damaged, cut short or missing, and opens nothing that is newer" do
    Dir.mktmpdir do |folder|
      path = File.join(folder, "munimen.sqlite3")
      backup = File.join(folder, "kept.zip")
      Munimen::Desk::Backup.new(office.records, office.config.folder).write(backup)
      spoils = {
        damaged: -> { File.binwrite(path, Random.new(1).bytes(5000)) },
        short: -> { File.truncate(path, 30_000) },
        missing: -> { FileUtils.rm_f(path) }
      }
      FileUtils.cp(office.config.database_path, path)
      aside = spoils.transform_values do |spoil|
        FileUtils.rm_f(Dir["#{path}-*"])
        spoil.call
        config = Munimen::Web::Config.new(folder)
        kept = config.set_aside_damaged
        Munimen::Desk::Backup.new(config.records, folder).restore(backup)
        expect(config.records.people.by_email("owner@example.test")).not_to be_nil
        config.records.database.disconnect
        File.basename(kept.to_s)[/\Adamaged/]
      end
      expect(aside).to eq(damaged: "damaged", short: "damaged", missing: nil)
      Munimen::Store::Database.open(path).tap do |database|
        database[:schema_info].update(version: 99)
        database.disconnect
      end
      expect { Munimen::Web::Config.new(folder).records }.to raise_error(
        Munimen::Error,
        /newer version/
      )
    end
  end

  it "leaves a data folder to the one process that has it, and closes it to everybody else" do
    Dir.mktmpdir do |folder|
      File.chmod(0o755, folder)
      holder = File.new(File.join(folder, "munimen.lock"), "w+")
      holder.write("4711")
      holder.flush
      holder.flock(File::LOCK_EX)
      expect { Munimen::Web::Config.new(folder).take! }.to raise_error(
        Munimen::Refused,
        /process 4711/
      )
      holder.close
      allow(File).to receive(:new).and_raise(Errno::EROFS)
      expect { Munimen::Store::FolderLock.check(folder) }.to raise_error(
        Munimen::Error,
        /#{folder} cannot be written to/
      )
      allow(File).to receive(:new).and_call_original
      FileUtils.mkdir_p(File.join(folder, "munimen-restore-killed"))
      FileUtils.touch(File.join(folder, "download-1.zip.part"))
      Munimen::Web::Config.new(folder).tap(&:secret).take!
      expect(Dir.children(folder)).to contain_exactly("munimen.lock", "session.secret", "work")
      modes = [folder, File.join(folder, "session.secret")].map do |one|
        File.stat(one).mode & 0o777
      end
      expect(modes).to eq([0o700, 0o600])
    end
  ensure
    File.umask(0o022)
  end

  it "writes docs/sources.md, and the one that is kept is that" do
    expect(run("sources")[1]).to eq(File.read(File.join(Munimen::ROOT, "docs/sources.md")))
    expect(run("schema")[1]).to eq(
      File.read(File.join(Munimen::ROOT, "docs/formats/visit.schema.json"))
    )
  end

  it "writes one country's rules alone, by its own names" do
    page = run("sources", "--book", "canada_npc")[1]
    expect(page).to start_with("# Canada").and include("at most 550 kPa").and include(
      "☐ | Carbon monoxide alarm"
    )
    expect(page).not_to match(/IRC|NEC|Document G|psi \|/)
    expect(run("sources", "--book", "atlantis")[2]).to include("canada_npc, england_g3")
  end

  it "publishes the schema of a visit, which the story keeps to" do
    require "json_schemer"
    schema = JSONSchemer.schema(
      JSON.parse(File.read(File.join(Munimen::ROOT, "docs/formats/visit.schema.json")))
    )
    expect(schema.validate(JSON.parse(JSON.generate(story))).to_a).to be_empty
    expect(
      schema.valid?(JSON.parse(JSON.generate(story.merge(readings: [{ value: "62" }]))))
    ).to be(false)
  end

  it "reads a file of the first version, and one that names none, as it reads the newest" do
    judged = lambda do |data|
      run("judge", "-", input: JSON.generate(data)).then { |status, output,| [status, output] }
    end
    old = story.merge(version: 1, site: { code_profile: "us_irc" })
    expect([judged[old], judged[old.except(:version)]]).to all(eq(judged[story]))
    expect(judged[story].first).to eq(0)
  end

  it "says what each command takes, which version it is, and never a trace" do
    expect(run("plan", "--help")).to eq(
      [0, "bin/munimen plan FILE|- [--jobs a,b]\n    the operations of these jobs, or of the " \
          "file's, in order\n", ""]
    )
    expect(run("--version")[1]).to eq("munimen #{Munimen::VERSION}\n")
    expect(run("completion", "bash")[1]).to include("restore", "complete")
    expect(run("completion", "fish")[2]).to include("bash or zsh")
    expect(run("serve", "99999")[2]).to include("0 to 65535")
    stub_const("ENV", ENV.to_h.merge("MUNIMEN_DATA" => "/proc/nowhere"))
    status, _, said = run("verify")
    expect([status, JSON.parse(said)["error"]["code"]]).to eq([2, "not_possible"])
  end

  it "adds, changes and closes people from the machine itself, and keeps an owner" do
    data = Dir.mktmpdir
    stub_const("ENV", ENV.to_h.merge("MUNIMEN_DATA" => data, "MUNIMEN_URL" => "https://h.test/"))
    expect(run("people")[2]).to include("There is no owner yet")
    run("owner", "first@firm.test", "First", input: "twelve letters at least\n")
    _, link, = run("people", "invite", "second@firm.test", "Bo Second")
    token = link[%r{https://h\.test/join/(\S+)}, 1]
    config = Munimen::Web::Config.new(data)
    Munimen::Desk::Staff.new(Munimen::Desk::Context.new(config.records, person: nil))
                        .join(token, password: "another twelve letters")
    run("people", "trades", "second@firm.test", "gas:G-7:2030-01-01", "electrical")
    run("people", "pause", "second@firm.test")
    expect(run("people")[1].lines.map { |line| line.split(/ {2,}/).map(&:strip) }).to eq(
      [["second@firm.test", "plumber", "paused", "Bo Second"],
       ["first@firm.test", "owner", "open", "First"]]
    )
    refused = run("people", "close", "first@firm.test")
    expect([refused[0], JSON.parse(refused[2])["error"]["code"]]).to eq([2, "refused"])
    expect(run("people", "invite", "third@firm.test")[2]).to include("Give email and name")
    expect(run("owner", "a", "b", "c")[2]).to include("too_many")
    row = config.records.people.by_email("second@firm.test")
    expect(Munimen::Store::Values.qualifications(row)).to include(
      a_hash_including(trade: "gas", number: "G-7", expires: "2030-01-01")
    )
  end

  # In a process of its own, where nothing is loaded that another spec has asked for.
  it "takes an office out and in again by its own door" do
    office.walk
    office.records.database.disconnect
    bundle = File.join(Dir.mktmpdir, "office.zip")
    home = Dir.mktmpdir
    said = [[office.config.folder, "export", bundle], [home, "import", bundle], [home, "people"],
            [home, "verify"], [home, "backup", "#{bundle}.2"], [home, "restore", "#{bundle}.2"]]
           .map do |folder, *words|
      command = [File.join(Munimen::ROOT, "bin/munimen"), *words]
      Open3.capture2e({ "MUNIMEN_DATA" => folder }, *command).first
    end
    expect(said).to match(
      [/Exported/, /Imported: .*1 visits.*1 seals/, /plumber +open +Plumber/, /Whole: 1 seals/,
       /Backup/, /Restored\. 1 seals, all whole/]
    )
  end

  it "refuses a key that it does not know by its name, at every level" do
    { redings: [], site: { book: "us_irc" }, readings: [{ name: "static_pressure", valu: "62" }],
      observations: [{ item: "leak", finding: "sound", notes: "" }], decisions: { dangr: "x" } }
      .each do |name, given|
        status, _, said = run("judge", "-", input: JSON.generate(story.merge(name => given)))
        expect([status, JSON.parse(said)["error"]["code"]]).to eq([2, "unknown_input"]), name.to_s
        expect(said).to match(/redings|book|valu|notes|dangr/)
      end
    expect(run("judge", "-", input: JSON.generate(story.merge(comment: "Tuesday"))).first).to eq(0)
  end
end
