# frozen_string_literal: true

# What a visit tells of a heater that its record does not know, or says otherwise. Common practice.
RSpec.describe Munimen::Facts::Proposals do
  include Build

  def of(heater = {}, **more) = visit(heater: gas(**heater), **more)

  def told(visit)
    described_class.new(visit).all.to_h { |one| [one.told.field, [one.told.value, one.recorded]] }
  end

  it "proposes what was seen where the record does not know it, asks where it says otherwise, " \
     "and says nothing where both agree" do
    seen = { vessel_seen: :weeping, pan: :no_pan, anode_seen: :absent }
    heater = { vessel: nil, vessel_volume: nil, pan: "yes", anode: "none" }
    expect(told(of(heater, seen:))).to eq(
      vessel: [:external, nil], pan: %i[no yes]
    )
  end

  it "asks no more once the record was kept, until something else is told" do
    decisions = { "kept.pan" => "no" }
    expect(told(of({ pan: "yes" }, seen: { pan: :no_pan }, decisions:))).to eq({})
    expect(told(of({ pan: "no" }, seen: { pan: :sound }, decisions:))).to eq(pan: %i[yes no])
  end

  it "proposes what is read on a new valve's plate, and how the burner is lit" do
    record = { relief_set_pressure: "150", ignition: nil }
    readings = { new_relief_pressure: "125", ignition: "intermittent" }
    said = told(of(record, readings:))
    expect(said[:relief_set_pressure].map { |one| one.format(:us) }).to eq(["125 psi", "150 psi"])
    expect(said[:ignition]).to eq([:intermittent, nil])
    expect(told(of(record, readings: { ignition: "cannot_tell" }))).to eq({})
  end

  it "takes no answer for a fact where it says nothing" do
    seen = { vessel_seen: :not_visible, draft_hood: :not_visible }
    expect(told(of({ vessel: nil, vessel_volume: nil, hood: nil }, seen:))).to eq({})
  end

  it "knows only fields, items, answers, readings and operations that there are" do
    Munimen::Facts::Clue.all.each do |clue|
      expect(Munimen::Heater::Fields::ALL).to include(clue.field)
      clue.instance_variable_get(:@seen).each do |id, answers|
        item = Munimen::Inspection::InspectionItem[id]
        known = Munimen::Inspection::InspectionItem::ANSWERS + item.findings.keys
        expect(known).to include(*answers.keys), "#{id}: #{answers.keys}"
      end
      read = clue.instance_variable_get(:@read).keys
      expect(read - Munimen::Visit::ReadingInput.known.keys).to eq([])
      clue.instance_variable_get(:@done).each_key { |id| Munimen::Work::Operation[id] }
    end
    wanted = Munimen::Work::Operation.all.flat_map { |one| one.wants.keys }
    parts = Munimen::Heater::Fields::OF_PARTS.values.flatten
    expect(Munimen::Heater::Fields::ALL).to include(*wanted, *parts)
    expect(parts.uniq).to eq(parts)
  end
end
