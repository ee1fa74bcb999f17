# frozen_string_literal: true

require "office_helper"
require_relative "../support/demo_folder"

RSpec.describe Munimen::Store do
  let(:records) { office.records }

  it "brings a visit back as it was written: readings to the last digit, with state, unit and " \
     "person" do
    visit = office.start
    office.read(visit, :static_pressure, "4.2 bar")
    office.pass(10)
    office.read(visit, :static_pressure, "61.37")
    core = records.visits.load(visit, now: office.now)
    expect(core.readings.map(&:typed)).to eq(["4.2 bar", "61.37"])
    expect(core.quantity(:static_pressure).in("psi")).to be_within(1e-9).of(61.37)
    expect(core.readings.first.superseded).to eq(core.readings.last.id)
    expect(core.reading(:static_pressure)).to have_attributes(
      by: office.person[:id],
      pressure_state: :live
    )
    expect(records.visits.load(visit,
now: office.now).readings.reject(&:superseded).map(&:typed)).to eq(["61.37"])
  end

  it "keeps of a reading's state what differs from arrival, and gives it back whole" do
    visit = office.start
    office.step(visit, :fit_gauge, "already_so")
    office.read(visit, :static_pressure, "62")
    kept = records.visits.rows(:readings, visit).first[:state]
    expect(JSON.parse(kept)).to eq({ "gauge" => "fitted", "max_hand" => "reset" })
    state = records.visits.load(visit, now: office.now).reading(:static_pressure).state
    expect(state).to include(gauge: :fitted, heater_pressure: :live, "heat.burner": :on)
  end

  it "takes a second sending of a customer, site, heater or visit for what it is" do
    context = office.context
    2.times do
      Munimen::Desk::AddCustomer.new(context).call(id: office.customer, name: "Somebody else")
    end
    expect(records.customers.find(office.customer)[:name]).to eq("Ada Brook")
    id = office.uuid
    2.times do
      Munimen::Desk::StartVisit.new(context).book(
        id:,
        heater_id: office.heater,
        jobs: ["pressure_check"],
        planned_for: office.now.iso8601
      )
    end
    expect(records.visits.of_heater(office.heater).size).to eq(1)
  end

  it "finds customers by name, address or phone, and takes search signs for letters" do
    Munimen::Desk::AddCustomer.new(office.context).call(
      id: office.uuid,
      name: "100% Laundry",
      phone: "555-0199"
    )
    found = ->(text) { records.customers.list(search: text).map { |row| row[:name] } }
    expect(found["brook"]).to eq(["Ada Brook"])
    expect(found["weir"]).to eq(["Ada Brook"])
    expect(found["0199"]).to eq(["100% Laundry"])
    expect(found["100%"]).to eq(["100% Laundry"])
    expect([found["%"], found["_"]]).to eq([[], []])
    expect(found["brook weir"]).to eq(["Ada Brook"])
    expect(found["' OR 1=1 --"]).to eq([])
  end

  # A name is typed without its accents, an apostrophe left out, a number as one dials it at home.
  it "finds Brontë by bronte, O'Brien by obrien, +1 440 555 0257 by 4405550257" do
    add = Munimen::Desk::AddCustomer.new(office.context)
    { "Charlotte Brontë" => "+1 440 555 0257", "Pat O'Brien" => "020 7946 0018",
      "Jürgen Weiß" => "" }.each { |name, phone| add.call(id: office.uuid, name:, phone:) }
    found = ->(text) { records.customers.list(search: text).map { |row| row[:name] } }
    { "bronte" => "Charlotte Brontë", "BRONTË char" => "Charlotte Brontë",
      "4405550257" => "Charlotte Brontë", "440-555" => "Charlotte Brontë",
      "5550257" => "Charlotte Brontë", "obrien" => "Pat O'Brien", "o'brien" => "Pat O'Brien",
      "o’bri" => "Pat O'Brien", "02079460018" => "Pat O'Brien", "weiss" => "Jürgen Weiß",
      "jurgen" => "Jürgen Weiß" }.each do |typed, name|
      expect([typed, found[typed]]).to eq([typed, [name]])
    end
  end

  it "puts what is owed worst first, then by date, and keeps it until it is settled" do
    visit = office.start
    add = lambda do |grade, on, **more|
      records.dues.add(
        id: office.uuid,
        heater_id: office.heater,
        visit_id: visit,
        kind: "deficiency",
        on:,
        text: "x",
        grade:,
        **more
      )
    end
    add["watch", "2026-01-01"]
    add["danger", "2026-12-01", check: "relief_valve"]
    add["defect", "2026-11-01"]
    add[nil, "2026-10-01", job: "annual_safety"]
    expect(records.dues.open.map { |due| due[:grade] }).to eq(["danger", "defect", nil, "watch"])
    expect(records.dues.open(by: Date.new(2026, 11, 2)).size).to eq(3)
    records.dues.settle(
      heater_id: office.heater,
      at: "2026-11-23",
      jobs: ["annual_safety"],
      checks: ["relief_valve"]
    )
    expect(records.dues.open.map { |due| due[:grade] }).to eq(%w[defect watch])
  end

  it "lists the visits of a day, and those still open from before" do
    open = office.start
    office.pass(3 * 86_400)
    booked = office.uuid
    Munimen::Desk::StartVisit.new(office.context).book(
      id: booked,
      heater_id: office.heater,
      jobs: ["annual_safety"],
      planned_for: office.now.iso8601
    )
    today = Munimen::Desk::ViewToday.new(office.context).call
    expect(today[:visits].map { |row| row[:id] }).to contain_exactly(open, booked)
    expect(today[:visits].last[:line][:blocks].size).to be > 10
  end

  it "refuses what names nothing, with a word for it" do
    [
      -> { records.visits.load(office.uuid, now: office.now) },
      -> { records.heaters.find("x") },
      -> { records.customers.find("x") },
      -> { records.customers.site("x") },
      -> { records.heaters.with_place("x") },
      -> { records.visits.find("x") }
    ].each { |ask| expect(&ask).to raise_error(Munimen::NotFound) }
  end

  it "makes accounts with a known role, a fresh address and a password of some length only" do
    make = lambda do |**more|
      records.people.create(
        email: "new@example.test",
        name: "New",
        role: "plumber",
        password: "twelve letters",
        **more
      )
    end
    expect { make[role: "king"] }.to raise_error(Munimen::Error, /role must be one of/)
    expect { make[password: "short"] }.to raise_error(Munimen::Error, /at least 12/)
    expect { make[email: "OWNER@example.test"] }.to raise_error(Munimen::Error, /has an account/)
    expect(records.people.find(make[])).to include(name: "New", role: "plumber")
  end

  it "shows a heater's record with its last drawing, its visits and what is owed" do
    office.walk(relief: :drips)
    record = Munimen::Desk::ViewHeater.new(office.context).call(office.heater)
    expect(record[:visits].first).to include(status: "signed", outcome: "in_service_with_limits")
    expect(record[:marks][:relief_valve]).to include(grade: "defect")
    expect(record[:owed].map { |due| due[:kind] }).to include(
      "charge_recheck",
      "annual_service",
      "deficiency"
    )
    expect(record[:ladder][:scales].map { |scale| scale[:id] }).to eq(%w[pressure temperature])
  end

  it "keeps two people's writes on one visit, each with its name" do
    visit = office.start
    Munimen::Desk::TakeReading.new(office.context("plumber")).call(
      visit,
      id: office.uuid,
      name: "static_pressure",
      value: "60"
    )
    office.pass(1)
    Munimen::Desk::TakeReading.new(office.context("owner")).call(
      visit,
      id: office.uuid,
      name: "static_pressure",
      value: "64"
    )
    rows = records.visits.rows(:readings, visit)
    expect(rows.map { |row| [row[:typed], row[:account_id]] }).to eq(
      [["60", office.person[:id]], ["64", office.person("owner")[:id]]]
    )
    expect(office.view(visit)[:corrected].map { |one| one[:text] }).to eq(["60 psi"])
  end
