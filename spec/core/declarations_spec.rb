# frozen_string_literal: true

# What is declared in one file each must fit together.
RSpec.describe Munimen do
  words = Munimen::Words[:us]

  Munimen::Work::Operation.all.each do |operation|
    it "#{operation.id} speaks of states that exist, and in words that exist" do
      conditions = [
        operation.needs,
        operation.makes,
        operation.wait&.holds || {},
        operation.wait&.makes || {}
      ]
      expect(conditions.flat_map { |one| Munimen::Work::StateSpace.problems(one) }).to be_empty
      [
        operation.title,
        operation.how,
        operation.because,
        operation.instrument,
        *operation.reads.map(&:ask)
      ].each { |text| expect { words.say(text) }.not_to raise_error }
      unless operation.cautions.empty?
        expect(Munimen::Words::Cautions::ALL.keys).to include(*operation.cautions)
      end
      expect([operation.title, operation.how, operation.because]).to all(be_a(String))
      expect(operation.after - Munimen::Work::Operation.ids).to be_empty
    end
  end

  Munimen::Inspection::InspectionItem.all.each do |look|
    it "#{look.id} has for each wrong a grade, a source, a remedy and plain words" do
      expect(look.findings).not_to be_empty
      look.findings.each_value do |finding|
        expect(Munimen::Verdict::FINDINGS).to include(finding.grade)
        expect(finding.source.to_s).to match(/from memory|Common practice/)
        expect([finding.remedy, finding.explain]).to all(be_a(String))
        expect { words.say("#{finding.text} #{finding.remedy}") }.not_to raise_error
      end
    end
  end

  Munimen::Rules::Book.all.each do |book|
    it "#{book.id} gives each limit a bound, a grade, a source and a remedy" do
      book.limits.each do |limit|
        expect(limit.at_most || limit.at_least).to be_a(Munimen::Measure::Quantity)
        expect(limit.grade).to be_a(Symbol)
        expect(limit.source.to_s).to match(/memory|ommon practice/)
        expect(limit.remedy).to be_a(String)
      end
    end
  end

  Munimen::Rules::Question.all.each do |question|
    it "#{question.id} gives both sides' reasons, and ours is one of them" do
      expect(question.options.size).to be >= 2
      expect(question.options.values.map(&:reason)).to all(be_a(String))
      expect(question.options).to have_key(question.default_option)
    end
  end

  it "keeps core/ free of gems, files, clocks and chance" do
    Dir[File.join(Munimen::ROOT, "core/**/*.rb")].each do |file|
      expect(File.read(file)).not_to match(
        /^\s*require(_relative)?\s|Time\.now|Date\.today|\brand\(|File\.|Sequel|Sinatra/
      ),
      file
    end
  end

  it "knows nobody above it: core/ names no other room" do
    Dir[File.join(Munimen::ROOT, "core/**/*.rb")].each do |file|
      expect(File.read(file)).not_to match(/Desk::|Store::|Web::|Formats::|Cli::/), file
    end
    Dir[File.join(Munimen::ROOT, "desk/*.rb")].each do |file|
      expect(File.read(file)).not_to match(/Web::|Cli::/), file
    end
  end
end
