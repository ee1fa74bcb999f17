# frozen_string_literal: true

# Whole visits, each a story of the trade with the verdicts that its handbooks give: spec/reference/visits.
# The rules behind them are named in the verdicts themselves; none of these values comes from the program.
RSpec.describe Munimen::VisitFormat do
  files = Dir[File.join(__dir__, "visits/*.json")]

  it("has at least 25 stories") { expect(files.size).to be >= 25 }

  files.each do |file|
    data = JSON.parse(File.read(file))

    it "#{File.basename(file, '.json')}: #{data['story']}" do
      result = Munimen::Cli::VisitCommand.judge(data)
      expected = data["expected"]
      found = result[:deficiencies].to_h { |one| [one[:check].to_s, one[:state].to_s] }
      expect(found).to eq(expected["deficiencies"])
      expect(result[:outcome][:proposed].to_s).to eq(expected["outcome"])
      all = result[:verdicts].to_h { |one| [one[:check].to_s, one[:state].to_s] }
      expect(all).to include(expected.fetch("verdicts", {}))
      due = result[:due].to_h { |one| [one[:kind].to_s, one[:on]] }
      expect(due).to include(expected.fetch("due", {}))
      expect(result[:deficiencies].map { |one| one[:because].first[:source] }).to all(be_a(String))
      expect(result[:deficiencies].map { |one| one[:remedy] }).to all(be_a(String))
    end
  end
end
