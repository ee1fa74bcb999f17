# frozen_string_literal: true

require "office_helper"

# What is worked out once, and not again: plans by their problem, verdicts by what was asked for
# them. Whatever is kept is what would be made anew.
RSpec.describe Munimen::Visit::Memory do
  # A person who reads, looks, decides, does and undoes by chance.
  def act(visit, random)
    shown = office.view(visit)
    step = shown[:plan][:steps].sample(random:) or return
    case random.rand(8)
    when 0..3 then read(visit, step, random)
    when 4 then look(visit, random)
    when 5 then decide(visit, random)
    when 6 then office.step(visit, shown[:plan][:steps].first[:operation])
    else Munimen::Desk::DoStep.new(office.context).undo(visit, id: office.uuid)
    end
  rescue Munimen::Error
    nil # not now
  end

  numbers = { pressure: "60", temperature: "120", resistance: "12.9", voltage: "240",
              gas_pressure: "3.5", volume: "5", length: "4", time: "9", flow: "4" }

  define_method(:read) do |visit, step, random|
    read = step[:reads].sample(random:) or return
    value = read[:choices] ? read[:choices].sample(random:)[:id] : numbers.fetch(read[:kind], "3")
    value = (value.to_f * random.rand(0.4..1.8)).round(1).to_s unless read[:choices]
    value = "#{value} #{read[:unit].delete("–")}" if read[:unit] && random.rand < 0.2
    office.read(visit, read[:name], value)
  end

  def look(visit, random)
    loaded = office.records.visits.load(visit, now: office.now)
    item = Munimen::Inspection::InspectionItem.for(loaded, :visible).sample(random:)
    finding = [:sound, :sound, *item.findings.keys].sample(random:)
    Munimen::Desk::RecordObservations.new(office.context).call(
      visit, items: [{ id: office.uuid, item: item.id.to_s, finding: finding.to_s }]
    )
  end

  def decide(visit, random)
    name, value = [%w[consent given], %w[consent refused], %w[switch_off agreed],
                   %w[spare_at_hand yes]].sample(random:)
    Munimen::Desk::Decide.new(office.context).call(visit, id: office.uuid, name:, value:)
  end

  # Everything that the screen is told, by records that have kept nothing.
  def anew(visit)
    records = Munimen::Web::Config.new(office.config.folder).records
    context = Munimen::Desk::Context.new(records, person: office.person, clock: -> { office.now })
    told(Munimen::Desk::ViewVisit.new(context).call(visit))
  ensure
    records.database.disconnect
  end

  # The plan's own bound may be better known to whoever planned earlier, and of two orders that take
  # as long either will do.
  def told(view)
    obstacles = view[:obstacles].sort_by(&:to_s)
    JSON.generate(view.merge(plan: view[:plan].slice(:impossible), outlay: nil, obstacles:))
  end

  # 6 × 12 acts here, hundreds of visits by `bin/bench many 80`.
  (6 * TRIES).times do |seed|
    it "gives what would be made anew, letter for letter, visit #{seed}" do
      random = Random.new(seed)
      kinds = %i[gas_storage electric_storage boiler_coil]
      Munimen::Desk::KeepHeater.new(office.context).change(
        office.heater, label: "Cellar", installation: Build::KINDS[kinds[seed % 3]]
      )
      visit = office.start(jobs: [%w[annual_safety], %w[pressure_check flush]][seed % 2])
      12.times do
        act(visit, random)
        office.pass(random.rand(5..90))
        expect(told(office.view(visit))).to eq(anew(visit))
      end
    end
  end

  it "makes anew only what a reading touches" do
    visit = office.start
    office.read(visit, "static_pressure", "62")
    before = office.records.visits.load(visit, now: office.now)
    old = Munimen::Judgement::Judge.of(before).verdicts.to_h { |one| [one.check, one] }
    office.read(visit, "tap_temperature", "119")
    after = office.records.visits.load(visit, now: office.now)
    new = Munimen::Judgement::Judge.of(after).verdicts.to_h { |one| [one.check, one] }
    expect(new.keys - old.keys).to eq([:tap_temperature])
    expect(old).not_to be_empty
    old.each { |check, verdict| expect(new[check]).to equal(verdict) }
  end

  it "keeps nothing that hangs on what it cannot compare" do
    memory = described_class.new
    visit = visit()
    count = 0
    2.times { memory.of(:a, visit) { |asked| [asked.with(notes: []), count += 1] } }
    2.times { memory.of(:b, visit) { |asked| [asked.date, count += 10] } }
    expect(count).to eq(12)
  end
end

RSpec.describe Munimen::Planning::PlanShelf do
  def fresh_records = Munimen::Web::Config.new(office.config.folder).records

  def today(records)
    context = Munimen::Desk::Context.new(records, person: office.person, clock: -> { office.now })
    Munimen::Desk::ViewToday.new(context).call
  end

  around do |example|
    elsewhere = ENV.delete("MUNIMEN_PLANS")
    example.run
  ensure
    ENV["MUNIMEN_PLANS"] = elsewhere
  end

  def book(count, jobs: ["annual_safety"])
    desk = Munimen::Desk::StartVisit.new(office.context)
    Array.new(count) do
      office.uuid.tap do |id|
        desk.book(id:, heater_id: office.heater, jobs:, planned_for: office.now.iso8601)
      end
    end
  end

  it "plans visits of the same kind once, also after a restart, and other rules not at all" do
    book(25)
    first = today(office.records)
    expect(office.records.plan_shelf).to have_attributes(made: 1, found: 24)
    again = fresh_records
    expect(today(again)).to eq(first)
    expect(again.plan_shelf).to have_attributes(made: 0, found: 25)
    path = File.join(office.config.folder, "plans.sqlite3")
    of_others = Munimen::Store::LastingPlans.new(path, rules: "others")
    key = SQLite3::Database.new(path).execute("SELECT key FROM plans").flatten.first
    expect(of_others[key]).to be_nil
  end

  it "does without where what it kept cannot be read" do
    File.binwrite(File.join(office.config.folder, "plans.sqlite3"), "x" * 5000)
    book(2)
    expect(today(office.records)[:visits].map { |one| one[:line][:blocks].size }).to all(be > 10)
    expect(office.records.plan_shelf).to have_attributes(made: 1, found: 1)
  end

  it "holds no more bytes than it may, what was asked for last longest" do
    solution = Munimen::Planning::Solution.new(
      goals: [:a], hopeless: [], moves: [[:a, 0]], total: 1, at_least: 1
    )
    shelf = described_class.new(bytes: solution.to_json.bytesize * 2)
    %w[one two one three].each { |key| shelf.fetch(key) { solution } }
    expect { shelf.fetch("one") { raise "lost" } }.not_to raise_error
    expect { shelf.fetch("two") { raise "lost" } }.to raise_error("lost")
  end

  it "names the visits that were never finished, and burdens the day with none of them" do
    old = book(1).first
    Munimen::Desk::StartVisit.new(office.context).start(old)
    office.pass(15 * 86_400)
    shown = today(office.records)
    expect(shown[:visits]).to eq([])
    expect(shown[:unfinished]).to match(count: 1, oldest: [include(id: old, customer: "Ada Brook")])
  end
end
