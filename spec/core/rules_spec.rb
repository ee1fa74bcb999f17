# frozen_string_literal: true

RSpec.describe Munimen::Rules::Book do
  # Limits as the handbooks of the trade give them; clauses from memory, as the sources say.
  [
    [:us_irc, :static_pressure, "at most 80 psi"],
    [:us_irc, :charge_tolerance, "at most 2 psi"],
    [:us_irc, :bath_temperature, "at most 120 °F"],
    [:us_irc, :outlet_height, "at most 6 in"],
    [:us_irc, :pan_pipe_height, "6–24 in"],
    [:us_irc, :hot_peak_at_relief, "at most 140 psi"],
    [:us_upc, :static_pressure, "at most 80 psi"],
    [:us_upc, :outlet_height, "at most 24 in"],
    [:us_upc, :outlet_clear, "at least 6 in"],
    [:england_g3, :charge_tolerance, "at most 0.15 bar"],
    [:england_g3, :bath_temperature, "at most 48 °C"],
    [:england_g3, :outlet_height, "at most 100 mm"],
    [:england_g3, :d1_length, "at most 600 mm"],
    [:england_g3, :cut_out, "80–85 °C"],
    [:england_g3, :relief_temperature, "90–95 °C"],
    [:england_g3, :set_point, "60–65 °C"],
    [:england_g3, :tap_temperature_low, "at least 50 °C"]
  ].each do |book, limit, text|
    it("has #{limit} #{text} in #{book}") do
      expect(described_class[book][limit].to_text(described_class[book].units)).to eq(text)
    end
  end

  it "names source, remedy, grade and what to tell the customer for every limit" do
    described_class.all.flat_map(&:limits).each do |limit|
      expect([limit.source.to_s, limit.remedy, limit.explain]).to all(
        be_a(String).and(satisfy { |text| text.size > 8 })
      ),
      limit.id.to_s
      expect(Munimen::Verdict::FINDINGS).to include(limit.grade)
      expect([limit.at_least, limit.at_most].compact).not_to be_empty
    end
  end

  it "names a code only where that code holds" do
    sources =
      described_class.all.to_h { |book| [book.id, book.limits.map { |limit| limit.source.name }] }
    expect(sources[:us_upc]).to include("UPC").and(
      satisfy { |names| names.none?("Approved Document G") }
    )
    expect(sources[:england_g3]).to include("Approved Document G").and(
      satisfy { |names| !names.intersect?(%w[IRC UPC]) }
    )
    expect(sources[:us_irc]).to include("IRC").and(satisfy { |names| names.none?("UPC") })
  end

  it "counts a value on the limit as inside, and the next one as past" do
    limit = described_class[:us_irc][:static_pressure]
    expect(
      [psi(80), psi(80.1)].map { |pressure| limit.violated_by(pressure)&.in("psi")&.round }
    ).to eq([nil, 80])
  end
end

RSpec.describe Munimen::Rules::Question do
  it "asks at least sixteen questions, each with schools, their reasons, and ours among them" do
    expect(described_class.all.size).to be >= 16
    described_class.all.each do |question|
      expect(question.options.size).to be >= 2
      expect(question.options.keys).to include(question.default_option)
      expect(question.options.values.map(&:reason).uniq.size).to eq(question.options.size),
      question.id.to_s
      expect(Munimen::Words[:england].say(question.ask)).to end_with("?").or end_with(".")
    end
  end

  it "moves limits only by a school that says so, and names it as the source" do
    plain = Munimen::Rules::EffectiveRules.new(:england_g3)
    weekly = Munimen::Rules::EffectiveRules.new(:england_g3, firm: { set_point: "fifty_weekly" })
    low = Munimen::Rules::EffectiveRules.new(:us_irc, site: { set_point: "low" })
    expect([plain, weekly].map { |rules| rules.limit(:set_point).to_text(:england) }).to eq(
      ["60–65 °C", "50–55 °C"]
    )
    expect(weekly.limit(:set_point).source.to_s).to include("House rule").and include("firm")
    expect([low.limit(:tap_temperature_low), low.limit(:static_pressure).source.name]).to eq(
      [nil, "IRC"]
    )
    expect([plain.moved_by(:set_point), weekly.moved_by(:set_point)]).to eq([nil, :set_point])
  end

  it "lets the visit overrule the site, and the site the firm" do
    rules = Munimen::Rules::EffectiveRules.new(
      :us_irc,
      firm: {
        lever_hold: "one_second"
      },
      site: {
        lever_hold: "until_clear"
      },
      visit: {
        lever_hold: "five_seconds"
      }
    )
    expect(rules.chain(:lever_hold).map(&:last)).to eq(
      %i[five_seconds one_second until_clear five_seconds]
    )
    expect(rules.chosen).to eq({ lever_hold: :five_seconds })
  end
