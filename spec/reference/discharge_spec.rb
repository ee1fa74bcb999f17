# frozen_string_literal: true

# The discharge pipe of a relief valve as three books see it: IRC P2804.6.1, UPC 608.5, National
# Plumbing Code of Canada 2.6.1.7; all from memory. Each line is one picture that an inspector may
# meet, and what each book says of it; nil: nothing.
RSpec.describe "Discharge pipes in North America" do
  include Build

  sound = { discharge_material: :sound, discharge_rigid: :sound }.freeze
  # picture => [seen, record, height of its end], and the finding by book
  pictures = {
    "full size, falls, plain end 4 in above the floor drain" =>
      [{}, { discharge_ends: "floor" }, "4 in", nil, nil, nil],
    "10 in above the floor, indoors" =>
      [{}, { discharge_ends: "floor" }, "10 in", %i[outlet_height defect], nil, nil],
    "14 in above the floor, indoors" =>
      [{}, { discharge_ends: "floor" }, "14 in", %i[outlet_height defect], nil,
       %i[outlet_height defect]],
    "11 in above the ground, outdoors" =>
      [{}, { discharge_ends: "outdoors" }, "11 in", %i[outlet_height defect], nil, nil],
    "4 in above the ground, outdoors" =>
      [{}, { discharge_ends: "outdoors" }, "4 in", nil, %i[outlet_height defect], nil],
    "26 in above the ground, outdoors" =>
      [{}, { discharge_ends: "outdoors" }, "26 in"] + ([%i[outlet_height defect]] * 3),
    "an inch above the floor: less than two diameters" =>
      [{}, { discharge_ends: "floor" }, "1 in", %i[outlet_height defect], nil, nil],
    "1 3/4 in above the floor, of a 1 in pipe: less than two of its diameters" =>
      [{}, { discharge_ends: "floor", relief_outlet: "one" }, "1.75 in",
       %i[outlet_height defect], nil, nil],
    "in the pan" =>
      [{}, { discharge_ends: "pan" }, "4 in", nil] + ([%i[discharge_into_pan defect]] * 2),
    "a thread at its end" =>
      [{ discharge_thread: :threaded }, {}, "4 in"] + ([%i[discharge_thread defect]] * 3),
    "capped, because it dripped" =>
      [{ discharge_open: :capped }, {}, "4 in"] + ([%i[discharge_open danger]] * 3),
    "soft pipe of the valve's own size" =>
      [{ discharge_material: :unsuitable, discharge_rigid: :unsuitable }, {}, "4 in",
       %i[discharge_material defect], %i[discharge_material defect],
       %i[discharge_rigid defect]],
    "soft pipe one size up" =>
      [{ discharge_material: :sound, discharge_rigid: :unsuitable }, {}, "4 in", nil, nil,
       %i[discharge_rigid defect]],
    "joined to the pan's drain" =>
      [{ discharge_own: :shared }, {}, "4 in"] + ([%i[discharge_own defect]] * 3),
    "up over a beam, so that water stands in it" =>
      [{ discharge_fall: :trap }, {}, "4 in"] + ([%i[discharge_fall defect]] * 3)
  }

  pictures.each do |picture, (seen, record, height, *by_book)|
    %i[us_irc us_upc canada_npc].zip(by_book) do |book, expected|
      it "#{book}: #{picture}" do
        rules = Munimen::Rules::EffectiveRules.new(book)
        made = fresh(:gas_storage, book, vessel_volume: "5 gal", **record)
        asked = Munimen::Inspection::InspectionItem.for(made, :discharge_pipe).map(&:id)
        observations = sound.merge(seen).slice(*asked).map do |item, finding|
          Munimen::Visit::Observation.new(id: item.to_s, item:, finding:)
        end
        readings = [Munimen::Visit::ReadingInput.read(:outlet_height, height, units: rules.units,
                                                                              id: "h", state: {})]
        visit = Munimen::Visit.new(heater: made.heater, rules:, jobs: [:inspection],
                                   date: made.date, observations:, readings:)
        found = Munimen::Judgement::Judge.new(visit).deficiencies
        expect(found.map { |one| [one.check, one.grade] }).to eq([expected].compact)
      end
    end
  end

  # What is found is told by the book in which it stands, with its clause.
  it "names each book's own clause" do
    clause = lambda do |book, item, finding|
      Munimen::Inspection::InspectionItem[item].findings[finding]
                                               .source_under(Munimen::Rules::Book[book]).to_s
    end
    expect(clause[:us_irc, :discharge_thread, :threaded]).to start_with("IRC P2804.6.1 item 11")
    expect(clause[:us_upc, :discharge_thread, :threaded]).to start_with("UPC 608.5")
    expect(clause[:canada_npc, :discharge_thread, :threaded]).to start_with("Common practice")
    expect(clause[:canada_npc, :discharge_rigid, :unsuitable]).to start_with("National Plumbing")
  end
end

# By which edition a clause is numbered, and since when it is there.
RSpec.describe Munimen::Rules::Editions do
  it "knows the edition of every rule that a book, an item or a danger cites" do
    cited = Munimen::Rules::Book.all.flat_map do |book|
      items = Munimen::Inspection::InspectionItem.all.select { |item| item.under?(book) }
      found = items.flat_map { |item| item.findings.values.select { |one| one.under?(book) } }
      book.limits.map(&:source) + book.papers.map(&:source) +
        found.map { |one| one.source_under(book) } +
        Munimen::Hazards::Hazard.all.map { |hazard| book.cite(hazard.source) }
    end
    printed = cited.compact.select { |one| one.standing.start_with?("published") }
    expect(printed.reject { |one| described_class.of(one) }.map(&:to_s)).to eq([])
    expect(described_class.of(Munimen::Source.common_practice("as usual"))).to be_nil
  end

  # Facts of the trade, from memory: alarms came into the IRC in 2009, the bath's 48 °C in 2010.
  it "says since when where that is known, and that it is not where it is not" do
    of = ->(*source) { described_class.of(Munimen::Source.published(*source)) }
    expect(of["IRC", "R315"]).to eq("clauses as in the edition of 2021; since the edition of 2009")
    expect(of["Approved Document G", "G3(4)"]).to end_with("since the edition of 2010")
    expect(of["NEC", "422.31"]).to end_with("since when is not known")
  end
end
