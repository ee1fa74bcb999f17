# frozen_string_literal: true

require "office_helper"

# The heater's record grows from the visit.
RSpec.describe Munimen::Desk::LearnFact do
  let(:visit) { office.start }
  let(:learn) { described_class.new(office.context) }
  let(:plate) { office.records.heaters.find(office.heater)[:installation].transform_keys(&:to_s) }

  def learnt(field, value, **more)
    learn.call(visit, id: office.uuid, field:, value:, **more)
    office.view(visit)
  end

  it "writes a fact into the record as it was typed, and plan, drawing and questions follow" do
    before = office.view(visit)
    expect(before[:section][:shapes]).to include(include(part: :pan, role: :unknown))
    view = learnt("pan", "yes")
    expect(view[:section][:shapes]).to include(include(part: :pan, role: :metal))
    expect(view[:heater][:installation]).to include(pan: "yes")
    expect(plate).to include("pan" => "yes")
    wanted = ->(shown) { shown[:plan][:steps].first[:wants].map { |one| one[:field] } }
    expect(wanted[view]).to include(:serial)
    expect(wanted[learnt("serial", "B-77120")]).not_to include(:serial)
    expect(learnt("relief_set_pressure", "10 bar")[:heater][:installation])
      .to include(relief_set_pressure: "10 bar")
  end

  it "keeps who learnt what, and when, each once" do
    id = office.uuid
    2.times { learn.call(visit, id:, field: "serial", value: "B-77120") }
    rows = office.records.visits.rows(:decisions, visit).select { |row| row[:name][/learnt/] }
    expect(rows.map { |row| row.values_at(:name, :value, :account_id) }).to eq(
      [["learnt.serial", "B-77120", office.person[:id]]]
    )
    shown = Munimen::Desk::ViewHeater.new(office.context).call(office.heater)
    expect(shown[:learnt]).to eq(
      [{ field: :serial, on: office.now.utc.iso8601[0, 10], by: office.person[:name] }]
    )
  end

  it "asks where the visit says otherwise than the record, and does as the person says" do
    office.look(visit, :visible, pan: :no_pan)
    asked = ->(shown) { shown[:proposals].map { |one| one.values_at(:field, :value, :recorded) } }
    expect(asked[learnt("pan", "yes")]).to include([:pan, "no", "yes"])
    expect(asked[learnt("pan", "no", keep: true)].map(&:first)).not_to include(:pan)
    expect(plate["pan"]).to eq("yes")
  end

  it "loses no deficiency that was found, though the record now says that there is no such part" do
    office.look(visit, :visible, pan: :no_pan, anode_seen: :absent)
    checks = ->(shown) { shown[:deficiencies].map { |one| one[:check] } }
    learnt("pan", "no")
    expect(checks[learnt("anode", "none")]).to include(:pan, :anode_seen)
  end

  it "lets what a fact makes pointless go with it, and refuses what cannot be, losing nothing" do
    expect(plate).to include("vessel_volume")
    learnt("vessel", "none")
    expect(plate_now).to include("vessel" => "none").and(satisfy { |all|
      !all.key?("vessel_volume")
    })
    { "serials" => /no “serials”/, "kind" => /kind/, "capacity" => /not a volume/ }
      .each do |field, words|
        expect { learnt(field, "lots") }.to raise_error(Munimen::Error, words)
      end
    expect(plate_now).to include("vessel" => "none")
    rows = office.records.visits.rows(:decisions, visit).map { |row| row[:name] }
    expect(rows).to eq(["learnt.vessel"])
  end

  def plate_now = office.records.heaters.find(office.heater)[:installation].transform_keys(&:to_s)

  it "takes no danger away that stands" do
    office.look(visit, :visible, relief_present: :missing)
    before = office.view(visit)[:deficiencies].map { |one| one[:check] }
    after = learnt("relief_set_pressure", "150 psi")[:deficiencies].map { |one| one[:check] }
    expect(after).to include(:relief_present).and eq(before)
  end

  it "is closed once the visit is signed, and to an inspector" do
    inspector = described_class.new(office.context("inspector"))
    expect { inspector.call(visit, id: office.uuid, field: "pan", value: "yes") }
      .to raise_error(Munimen::Refused, /role/)
    office.walk
    signed = office.records.database[:visits].where(status: "signed").get(:id)
    expect { learn.call(signed, id: office.uuid, field: "pan", value: "yes") }
      .to raise_error(Munimen::Refused, /locked/)
  end

  it "is sent as a fact, not as any other decision" do
    expect do
      Munimen::Desk::Decide.new(office.context).call(
        visit, id: office.uuid, name: "learnt.pan", value: "yes"
      )
    end.to raise_error(Munimen::Error, /fact/)
  end
end
