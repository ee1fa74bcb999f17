# frozen_string_literal: true

# Single checks at their edges: [check, kind, rulebook, plate, readings, the grade that the source
# named beside it gives].
RSpec.describe Munimen::Judgement::Check do
  def graded(check, kind, book, plate, readings, house: {})
    rules = Munimen::Rules::EffectiveRules.new(book, firm: house)
    given = readings.map do |name, value|
      Munimen::Visit::ReadingInput.read(
        name.to_s,
        value,
        units: rules.units,
        id: name.to_s,
        state: {
          heater_pressure: :live
        }
      )
    end
    visit = Munimen::Visit.new(
      heater: heater(kind, units: rules.units, **plate),
      rules:,
      jobs: [:annual_safety],
      date: Date.new(2026, 11, 23),
      readings: given
    )
    described_class.all.find { |one| one.id == check }.verdict(visit)
  end

  # Whether a limit, as it stands beside what was measured, has it inside; nil where they are not of
  # one kind.
  def inside(measured, limit)
    value, unit = measured.to_s.match(/\A([\d.]+) (\S+)\z/)&.captures
    return unless unit && limit.to_s.end_with?(" #{unit}")

    numbers = limit.scan(/[\d.]+/).map(&:to_f)
    range = { "at most" => ..numbers.last, "at least" => numbers.first.. }
            .fetch(limit[/\A[a-z ]+(?= )/], numbers.first..numbers.last)
    range.cover?(value.to_f)
  end

  england = %i[unvented_indirect england_g3]
  us = %i[gas_storage us_irc]
  upc = %i[gas_storage us_upc]

  # Approved Document G, G3 (clauses from memory): non-self-resetting cut-out; D1 at most 600 mm,
  # end at most 100 mm above ground. IRC P2804.6.1, P2801.6 and UPC 608.5, 507.5 (from memory): 6
  # in and two diameters; 6 to 24 in. The rest: common practice.
  [
    [:cut_out_test, *england, {}, { cut_out_opens: "comes_on" }, :danger],
    [
      :cut_out_test,
      *england,
      {},
      { cut_out_opens: "stays_off", cut_out_resets: "by_itself" },
      :danger
    ],
    [
      :cut_out_test,
      *england,
      {},
      { cut_out_opens: "stays_off", cut_out_resets: "by_hand" },
      :sound
    ],
    [:cut_out_test, *england, {}, { cut_out_opens: "stays_off" }, nil],
    [:inlet_group, *england, {}, { static_pressure: "3 bar" }, :sound],
    [:inlet_group, *england, {}, { static_pressure: "3.5 bar" }, :sound],
    [:inlet_group, *england, {}, { static_pressure: "3.6 bar" }, :defect],
    [:inlet_group, *england, {}, { static_pressure: "2.4 bar" }, :watch],
    [:inlet_group, *england, {}, { static_pressure: "6 bar", mains_pressure: "6.1 bar" }, :defect],
    [:inlet_group, *england, { regulator_setting: nil }, { static_pressure: "3 bar" }, :not_tested],
    [:inlet_group, *us, {}, { static_pressure: "60" }, nil],
    [:d1_length, *england, { d1_length: "600 mm" }, {}, :sound],
    [:d1_length, *england, { d1_length: "601 mm" }, {}, :defect],
    [:outlet_height, *england, {}, { outlet_height: "100" }, :sound],
    [:outlet_height, *england, {}, { outlet_height: "120" }, :defect],
    [:outlet_height, *england, { discharge_ends: "hopper" }, { outlet_height: "2500" }, :sound],
    [:outlet_height, *us, {}, { outlet_height: "6" }, :sound],
    [:outlet_height, *us, {}, { outlet_height: "6.5" }, :defect],
    [:outlet_height, *us, {}, { outlet_height: "1.4" }, :defect],
    [:outlet_height, *upc, { discharge_ends: "outdoors" }, { outlet_height: "12" }, :sound],
    [:outlet_height, *upc, { discharge_ends: "outdoors" }, { outlet_height: "5" }, :defect],
    [:outlet_height, *upc, { discharge_ends: "floor" }, { outlet_height: "5" }, :sound],
    [:pan_pipe_height, *us, { pan: "yes" }, { pan_pipe_height: "5.9" }, :defect],
    [:pan_pipe_height, *us, { pan: "yes" }, { pan_pipe_height: "6" }, :sound],
    [:pan_pipe_height, *us, { pan: "yes" }, { pan_pipe_height: "24" }, :sound],
    [:pan_pipe_height, *us, { pan: "yes" }, { pan_pipe_height: "25" }, :defect],
    [:discharge_into_pan, *us, { discharge_ends: "pan" }, {}, :sound],
    [:discharge_into_pan, *upc, { discharge_ends: "pan" }, {}, :defect],
    [:discharge_into_pan, *us, { discharge_ends: "floor" }, {}, nil],
    # D2 of 28 mm, 11 m and 4 bends with a 3/4 in outlet: alone it is within the table, shared it is
    # not (Approved Document G, table 3.1, from memory); unknown is neither.
    *{ "no" => :sound, "yes" => :defect, "unknown" => :not_tested }.map do |shared, grade|
      [:d2_size, *england, { relief_outlet: "half", d2_size: "28 mm", d2_length: "11 m",
                             d2_material: "copper",
                             d2_bends: "4", shared_discharge: shared }, {}, grade]
    end,
    [:d2_size, *england, { relief_outlet: "half", d2_size: "22 mm", d2_length: "11 m",
                           d2_bends: "4", shared_discharge: "unknown" }, {}, :defect],
    # 140 °F burns in seconds (Moritz & Henriques 1947, from memory); growth below 50 °C (HSE L8)
    [:as_set, *us, { set_point: "155 degF" }, {}, :defect],
    [:as_set, *us, { set_point: "155 degF", mixing_valve: "yes" }, {}, nil],
    [:as_set, *us, { set_point: "155 degF" }, { tap_temperature: "118" }, nil],
    [:as_set, *us, { set_point: "120 degF" }, {}, nil],
    [:as_set, *england, { set_point: "33 degC" }, {}, nil],
    [:set_point, *england, { set_point: "33 degC" }, {}, :watch],
    [:as_set, *england, { set_point: "60 degC" }, {}, nil],
    [:as_set, :electric_storage, :canada_npc, { set_point: "60 degC" }, {}, nil],
    [:heater_age, *us, { manufactured: "2003-05" }, {}, :advice],
    [:heater_age, *us, { installed: "2014" }, {}, nil],
    # made in 2010 and first used in 2013: thirteen years of rust (handbook §4)
    [:heater_age, *us, { manufactured: "2010", installed: "2013" }, {}, nil],
    # a fall of about 4 to 8 K (handbook §27)
    *{ "66" => :defect, "63" => :watch, "58" => :sound, "50" => :watch }.map do |out, grade|
      [:heat_pump_air_drop, :heat_pump, :us_irc, {}, { air_in: "68", air_out: out }, grade]
    end,
    [:heat_pump_air_drop, :heat_pump, :us_irc, {}, { air_in: "38", air_out: "37" }, :not_tested],
    [:heater_age, *us, {}, {}, nil],
    # without the flow a small drop tells nothing for certain (handbook §14)
    [:coil_before, :boiler_coil, :us_irc, {}, { coil_flow_temperature: "180",
                                                coil_return_temperature: "176",
                                                coil_tank_temperature: "110" }, :not_tested],
    [:paper, *us, {}, { paper: "dry" }, :sound],
    [:paper, *us, {}, { paper: "spot" }, :watch],
    [:paper, *us, {}, { paper: "wet" }, :defect],
    [:pilot_flame, *us, {}, { pilot_flame: "blue_on_tip" }, :sound],
    [:pilot_flame, *us, {}, { pilot_flame: "lazy_yellow" }, :defect],
    [:pilot_held, *us, {}, { floor_smell: "gas" }, :danger],
    [:pilot_held, *us, {}, { floor_smell: "none", pilot_held: "dies" }, :defect],
    [:pilot_held, *us, {}, { floor_smell: "none", pilot_held: "stays" }, :sound],
    [:pilot_held, *us, {}, { floor_smell: "none" }, nil]
  ].each do |check, kind, book, plate, readings, grade|
    given = [plate, readings].reject(&:empty?)
    told = given.map { |pairs| pairs.map { |pair| pair.join(" ") }.join(", ") }.join("; ")
    it "#{check} under #{book}, #{told}: #{grade || "says nothing"}" do
      verdict = graded(check, kind, book, plate, readings)
      expect(verdict&.grade).to eq(grade)
      because = verdict&.because&.first
      expect(inside(because.measured, because.limit)).not_to be(false) if grade == :sound
      next unless verdict&.finding?

      expect(verdict.because.first.source.to_s).not_to be_empty
      expect(verdict.remedy.to_s).not_to be_empty
    end
  end

  it "lets the house rule decide on the pan and on the height, and names it" do
    objected = graded(
      :discharge_into_pan,
      *us,
      { discharge_ends: "pan" },
      {},
      house: {
        discharge_into_pan: :objected
      }
    )
    accepted = graded(
      :discharge_into_pan,
      *upc,
      { discharge_ends: "pan" },
      {},
      house: {
        discharge_into_pan: :accepted
      }
    )
    expect([objected.grade, accepted.grade]).to eq(%i[defect sound])
    expect(objected.because.first.source.to_s).to include("House rule")
    low = graded(
      :outlet_height,
      *us,
      {},
      { outlet_height: "2" },
      house: {
        discharge_height: :three_to_six
      }
    )
    expect([low.grade, graded(:outlet_height, *us, {}, { outlet_height: "2" }).grade]).to eq(
      %i[defect sound]
    )
  end
end
