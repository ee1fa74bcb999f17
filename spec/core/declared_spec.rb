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

  Munimen::Work::Aim.all.each do |aim|
    it "says where #{aim.reading} is to be brought, and how, in the words of every country" do
      expect(used + operations.flat_map(&:reads).map(&:name)).to include(aim.reading)
      texts = [aim.up, aim.down, aim.coarse, aim.fine, aim.settle]
      said = Munimen::Words.all.values.flat_map { |words| texts.map { |text| words.say(text) } }
      expect(said).to all(be_a(String).and(satisfy { |text| !text.match?(/[{}]/) }))
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

  # What an operation names elsewhere is there: a name without a thing is a screen that does not
  # open.
  known = { calculators: Munimen::Calculations::Calculation.all.map(&:id),
            cautions: Munimen::Words::Cautions::ALL.keys,
            house_rules: Munimen::Rules::Question.all.map(&:id) }
  operations.each do |operation|
    it "names what there is in #{operation.id}" do
      named = { calculators: operation.calculators.map(&:first), cautions: operation.cautions,
                house_rules: operation.house_rules }
      expect(named.to_h { |what, ids| [what, ids - known.fetch(what)] }.values.flatten).to eq([])
    end
  end

  # Said together by one touch: never what takes heat, gas or power away or gives it back, what a
  # hand is put into, what is tested, or how full a tank is (handbook §26.8).
  alone = %w[heat feed lock leads covers opening level cock union burner_door gas_joints lit_joints
             test_points discharge_pipe relief cut_out coil_loop water_joints left hazard]
  operations.select(&:plain_act?).each do |act|
    it "lets #{act.id} be said with others: it protects nobody by itself" do
      made = [act.makes, act.makes_during, act.wait&.makes].compact.flat_map(&:keys)
      expect(made.map { |name| name.to_s.split(".").first } & alone).to eq([])
      expect([act.looks, act.decides, act.way_to_leave, act.wait, act.guide].compact).to eq([])
      expect(act.protects&.first).to be_nil.or eq(:none)
      asked = act.reads.to_h { |read| [read.name, read.choices] }
      expect(act.says.reject { |name, word| asked.fetch(name).include?(word) }).to eq({})
      expect(act.reads.reject(&:optional).map(&:name) - act.says.keys).to eq([])
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