end

RSpec.describe "The demo" do
  it "is a firm with two years of visits whose numbers the physics made, something owed, one " \
     "danger open, one visit half done" do
    DemoFolder.open do |config|
      records = config.records
      visits = records.database[:visits]
      expect(records.customers.list.size).to be >= 6
      kinds =
        records.database[:heaters].select_map(:installation).map { |text| JSON.parse(text)["kind"] }
      expect(kinds.size).to be >= 8
      expect(kinds.uniq).to match_array(Munimen::Heater::Fields::KINDS.map(&:to_s))
      expect(visits.where(status: "open").count).to eq(1)
      expect(visits.where(status: "booked").count).to be >= 2
      expect(visits.min(:planned_for)).to start_with((Date.today - 1200).year.to_s)
      owed = records.dues.open(by: Date.today + 14)
      found = owed.select { |due| due[:kind] == "deficiency" }
      expect(found.map { |due| due[:grade] }.tally).to include("danger" => 1, "defect" => (be >= 2))
      half =
        records.visits.load(visits.where(status: "open").get(:id), now: Time.now.utc)
      expect(half.standing.size).to eq(8)
      peaks =
        visits
          .where(status: "signed")
          .select_map(:page)
          .map { |page| JSON.parse(page)["page"]["meaning"]&.fetch("text")&.last }
          .compact
          .grep(/\AMeasured/)
      expect(peaks.size).to be >= 16
      expect(peaks).to all(include("they agree").or(include("found another way")))
      expect(
        JSON
          .parse(File.read(File.join(config.folder, "demo-accounts.json")))
          .map { |one| one["role"] }
          .uniq
      ).to match_array(Munimen::Store::People::ROLES)
    end
  end
end
