# frozen_string_literal: true

require "ripper"

# What is said of a check or an operation is said where it is declared: a list beside the registries
# forgets the next one, in silence.
RSpec.describe "What declares itself" do
  checks = Munimen::Judgement::Check.all
  operations = Munimen::Work::Operation.all
  items = Munimen::Inspection::InspectionItem.all
  used = checks.flat_map(&:used)
  proofs = Munimen::Hazards::Hazard.all.flat_map(&:cleared_by)

  checks.each do |check|
    it "says whether #{check.id} stands among the page's results, or why not, and what cures it" do
      expect([check.on_page, check.off_page].compact.size).to eq(1)
      cure, words = check.cured_by
      expect([nil, *checks.map(&:id)]).to include(cure)
      expect(words).to be_a(String) if cure
    end
  end

  it "gives no two of the page's results the same place" do
    places = checks.filter_map { |check| check.on_page&.first }
    expect(places).to eq(places.uniq)
  end

  safety = operations.select do |one|
    one.looks || proofs.include?(one.id) || one.reads.any? { |read| used.include?(read.name) }
  end
  safety.each do |operation|
    it "says which protection #{operation.id} tests, or none, and which verdicts tell of it" do
      expect(operation.protects).not_to be_nil
      expect(operation.protects.last - (checks + items).map(&:id)).to eq([])
    end
  end

  # A list of three of them or more, or a table by them, outside the folders where they are
  # declared.
  # Names that are also a part's, a field's, a reading's or of the state are not counted.
  others = Munimen::Heater::Fields::ALL + Munimen::Heater::Parts::ALL.map(&:id) +
           Munimen::Work::StateSpace::VARIABLES.keys + Munimen::Visit::ReadingInput.known.keys
  ids = (operations + checks + items).map(&:id).difference(others).to_h { |one| [one, true] }
  registries = Munimen::DECLARATIONS + %w[demo spec bench]
  it "is in no list elsewhere" do
    files = Dir[File.join(Munimen::ROOT, "{core,desk,formats,store,pocket,web,cli}/**/*.rb")]
    lists = files.reject { |file| registries.any? { |room| file.include?("/#{room}/") } }
      .to_h { |file| [file.delete_prefix("#{Munimen::ROOT}/"), listed(File.read(file), ids)] }
    expect(lists.reject { |_, found| found.empty? }).to eq({})
  end

  # Words of each %i[], and the keys of each hash.
  def listed(text, ids)
    words = text.scan(/%i\[([^\]]*)\]/).map { |(list)| list.split.map(&:to_sym) }
    (words + keys(text)).map { |list| list.select { |one| ids.key?(one) } }
      .select { |list| list.size >= 3 }
  end

  def keys(text)
    open = []
    Ripper.lex(text).each_with_object([]) do |(_, kind, token), all|
      case kind
      when :on_lbrace then open << []
      when :on_rbrace then all << open.pop
      when :on_label then open.last&.push(token.delete_suffix(":").to_sym)
      end
    end.compact
  end
end
