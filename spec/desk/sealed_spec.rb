# frozen_string_literal: true

require "office_helper"
require "pdf-reader"

# What is signed stays as it was signed, whoever writes at the same moment; and who waits for the
# lock of another neither stops the house nor is told that something broke.
RSpec.describe Munimen::Desk::Sign do
  def ready
    @ready ||= office.start.tap do |id|
      office.looked_over(id)
      plan = -> { office.view(id)[:plan][:steps].map { |one| one[:operation] } }
      (plan.call - [:leave_site]).each do |operation|
        office.step(id, operation, "not_tested", reason: "No access")
      rescue Munimen::Refused
        nil
      end
      office.step(id, "leave_site")
    end
  end

  def sign(signer, id = ready, **more)
    described_class.new(office.context).call(id, id: office.uuid, signer:, **more)
  end

  def note(id)
    Munimen::Desk::AddNote.new(office.context)
    .call(id, id: office.uuid, entry: "discharge_fall.trap", place: "Below")
  end

  def code
    yield
    nil
  rescue Munimen::Error => e
    e.code
  end

  def whole = office.records.seals.problems(office.records.photo_files)

  it "takes in what is written while it is being judged, or refuses; never half" do
    sign("customer", refused: "Not at home")
    plans = office.records.plans
    wrote = false
    allow(plans).to receive(:plan).and_wrap_original do |real, *given|
      real.call(*given).tap do
        wrote ||= note(ready) || true
      end
    end
    expect(code { sign("plumber") }).to be_nil
    notes = office.records.visits.rows(:notes, ready)
    expect(notes.size).to eq(1)
    expect(office.records.visits.page(ready)[:page][:deficiencies].to_s).to include("discharge_fa" \
                                                                                    "ll")
    expect(whole).to be_empty
  end

  it "lets nothing in once it is sealed, by whatever door" do
    sign("customer", refused: "Not at home")
    sign("plumber")
    visits = office.records.visits
    row = { id: office.uuid, visit_id: ready, entry: "discharge_fall.trap", at: "x",
            account_id: office.person[:id] }
    expect(code { visits.write(:notes, row) }).to eq(:signed)
    expect(code { visits.update(ready, outcome: "in_service") }).to eq(:signed)
    database = office.records.database
    expect(code { database[:steps].where(visit_id: ready).delete }).to eq(:signed)
    expect(code { database[:steps].where(visit_id: ready).update(reason: "x") }).to eq(:signed)
    expect(whole).to be_empty
  end

  it "is signed by the account that signs, once by each side; a customer draws or refuses" do
    expect(code { sign("customer", name: "Ada Brook") }).to eq(:missing)
    sign("customer", name: "Ada Brook", strokes: [[[0.1, 0.1], [0.4, 0.2]]])
    expect(code { sign("customer", refused: "Not at home") }).to eq(:signed_already)
    sign("plumber", name: "Somebody Else")
    report = Munimen::Desk::ReportPage.new(office.context).call(ready)
    names = report[:signatures].map { |one| one.values_at(:signer, :name, :account) }
    expect(names).to eq([["customer", "Ada Brook", "Plumber"], %w[plumber Plumber Plumber]])
  end

  it "takes a typed name for what somebody cannot draw, and says on the page that it was typed" do
    sign("customer", name: "Ada Brook", typed: true)
    sign("plumber", strokes: [[[0.1, 0.1], [0.4, 0.2]]])
    kept = office.records.visits.rows(:signatures, ready).find { |one| one[:signer] == "customer" }
    expect(kept.slice(:name, :strokes, :refused))
      .to eq(name: "Ada Brook", strokes: [], refused: nil)
    report = Munimen::Desk::ReportPage.new(office.context).call(ready)
    pdf = PDF::Reader.new(StringIO.new(Munimen::Formats::ReportPdf.new(report).render))
    expect(pdf.pages.map(&:text).join(" ").scan(/\btyped\b/).size).to eq(1)
    expect(whole).to be_empty
  end

  # An inspector looks: whoever starts the visit, and in whose ever visit.
  it "lets an inspector neither operate nor undo" do
    inspector = office.context("inspector")
    visit = office.uuid
    desk = Munimen::Desk
    desk::StartVisit.new(office.context).book(
      id: visit,
      heater_id: office.heater,
      jobs: %w[inspection],
      planned_for: office.now.iso8601,
      account_id: inspector.person[:id]
    )
    desk::StartVisit.new(office.context).start(visit)
    expect(office.records.visits.load(visit, now: office.now)).to be_look_only
    steps = desk::DoStep.new(inspector)
    operated = { id: office.uuid, operation: "fit_gauge", outcome: "done" }
    expect(code { steps.call(ready, **operated) }).to eq(:forbidden)
    expect(code { steps.undo(ready, id: office.uuid) }).to eq(:forbidden)
  end

  # What a request sent again is answered with, also when the visit has been signed meanwhile.
  it "answers a write that comes again as it did the first time" do
    id = ready
    notes = Munimen::Desk::AddNote.new(office.context)
    again = { id: office.uuid, entry: "discharge_fall.trap" }
    2.times { notes.call(id, **again) }
    sign("customer", refused: "Not at home")
    sign("plumber")
    expect(code { notes.call(id, **again) }).to be_nil
    expect(office.records.visits.rows(:notes, id).size).to eq(1)
  end

  # The driver's own wait holds every thread, so that the holder never gets on.
  it "waits for the lock of another while the other goes on, and says busy when that is long" do
    stub_const("Munimen::Store::Database::WAIT", 400)
    held = Queue.new
    holder = lambda do |seconds|
      Thread.new do
        office.records.write do
          held << true
          sleep(seconds)
        end
      end
    end
    id = office.start
    thread = holder[0.1]
    held.pop
    expect(code { note(id) }).to be_nil
    thread.join
    thread = holder[1.5]
    held.pop
    expect(code { note(id) }).to eq(:busy)
    thread.join
    expect(Munimen::Desk::Problem.of(Munimen::Busy.new).first).to eq(503)
  end
end
