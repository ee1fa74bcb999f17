# frozen_string_literal: true

# One inlet tapping, three states, then the manifold; in England working pressures at full flow.
Munimen::Calculations::Calculation.define :gas_pressure do
  title "Gas pressures, judged together"
  choice :fuel, %w[natural lp propane butane], default: "natural"
  input :line, :gas_pressure, optional: true, note: "nothing burning (lock-up)"
  input :standing,
        :gas_pressure,
        optional: true,
        note: "pilot only; none with intermittent ignition"
  input :operating, :gas_pressure, optional: true, note: "main burner on"
  input :manifold, :gas_pressure, optional: true
  input :plate_manifold,
        :gas_pressure,
        optional: true,
        note: "natural 3.5, LP 10 in. w.c. unless given"
  input :minimum_inlet,
        :gas_pressure,
        optional: true,
        note: "natural 5.0, LP 11.0 in. w.c. unless given"
  input :maximum_inlet,
        :gas_pressure,
        optional: true,
        note: "natural 10.5, LP 13 in. w.c. unless given"
  input :lock_up, :gas_pressure, optional: true, note: "England, nothing burning"
  input :meter_working, :gas_pressure, optional: true, note: "England, at full flow"
  input :appliance_working, :gas_pressure, optional: true, note: "England, at full flow"
  output :drop, :gas_pressure
  output :manifold_deviation, :gas_pressure
  output :verdict, :word
  source(*Munimen::Calculations::GasPressures::SOURCES)

  compute { |i, units| Munimen::Calculations::GasPressures.new(i, units).outputs }
end
