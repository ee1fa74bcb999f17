# frozen_string_literal: true

Munimen::Work::Operation.define :let_pressure_down do
  part :tap
  lets_hot_out
  place :tap
  title "Open a hot {tap} until the flow stops"
  how "The lowest hot {tap}. Zero counts at the height of the {vessel}: water standing higher in " \
      "the pipes still presses. Leave it open."
  because "Only at zero water pressure does the {vessel} show its own charge."
  caution :scald
  needs heater_supply: :shut, heat: %i[pilot off], heater_pressure: %i[live flowing zero],
        air_path: %i[shut tap], recirculation: :off
  makes heater_pressure: :zero, air_path: :tap, air_in_pipes: :yes
  read :zero_shown, :choice, "What shows that it is at zero",
       choices: %i[gauge_at_zero ran_and_stopped], optional: true
  shown_by :zero_shown, :heater_supply, :heat
  plain_act zero_shown: :ran_and_stopped
  hands_on 60
end
