# frozen_string_literal: true

require "office_helper"

RSpec.describe Munimen::Desk::Owed do
  let(:desk) { described_class.new(office.context) }
  let(:visit) { office.start }

  def owe(kind, on, heater: office.heater, **more)
    office.uuid.tap do |id|
      office.records.dues.add(
        id:,
        heater_id: heater,
        visit_id: visit,
        kind: kind.to_s,
        on:,
        text: kind.to_s,
        **more
      )
    end
  end

  it "puts danger first, then a missing protection, who lives there, lateness and age, and says " \
     "why" do
    owe(:annual_service, "2026-10-01")
    owe(:deficiency, "2026-11-20", grade: "defect", check: "straps")
    owe(:deficiency, "2026-11-20", grade: "defect", check: "relief_drip")
    owe(:deficiency, "2026-11-23", grade: "danger", check: "relief_valve")
    list = desk.call
    expect(list[:owed].map { |one| [one[:grade], one[:job]] }).to eq(
      [
        %w[danger replace_relief_valve],
        %w[defect replace_relief_valve],
        ["defect", nil],
        [nil, nil]
      ]
    )
    expect(list[:why_first]).to eq("First because: danger.")
    expect(list[:owed][1][:reasons]).to eq(["a defect", "a protection is concerned", "3 days late"])
    Munimen::Desk::ChangeSite.new(office.context).call(
      office.site,
      address: "1 Weir Lane",
      household: "at_risk"
    )
    expect(desk.call[:owed].map { |one| one[:points] }).to eq(
      list[:owed].map { |one| one[:points] + 150 }
    )
  end

  it "puts off and declines with a reason and never loses it; danger is not put off" do
    due = owe(:anode, "2026-11-30")
    danger = owe(:deficiency, "2026-11-23", grade: "danger", check: "relief_valve")
    decide = ->(key, what, **more) { desk.decide(key, id: office.uuid, what:, **more) }
    expect { decide[due, "snooze", reason: " ", day: "2026-12-24"] }.to raise_error(
      Munimen::Error,
      /reason is missing/
    )
    expect { decide[due, "snooze", reason: "Away", day: "2026-11-23"] }.to raise_error(
      Munimen::Error,
      /between tomorrow and a year/
    )
    expect { decide[danger, "snooze", reason: "Away", day: "2026-12-24"] }.to raise_error(
      Munimen::Refused,
      /Danger is not put off/
    )
    decide[due, "snooze", reason: "Away until Christmas", day: "2026-12-24"]
    expect([desk.call[:owed].map { |one| one[:id] }, desk.call[:counts]]).to eq(
      [[danger], { open: 1, snoozed: 1, declined: 0 }]
    )
    expect(desk.call(show: "snoozed")[:owed].first[:decision]).to include(
      what: "snooze",
      until: "2026-12-24",
      reason: "Away until Christmas",
      by: "Plumber"
    )
    office.now = Time.utc(2026, 12, 24, 9)
    expect(desk.call[:owed].map { |one| one[:id] }).to contain_exactly(due, danger)
    decide[due, "decline", reason: "Sells the house"]
    expect(desk.call(show: "declined")[:owed].map { |one| one[:id] }).to eq([due])
    decide[due, "resume", reason: "Sale fell through"]
    expect(desk.call[:counts]).to eq(open: 2, snoozed: 0, declined: 0)
    expect(office.records.database[:due_decisions].select_order_map(:what)).to eq(
      %w[decline resume snooze]
    )
  end

  it "owes an instrument's calibration a year after the last, put off like anything else" do
    gauge = {
      id: "g1",
      title: "Gauge",
      reads: "pressure",
      host: "127.0.0.1",
      port: 4020,
      device: "pressure_gauge",
      point: "house",
      calibrated: "2025-11-20"
    }
    Munimen::Desk::Instruments.new(office.context("owner")).replace([gauge])
    expect(desk.call[:owed]).to contain_exactly(
      include(id: "instrument:g1", kind: "calibration", late: 3)
    )
    desk.decide(
      "instrument:g1",
      id: office.uuid,
      what: "snooze",
      reason: "Booked",
      day: "2026-12-01"
    )
    expect(desk.call[:counts]).to eq(open: 0, snoozed: 1, declined: 0)
    expect(desk.call(show: "snoozed")[:owed].map { |one| one[:id] }).to eq(["instrument:g1"])
    expect(desk.call[:owed]).to be_empty
  end

  # Two years of visits, putting off and declining by chance: what is owed ends by a visit, and by
  # nothing else.
  it "drops nothing silently over two years of a firm" do
    random = Random.new(3)
    rows = office.records.database[:dues]
    ever = {}
    8.times do
      office.walk(
        charge: 62 - random.rand(30),
        findings: random.rand < 0.5 ? { straps: :missing } : {}
      )
      open = rows.where(settled_at: nil).select_map(:id)
      open.sample(2, random:).each do |id|
        desk.decide(
          id,
          id: office.uuid,
          what: %w[snooze decline resume].sample(random:),
          reason: "x",
          day: (office.now.to_date + 1 + random.rand(300)).iso8601
        )
      rescue Munimen::Refused
        expect(rows.where(id:).get(:grade)).to eq("danger")
      end
      shown = %w[open snoozed declined].flat_map do |show|
        rows.where(
          id: described_class.new(office.context).call(show:)[:owed].map { |one| one[:id] }
        ).select_map(:id)
      end
      by = (office.now.to_date + described_class::HORIZON).iso8601
      soon =
        rows.where(settled_at: nil).where { on <= by }.exclude(kind: "warranty").select_map(:id)
      expect(soon - shown).to be_empty
      expect(ever.keys - rows.select_map(:id)).to be_empty
      rows.each { |row| ever[row[:id]] = true }
      office.pass(86_400 * (20 + random.rand(120)))
    end
    settled = rows.exclude(settled_at: nil).select_map(:settled_at)
    expect(settled).not_to be_empty
    expect(settled - office.records.database[:visits].select_map(:signed_at)).to be_empty
    expect(ever.size).to be > 15
  end

  # Intervals of the trade (common practice): charge 7 days, leak 1, bubble 18 months, anode at a
  # quarter, valve 3 years where chosen, warranty 5.
  it "owes what each rule says, moved by the house rules, ended by its work" do
    due = lambda do |kind = :gas_storage, done: [], readings: {}, house: {}, plate: {}, **more|
      steps = done.map.with_index do |operation, index|
        Munimen::Visit::Step.new(id: "s#{index}", operation:, outcome: :done)
      end
      visit = visit(heater: heater(kind, **plate), house:, steps:, readings:, **more)
      Munimen::Calendar::Due
        .after(visit, [], on: visit.date)
        .to_h { |item| [item.kind, (item.on - visit.date).to_i] }
    end
    # `visit` of this file is an office's; the core's is made by Build.
    define_singleton_method(:visit) do |**given|
      Build.instance_method(:visit).bind_call(self, **given)
    end
    expect(due[done: %i[set_vessel_charge]]).to eq(charge_recheck: 7, annual_service: 365)
    expect(due[done: %i[replace_drain_valve], jobs: []]).to eq(leak_check: 1)
    expect(due[done: %i[drain_empty lay_paper], jobs: []]).to eq(leak_check: 1)
    expect(due[done: %i[exercise_relief_valve]]).to eq(annual_service: 365)
    expect(due[done: %i[exercise_relief_valve], house: { relief_interval: :quarterly }]).to include(
      relief_exercise: 91
    )
    expect(due[done: %i[exercise_relief_valve], jobs: %i[relief_exercise]]).to eq(
      relief_exercise: 365
    )
    old = { relief_fitted: "2024-11-23", anode: "separate", installed: "2022-11-23" }
    expect(due[plate: old, house: { relief_life: :three_years }]).to include(
      relief_life: 365,
      warranty: 305
    )
    expect(due[plate: old]).not_to include(:relief_life)
    # Half gone in four years: a quarter is left after six, two years from now; two readings'
    # error brings the look forward.
    expect(
      due[plate: old, readings: { anode_remaining: "0.5" }, house: { anode: :by_estimate }][:anode]
    ).to be_between(300, 731)
    expect(
      due[plate: old, readings: { anode_remaining: "0.5" }, house: { anode: :never }]
    ).not_to include(:anode)
  end
end
