# frozen_string_literal: true

# Two answers about one part that cannot both be true are asked at once.
RSpec.describe Munimen::Judgement::Contradiction do
  def told(readings, seen) = described_class.in(visit(readings:, seen:)).map(&:id)

  # Two diameters of a pipe of 3/4 in are 1 1/2 in (IRC P2804.6.1 item 10, from memory).
  [["2", :low, [:discharge_end]], ["1", :low, []], ["2", :sound, []],
   ["1", :sound, [:discharge_end]], ["2", :not_visible, []]].each do |height, seen, wanted|
    it "says #{wanted.size} of #{height} in measured and #{seen} seen" do
      expect(told({ outlet_height: height }, { discharge_clear: seen })).to eq(wanted)
    end
  end

  it "says so of what is missing and was worked all the same, and keeps it from being signed" do
    both = visit(readings: { relief_lever: "lifts" }, seen: { relief_present: :missing })
    expect(described_class.in(both).map(&:id)).to eq([:relief_present])
    plan = Munimen::Planning::PlanKeeper.new.plan(both)
    codes = Munimen::Judgement::Closing.new(both, plan, []).obstacles.map(&:code)
    expect(codes).to include(:contradiction)
    expect(told({ relief_lever: "lifts" }, { relief_present: :sound })).to eq([])
  end

  it "names readings and lines that there are" do
    described_class.all.each do |one|
      expect(one.readings - Munimen::Visit::ReadingInput.known.keys).to eq([])
      expect(one.items - Munimen::Inspection::InspectionItem.all.map(&:id)).to eq([])
    end
  end
end
