# frozen_string_literal: true

# Rulebooks that are like another: each one file. Clauses from memory.
RSpec.describe Munimen::Rules::Book do
  include Build

  def visit_under(book, kind = :gas_storage, **more)
    Munimen::Visit.new(
      heater: heater(kind), rules: Munimen::Rules::EffectiveRules.new(book), jobs: [],
      date: Date.new(2026, 11, 23), **more
    )
  end

  def read(units, **values)
    values.map do |name, value|
      Munimen::Visit::ReadingInput.read(name, value, units:, id: name.to_s, state: {})
    end
  end

  def asked(book, group = :discharge_pipe, kind = :gas_storage)
    Munimen::Inspection::InspectionItem.for(visit_under(book, kind), group).map(&:id)
  end

  def sources(visit)
    Munimen::Judgement::Judge.of(visit).verdicts.flat_map(&:because).filter_map(&:source)
      .map(&:name).uniq
  end

  %w[scotland_4_9 wales_g].each do |book|
    it "#{book} is as England, by its own name" do
      expect(asked(book, :discharge_pipe, :unvented_indirect)).to eq(
        asked(:england_g3, :discharge_pipe, :unvented_indirect)
      )
      bounds = lambda { |of|
        described_class[of].limits.map do |one|
          [one.id, one.at_most, one.at_least]
        end
      }
      expect(bounds[book]).to eq(bounds[:england_g3])
      seen = [Munimen::Visit::Observation.new(id: "o", item: :d1_run, finding: :long)]
      said = sources(visit_under(book, :unvented_indirect, observations: seen))
      expect(said.grep(/Document G\z|Technical Handbook|for Wales/)).to eq(
        [described_class[book].cites.fetch("Approved Document G").first]
      )
      bad = visit_under(book, readings: read(:england, flue_co: "800", flue_co2: "8"))
      expect(bad.hazards.map(&:id)).to eq([:combustion])
      clean = Munimen::Work::Operation[:clean_burner]
      expect(clean.owed(bad.rules)).to include(:test_combustion)
    end
  end

  # 550 kPa is 79.8 psi; 300 mm is 11.8 in; CSA B149.1 and C22.1 are what NFPA 54 and the NEC are.
  it "canada_npc takes its own bounds and names, and not the six inches of its neighbour" do
    expect(asked(:canada_npc) - asked(:us_irc)).to eq(%i[discharge_rigid])
    expect(asked(:us_irc) - asked(:canada_npc)).to eq(
      %i[discharge_material discharge_height discharge_clear]
    )
    grade = lambda do |name, value|
      visit = visit_under(:canada_npc, readings: read(:us, name => value))
      Munimen::Judgement::Judge.of(visit).verdicts.find { |one| one.check == name }.grade
    end
    expect([grade[:static_pressure, "560 kPa"], grade[:static_pressure, "550 kPa"]]).to eq(
      %i[defect sound]
    )
    expect([grade[:outlet_height, "310 mm"], grade[:outlet_height, "290 mm"]]).to eq(
      %i[defect sound]
    )
    seen = { flue: :poor_fall, gas_shut_off: :trap, straps: :missing }.map do |item, finding|
      Munimen::Visit::Observation.new(id: item.to_s, item:, finding:)
    end
    # straps are no clause of the plumbing code here: the trade's practice
    expect(sources(visit_under(:canada_npc, observations: seen))).to include(
      "CSA B149.1", "Common practice"
    ).and(satisfy { |names| !names.intersect?(["NFPA 54", "IRC", "IFGC", "NEC"]) })
  end

  it "says which books there are where one is not known, and needs no order of files" do
    expect { described_class["atlantis"] }.to raise_error(Munimen::Error, /canada_npc.*wales_g/)
    expect(described_class[:wales_g].lineage).to eq(%i[wales_g england_g3])
  end
end
