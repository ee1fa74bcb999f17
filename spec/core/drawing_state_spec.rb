# frozen_string_literal: true

# What the drawing shows of the moment (§22 of the handbook: the state model).
RSpec.describe Munimen::Drawing::AsItStands do
  def shapes(heater, **state)
    space = Munimen::Work::StateSpace.new(heater)
    expect(state.keys - space.arrival.keys).to eq([])
    Munimen::Drawing::Section.new(heater, state: space.arrival.merge(state)).to_h[:shapes]
  end

  def drawn(...) = shapes(...).map { |shape| shape.values_at(:part, :role) }

  it "lets the water sink in the order of the levels, past the relief port and each element" do
    levels = %i[below_relief_port below_upper_element below_lower_element]
    lines = levels.map do |level|
      shapes(electric, level:).find { |shape| shape[:role] == :water_line }[:y1]
    end
    parts = shapes(electric, level: :full)
    above = %i[relief_valve upper_element lower_element].map do |part|
      parts.select { |shape| shape[:part] == part && shape[:y] }.map { |shape| shape[:y] }.max
    end
    expect(lines.zip(above).map { |line, part| line > part }).to all(be(true))
    expect(lines).to eq(lines.sort)
    expect(drawn(electric)).not_to include(%i[tank emptied])
    expect(drawn(electric, level: :empty)).to include(%i[tank emptied])
  end

  {
    { "heat.burner": :off } => %i[burner flame_out],
    { cock: :shut } => %i[gas_cock shut],
    { heater_supply: :shut } => %i[cold_shut_off shut],
    { house_supply: :shut } => %i[house_main bar],
    { burner_door: :open } => %i[burner taken_off],
    { test_points: :open } => %i[gas_control open_point],
    { hose: :fitted } => %i[drain_valve hose],
    { drain: :open } => %i[drain_valve stream],
    { relief: :open } => %i[relief_valve lever_up],
    { "opening.relief": :removed } => %i[relief_valve taken_off],
    { "opening.anode": :removed } => %i[anode taken_off],
    { discharge_pipe: :off } => %i[discharge_pipe taken_off],
    { left: :made_safe } => %i[tank tag]
  }.each do |state, shape|
    it("shows #{state.inspect[1..-2]}") do
      heater = gas(anode: "separate")
      expect(drawn(heater)).not_to include(shape)
      expect(drawn(heater, **state)).to include(shape)
    end
  end

  it "tells an element that heats from one that does not, and dead from merely switched off" do
    expect(drawn(electric)).to include(%i[lower_element element_on])
    off = { "heat.upper_element": :off, "heat.lower_element": :off, "feed.heater": :off }
    expect(drawn(electric, **off)).to include(%i[disconnect blade], %i[disconnect cable])
    dead = drawn(electric, **off, "feed.heater": :proved_dead, "lock.heater": :on, covers: :off)
    expect(dead).to include(
      %i[disconnect dead_cable], %i[disconnect lock], %i[upper_element taken_off]
    )
    expect(dead).not_to include(%i[lower_element element_on])
  end

  it "is drawn on the screen and on the PDF whatever the state of any kind", :long do
    styles = File.read(File.join(Munimen::ROOT, "ui/src/components/charts/SectionDrawing.vue"))
    roles = Build::KINDS.each_key.flat_map do |kind|
      of_kind = heater(kind)
      Munimen::Work::StateSpace.new(of_kind).domains.flat_map do |name, values|
        values.flat_map { |value| shapes(of_kind, name => value).map { |shape| shape[:role] } }
      end
    end.uniq
    expect(roles.reject { |role| Munimen::Formats::DrawingPdf::ROLES.key?(role) }).to eq([])
    expect(roles.reject { |role| styles.match?(/^\.#{role} /) }).to eq([])
  end
end
