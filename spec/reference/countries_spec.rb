# frozen_string_literal: true

# Five whole visits under each rulebook and with each fuel: a sound one, and four with one thing
# wrong each, typed as people of that country do. What is expected is the handbook's (§§5, 9, 14,
# 15, 25), which names the codes; Scotland, Wales and Canada from memory.
RSpec.describe Munimen::Rules::Book do
  base = lambda do |name|
    JSON.parse(File.read(File.join(__dir__, "visits/#{name}.json"))).except("story", "expected")
  end
  gas = base["01_sound_gas"]
  cylinder = base["25_english_sound"]

  # The visit with some readings, looks and facts otherwise: [deficiencies, outcome].
  define_method(:judged) do |data, book, readings: {}, seen: {}, heater: {}|
    names = readings.keys.map(&:to_s)
    told = Munimen::Cli::VisitCommand.judge(
      data.merge(
        "site" => { "code_profile" => book },
        "heater" => data["heater"].merge(heater.transform_keys(&:to_s)),
        "readings" => data["readings"].reject { |one| names.include?(one["name"]) } +
          readings.map { |name, value| { "name" => name.to_s, "value" => value } },
        "observations" => data["observations"].reject { |one| seen.key?(one["item"].to_sym) } +
          seen.map { |item, finding| { "item" => item.to_s, "finding" => finding } }
      )
    )
    [told[:deficiencies].to_h { |one| [one[:check].to_s, one[:state].to_s] },
     told[:outcome][:proposed].to_s]
  end

  # As it is typed where gauges are read in kPa and thermometers in °C: the same heater.
  metric = lambda do |data|
    kilopascal = { "58" => "400", "66" => "455" }
    rows = data["readings"].map do |one|
      typed = one["name"] == "tap_temperature" ? "48.9" : kilopascal[one["value"]]
      typed ? { **one, "value" => typed } : one
    end
    data.merge("readings" => rows)
  end

  american = {
    "sound" => [{}, {}, "in_service"],
    "a supply above the bound" => [
      { readings: { static_pressure: "600 kPa" } },
      { "static_pressure" => "defect", "vessel_charge" => "defect" }, "in_service_with_limits"
    ],
    "a bath that scalds" => [
      { readings: { bath_temperature: "54 °C" } }, { "bath_temperature" => "defect" },
      "in_service_with_limits"
    ],
    "a relief valve that lets nothing out" => [
      { readings: { relief_flow: "none" } }, { "relief_valve" => "danger" }, "left_off"
    ],
    "a capped discharge pipe" => [
      { seen: { discharge_open: "capped" } }, { "discharge_open" => "danger" }, "left_off"
    ]
  }
  british = {
    "sound" => [{}, {}, "in_service"],
    "a thermostat set too high" => [
      { heater: { set_point: "70" } }, { "set_point" => "watch" }, "in_service"
    ],
    "a cut-out that is bridged" => [
      { seen: { cut_out_seen: "bridged" } }, { "cut_out_seen" => "danger" }, "left_off"
    ],
    "a D2 of the outlet's own size" => [
      { heater: { d2_size: "15" } }, { "d2_size" => "defect" }, "in_service_with_limits"
    ],
    "a D1 that is too long" => [
      { heater: { d1_length: "720" } }, { "d1_length" => "defect" }, "in_service_with_limits"
    ]
  }
  { american => %w[us_irc us_upc canada_npc], british => %w[england_g3 scotland_4_9 wales_g] }
    .each do |stories, books|
      books.product(stories.to_a).each do |book, (name, (change, wrong, outcome))|
        it "#{book}: #{name}" do
          data = stories.equal?(american) ? gas : cylinder
          data = metric[gas] if book == "canada_npc"
          expect(judged(data, book, **change)).to eq([wrong, outcome])
        end
      end
    end

  # in. w.c. under US rules, mbar under English ones; the plate's manifold where one is judged.
  # Approved Document G3(4) binds new dwellings and changes of use; elsewhere it advises.
  it "bounds an English bath where that binds, and advises elsewhere, with the scald time" do
    bath = lambda do |book, rules, heater = {}|
      data = cylinder.merge("house_rules" => { "site" => rules })
      judged(data, book, readings: { bath_temperature: "50" }, heater:).first
    end
    # what is known of the dwelling goes before how an unknown one is taken; Scotland binds likewise
    [%w[new existing defect], %w[existing binds advice]].each do |dwelling, rule, grade|
      %w[england_g3 scotland_4_9].each do |book|
        expect(bath[book, { "new_dwelling" => rule }, { dwelling: }])
          .to eq("bath_temperature" => grade)
      end
    end
    expect(bath["england_g3", { "new_dwelling" => "binds" }]).to eq("bath_temperature" => "defect")
    expect(bath["wales_g", {}]).to eq("bath_temperature" => "advice")
  end

  # Handbook §14: as cold as the supply is a heater that is off, or another tap.
  it "takes no cold tap for stored water, and lukewarm water for the growth range" do
    state = lambda do |tap, **more|
      told = Munimen::Cli::VisitCommand.judge(
        gas.merge("readings" => { tap_temperature: tap, **more }.map do |name, value|
          { "name" => name.to_s, "value" => value }
        end)
      )
      told[:verdicts].find { |one| one[:check] == :tap_temperature }.values_at(:state, :text)
    end
    expect([state["60"], state["80", cold_temperature: "74"]].map(&:first)).to all(eq(:not_tested))
    expect(state["100"]).to match([:watch, /legionella/])
  end

  fuels = {
    ["natural_gas", "us_irc", "3.5"] => [
      [{ gas_standing: "7.4", gas_operating: "6.94", gas_manifold: "3.4" }, {}],
      [{ gas_operating: "4.6" }, "defect"], [{ gas_line: "11" }, "defect"],
      [{ gas_line: "14.2" }, "danger"], [{ gas_manifold: "3.9" }, "defect"]
    ],
    %w[lp us_irc 10] => [
      [{ gas_line: "11.6", gas_operating: "11.2", gas_manifold: "10.2" }, {}],
      [{ gas_operating: "6" }, "defect"], [{ gas_operating: "10.5" }, "defect"],
      [{ gas_line: "14.6" }, "danger"], [{ gas_manifold: "3.5" }, "defect"]
    ],
    ["natural_gas", "england_g3", nil] => [
      [{ gas_line: "28", gas_operating: "20.2" }, {}], [{ gas_operating: "13.5" }, "defect"],
      [{ gas_operating: "17" }, "defect"], [{ gas_line: "30.6" }, "danger"],
      [{ gas_line: "28", gas_operating: "18.5" }, {}]
    ],
    ["lp", "england_g3", nil] => [
      [{ gas_operating: "37" }, {}], [{ gas_operating: "33" }, {}],
      [{ gas_operating: "30" }, "defect"], [{ gas_operating: "43" }, "defect"],
      [{ gas_operating: "20" }, "defect"]
    ],
    ["butane", "england_g3", nil] => [
      [{ gas_operating: "28" }, {}], [{ gas_operating: "24" }, {}],
      [{ gas_operating: "22" }, "defect"], [{ gas_operating: "34" }, "defect"],
      [{ gas_operating: "37" }, "defect"]
    ]
  }
  # A cubic foot of propane holds two and a half times what one of natural gas does (NFPA 58, annex
  # B, from memory): 1 ft³ in 225 s is 40 000 Btu/h of the one and 16 000 of the other.
  it "clocks bottled gas by its own heating value" do
    inputs = lambda do |fuel|
      heater = Munimen::Heater::Installation.from(Build::GAS.merge(fuel:))
      rules = Munimen::Rules::EffectiveRules.new(:us_irc)
      visit = Munimen::Visit.new(heater:, rules:, jobs: [], date: Date.new(2026, 11, 27))
      Munimen::Visit::CalculationInputs.new(visit)
                                       .inputs(Munimen::Calculations::Calculation[:gas_input])
    end
    clocked = lambda do |fuel|
      given = inputs[fuel].merge(dial_volume: "1", seconds: "225", plate_input: "40000")
      Munimen::Calculations::Calculation[:gas_input].call(given, units: :us).outputs[:verdict]
    end
    expect(inputs["lp"]).to include(heating_value: /2500/)
    expect(%w[lp natural_gas].map { |fuel| clocked[fuel] }).to eq(%i[sound watch])
  end

  fuels.each do |(fuel, book, plate), stories|
    stories.each do |readings, grade|
      it "#{fuel} under #{book}: #{readings}" do
        heater = { fuel:, manifold_pressure: plate }.compact
        found = judged(gas, book, readings:, heater:).first
        expect(found.slice(*found.keys.grep(/\Agas/)).values.uniq).to eq([grade].grep(String))
      end
    end
  end
end
