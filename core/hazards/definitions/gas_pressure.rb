# frozen_string_literal: true

Munimen::Hazards::Hazard.define :gas_pressure do
  title "The gas pressure is more than the control bears"
  part :gas_control
  on(&:gas?)
  tells :gas_pressures
  found(by: %i[gas_line]) do |visit|
    # bottled gas in England goes by its regulator, whose lock-up is not known here
    bottled = visit.units == :england && %i[lp butane].include?(visit.heater.fuel)
    line = visit.quantity(:gas_line)
    line && !bottled && visit.rules.limit(:gas_lock_up).violated_by(line)
  end
  safe "heat.burner": :off, cock: :shut
  repaired_by :mend_gas_supply
  cleared_by :read_line_pressure
  source Munimen::Source.common_practice("above 14 in. w.c. the control is in danger")
end
