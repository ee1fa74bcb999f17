# frozen_string_literal: true

require "office_helper"

RSpec.describe Munimen::Web::ResponseValidator do
  let(:answers) { described_class.new(Munimen::Web::Contract::PATH) }

  def problem(operation, status, body, type: "application/json")
    answers.problem(operation, status, type, [JSON.generate(body)])
  end

  it "lets through what the contract describes, and names what breaks it" do
    good = { reading: { id: "a", name: "b", typed: "62", text: "62 psi" }, verdicts: [],
changed: { version: 3 } }
    expect(problem("takeReading", 200, good)).to be_nil
    expect(problem("takeReading", 200, good.merge(reading: { id: 5 }))).to include(
      "takeReading 200",
      "/reading"
    )
    expect(problem("takeReading", 200, { verdicts: [] })).to include("reading")
    expect(problem("takeReading", 418, good)).to include("status 418 is not in the contract")
    expect(problem("takeReading", 200, good, type: "text/html")).to include(
      "text/html is not in the contract"
    )
  end

  it "holds problem documents to their shape, and lets bytes be bytes" do
    expect(
      problem(
        "takeReading",
        422,
        { type: "about:blank", title: "x", status: 422 },
        type: "application/problem+json"
      )
    ).to be_nil
    expect(
      problem("takeReading", 422, { title: "x" }, type: "application/problem+json")
    ).to include("status")
    expect(answers.problem("reportPdf", 200, "application/pdf", ["%PDF-1.3"])).to be_nil
  end
end

RSpec.describe Munimen::Drawing::Labels do
  it "keeps labels in order, apart and inside, and moves none that has room" do
    placed = described_class.spread(
      [{ id: 1, y: 50 }, { id: 2, y: 52 }, { id: 3, y: 300 }],
      top: 20,
      bottom: 310,
      gap: 30
    )
    expect(placed.map { |one| one.values_at(:id, :at) }).to eq([[1, 50], [2, 80], [3, 300]])
    crowded =
      described_class.spread(Array.new(9) { |i| { id: i, y: 290 } }, top: 20, bottom: 310, gap: 30)
    expect(crowded.map { |one| one[:at] }).to eq((0..8).map { |i| 70 + (30 * i) })
  end
end
