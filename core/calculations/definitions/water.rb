# frozen_string_literal: true

# 20 °C: 998.20 kg/m3 (Kell 1975: 998.204). Liquid at the greater of saturation and one atmosphere.
Munimen::Calculations::Calculation.define :water do
  title "Density, specific heat and vapour pressure of water"
  input :temperature, :temperature
  output :density, :density
  output :specific_heat, :specific_heat
  output :vapour_pressure, :absolute_pressure, unit: "kPa"
  source Munimen::Source.published("IAPWS-IF97", "regions 1 and 4")

  compute do |i|
    kelvin = i[:temperature].si
    if kelvin < 273.15
      raise Munimen::Error.new(
        "Water is ice there; the temperature must be between 32 °F (0 °C) and 392 °F (200 " \
        "°C).",
        field: :temperature,
        code: :out_of_range
      )
    end
    water = Munimen::Physics::Water
    { density: water.density(kelvin), specific_heat: water.specific_heat(kelvin),
      vapour_pressure: water.vapour_pressure(kelvin) }
  end
end
