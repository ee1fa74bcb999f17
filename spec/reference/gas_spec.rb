# frozen_string_literal: true

RSpec.describe "Gas" do
  # 3 600 · 2 ft³ / 180 s · 1 000 Btu/ft³, by hand.
  it "clocks 2 ft³ in 180 s as 40 000 Btu/h" do
    result = calc(:gas_input, dial_volume: "2", seconds: "180", plate_input: "40000")
    expect(result[:input].in("Btu/h")).to be_within(1e-6).of(40_000)
    expect(result[:gas_rate].in("ft3/h")).to be_within(1e-9).of(40)
    expect(result.outputs[:verdict]).to eq(:sound)
  end

  # NFPA 54 11.1.2, from memory: above 2 000 ft 4 % for each 1 000 ft above sea level.
  it "derates for altitude above 2 000 ft only, and judges against what is left" do
    allowed = lambda do |feet|
      calc(:gas_input, dial_volume: "2", seconds: "180", plate_input: "40000", altitude: feet)[
        :allowed_input
      ].in("Btu/h").round
    end
    expect([allowed["2000"], allowed["3000"], allowed["5000"]]).to eq([40_000, 35_200, 32_000])
    expect(
      calc(
        :gas_input,
        dial_volume: "2",
        seconds: "180",
        plate_input: "40000",
        altitude: "3000"
      ).outputs[
        :verdict
      ]
    ).to eq(:defect)
    expect(
      calc(:gas_input, dial_volume: "2", seconds: "210", plate_input: "40000").outputs[:verdict]
    ).to eq(:watch)
  end

  # CSA B149.1, from memory: 10 % from 2,000 to 4,500 ft; above that the stricter 4 % for each
  # 1,000 ft. Worked: 40,000 Btu/h at 3,000 ft 36,000, at 5,000 ft 32,000.
  it "derates by Canada's own steps" do
    allowed = lambda do |feet|
      calc(:gas_input, units: :canada, dial_volume: "2 ft3", seconds: "180", altitude: feet,
                       plate_input: "40000 Btu/h")[:allowed_input].in("Btu/h").round
    end
    expect(["1900 ft", "3000 ft", "4400 ft", "5000 ft"].map { |feet| allowed[feet] }).to eq(
      [40_000, 36_000, 36_000, 32_000]
    )
  end

  # 0.1 m³ in 100 s of 39.5 MJ/m³ are 39.5 kW gross; 35.6 kW net × 1.11.
  it "takes an English plate in net" do
    result = calc(
      :gas_input,
      units: :england,
      dial_volume: "0.1",
      seconds: "100",
      plate_input: "35.6",
      plate_basis: "net"
    )
    expect(result[:input].in("kW")).to be_within(0.001).of(39.5)
    expect(result.outputs[:deviation]).to be_within(0.001).of(0)
  end

  # Common practice, judged after rounding to 0.1 in. w.c.; BS 6891 for the English working
  # pressures, from memory.
  [
    [{ line: "7.5", standing: "7.4", operating: "6.94", manifold: "3.4" }, :sound],
    [{ standing: "7.4", operating: "6.8" }, :watch],
    [{ line: "6", operating: "4.6" }, :defect],
    [{ line: "11" }, :defect],
    [{ line: "14.2" }, :danger],
    [{ manifold: "3.9" }, :defect],
    [{ fuel: "lp", line: "11.6", operating: "11.2", manifold: "10.2" }, :sound],
    [{ fuel: "lp", operating: "10.5" }, :defect],
    [{ meter_working: "21 mbar", appliance_working: "20.2 mbar" }, :sound],
    [{ lock_up: "28 mbar" }, :sound],
    [{ lock_up: "30.4 mbar" }, :danger],
    [{ meter_working: "18.5 mbar" }, :defect],
    [{ meter_working: "21 mbar", appliance_working: "19.5 mbar" }, :defect],
    [{ fuel: "propane", meter_working: "37 mbar", appliance_working: "35 mbar" }, :sound]
  ].each do |readings, grade|
    it("judges #{readings} #{grade}") do
      expect(calc(:gas_pressure, **readings).outputs[:verdict]).to eq(grade)
    end
  end

  it "says what the rulebooks say of a pressure that breaks the control" do
    known = Munimen::Calculations::GasPressures
    us, england = %i[us_irc england_g3].map do |book|
      Munimen::Rules::EffectiveRules.new(book).limit(:gas_lock_up).at_most
    end
    expect(us.in("inH2O").round(6)).to eq(known::BREAKS)
    expect(england.in("mbar").round(6)).to eq(known::LOCK_UP[:natural])
  end

  it "takes none for a state that an ignition without pilot has not: the drop is line minus " \
     "operating" do
    expect(
      calc(:gas_pressure, line: "7.4", standing: "none", operating: "6.9")[:drop].in("inH2O")
    ).to be_within(1e-9).of(0.5)
  end

  it "refuses a pressure that rises when the burner lights" do
    expect { calc(:gas_pressure, standing: "6", operating: "7") }.to raise_error(
      Munimen::Error
    ) { |error| expect(error.field).to eq("operating") }
  end

  # Common practice: neither generator nor cut-off is condemned before both have been measured.
  [
    [{ kind: "thermocouple" }, :not_tested, :open_circuit],
    [{ kind: "thermocouple", open_circuit: "24" }, :sound, :eco_continuity],
    [{ kind: "thermocouple", open_circuit: "15" }, :watch, :eco_continuity],
    [{ kind: "thermocouple", eco_continuity: "no" }, :watch, :open_circuit],
    [
      { kind: "thermocouple", open_circuit: "15", eco_continuity: "yes" },
      :defect,
      :clean_and_repeat
    ],
    [{ kind: "thermocouple", open_circuit: "24", eco_continuity: "no" }, :defect, :overheating],
    [
      {
        kind: "thermopile",
        open_circuit: "420",
        loaded: "180",
        loaded_minimum: "250",
        eco_continuity: "yes"
      },
      :defect,
      :hold_test
    ],
    [{ kind: "thermopile", open_circuit: "300" }, :watch, :eco_continuity]
  ].each do |given, grade, next_test|
    it "says #{grade}, next #{next_test}, of #{given}" do
      expect(calc(:pilot_generator, **given).outputs.values_at(:verdict, :next_test)).to eq(
        [grade, next_test]
      )
    end
  end

  # NFPA 54 9.3.2.1 and 9.3.3, from memory: 140 000 Btu/h want 7 000 ft³; when short, by where
  # openings lead.
  [
    ["inside", 2, 140],
    ["outdoors_direct", 2, 35],
    ["outdoors_horizontal", 2, 70],
    ["outdoors_single", 1, 46.7]
  ].each do |where, count, area|
    it "asks for #{count} × #{area} in² #{where}" do
      result = calc(:combustion_air, room_volume: "1000", total_input: "140000", opens_to: where)
      expect(result[:required_volume].in("ft3")).to be_within(1e-6).of(7000)
      expect([result.outputs[:openings], result[:opening_area].in("in2").round(1)]).to eq(
        [count, area]
      )
    end
  end

  # NFPA 54 9.3.2: rooms that are joined must reach the volume together; 2 in² for each 1,000
  # Btu/h between storeys; 9.3.3: a single opening no smaller than the connectors together.
  # Louvres of wood leave a quarter free, of metal three quarters (from memory).
  it "asks whether joined rooms suffice, and knows storeys, connectors and louvres" do
    air = lambda do |**more|
      calc(:combustion_air, room_volume: "1000", total_input: "140000", **more)
    end
    short = air[joined_volume: "5900"]
    expect(short.outputs.values_at(:verdict, :openings)).to eq([:defect, nil])
    expect(short.outputs[:judged].because.first.text).to include("from outdoors")
    expect(air[joined_volume: "6100"].outputs[:openings]).to eq(2)
    storeys = air[opens_to: "inside_storeys"]
    expect([storeys.outputs[:openings], storeys[:opening_area].in("in2").round]).to eq([1, 280])
    single = air[opens_to: "outdoors_single", connectors: "60"]
    expect(single[:opening_area].in("in2").round).to eq(60)
    said = air[opens_to: "outdoors_direct", louvre: "wood"].outputs[:judged].because.first.text
    expect(said).to include("140 in² each")
  end

  # BS 5440-2: 5 cm² for each kW net above 7 kW (from memory): 15 kW want 40 cm².
  it "asks for 40 cm² at 15 kW in the room of an open flue, and for none up to 7 kW" do
    vent = ->(**given) { calc(:open_flue_ventilation, units: :england, **given) }
    expect(vent[net_input: "15 kW"][:free_area].in("cm2")).to be_within(1e-6).of(40)
    expect(vent[net_input: "16.65 kW", plate_basis: "gross"][:free_area].in("cm2"))
      .to be_within(0.01).of(40)
    grades = [["7 kW", nil], ["15 kW", nil], ["15 kW", "39 cm2"], ["15 kW", "40 cm2"]]
    expect(grades.map do |input, there|
      vent[net_input: input, existing_area: there].outputs[:verdict]
    end).to eq(%i[sound not_tested defect sound])
  end

  # CSA B149.1, section 8 (from memory): 42,000 Btu/h want 6 in²; a room of 2,100 ft³ and a house
  # that leaks want none.
  it "asks for an inch for 7,000 Btu/h in Canada, where the house is tight or the room small" do
    air = lambda do |room, tight, **more|
      calc(:air_supply_canada, units: :canada, total_input: "42000 Btu/h", tight:,
                               room_volume: "#{room} ft3", **more)
    end
    areas = [%w[2100 yes], %w[2100 unknown], %w[2099 no], %w[2100 no]].map do |room, tight|
      air[room, tight][:free_area].in("in2").round(6)
    end
    expect(areas).to eq([6, 6, 6, 0])
    verdicts = [nil, "5.9 in2", "6 in2"].map do |there|
      air["1000", "no", existing_area: there].outputs[:verdict]
    end
    expect(verdicts).to eq(%i[not_tested defect sound])
  end

  it "asks for at least 100 in² to inside spaces, and nothing where the room or the vent " \
     "suffices" do
    expect(
      calc(:combustion_air, room_volume: "1000", total_input: "40000")[:opening_area].in(
        "in2"
      ).round
    ).to eq(100)
    expect(
      calc(:combustion_air, room_volume: "2000", total_input: "40000").outputs.values_at(
        :verdict,
        :opening_area
      )
    ).to eq([:sound, nil])
    expect(
      calc(:combustion_air, room_volume: "100", total_input: "40000", direct_vent: "yes").outputs[
        :verdict
      ]
    ).to eq(:sound)
  end

  # The usual form of the orifice equation, Q = 1 658.5 · K · A · √(H / SG) in ft³/h, in² and in.
  # w.c. (NFPA 54's annex on orifices, from memory), and drills of the trade: a 40 000 Btu/h heater
  # has about a No. 31 (0.120 in) for natural gas, a No. 49 (0.073 in) for propane: common practice.
  it "works out an orifice by its fuel as the trade's equation and drills have it" do
    area = lambda do |fuel|
      diameter = calc(:burner_orifice, plate_input: "40000", fuel:)[:diameter].in("in")
      Math::PI / 4 * (diameter**2)
    end
    natural = 40 / (1658.5 * 0.9 * Math.sqrt(3.5 / 0.6))
    propane = 16 / (1658.5 * 0.9 * Math.sqrt(10 / 1.52))
    expect(area["natural"]).to be_within(natural * 0.003).of(natural)
    expect(area["lp"]).to be_within(propane * 0.003).of(propane)
    both = calc(:burner_orifice, plate_input: "40000")
    expect(both[:diameter].in("in")).to be_within(0.003).of(0.120)
    expect(both[:otherwise].in("in")).to be_within(0.003).of(0.073)
    # 4 % for each 1,000 ft from 2,000 ft on: at 5,280 ft 78.9 % of the gas, of the hole's area too
    high, low = %w[5280 1900].map do |feet|
      calc(:burner_orifice, plate_input: "40000", altitude: "#{feet} ft")
    end
    expect(low[:diameter].si).to eq(both[:diameter].si)
    expect((high[:diameter].si / low[:diameter].si)**2).to be_within(1e-6).of(1 - (0.04 * 5.28))
    expect(high[:gas_rate].in("ft3/h")).to be_within(0.01).of(40 * 0.7888)
    expect { calc(:burner_orifice, plate_input: "0") }.to raise_error(Munimen::Error, /plate_input/)
  end
end
