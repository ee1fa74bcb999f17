# frozen_string_literal: true

# Unsafe gas situations, the numbers to call, and combustion, as handbook §25 has them: IGEM/G/11,
# BS 7967 and the gas regulations, from memory.
RSpec.describe Munimen::Judgement do
  include Build

  def english(heater: {}, **more)
    Munimen::Visit.new(
      heater: Munimen::Heater::Installation.from(Build::GAS.merge(heater).compact, units: :us),
      rules: Munimen::Rules::EffectiveRules.new(:england_g3), jobs: [:annual_safety],
      date: Date.new(2026, 11, 23), **more
    )
  end

  def seen(**found)
    found.map { |item, finding| Munimen::Visit::Observation.new(id: item.to_s, item:, finding:) }
  end

  def read(**values)
    values.map do |name, value|
      Munimen::Visit::ReadingInput.read(name, value, units: :england, id: name.to_s, state: {})
    end
  end

  def obstacles(visit)
    judge = Munimen::Judgement::Judge.of(visit)
    plan = Munimen::Planning::PlanKeeper.new.plan(visit)
    Munimen::Judgement::Closing.new(visit, plan, judge.deficiencies).obstacles
      .select { |one| one.code == :situation_open }.map(&:target)
  end

  it "asks the category of each gas finding in England, with no default, and never calls a " \
     "danger none" do
    found = seen(flue: :poor_fall, gas_smell_seen: :soot)
    visit = english(observations: found)
    expect(obstacles(visit)).to contain_exactly(:flue, :gas_smell_seen)
    soot = Munimen::Judgement::Judge.of(visit).deficiencies.find { |one| one.grade == :danger }
    expect(Munimen::Judgement::GasSituation.categories(soot, visit)).to eq(
      %i[immediately_dangerous at_risk]
    )
    said = { "situation.flue" => "not_unsafe", "situation.gas_smell_seen" => "not_unsafe" }
    expect(obstacles(english(observations: found, decisions: said))).to eq([:gas_smell_seen])
    said["situation.gas_smell_seen"] = "immediately_dangerous"
    whole = english(observations: found, decisions: said)
    expect(obstacles(whole)).to eq([])
    page = Munimen::Report::CustomerPage.new(whole).to_h[:deficiencies]
    expect(page.filter_map { |one| one[:gas_situation] }).to contain_exactly(
      "Immediately dangerous", "Not an unsafe situation"
    )
    expect(obstacles(visit(observations: found))).to eq([])
  end

  it "names the number to call: mains gas 0800 111 999, bottled gas the supplier's, both where " \
     "the " \
     "fuel is not known, none where nothing burns" do
    said = lambda do |heater|
      Munimen::Report::CustomerPage.new(english(heater:)).to_h[:cautions].grep(/Smell gas/)
    end
    expect(said[{ fuel: "natural_gas" }]).to contain_exactly(/0800 111 999(?!.*supplier)/)
    expect(said[{ fuel: "lp" }]).to contain_exactly(/supplier/).and(all(satisfy { |text|
      !text["0800"]
    }))
    expect(said[{ fuel: nil }]).to contain_exactly(/0800 111 999.*supplier/)
    electric = visit(heater: electric())
    expect(Munimen::Report::CustomerPage.new(electric).to_h[:cautions].grep(/Smell gas/)).to eq([])
  end

  # 60 ppm over 9 % is 0.00067; 800 ppm over 8 % is 0.01.
  it "holds CO over CO2 against the maker's limit first, else 0.008, and calls it a danger above" do
    check = lambda do |more = {}, **values|
      Munimen::Judgement::Judge.of(english(readings: read(**values), **more)).verdicts
        .find { |one| one.check == :combustion }
    end
    expect(check[flue_co: "60", flue_co2: "9"]).to have_attributes(grade: :sound, text: /0\.0007/)
    bad = check[flue_co: "800 ppm", flue_co2: "8 %"]
    expect(bad).to have_attributes(grade: :danger, text: /0\.0100, above 0\.008/)
    expect(check[flue_co: "300", flue_co2: "8", combustion_limit: "0.003"].grade).to eq(:danger)
    expect(check[flue_co: "60", flue_co2: "0.4"].grade).to eq(:not_tested)
    us = visit(readings: { flue_co: "300", flue_co2: "8" })
    # 450 ppm without the air: ANSI Z21.10.1 allows 400
    expect(verdict(us, :combustion)).to have_attributes(grade: :danger, text: /0\.0033/)
    hazard = ->(visit) { visit.hazards.map(&:id) }
    expect(hazard[english(readings: read(flue_co: "800", flue_co2: "8"))]).to eq([:combustion])
    expect(hazard[english(readings: read(flue_co: "60", flue_co2: "9"))]).to eq([])
  end

  it "owes draught after work on a burner, operating pressure and combustion besides in England" do
    owed = lambda do |book, operation|
      Munimen::Work::Operation[operation].owed(Munimen::Rules::EffectiveRules.new(book))
    end
    draught = %i[test_draught prove_flue]
    expect(owed[:england_g3, :clean_burner]).to eq(
      [*draught, :read_operating_pressure, :test_combustion]
    )
    expect(owed[:us_irc, :clean_burner]).to eq(draught)
    expect(owed[:us_irc,
:replace_gas_control]).to eq(%i[read_line_pressure read_operating_pressure])
  end

  it "reads the analyser in the flue only there, and the CO meter only in the room" do
    reads = Munimen::Visit::ReadingInput.known
    expect(reads[:flue_co].at?("flue")).to be(true)
    expect(reads[:room_co].at?("flue")).to be(false)
    expect(reads[:flue_co].at?("room")).to be(false)
    expect(reads[:charge_set].at?("air_valve")).to be(true)
  end
end
