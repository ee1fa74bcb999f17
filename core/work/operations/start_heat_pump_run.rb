# frozen_string_literal: true

Munimen::Work::Operation.define :start_heat_pump_run do
  part :compressor
  place :top
  title "Let the heat pump run"
  how "Heat pump only; draw hot water until it starts. After a stop it waits three to ten " \
      "minutes: that is no fault. Write down its mode and set point first."
  because "Only after a quarter of an hour are its air and its water worth measuring."
  caution :scald
  applies_to(&:heat_pump?)
  needs heat: :on, level: :full, heater_supply: :open, heater_pressure: :live, looked: :yes
  read :heat_pump_mode, :choice, "Its mode was", choices: %i[heat_pump hybrid elements vacation],
                                                 fact: :heat_pump_mode
  water_wasted { |_| Munimen::Work::Durations::DRAW.si }
  uses_heat
  hands_on 120
  wait(900, manner: :on_site, label: "The heat pump settles",
            holds: { heat: :on, heater_supply: :open }, makes: { heat_pump_run: :settled })
end
