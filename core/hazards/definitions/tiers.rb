# frozen_string_literal: true

Munimen::Hazards::Hazard.define :tiers do
  title "The safety devices would act in the wrong order"
  part :cut_out
  tells :tier_order
  found do |visit|
    heater = visit.heater
    heat = heater.heat_tiers.map { |tiers| tiers.map(&:last) }
    pressure = [
      heater.regulator_setting, heater.expansion_relief_pressure, heater.relief_set_pressure
    ]
    rated = heater.design_pressure
    [*heat, pressure].any? { |tiers| tiers.compact.each_cons(2).any? { |a, b| a.si >= b.si } } ||
      (rated && pressure.compact.any? { |one| one.si > rated.si + 1.0 })
  end
  repaired_by :set_tiers, :replace_relief_valve
  cleared_by :exercise_new_relief_valve, :prove_tiers
  source Munimen::Source.common_practice("each tier must act before the next")
end
