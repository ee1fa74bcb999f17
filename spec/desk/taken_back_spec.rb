# frozen_string_literal: true

require "office_helper"

# One answer is taken back, with what hung on it (handbook §26.15): what it leaves is unknown.
RSpec.describe Munimen::Desk::TakeBack do
  let(:visit) { office.start(jobs: %w[annual_safety]) }

  def back(of, person = "plumber", **more)
    described_class.new(office.context(person)).call(visit, id: office.uuid, of:, **more)
  end

  def loaded = office.records.visits.load(visit, now: office.now)
  def hazards = loaded.hazards.map(&:id)
  def code(&) = expect(&).to(raise_error(Munimen::Error) { |error| return error.code })
  def first_step = office.view(visit)[:plan][:steps].first[:operation]

  # Ids of both answers.
  def drips
    { relief_drip: "drips", relief_drip_hot: "hot" }.map do |name, word|
      office.read(visit, name, word)[:reading].id
    end
  end

  it "takes a hot drip back with what was asked because of it, and the danger with both" do
    drip, = drips
    expect(hazards).to eq([:over_temperature])
    back(drip, reason: "Touched the wrong line")
    expect(hazards).to eq([])
    expect([loaded.reading(:relief_drip), loaded.reading(:relief_drip_hot)]).to eq([nil, nil])
    kept = office.records.database[:readings].where(visit_id: visit).select_order_map(:choice)
    expect(kept).to eq(%w[drips hot])
    office.read(visit, "relief_drip", "drips")
    expect(hazards).to eq([]) # what was asked because of the old answer does not come back
  end

  it "leaves no danger on a sub-answer whose answer was corrected" do
    drips
    office.read(visit, "relief_drip", "dry")
    expect(hazards).to eq([])
    expect(loaded.reading(:relief_drip_hot)).to be_nil
    office.read(visit, "relief_drip", "drips")
    expect(office.view(visit)[:answers].map { |one| one[:name] }).not_to include(:relief_drip_hot)
  end

  it "keeps it where the same is said again, and where somebody had acted on it" do
    drips
    office.read(visit, "relief_drip", "drips")
    expect(hazards).to eq([:over_temperature])
    office.step(visit, first_step)
    office.read(visit, "relief_drip", "dry")
    expect(hazards).to eq([:over_temperature])
  end

  it "asks why a danger is taken back, and that whoever found it was told" do
    drip, = drips
    expect(code { back(drip) }).to eq(:danger_taken_back)
    expect(code { back(drip, "owner", reason: "Was mine") }).to eq(:others_danger)
    back(drip, "owner", reason: "Was mine", told: "Pia")
    expect(loaded.decisions.taken_back[drip]).to eq("Was mine – Told: Pia")
    expect(office.view(visit)[:struck].map { |one| one.slice(:text, :reason) }).to include(
      { text: "Drips", reason: "Was mine – Told: Pia" }
    )
    expect(code { back(drip) }).to eq(:not_found)
  end

  it "takes room CO of 90 back, and everybody may come in again" do
    co = office.read(visit, "room_co", "90")[:reading].id
    expect(hazards).not_to be_empty
    back(co, reason: "Typed 90 for 9")
    expect(hazards).to eq([])
    expect(office.view(visit)[:plan][:steps].size).to be > 5
  end

  it "takes back what was seen, a note and a consent, and nothing in a signed visit" do
    office.look(visit, :visible, leak: :body)
    leak = loaded.observation(:leak).id
    back(leak)
    expect(loaded.observation(:leak)).to be_nil
    desk = Munimen::Desk
    desk::AddNote.new(office.context).call(visit, id: id = office.uuid, entry: "straps.missing")
    expect { back(id) }.to change { loaded.notes.size }.by(-1)
    desk::Decide.new(office.context).call(visit, id: office.uuid, name: "consent", value: "given")
    expect { back("consent") }.to change { loaded.decision(:consent) }.from("given").to(nil)
    expect(code { back("taken_back.#{id}") }).to eq(:elsewhere)
    signed = office.walk
    reading = office.records.database[:readings].where(visit_id: signed).get(:id)
    again = -> { described_class.new(office.context).call(signed, id: office.uuid, of: reading) }
    expect(code(&again)).to eq(:signed)
  end

  it "keeps how it was found where a second value was read after the work (handbook §26.11)" do
    found = -> { loaded.columns.found.quantity(:gas_manifold).in("inH2O") }
    office.read(visit, "gas_manifold", "4.07")
    office.read(visit, "gas_manifold", "3.5", again: true)
    expect(found.call).to be_within(0.01).of(4.07)
    expect(loaded.quantity(:gas_manifold).in("inH2O")).to be_within(0.01).of(3.5)
    office.read(visit, "gas_manifold", "3.6") # a typing error of the second
    expect(found.call).to be_within(0.01).of(4.07)
  end

  it "lets what was read before the work stand again, once what was read after it is taken back" do
    office.read(visit, "vessel_charge", "40")
    office.looked_over(visit)
    later = office.read(visit, "vessel_charge", "58")[:reading].id
    back(later)
    expect(loaded.quantity(:vessel_charge).in("psi")).to be_within(0.01).of(40)
  end

  numbers = { pressure: "60", temperature: "120", resistance: "12.9", voltage: "240",
              gas_pressure: "3.5", volume: "5", length: "4", time: "9", flow: "4" }

  # Something is said that has not been said yet: its id, or nil.
  define_method(:something) { |random| random.rand < 0.5 ? look(random) : read(random) }

  def look(random)
    all = Munimen::Inspection::InspectionItem.for(loaded, :visible)
    item = all.reject { |one| loaded.observation(one.id) }.sample(random:) or return
    finding = [:sound, *item.findings.keys].sample(random:)
    office.uuid.tap do |id|
      Munimen::Desk::RecordObservations.new(office.context).call(
        visit, items: [{ id:, item: item.id, finding: }]
      )
    end
  end

  define_method(:read) do |random|
    shown = office.view(visit)
    asked = shown[:plan][:steps].flat_map { |step| step[:reads] }
      .select { |read| read[:shown] && !shown[:readings].key?(read[:name]) }
    read = asked.sample(random:) or return
    value = read[:choices] ? read[:choices].sample(random:)[:id] : numbers.fetch(read[:kind], "3")
    office.read(visit, read[:name], value)[:reading].id
  end

  def go_on(random)
    something(random)
    return if office.view(visit)[:plan][:steps].empty? # everybody is out

    office.step(visit, first_step) if random.rand < 0.6
  rescue Munimen::Refused
    nil # not now
  end

  def everything
    view = office.view(visit)
    page = Munimen::Desk::ReportPage.new(office.context).call(visit)
    JSON.generate([view.except(:version, :corrected, :struck), page])
  end

  # A handful of visits here, two thousand by `bin/bench many 400`.
  (5 * TRIES).times do |seed|
    it "leaves verdicts, dangers, plan and page as before, letter for letter, visit #{seed}" do
      random = Random.new(seed)
      kinds = %i[gas_storage electric_storage boiler_coil]
      Munimen::Desk::KeepHeater.new(office.context).change(
        office.heater, label: "Cellar", installation: Build::KINDS.fetch(kinds[seed % 3])
      )
      tried = Array.new(10) do
        before = everything
        id = something(random)
        back(id, reason: "Mistaken") if id
        expect(everything).to eq(before)
        go_on(random)
        id
      end
      expect(tried.compact.size).to be > 3
    end
  end
end
