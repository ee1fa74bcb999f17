# frozen_string_literal: true

# Freireich and others 1963: weeks in remission of 21 leukemia patients on 6-mercaptopurine, the
# worked example of survival analysis (Kalbfleisch and Prentice; from memory); minus: still in
# remission when last seen. S and its band of 95 % (log −log) as printed there and in handbooks.
RSpec.describe Munimen::Physics::Survival do
  weeks = [6, 6, 6, -6, 7, -9, 10, -10, -11, 13, 16, -17, -19, -20, 22, 23, -25, -32, -32, -34, -35]
  steps = described_class.steps(weeks.map { |one| [one.abs, one.positive?] })

  {
    6 => [21, 0.857, 0.620, 0.952], 7 => [17, 0.807, 0.563, 0.923], 10 => [15, 0.753, 0.503, 0.889],
    13 => [12, 0.690, 0.432, 0.849], 16 => [11, 0.627, 0.368, 0.805],
    22 => [7, 0.538, 0.268, 0.747], 23 => [6, 0.448, 0.188, 0.680]
  }.each do |time, expected|
    it "gives S(#{time}) = #{expected[1]} of #{expected[0]} at risk" do
      step = steps.find { |one| one.time == time }
      told = [step.at_risk, step.share.round(3), step.low.round(3), step.high.round(3)]
      expect(told.zip(expected).map { |one, other| (one - other).abs }).to all(be <= 0.0011)
    end
  end

  it "has no band where all have failed, and says nothing of nothing" do
    all = described_class.steps([[1, true], [2, true]]).last
    expect([all.share, all.low, all.high]).to eq([0.0, nil, nil])
    expect(described_class.steps([[3, false]])).to eq([])
  end
end

RSpec.describe Munimen::Trends::Life do
  day = ->(text) { Date.iso8601(text) }
  tested = lambda do |check, *seen|
    seen.map { |on, *states| [day[on], check, states] }
  end

  it "counts from each lever test to the next, and anew with a new valve" do
    of = tested[:relief_valve, %w[2021-01-01 sound], %w[2022-01-01 sound], %w[2024-01-01 danger],
                %w[2025-01-01 sound]]
    new = [[day["2024-01-01"], :replace_relief_valve]]
    expect(described_class[:relief_valve].cases(of, new, day["2010-01-01"])).to eq(
      [[0.999, false], [1.999, true], [1.002, false]]
    )
  end

  it "counts an anode once: until it was used up, or was last seen good" do
    of = tested[:anode_left, %w[2021-01-01 sound], %w[2023-01-01 defect], %w[2026-01-01 sound]]
    new = [[day["2023-01-01"], :replace_anode]]
    expect(described_class[:anode].cases(of, new, day["2019-01-01"])).to eq(
      [[4.0, true], [3.001, false]]
    )
    expect(described_class[:anode].cases(of, [], nil)).to eq([])
  end

  it "asks checks, operations and house rules that there are" do
    described_class.all.each do |life|
      expect(life.checks.map { |id| Munimen::Judgement::Check[id] }).to all(be_truthy)
      expect { life.operations.each { |id| Munimen::Work::Operation[id] } }.not_to raise_error
      expect { life.question && Munimen::Rules::Question[life.question] }.not_to raise_error
    end
  end
end