end

# A house rule may ask for more than a book has in print, never for less.
RSpec.describe Munimen::Rules::EffectiveRules do
  Munimen::Rules::Book.all.each do |book|
    it "keeps every published minimum of #{book.id} under every school" do
      weaker = Munimen::Rules::Question.all.flat_map do |question|
        question.options.keys.flat_map do |school|
          rules = described_class.new(book.id, firm: { question.id => school.to_s })
          loosened = book.limits.select(&:published?).reject do |limit|
            now = rules.limit(limit.id)
            now && (limit.at_most.nil? || now.at_most.si <= limit.at_most.si) &&
              (limit.at_least.nil? || now.at_least.si >= limit.at_least.si)
          end
          loosened.map { |limit| [question.id, school, limit.id] }
        end
      end
      expect(weaker).to eq([])
    end
  end

  # HSE HSG274 part 2: 50 °C at the outlet; in the US 120 °F is the household's own decision.
  it "lets a household decide where only the trade has a custom" do
    low = ->(book) { described_class.new(book, firm: { set_point: "low" }) }
    expect(low[:us_irc].limit(:tap_temperature_low)).to be_nil
    kept = low[:england_g3].limit(:tap_temperature_low).at_least
    expect(kept.in("degC")).to be_within(0.1).of(50)
  end
end

RSpec.describe Munimen::Inspection::InspectionItem do
  it "says of every finding what to do, by when, who, and in plain words why" do
    described_class
      .all
      .flat_map { |look| look.findings.values.map { |finding| [look, finding] } }
      .each do |look, finding|
        expect([finding.text, finding.remedy, finding.explain]).to all(be_a(String)),
        "#{look.id}.#{finding.id}"
        expect(
          [finding.due_in.is_a?(Integer), %i[plumber gas electrical unvented].include?(finding.who)]
        ).to eq([true, true]),
        "#{look.id}.#{finding.id}"
        expect(finding.due_in).to eq(0), "#{look.id}.#{finding.id}" if finding.grade == :danger
      end
  end

  it "takes nothing for absent that could not be seen, whatever it is" do
    described_class.all.each do |look|
      seen = visit(seen: { look.id => :not_visible })
      expect(verdict(seen, look.id).grade).to eq(:not_tested), look.id.to_s
      expect(Munimen::Judgement::Judge.new(seen).deficiencies).to be_empty
    end
  end

  it "asks from the top down, then outside" do
    Build::KINDS.each_key do |kind|
      places =
        described_class
          .for(fresh(kind, :england_g3), :visible)
          .map { |look| Munimen::Heater::Parts::PLACES.index(look.place) }
      expect(places).to eq(places.sort)
    end
  end

  it "holds a catalogue of 70 and more over all parts, found by two letters, words that begin so " \
     "first" do
    entries = Munimen::Inspection::Catalogue.all
    expect(entries.size).to be >= 70
    expect(entries.map(&:part).uniq.size).to be >= 20
    found =
      Munimen::Inspection::Catalogue.search("tu", Munimen::Rules::EffectiveRules.new(:england_g3))
    expect(found.map { |entry| entry.look.id }).to include(:tundish_place)
    begins = found.map do |entry|
      if Munimen::Words[:england]
           .say("#{entry.text} #{entry.remedy} #{entry.part}")
           .downcase
           .match?(/\btu/)
        0
      else
        1
      end
    end
    expect(begins).to eq(begins.sort)
    expect(Munimen::Inspection::Catalogue.search("tundish", rules)).to be_empty
  end
