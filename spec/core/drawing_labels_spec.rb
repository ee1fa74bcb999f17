# frozen_string_literal: true

# In 2 000 heaters by chance no word lies on another, on a pipe, or beyond the edge, and no leader
# crosses any.
RSpec.describe Munimen::Drawing::Section do
  include Build
  include LabelBoxes

  def by_chance(random)
    kind = Build::KINDS.keys.sample(random:)
    fields = Munimen::Heater::Fields
    words = fields::WORDS.except(:kind).transform_values { |all| all.sample(random:).to_s }
    sizes = { d1_length: "#{random.rand(100..700)} mm",
              d2_length: "#{random.rand(1.0..25.0).round(1)} m",
              d2_bends: random.rand(0..12).to_s, d2_size: "#{[22, 28, 35].sample(random:)} mm",
              capacity: "#{random.rand(20..120)} gal", relief_set_pressure: "150 psi",
              expansion_relief_pressure: "6 bar", vessel_volume: "#{random.rand(2..24)} L" }
    sizes = sizes.reject { |name, _| name != :capacity && random.rand < 0.3 }
    heater(kind, **words.select { |name, _| random.rand < 0.8 && fields.of?(kind, name) }, **sizes)
  rescue Munimen::Error
    by_chance(random)
  end

  it "lays no word on another, on a pipe or beyond the edge, and no leader through any" do
    random = Random.new(20_261_127)
    wrong = Array.new(2000) do
      units = %i[us england].sample(random:)
      drawing = described_class.new(by_chance(random), units:).to_h
      problems(drawing) + Munimen::Words::Language.all.values.flat_map do |language|
        say = ->(text) { language.say(text, units) }
        names = drawing[:labels].to_h { |label| [label[:part], say[label[:name]]] }
        problems(described_class.reworded(drawing, names, &say))
      end
    end
    expect(wrong.flatten.tally).to eq({})
  end

  it "says names and notes in another language, each line of a note by itself" do
    heater = heater(:unvented_indirect, d2_length: "5 m", d2_bends: "3", d2_size: "28 mm")
    drawing = described_class.new(heater, units: :england).to_h
    said = described_class.reworded(drawing, { discharge_pipe: "Tubo de descarga" }) do |text|
      Munimen::Words::Language[:es].say(text, :england)
    end
    pipe = said[:labels].find { |one| one[:part] == :discharge_pipe }
    expect(pipe).to include(name: "Tubo de descarga", note: "5 m · 3 codos\n28 mm")
  end

  it "sees a word that lies where it must not" do
    drawing = described_class.new(heater(:gas_storage)).to_h
    drawing[:labels][0] = drawing[:labels][0].merge(name: "A name far too long for its column")
    expect(problems(drawing)).to include("#{drawing[:labels][0][:part]} on a line")
  end
end
