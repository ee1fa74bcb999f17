# frozen_string_literal: true

# Each bound of each book, passed by a hair and kept by a hair, all else as it should be: passed,
# it is told, with its grade, its source and nothing beside it; kept, it is not. Made from the
# books: a limit that nothing here breaks fails by being there.
RSpec.describe Munimen::Rules::Limit do
  include Build

  typed = lambda do |quantity, system|
    unit = quantity.kind.unit(system)
    "#{quantity.in(unit).round(5)} #{unit.symbol}"
  end
  of = ->(kind, si) { Munimen::Measure::Quantity.new(kind, si) }
  supply = of[:pressure, 4e5]
  # id => what is said of a value: a field of the record or a reading by its name, and how the
  # value comes of the limit where it is not the limit's own.
  field = ->(name, **record) { { field: name, record: } }
  read = ->(name, **more) { { read: name, **more } }
  said = {
    static_pressure: read[:static_pressure, kind: :gas_storage],
    static_pressure_low: read[:static_pressure, kind: :gas_storage],
    inlet_setting: read[:static_pressure, value: ->(gap) { of[:pressure, supply.si + gap.si] },
                                          record: { regulator_setting: supply }],
    flow_rate: read[:flow_rate],
    charge_tolerance: read[:vessel_charge, value: ->(gap) { of[:pressure, supply.si - gap.si] },
                                           with: { static_pressure: supply },
                                           record: { regulator_setting: supply },
                                           state: { heater_pressure: :zero }],
    hot_peak: read[:hot_peak_found],
    hot_peak_at_relief: read[:hot_peak_found],
    # its own relief valve opens below what every relief valve does
    relief_margin: read[:hot_peak_found, value: ->(gap) { of[:pressure, 5e5 - gap.si] },
                                         record: { relief_set_pressure: of[:pressure, 5e5] }],
    tap_temperature: read[:tap_temperature, record: { set_point: nil }],
    bath_temperature: read[:bath_temperature, record: { dwelling: "new" }],
    tap_temperature_scald: read[:tap_temperature],
    tap_temperature_runaway: read[:tap_temperature],
    tap_temperature_low: read[:tap_temperature, record: { set_point: nil }],
    relief_drip: read[:relief_drip, words: %w[dry drips]],
    outlet_height: read[:outlet_height, record: { discharge_ends: "outdoors" }],
    outlet_clear: read[:outlet_height, record: { discharge_ends: "outdoors" }],
    pan_pipe_height: read[:pan_pipe_height],
    d1_length: field[:d1_length], d2_drop: field[:d2_drop], set_point: field[:set_point],
    cut_out: field[:cut_out_temperature], relief_temperature: field[:relief_set_temperature],
    # ppm of CO beside 8 % of CO2; CO without the air is told of natural gas, 12 % CO2 at most
    combustion_ratio: read[:flue_co, kind: :gas_storage, with: { flue_co2: "8 %" },
                                     value: ->(ratio) { of[:carbon_monoxide, ratio.si * 0.08] }],
    co_air_free: read[:flue_co, kind: :gas_storage, with: { flue_co2: "8 %" },
                                value: ->(co) { of[:carbon_monoxide, co.si * 8 / 12] }],
    gas_lock_up: read[:gas_line, kind: :gas_storage],
    relief_pressure_most: field[:relief_set_pressure],
    relief_over_supply: field[:relief_set_pressure].merge(
      with: { static_pressure: supply }, value: ->(gap) { of[:pressure, supply.si + gap.si] }
    ),
    storage_temperature: field[:set_point],
    package_size: field[:capacity], package_power: field[:coil_power, backup_immersion: "no",
                                                                      immersion_power: nil]
  }
  usual = { us: :electric_storage, canada: :electric_storage, england: :unvented_indirect }

  # A visit where the bound is kept (0) or passed (1) by a hair.
  tried = lambda do |book, limit, side, passed, spec|
    how = said.fetch(limit.id)
    system = book.units
    hair = limit[side].kind.id == :temperature ? 0.1 : limit[side].si * 0.002
    hair *= -1 if (side == :at_least) ^ passed.zero?
    value = of[limit[side].kind.id, limit[side].si + hair]
    value = how[:value][value] if how[:value]
    text = how[:words] ? how[:words][passed] : typed[value, system]
    record = (how[:record] || {}).transform_values do |one|
      one.is_a?(Munimen::Measure::Quantity) ? typed[one, system] : one
    end
    record[how[:field]] = text if how[:field]
    stored = system == :us ? "120 degF" : "60 degC"
    # a vessel large enough for all that is tried
    record = { set_point: stored, vessel_volume: "80 L" }.merge(record)
    made = spec.heater(how[:kind] || usual.fetch(system), units: system, **record)
    given = { how[:read] => text, **(how[:with] || {}) }.compact
    given.delete(nil)
    readings = given.map do |name, one|
      one = typed[one, system] if one.is_a?(Munimen::Measure::Quantity)
      Munimen::Visit::ReadingInput.read(name, one, units: system, id: name.to_s,
                                                   state: how[:state] || {})
    end
    Munimen::Visit.new(heater: made, rules: Munimen::Rules::EffectiveRules.new(book.id),
                       jobs: [:inspection], date: Date.new(2026, 11, 23), readings:)
  end

  it "is broken by something, whatever the book" do
    expect(Munimen::Rules::Book.all.flat_map(&:limits).map(&:id).uniq - said.keys).to eq([])
  end

  Munimen::Rules::Book.all.each do |book|
    it "is told where it is passed, and only there, in #{book.id}" do
      tales = book.limits.flat_map do |limit|
        %i[at_least at_most].select { |side| limit[side] }.map do |side|
          kept, passed = [0, 1].map do |which|
            Munimen::Judgement::Judge.new(tried[book, limit, side, which, self]).deficiencies
          end
          [limit.id, side, kept.map(&:limit).include?(limit.id),
           passed.map { |one| [one.grade, one.because.first.source.to_s] }]
        end
      end
      wrong = tales.reject do |id, _, kept, passed|
        limit = book[id]
        !kept && passed == [[limit.grade, limit.source.to_s]]
      end
      expect(wrong).to eq([])
    end
  end
end
