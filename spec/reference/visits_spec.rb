# frozen_string_literal: true

require "json_schemer"

# Whole visits, each a story of the trade with the verdicts that its handbooks give:
# spec/reference/visits. The rules behind them are named in the verdicts themselves; none of these
# values comes from the program.
RSpec.describe Munimen::Visit::Format do
  files = Dir[File.join(__dir__, "visits/*.json")]

  it("has at least 25 stories") { expect(files.size).to be >= 25 }

  it "has one of each version" do
    versions = files.map { |file| JSON.parse(File.read(file)).fetch("version", 1) }
    expect(versions.uniq.sort).to eq([*1..described_class::VERSION])
  end

  files.each do |file|
    data = JSON.parse(File.read(file))

    it "#{File.basename(file, ".json")}: #{data["story"]}" do
      result = Munimen::Cli::VisitCommand.judge(data)
      expected = data["expected"]
      found = result[:deficiencies].to_h { |one| [one[:check].to_s, one[:state].to_s] }
      expect(found).to eq(expected["deficiencies"])
      expect(result[:outcome][:proposed].to_s).to eq(expected["outcome"])
      all = result[:verdicts].to_h { |one| [one[:check].to_s, one[:state].to_s] }
      expect(all).to include(expected.fetch("verdicts", {}))
      mended = result[:rectified].map { |one| one[:check].to_s }
      expect(expected.fetch("rectified", []) - mended).to eq([])
      due = result[:due].to_h { |one| [one[:kind].to_s, one[:on]] }
      expect(due).to include(expected.fetch("due", {}))
      expect(result[:deficiencies].map { |one| one[:because].first[:source] }).to all(be_a(String))
      expect(result[:deficiencies].map { |one| one[:remedy] }).to all(be_a(String))
    end
  end

  it "writes each story as a file of the newest version that its schema takes and that is judged " \
     "the same" do
    formats = File.join(Munimen::ROOT, "docs/formats")
    read = ->(name) { JSONSchemer.schema(JSON.parse(File.read(File.join(formats, name)))) }
    schema = read["visit.schema.json"]
    of = [1, 2, 3].to_h { |version| [version, read["visit.v#{version}.schema.json"]] }
    files.each do |file|
      data = JSON.parse(File.read(file)).except("story", "expected")
      wrong = of.fetch(data.fetch("version", 1), schema).validate(data)
      expect(wrong.map { |problem| problem["error"] }).to eq([]), file
      written = JSON.parse(JSON.generate(described_class.write(described_class.read(data))))
      expect(schema.validate(written).map { |problem| problem["error"] }).to eq([]), file
      expect(Munimen::Cli::VisitCommand.judge(written)).to eq(
        Munimen::Cli::VisitCommand.judge(data)
      ),
      file
    end
  end
end
