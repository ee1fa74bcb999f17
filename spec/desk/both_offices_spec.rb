# frozen_string_literal: true

require "office_helper"
require_relative "../../demo/walk"
require_relative "../../demo/truth"

# The same routes and use cases over the database and over what is in the pocket: whatever is done,
# both say the same, letter for letter.
RSpec.describe Munimen::Pocket do
  # The records of an office as a browser takes them along.
  def taken_along(office)
    own = office.person[:id]
    office.records.people.change(own, { signature: [[[0.1, 0.2], [0.3, 0.4]]] })
    rows = Munimen::Store::Pack.new(office.records).rows([office.heater], own:)
    Munimen::Pocket::Records.new(JSON.parse(JSON.generate(rows), symbolize_names: true))
  end

  def person(records)
    found = office.person
    records.people.find(found[:id]) || found
  end

  # A whole visit by the demo's walker, ids and chance the same each time; its id.
  def walked(records, findings)
    count = 0
    allow(SecureRandom).to receive(:uuid) { format("%08x-0000-4000-8000-000000000000", count += 1) }
    walker = Munimen::Demo::Walk.new(
      records, person: person(records), at: office.now, findings:, random: Random.new(7),
      truth: Munimen::Demo::Truth.new(static: 62, charge: 44, tap: 119)
    )
    [walker.call(office.heater), walker.context.now]
  end

  def answer(records, now, path, given = {})
    desk = Munimen::Desk::Context.new(records, person: person(records), clock: -> { now })
    route, named = Munimen::Desk::Routes.find("GET", path)
    JSON.parse(JSON.generate(route.call(desk, named.merge(given), {})))
  end

  def looks(visit)
    %W[
      /api/visits/#{visit} /api/visits/#{visit}/report /api/heaters/#{office.heater}
      /api/heaters/#{office.heater}/trends /api/heaters/#{office.heater}/what-if
      /api/customers/#{office.customer} /api/customers /api/today /api/instruments
      /api/me
    ]
  end

  kinds = { "sound" => {}, "in danger" => { relief_present: :missing } }
  kinds.each do |what, found|
    it "gives the same visit, page, history and day after a whole visit to a heater that is " \
       "#{what}" do
      office.walk
      said = [taken_along(office), office.records].map do |records|
        visit, now = walked(records, found)
        looks(visit).to_h { |path| [path, answer(records, now + 60, path)] }
      end
      expect(said.first.keys).to eq(said.last.keys)
      said.last.each { |path, answer| expect(said.first[path]).to eq(answer), path }
      page = said.last.values[1]
      expect([page["signatures"].size, page["page"]["outcome"] == "in_service"]).to eq(
        [2, found.empty?]
      )
    end
  end

  it "ends a visit and a heater, and takes both back, as the database does" do
    office.walk
    visit = office.start
    said = [taken_along(office), office.records].map do |records|
      desk = Munimen::Desk::Context.new(records, person: office.person, clock: -> { office.now })
      looked = lambda do
        paths = %W[/api/visits/#{visit} /api/heaters/#{office.heater} /api/today]
        paths.map { |path| answer(records, office.now, path) }
      end
      end_visit = lambda do |how|
        Munimen::Desk::EndVisit.new(desk).call(visit, id: "e-#{how}", how:, reason: "Card left")
        looked.call
      end
      end_heater = lambda do |how|
        Munimen::Desk::EndHeater.new(desk).call(office.heater, how:)
        looked.call
      end
      [*%w[nobody_home].map(&end_visit), *%w[taken_out back].map(&end_heater),
       *%w[reopened].map(&end_visit)]
    end
    ended, gone, back, again = said.first
    expect([ended, again].map { |one| one[0]["status"] }).to eq(%w[ended open])
    expect(gone[1]["owed"]).to eq([])
    expect(back[1]["owed"].size).to be_positive
    said.last.zip(said.first) { |here, there| expect(there).to eq(here) }
  end

  it "numbers, corrects and locks as the database does" do
    visit = office.start
    pocket = taken_along(office)
    both = [office.records, pocket]
    both.each do |records|
      desk = Munimen::Desk::Context.new(records, person: office.person, clock: -> { office.now })
      %w[61 62].each_with_index do |value, index|
        2.times do
          Munimen::Desk::TakeReading.new(desk).call(
            visit,
            id: "0000000#{index}-0000-4000-8000-000000000000",
            name: "static_pressure",
            value:
          )
        end
      end
      expect { records.write { records.visits.update(visit, jobs: []) && raise("no") } }
        .to raise_error("no")
    end
    rows = both.map { |records| records.visits.rows(:readings, visit) }
    expect(rows.first).to eq(rows.last.map { |row| row.slice(*rows.first.first.keys) })
    expect(rows.last.map { |row| row.values_at(:seq, :superseded_by).map(&:nil?) }).to eq(
      [[false, false], [false, true]]
    )
    versions = both.map { |records| records.visits.version(visit) }
    expect(versions.uniq.size).to eq(1)
    pocket.tables.seal(visit)
    expect { pocket.visits.write(:notes, id: "n", visit_id: visit) }
      .to raise_error(Munimen::Refused, /locked/)
  end

  it "keeps what the customer signed where the office's page is another, adds it to the " \
     "visit, and tells the owner" do
    require_relative "../../demo/walk"
    walker = Munimen::Demo::Walk.new(
      office.records, person: office.person, at: office.now, random: Random.new(7),
      truth: Munimen::Demo::Truth.new(static: 62, charge: 44, tap: 119)
    )
    allow(Munimen::Desk::Sign).to receive(:new).and_wrap_original do |made, desk|
      sign = made.call(desk)
      allow(sign).to receive(:call).and_wrap_original do |call, visit, **given|
        page = Munimen::Desk::ReportPage.new(desk).call(visit)[:page]
        page[:sentence] = "All is well."
        call.call(visit, **given, **(given[:signer] == "customer" ? { seen: page } : {}))
      end
      sign
    end
    visit = walker.call(office.heater)
    page = Munimen::Desk::ReportPage.new(office.context).call(visit)
    expect(page[:amendments].map { |one| one[:text] }).to contain_exactly(/“All is well.”/)
    kept = office.records.visits.rows(:signed_pages, visit).first
    expect(kept[:seen]["sentence"]).to eq("All is well.")
    owed = office.records.dues.open(heater_id: office.heater).map { |row| row[:kind] }
    expect(owed).to include("page_differs")
    expect(office.records.seals.problems(office.records.photo_files)).to eq([])
  end

  it "takes along how the screen shows the visits that one has under way, and nobody else's" do
    mine = office.start
    sent = Munimen::Desk::Sent.new(made: office.now)
    along = lambda do |role|
      firm = office.config.desk_for(office.person(role), sent:)
      JSON.parse(JSON.generate(Munimen::Desk::TakeAlong.new(firm).call(more: [office.heater])))
    end
    pack = along.call("plumber")
    pocket = Munimen::Pocket::Office.new(JSON.generate(pack))
    there = pocket.call("GET", "/api/visits/#{mine}", now: office.now.iso8601).last
    there = JSON.parse(there)
    expect(pack["shown"].transform_values { |view| view.except("now") })
      .to eq(mine => there.except("now"))
    expect(along.call("inspector")["shown"]).to eq({})
  end

  it "goes on with an exercise of the training rig that was begun with a signal, a minute waited " \
     "and each test taken once however often it is sent" do
    now = Time.utc(2026, 11, 23, 9)
    firm = office.config.desk_for(office.person, sent: Munimen::Desk::Sent.new(made: now))
    id = Munimen::Desk::Train.new(firm).start(scenario: "the-puddle")[:id]
    pack = JSON.generate(Munimen::Desk::TakeAlong.new(firm).call)
    pocket = Munimen::Pocket::Office.new(pack)
    sent = [["tests", { test: "static_pressure" }], ["clock", { skip: 60 }],
            ["cause", { cause: "worn_seat" }], ["end", {}]]
    said = sent.flat_map.with_index do |(what, body), index|
      path = "/api/training/#{id}/#{what}"
      body = body.merge(id: office.uuid) unless what == "end"
      at = now + (30 * (index + 1))
      Array.new(2) do
        there = pocket.call("POST", path, "{}", JSON.generate(body), now: at.iso8601)
        expect(there.first).to eq(200)
        route, named = Munimen::Desk::Routes.find("POST", path)
        sent = Munimen::Desk::Sent.new(made: at)
        here = route.call(office.config.desk_for(office.person, sent:), named, body)
        [JSON.parse(there.last), JSON.parse(JSON.generate(here))]
      end
    end
    said.each { |there, here| expect(there).to eq(here) }
    expect(said.last.last).to include("tests" => 1, "over" => true, "found" => false)
    # Its minutes; two looks at half a minute each, a minute that was waited; a wrong part's time.
    minutes = Munimen::Faults::Test[:static_pressure].minutes
    expect(said[3].last["seconds"]).to be_within(1).of((minutes * 60) + 60 + 60)
  end

  it "lists customers a hundred at a time, none twice and none left out" do
    names = Array.new(230) { |index| format("Name %03d", index / 2) } # two of each
    names.each { |name| office.records.customers.add(id: office.uuid, name:, created_at: "x") }
    rows = { customers: office.records.database[:customers].all, sites: [] }
    [office.records.customers, Munimen::Pocket::Records.new(rows).customers].each do |customers|
      seen = []
      while (list = customers.list(after: seen.last&.fetch(:id))).any?
        seen += list
      end
      expect([seen.size, seen.map { |one| one[:id] }.uniq.size]).to eq([231, 231])
      expect(seen.map { |one| one[:name] }).to eq(["Ada Brook", *names])
    end
  end
end