end

RSpec.describe Munimen::Drawing::Chart do
  picture = lambda do |id, **inputs|
    described_class.of(Munimen::Calculations::Calculation[id].call(inputs))
  end

  it "has a picture for every calculation" do
    folder = File.join(Munimen::ROOT, "core/drawing/charts")
    expect(
      Dir[File.join(folder, "*.rb")].map { |file| File.basename(file, ".rb").to_sym }
    ).to match_array(Munimen::Calculations::Calculation.all.map(&:id))
  end

  it "draws the charge curve lowest where charge and supply are equal, with the charge given on " \
     "it" do
    drawn = picture[
      :vessel_performance,
      volume: "50",
      cold: "50",
      hot: "140",
      supply_pressure: "60",
      vessel_volume: "4.5",
      charge: "40"
    ]
    lowest = drawn[:series].first[:points].min_by(&:last)
    expect(lowest.first).to be_within(3).of(60)
    expect(drawn[:point]).to match([40.0, be_within(0.1).of(85.5)])
    expect(drawn[:levels].map { |level| level[:label] }).to eq(%w[relief supply])
  end

  it "draws the climb to relief with this vessel and without one" do
    drawn = picture[
      :closed_system,
      volume: "50",
      power: "40000",
      cold: "95",
      hot: "140",
      supply_pressure: "60",
      vessel_volume: "4.5"
    ]
    highest = drawn[:series].to_h { |one| [one[:name], one[:points].map(&:last).max] }
    expect(highest["without a vessel"]).to eq(150.0)
    expect(highest["with this vessel"]).to be < 80
  end

  it "draws scald times on powers of ten, the element's power by the square, the anode's band " \
     "around its line" do
    scald = picture[:scald_time, temperature: "130"]
    expect([scald[:y][:log], scald[:y][:unit], scald[:point]]).to eq([true, "min", [130.0, 0.5]])
    element = picture[:element, rated_power: "4500", rated_voltage: "240"]
    expect(element[:series].first[:points].first.last).to be_within(5).of(4500 / 4)
    anode = picture[
      :anode_life,
      inspections: [
        { date: "2024-01-01", remaining: 0.8 },
        { date: "2026-01-01", remaining: 0.5 }
      ]
    ]
    ends = anode[:series].to_h { |one| [one[:name], one[:points].last.first] }
    expect(ends.values_at("earliest", "likely", "latest")).to eq(
      ends.values_at("earliest", "likely", "latest").sort
    )
  end

  it "lets the gas pressure fall through its states, and holds a coil against its clean self" do
    gas = picture[:gas_pressure, line: "7.5", standing: "7.4", operating: "6.9", manifold: "3.5"]
    expect(gas[:series].first[:points].map(&:last)).to eq([7.5, 7.4, 6.9])
    coil = picture[
      :coil,
      flow: "4",
      flow_temperature: "170",
      return_temperature: "155",
      tank_temperature: "90",
      rated_power: "60000",
      rated_flow: "4"
    ]
    now, clean = coil[:series].map { |one| one[:points].to_h }
    expect(now.keys).to eq(clean.keys)
    expect(now.keys.all? { |tank| clean[tank] > now[tank] }).to be(true)
    expect(now[now.keys.min_by { |tank| (tank - 90).abs }]).to be_within(2500).of(4 * 8.1 * 60 * 15)
  end

  it "says beyond the table in the drawing, too, and how many openings a room wants" do
    pipe = picture[:discharge_pipe_england, outlet: "1", length: "40 m"]
    room = picture[:combustion_air, room_volume: "500", total_input: "80000"]
    expect(pipe[:texts].map { |one| one[:text] }.join).to include("beyond the table").and include(
      "40.0 m used of 27 m"
    )
    expect(room[:texts].map { |one| one[:text] }.join).to include("2 openings of 100 in² each")
  end
end
