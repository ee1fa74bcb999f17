# frozen_string_literal: true

# Whole visits with something wrong in each (spec/reference/stories), in the open visit format.
# What is expected was written down from handbook §22 and §24 before it was run.
RSpec.describe Munimen::Visit do
  files = Dir[File.join(__dir__, "stories/*.json")]

  it("has at least 30 stories") { expect(files.size).to be >= 30 }

  files.each do |file|
    data = JSON.parse(File.read(file))
    expected = data["expected"]

    describe "#{File.basename(file, ".json")}: #{data["story"]}" do
      let(:visit) do
        clean = data.merge("heater" => data["heater"].compact)
        Munimen::Visit::Format.read(clean.except("story", "expected"))
      end
      let(:judge) { Munimen::Judgement::Judge.new(visit) }
      let(:outcome) { Munimen::Judgement::Outcome.new(visit, judge.deficiencies) }
      let(:steps) do
        plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
        plan.steps.map { |step| step.operation.id.to_s }
      end

      it "judges it as left" do
        expect(outcome.proposed.to_s).to eq(expected["outcome"])
        expect(outcome.chosen.to_s).to eq(expected.fetch("chosen", outcome.chosen.to_s))
        found = judge.deficiencies.to_h { |one| [one.check.to_s, one.grade.to_s] }
        wanted = expected["deficiencies"]
        expect(found).to(wanted && wanted.empty? ? eq({}) : include(wanted || {}))
        rectified = judge.rectified.map { |one| one.check.to_s }
        expect(expected.fetch("rectified", []) - rectified).to eq([])
        stand = visit.hazards.to_h { |one| [one.id.to_s, visit.terms.value(one).to_s] }
        expect(stand).to eq(expected.fetch("hazards", stand))
        expect(outcome.sentence(visit.words)).to include(expected.fetch("sentence", ""))
      end

      it "plans accordingly" do
        expect(steps).to eq(expected.fetch("plan", steps))
        expect(steps.first).to eq(expected.fetch("first", steps.first))
        expect(expected.fetch("includes", []) - steps).to eq([])
        expect(steps & expected.fetch("never", [])).to eq([])
      end
    end
  end
end
