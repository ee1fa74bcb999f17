# frozen_string_literal: true

RSpec.describe Munimen::Calculations::Calculation do
  good = {
    convert: {
      value: "52 psi",
      to: "bar"
    },
    water: {
      temperature: "60"
    },
    thermal_expansion: {
      volume: "50",
      cold: "50",
      hot: "140"
    },
    expansion_vessel: {
      volume: "50",
      cold: "50",
      hot: "140",
      supply_pressure: "60",
      maximum_pressure: "80"
    },
    vessel_performance: {
      volume: "50",
      cold: "50",
      hot: "140",
      supply_pressure: "60",
      vessel_volume: "2",
      charge: "40"
    },
    closed_system: {
      volume: "50",
      power: "40000",
      cold: "50",
      hot: "140",
      supply_pressure: "60"
    },
    scald_time: {
      temperature: "130"
    },
    settled_reading: {
      samples: [{ t: 0, value: 1 }, { t: 3, value: 1 }, { t: 6, value: 1 }],
      tolerance: "1"
    },
    heat_up: {
      volume: "50",
      power: "4500 W",
      cold: "50",
      hot: "120"
    },
    recovery: {
      power: "40000",
      efficiency: "0.8",
      rise: "90"
    },
    mixed_delivery: {
      volume: "50",
      stored: "140",
      cold: "50",
      mixed: "105"
    },
    drain_time: {
      volume: "50",
      tank_height: "4",
      hose_length: "25"
    },
    element: {
      rated_power: "4500",
      rated_voltage: "240",
      resistance: "12.9"
    },
    branch_circuit: {
      power: "4500",
      voltage: "240"
    },
    burner_orifice: {
      plate_input: "40000"
    },
    gas_input: {
      dial_volume: "2",
      seconds: "180",
      plate_input: "40000"
    },
    gas_pressure: {
      fuel: "natural",
      line: "7",
      operating: "6.8"
    },
    pilot_generator: {
      kind: "thermocouple",
      open_circuit: "24"
    },
    relief_valve_match: {
      heater_input: "40000",
      new_rating: "105000"
    },
    discharge_pipe_england: {
      outlet: "1/2",
      length: "7 m"
    },
    coil: {
      flow: "4",
      flow_temperature: "170",
      return_temperature: "150",
      tank_temperature: "90"
    },
    anode_life: {
      inspections: [{ date: "2024-01-01", remaining: 0.9 }, { date: "2026-01-01", remaining: 0.5 }]
    },
    combustion_air: {
      room_volume: "1000",
      total_input: "40000"
    },
    air_supply_canada: {
      total_input: "40000 Btu/h", room_volume: "40 m3"
    },
    open_flue_ventilation: {
      net_input: "15 kW"
    },
    stored_energy: {
      volume: "50",
      temperature: "300"
    },
    heat_pump: { volume: "50 gal" },
    standing_loss: {},
    recirculation_loss: { length: "20 m" },
    vented_head: { head: "4 m" },
    blending: { hot: "60 degC", mixed: "40 degC" },
    vessel_acceptance: { volume: "4.5 gal", charge: "60 psi", to: "80 psi" },
    scale: { hardness: "250" },
    climb: { volume: "50 gal", power: "40000 Btu/h", cold: "95 degF", hot: "120 degF",
             readings: [[0, 60], [60, 72], [120, 85]].map { |t, value| { t:, value: } } },
    drip_by_time: { volume: "50 gal", power: "40000 Btu/h", cold: "95 degF", hot: "120 degF",
                    supply_pressure: "60 psi", first_drop: "380 s", drops: "800" },
    supply_or_tank: { volume: "50 gal", cold: "50 degF", hot: "140 degF", supply_pressure: "75 psi",
                      maximum_pressure: "80 psi", vessel_volume: "4.5 gal" }
  }

  it "has a good example here for each that there is" do
    expect(good.keys).to match_array(described_class.all.map(&:id))
  end

  # A calculator has units and no country: nobody fills a {term} of a vocabulary in.
  it "says nothing with a term of a vocabulary in it" do
    files = Dir[File.join(Munimen::ROOT, "core/calculations/**/*.rb")]
    names = files.flat_map { |file| File.read(file).scan(/(?<!#)\{(\w+)\}/).flatten }.uniq
    terms = Munimen::Words.all.values.flat_map { |one| one.terms.keys }.map(&:to_s)
    expect(names & terms).to eq([])
  end

  good.each do |id, inputs|
    it "#{id} names its sources, gives every output it declares, in every system of units it " \
       "knows" do
      expect(described_class[id].sources).not_to be_empty
      described_class[id].systems.each do |units|
        result = described_class[id].call(units == :us ? inputs : in_words(id, inputs), units:).to_h
        expect(result[:outputs].keys).to match_array(described_class[id].outputs.map(&:name))
        expect(JSON.generate(result)).not_to match(/NaN|Infinity/)
      end
    end

    it "#{id} refuses units of another dimension, and names the field" do
      described_class[id].inputs.select { |input| input.unit_symbol(:us) }.each do |input|
        wrong = input.kind == :time ? "3 psi" : "3 min"
        expect { described_class[id].call({ **inputs, input.name => wrong }) }.to raise_error(
          Munimen::Error
        ) { |error| expect([error.field, error.code.to_s]).to eq([input.name.to_s, "wrong_unit"]) }
      end
    end

    it "#{id} refuses an input it does not know and one that is missing" do
      expect { described_class[id].call({ **inputs, colour: "red" }) }.to raise_error(
        Munimen::Error,
        /has no input/
      )
      first =
        described_class[id]
          .inputs
          .map(&:name)
          .find { |name| inputs.key?(name) && id != :gas_pressure } or next
      expect { described_class[id].call(inputs.except(first)) }.to raise_error(
        Munimen::Error
      ) { |error| expect(error.field).to eq(first.to_s) }
    end
  end

  # The same example with the US units written out, for the other systems.
  def in_words(id, inputs)
    inputs.to_h do |name, value|
      unit = described_class[id].inputs.find { |input| input.name == name }&.unit_symbol(:us)
      [name, value.is_a?(String) && unit && value.match?(/\A[\d.]+\z/) ? "#{value} #{unit}" : value]
    end
  end

  [
    [:thermal_expansion, { volume: "-5", cold: "50", hot: "140" }, "volume"],
    [:thermal_expansion, { volume: "0", cold: "50", hot: "140" }, "volume"],
    [:thermal_expansion, { volume: "50", cold: "50", hot: "300" }, "hot"],
    [:thermal_expansion, { volume: "50", cold: "140", hot: "50" }, "hot"],
    [
      :heat_up,
      { volume: "50", power: "4500 W", efficiency: "1.5", cold: "50", hot: "120" },
      "efficiency"
    ],
    [
      :expansion_vessel,
      { volume: "50", cold: "50", hot: "140", supply_pressure: "90", maximum_pressure: "80" },
      "supply_pressure"
    ],
    [
      :expansion_vessel,
      {
        volume: "50",
        cold: "50",
        hot: "140",
        supply_pressure: "60",
        maximum_pressure: "80",
        charge: "85"
      },
      "charge"
    ],
    [
      :vessel_performance,
      {
        volume: "50",
        cold: "50",
        hot: "140",
        supply_pressure: "60",
        vessel_volume: "0",
        charge: "40"
      },
      "vessel_volume"
    ],
    [
      :closed_system,
      { volume: "50", power: "0", cold: "50", hot: "140", supply_pressure: "60" },
      "power"
    ],
    [
      :closed_system,
      {
        volume: "50",
        power: "40000",
        cold: "50",
        hot: "140",
        supply_pressure: "60",
        compliance: "0"
      },
      "compliance"
    ],
    [:recovery, { power: "40000", rise: "0" }, "rise"],
    [:mixed_delivery, { volume: "50", stored: "100", cold: "50", mixed: "105" }, "mixed"],
    [:drain_time, { volume: "50", tank_height: "0", hose_length: "25" }, "tank_height"],
    [:drain_time, { volume: "50", tank_height: "4", hose_length: "25", fraction: "2" }, "fraction"],
    [:element, { rated_power: "4500", rated_voltage: "0" }, "rated_voltage"],
    [:element, { rated_power: "4500", rated_voltage: "240", resistance: "12 mV" }, "resistance"],
    [:gas_input, { dial_volume: "2", seconds: "0" }, "seconds"],
    [:gas_input, { dial_volume: "2", seconds: "180", heating_value: "39" }, "heating_value"],
    [:relief_valve_match, { heater_input: "0" }, "heater_input"],
    [:discharge_pipe_england, { outlet: "1/2", length: "7", bends: "1.5" }, "bends"],
    [:discharge_pipe_england, { outlet: "5/8", length: "7" }, "outlet"],
    [:stored_energy, { volume: "50", temperature: "380" }, "temperature"],
    [:anode_life, { inspections: [{ date: "2024-01-01", remaining: 1.4 }] }, "inspections"],
    [:anode_life, { inspections: [{ date: "soon", remaining: 0.4 }] }, "inspections"],
    [:anode_life, { inspections: [{ date: "2024-01-01", remaining: 0.4 }] }, "inspections"],
    [:anode_life, { mass: "1" }, "current"],
    [:combustion_air, { room_volume: "0", total_input: "40000" }, "room_volume"],
    [:open_flue_ventilation, { net_input: "0" }, "net_input"],
    [:air_supply_canada, { total_input: "500000", room_volume: "9000" }, "total_input"],
    [:pilot_generator, { kind: "battery" }, "kind"],
    [:heat_pump, { volume: "50", cop: "12" }, "cop"],
    [:heat_pump, { volume: "50", air: "60 degC" }, "air"],
    [:standing_loss, { room: "70 degC" }, "stored"],
    [:recirculation_loss, { length: "20 m", hours: "25" }, "hours"],
    [:vented_head, { head: "0" }, "head"],
    [:blending, { hot: "60 degC", mixed: "70 degC" }, "mixed"],
    [:vessel_acceptance, { volume: "4.5 gal", charge: "60 psi", to: "50 psi" }, "from"],
    [:scale, { hardness: "25000" }, "hardness"],
    [:water, { temperature: "20" }, "temperature"],
    [:settled_reading, { samples: [1, 2], tolerance: "1" }, "samples"],
    [
      :settled_reading,
      { samples: [{ t: 0, value: 1 }, { t: 0, value: 1 }, { t: 1, value: 1 }], tolerance: "1" },
      "samples"
    ]
  ].each do |id, inputs, field|
    it "#{id} refuses nonsense in #{field}: #{inputs}" do
      expect { described_class[id].call(inputs) }.to raise_error(Munimen::Error) { |error|
        expect(error.field).to eq(field)
      }
    end
  end

  it "does not know what there is not" do
    expect { described_class[:perpetual_motion] }.to raise_error(
      Munimen::NotFound,
      /there are: .*anode_life/
    )
  end
end
