# frozen_string_literal: true

RSpec.describe Munimen::Heater::Installation do
  it "tells what is known of it from what is only presumed of its kind" do
    expect(gas.known).to include(regulator: "yes", backflow: "no", capacity: "50 gal")
    expect(gas.known.keys & %i[kind tundish expansion_relief pan location]).to be_empty
    expect(
      heater(:unvented_indirect, units: :england, tundish: "no").known(units: :england)
    ).to include(tundish: "no", expansion_relief: "yes")
  end

  it "comes back from its own open form unchanged" do
    [gas, electric].each do |heater|
      expect(described_class.from(heater.to_h).to_h).to eq(heater.to_h)
    end
  end

  {
    { kind: "kettle" } => "kind",
    { capacity: nil } => "capacity",
    { capacity: "1" } => "capacity",
    { capacity: "4000" } => "capacity",
    { input: "40 psi" } => "input",
    { vessel: "none" } => "vessel_volume",
    { regulator: "no", regulator_setting: "60" } => "regulator_setting",
    { element_upper: "4500" } => "element_upper",
    { colour: "red" } => "colour",
    { location: "moon" } => "location"
  }.each do |change, field|
    it("refuses #{change}") do
      expect { gas(**change) }.to raise_error(Munimen::Error) { |error|
        expect(error.field).to eq(field)
      }
    end
  end

  it "takes what is not said for unknown, which lowers no guard" do
    bare = described_class.from({ kind: "gas_storage", capacity: "50" })
    expect(bare).to have_attributes(vessel: :unknown, regulator: :unknown, closed_system: :unknown)
    expect(Munimen::Heater::Parts.of(bare).map(&:id)).to include(
      :vessel,
      :regulator,
      :backflow,
      :pan
    )
  end

  it "knows each source of heat and each feed" do
    expect(gas.heat_sources).to eq([:burner])
    expect(electric.heat_sources).to eq(%i[upper_element lower_element])
    expect(Munimen::Work::StateSpace.new(electric).arrival.keys).to include(
      :"heat.upper_element",
      :"heat.lower_element",
      :"feed.heater",
      :"leads.lower_element"
    )
    expect(Munimen::Work::StateSpace.new(gas).arrival.keys).not_to include(:covers, :"feed.heater")
  end

  it "takes for heating power what goes into the water" do
    expect(gas.heating_power).to be_within(1).of(40_000 * 0.29307107 * 0.8)
    expect(electric.heating_power).to eq(4500)
  end

  it "refuses elements on a heat pump that has none, and waits for its compressor alone" do
    expect { heater(:heat_pump, heat_pump_elements: "no") }.to raise_error(Munimen::Error) { |error|
      expect(error.field.to_sym).to eq(:element_upper)
    }
    unknown = heater(:heat_pump, compressor_power: nil)
    expect(unknown.heating_power).to be_nil # not its element's: the wait would be too short
    electric_wait = Munimen::Work::Durations.heat_up(heater(:electric_storage))
    expect(Munimen::Work::Durations.heat_up(unknown)).to be > electric_wait * 2
  end
end

