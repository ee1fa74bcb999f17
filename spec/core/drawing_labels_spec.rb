# frozen_string_literal: true

require_relative "../support/label_boxes"

# In heaters by chance (100 here, 2 000 by `bin/bench many 20`) no word lies on another, on a pipe,
# or beyond the edge, and no leader crosses any.
RSpec.describe Munimen::Drawing do
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

  (4 * TRIES).times do |number|
    it "lays no word on another, on a pipe or beyond the edge, and no leader through any, " \
       "drawings #{number}", :long do
      random = Random.new(20_261_127 + number)
      wrong = Array.new(25) do
        units = %i[us england].sample(random:)
        drawing = described_class::Section.new(by_chance(random), units:).to_h
        problems(drawing) + Munimen::Words::Language.all.values.flat_map do |language|
          say = ->(text) { language.say(text, units) }
          names = drawing[:labels].to_h { |label| [label[:part], say[label[:name]]] }
          problems(described_class::Section.reworded(drawing, names, &say))
        end
      end
      expect(wrong.flatten.tally).to eq({})
    end
  end

  it "says names and notes in another language, each line of a note by itself" do
    heater = heater(:unvented_indirect, d2_length: "5 m", d2_bends: "3", d2_size: "28 mm")
    drawing = described_class::Section.new(heater, units: :england).to_h
    names = { discharge_pipe: "Tubo de descarga" }
    said = described_class::Section.reworded(drawing, names) do |text|
      Munimen::Words::Finished.of(Munimen::Words::Language[:es]).say(text, :england)
    end
    pipe = said[:labels].find { |one| one[:part] == :discharge_pipe }
    expect(pipe).to include(name: "Tubo de descarga", note: "5 m · 3 codos\n28 mm")
  end

  it "sees a word that lies where it must not" do
    drawing = described_class::Section.new(heater(:gas_storage)).to_h
    drawing[:labels][0] = drawing[:labels][0].merge(name: "A name far too long for its column")
    expect(problems(drawing)).to include("#{drawing[:labels][0][:part]} on a line")
  end

  # Beside a scale of the ladder, until the next one or the edge: the words of the screen, and those
  # of the page, 6.6 points on 240 for 420.
  it "keeps the words of the ladder beside their scale, in every language" do
    random = Random.new(20_261_128)
    read = { static_pressure: "60 psi", mains_pressure: "85 psi", hot_peak_found: "70 psi",
             tap_temperature: "125 degF", vessel_charge: ["40 psi", zero] }
    wide = %i[us_irc england_g3 canada_npc].cycle.first(30 * TRIES).flat_map do |book|
      visit = visit(heater: by_chance(random), rules: Munimen::Rules::EffectiveRules.new(book),
                    readings: read.select { random.rand < 0.7 })
      ladder = described_class::Ladder.new(visit).to_h
      rails = ladder[:scales].map { |scale| scale[:x] - 8 }.drop(1) << ladder[:width]
      [nil, *Munimen::Words::Language.all.values].flat_map do |language|
        ladder[:scales].zip(rails).flat_map do |scale, rail|
          said = scale[:rungs].map { |rung| rung[:label] }
          said = said.map { |text| language.say(text, visit.units) } if language
          said.reject { |text| scale[:x] + 25 + widest(text) <= rail }
        end
      end
    end
    expect(wide.tally).to eq({})
  end

  def widest(text) = [11, 6.6 * 420 / 240].map { |size| LabelBoxes::WIDTHS[[text, size]] }.max
end
