# frozen_string_literal: true

require "office_helper"

# What a device did without a signal is history, whatever somebody else has entered meanwhile
# (handbook §26.14).
RSpec.describe Munimen::Desk::VisitWrite do
  let(:visit) { office.start(jobs: %w[pressure_check]) }
  let(:known) { office.records.database[:visits].where(id: visit).get(:entries) }

  def loaded = office.records.visits.load(visit, now: office.now)
  def codes = office.view(visit)[:obstacles].map { |one| one[:code] }

  # A person whose device knew of so many entries when it judged what it sends.
  def away(entries, made: office.now, device: "device-of-pia")
    sent = Munimen::Desk::Sent.new(made:, device:, known: entries)
    clock = -> { office.now }
    Munimen::Desk::Context.new(office.records, person: office.person, clock:, sent:)
  end

  def step(context, operation)
    Munimen::Desk::DoStep.new(context).call(visit, id: office.uuid, operation:, outcome: "done")
  end

  def read(context, name, value, **more)
    Munimen::Desk::TakeReading.new(context).call(visit, id: office.uuid, name:, value:, **more)
  end

  def decide(name, value)
    Munimen::Desk::Decide.new(office.context).call(visit, id: office.uuid, name:, value:)
  end

  before do
    office.looked_over(visit)
    known
    # Somebody else finds a danger meanwhile.
    office.read(visit, "room_co", "90")
  end

  it "takes a step that was allowed then, though a danger now forbids it, and marks it" do
    expect { office.step(visit, "fit_gauge") }.to raise_error(Munimen::Refused)
    step(away(known), "fit_gauge")
    expect(loaded.done?(:fit_gauge)).to be(true)
    expect(office.view(visit)[:apart]).to match(
      [include(kind: "step", ask: "Fit the gauge with the maximum hand",
               why: /danger made safe \(Carbon monoxide in the room\)/)]
    )
    expect(codes.first).to eq(:apart)
    sign = lambda do
      Munimen::Desk::Sign.new(office.context)
        .call(visit, id: office.uuid, signer: "customer", refused: "Out")
    end
    expect(&sign).to raise_error(Munimen::Refused) { |one| expect(one.code).to eq(:not_ready) }
    decide("apart.#{loaded.unanswered.first.id}", "both")
    expect(codes).not_to include(:apart)
  end

  it "takes it back as not done, where that is what holds" do
    step(away(known), "fit_gauge")
    id = loaded.unanswered.first.id
    Munimen::Desk::DoStep.new(office.context).not_done(visit, id: office.uuid, of: id)
    expect(loaded.done?(:fit_gauge)).to be(false)
    expect(codes).not_to include(:apart)
  end

  it "refuses what was not allowed then, so that an old time opens no interlock" do
    early = away(known, made: office.now - 86_400)
    expect { step(early, "drain_empty") }.to raise_error(Munimen::Refused)
    expect { step(away(0), "fit_gauge") }.to raise_error(Munimen::Refused) # nothing was looked over
    expect { step(away(known, device: nil), "fit_gauge") }.not_to raise_error
  end

  it "judges a reading in the state in which it was taken, and keeps both of two" do
    step(away(known), "fit_gauge")
    read(office.context("owner"), "static_pressure", "90")
    taken = read(away(known), "static_pressure", "62", corrects: nil)
    expect(taken[:reading].state).to include(gauge: :fitted)
    conflict = office.view(visit)[:apart].find { |one| one[:kind] == "reading" }
    expect(conflict).to include(mine: include(text: "62 psi"), theirs: include(text: "90 psi"))
    decide("apart.#{conflict[:id]}", "both")
    expect(loaded.columns.found.quantity(:static_pressure).in("psi")).to be_within(0.1).of(90)
    expect(loaded.quantity(:static_pressure).in("psi")).to be_within(0.1).of(62)
  end

  it "lets a dangerous one of two stand until somebody says which holds" do
    read(office.context("owner"), "tap_temperature", "190")
    read(away(known), "tap_temperature", "118", corrects: nil)
    expect(loaded.hazards.map(&:id)).to include(:over_temperature)
    id = office.view(visit)[:apart].last[:id]
    decide("apart.#{id}", "mine")
    expect(loaded.hazards.map(&:id)).not_to include(:over_temperature)
  end

  it "says when each entry got here, and dates none before its visit or after now" do
    step(away(known, made: office.now - (50 * 86_400)), "fit_gauge")
    row = office.records.database[:steps].where(operation: "fit_gauge").first
    expect(row[:at]).to eq(office.records.visits.find(visit)[:started_at])
    expect(JSON.parse(row[:arrived])).to include("device" => "device-of-pia", "known" => known)
    read(away(known, made: office.now + 9000), "cold_temperature", "50")
    expect(office.records.database[:readings].order(:seq).last[:at]).to eq(office.context.stamp)
  end
end

# Two people write at the same moment: the second is judged on what the first has written.
RSpec.describe Munimen::Store::Visits, "#enter" do
  desk = Munimen::Desk
  writes = {
    reading: [desk::TakeReading, { name: "static_pressure", value: "61" }],
    danger: [desk::TakeReading, { name: "room_co", value: "90" }],
    step: [desk::DoStep, { operation: "fit_gauge", outcome: "done" }],
    decision: [desk::Decide, { name: "consent", value: "given" }],
    fact: [desk::LearnFact, { field: "pan", value: "yes" }],
    note: [desk::AddNote, { entry: "straps.missing" }],
    job: [desk::ChangeJobs, { job: "flush" }],
    look: [desk::RecordObservations, { items: [{ item: "leak", finding: "body" }] }]
  }
  # Runs a write; the code of what it was refused with, or :taken.
  define_method(:run) do |name, visit, context|
    use_case, body = writes[name]
    items = body[:items]&.map { |one| { id: SecureRandom.uuid, **one } }
    body = items ? { items: } : { id: SecureRandom.uuid, **body }
    use_case.new(context).public_send(name == :job ? :add : :call, visit, **body)
    :taken
  rescue Munimen::Refused => e
    e.code
  end

  # As if the other had written between the judgement and the insert of the first.
  def between(records, &other)
    enter = records.visits.method(:enter)
    once = true
    allow(records.visits).to receive(:enter) do |*given, &block|
      if once
        once = false
        other.call
      end
      enter.call(*given, &block)
    end
  end

  writes.keys.product(writes.keys).each do |first, second|
    it "judges #{first} again where #{second} comes in between" do
      visit = office.start(jobs: %w[pressure_check])
      office.looked_over(visit)
      between(office.records) { run(second, visit, office.context("owner")) }
      came = run(first, visit, office.context)
      alone = office.start(jobs: %w[pressure_check])
      office.looked_over(alone)
      run(second, alone, office.context("owner"))
      expect(came).to eq(run(first, alone, office.context))
      shown = ->(id) { office.view(id).slice(:plan, :verdicts, :deficiencies) }
      expect(JSON.generate(shown[visit])).to eq(JSON.generate(shown[alone]))
    end
  end
end
