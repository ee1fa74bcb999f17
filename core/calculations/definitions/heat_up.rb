# frozen_string_literal: true

# m·cp·ΔT / (P·η). 50 gal, 4 500 W, 50→120 °F: 1 h 54 min.
Munimen::Calculations::Calculation.define :heat_up do
  title "Time and energy to heat the tank"
  input :volume, :volume
  input :power, :power
  input :efficiency, :number, default: "1", note: "0.8 for gas, 1 for electric"
  input :cold, :temperature
  input :hot, :temperature
  output :time, :time
  output :energy, :energy, note: "taken from the supply"
  source Munimen::Source.published("IAPWS-IF97", "region 1, enthalpy")

  compute do |i|
    Munimen::Calculations::Limits.heating(i)
    seconds = Munimen::Physics::HeatUp.seconds(
      volume: i[:volume].si,
      power: i[:power].si * i[:efficiency].si,
      cold: i[:cold].si,
      hot: i[:hot].si
    )
    { time: seconds, energy: seconds * i[:power].si }
  end
end
