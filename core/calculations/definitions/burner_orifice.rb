# frozen_string_literal: true

# A hole lets through C·A·√(2Δp/ρ): 40 ft³/h of natural gas at 3.5 in. w.c. want 0.119 in.
Munimen::Calculations::Calculation.define :burner_orifice do
  title "Orifice of a burner, by its fuel"
  quantity = Munimen::Measure::Quantity
  # Gross Btu/ft³, gravity against air, and manifold in. w.c. (butane by its regulator).
  fuels = {
    "natural" => [1000, 0.60, 3.5],
    "lp" => [2500, 1.52, 10],
    "propane" => [2500, 1.52, 10],
    "butane" => [3280, 2.0, 10]
  }
  air = 1.222 # kg/m3 at 60 °F and one atmosphere
  coefficient = 0.90
  choice :fuel, fuels.keys, default: "natural"
  input :plate_input, :power, note: "gross"
  input :manifold_pressure,
        :gas_pressure,
        default: ->(i) { quantity.of(fuels.fetch(i[:fuel]).last, "inH2O", :gas_pressure) },
        note: "of the plate; natural 3.5, bottled 10 in. w.c. unless given"
  input :heating_value,
        :heating_value,
        default: ->(i) { quantity.of(fuels.fetch(i[:fuel]).first, "Btu/ft3", :heating_value) },
        note: "of the local gas, gross"
  input :altitude, :altitude, default: "0", note: "thin air wants less gas; the maker's own first"
  output :gas_rate, :gas_flow
  output :diameter, :bore, note: "of one orifice; only the maker's own for this fuel is fitted"
  output :otherwise,
         :bore,
         note: "what the other fuel would want: the wrong one burns far too much, or too little"
  source Munimen::Source.published("NFPA 54", "annex on orifices", clause: :from_memory),
         Munimen::Source.published("NFPA 54", "11.1.2", clause: :from_memory),
         Munimen::Source.from_memory(
           "coefficient 0.90; gravity 0.60, 1.52, 2.0; 1,000, 2,500, 3,280 Btu/ft³"
         )

  bore = lambda do |watts, heat, gravity, pascal|
    flow = watts / heat
    speed = Math.sqrt(2 * pascal / (gravity * air))
    Math.sqrt(4 * flow / (Math::PI * coefficient * speed))
  end

  compute do |i, units|
    %i[plate_input manifold_pressure heating_value].each do |field|
      Munimen::Calculations::Limits.positive(i[field], field)
    end
    gravity = fuels.fetch(i[:fuel])[1]
    heat, other, inches = fuels.fetch(i[:fuel] == "natural" ? "lp" : "natural")
    power = i[:plate_input].si *
            Munimen::Physics::Derating.share(i[:altitude].si, canada: units == :canada)
    {
      gas_rate: power / i[:heating_value].si,
      diameter: bore[power, i[:heating_value].si, gravity, i[:manifold_pressure].si],
      otherwise: bore[
        power, quantity.of(heat, "Btu/ft3", :heating_value).si, other,
        quantity.of(inches, "inH2O", :gas_pressure).si
      ]
    }
  end
end