RSpec.describe Munimen::Drawing do
  # Every kind, with what changes its drawing: each option alone, and all of the fullest together.
  options = {
    vessel: %w[external none unknown],
    backflow: %w[yes unknown],
    mixing_valve: %w[yes no],
    recirculation: %w[yes no],
    pan: %w[yes no],
    discharge_ends: %w[floor outdoors none],
    expansion_relief: %w[yes no],
    tundish: %w[yes no],
    anode: %w[separate none]
  }
  combinations =
    options
      .values
      .first
      .product(*options.values.drop(1))
      .map { |values| options.keys.zip(values).to_h }

  Build::KINDS.each_key do |kind|
    # A sixth of them here, another for each kind; all of them by `bin/bench many 6`.
    ways = combinations.each_slice(6).flat_map { |six| six.rotate(kind.size).first(TRIES) }

    it "draws a #{kind} in #{ways.size} ways with no label on another and all inside" do
      ways.each do |more|
        drawing = Munimen::Drawing::Section.new(heater(kind, **more, vessel_volume: nil)).to_h
        drawing[:labels].group_by { |label| label[:side] }.each_value do |column|
          column
            .map { |label| label[:at] }
            .sort
            .each_cons(2) { |one, two| expect(two - one).to be >= 29.9, more.inspect }
          expect(column.map { |label| label[:at] }).to all(be_between(12, drawing[:height] - 10))
        end
        expect(
          drawing[:shapes].flat_map { |shape| shape.values_at(:x, :y, :w, :h).compact }
        ).to all(be >= 0)
      end
    end
  end

  it "draws D2 with as many corners as it has bends, and D1 by its length" do
    path = lambda do |**more|
      Munimen::Drawing::Section.new(heater(:unvented_indirect, **more), units: :england).to_h[
        :shapes
      ].select { |shape| shape[:part] == :discharge_pipe }.map { |shape| shape[:d] }
    end
    corners = ->(text) { text.scan(/[HV]/).each_cons(2).count { |one, two| one != two } }
    expect((0..5).map { |bends| corners[path[d2_bends: bends.to_s].last] }).to eq(
      [0, 1, 2, 3, 4, 5]
    )
    heights = %w[200 600].map { |mm| path[d1_length: "#{mm} mm"].first[/V([\d.]+)\z/, 1].to_f }
    expect(heights.last).to be > heights.first
  end

  it "draws the parts that this heater has and none that it has not" do
    parts = lambda do |heater|
      Munimen::Drawing::Section.new(heater).to_h[:shapes].map { |shape| shape[:part] }.uniq
    end
    expect(parts[gas]).to include(:flue, :burner, :gas_control, :vessel).and exclude(
      :upper_element,
      :disconnect
    )
    expect(parts[electric]).to include(:upper_element, :lower_element, :disconnect).and exclude(
      :flue,
      :burner
    )
    expect(parts[gas(vessel: "none", vessel_volume: nil, discharge_ends: "none")]).to exclude(
      :vessel,
      :discharge_pipe
    )
  end

  RSpec::Matchers.define(:exclude) { |*items| match { |actual| !actual.intersect?(items) } }

  it "draws tanks to scale: a bigger one is bigger" do
    sizes = %w[30 50 80].map do |capacity|
      Munimen::Drawing::Section.new(gas(capacity:)).tap(&:tank_size).tank_size
    end
    expect(sizes.map(&:last)).to eq(sizes.map(&:last).sort)
  end

  it "puts every rung at its place on the ladder, and lights up those out of order" do
    ladder = Munimen::Drawing::Ladder.new(
      visit(
        readings: {
          static_pressure: "62",
          vessel_charge: ["40", zero],
          hot_peak_found: "101"
        }
      )
    ).to_h
    pressure = ladder[:scales].first[:rungs].to_h { |rung| [rung[:id], rung] }
    expect(pressure[:relief][:y]).to be < pressure[:peak][:y]
    expect(pressure[:peak][:y]).to be < pressure[:supply][:y]
    expect(pressure[:supply][:y]).to be < pressure[:charge][:y]
    expect(
      pressure.values_at(:charge, :supply, :peak, :relief).map { |rung| rung[:problem] }
    ).to eq([true, true, true, false])
    expect(ladder[:problems].map { |problem| problem[:text] }).to include(
      a_string_including("below the supply by 22 psi")
    )
    ladder[:scales].each do |scale|
      scale[:rungs]
        .map { |rung| rung[:at] }
        .sort
        .each_cons(2) { |one, two| expect(two - one).to be >= 28.9 }
    end
  end

  it "warns when the relief valve opens above the tank's rating" do
    ladder = Munimen::Drawing::Ladder.new(visit(heater: gas(working_pressure: "125"))).to_h
    expect(ladder[:problems].map { |problem| problem[:rungs] }).to include(%i[relief tank])
  end
end
