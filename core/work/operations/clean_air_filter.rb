# frozen_string_literal: true

Munimen::Work::Operation.define :clean_air_filter do
  part :compressor
  place :top
  protects :none
  title "Clean the air filter"
  how "Power off: the fan starts unannounced. Filter out, vacuumed or rinsed, dry, in again; " \
      "look at the coil behind it."
  because "Air that does not pass costs capacity and ices the coil."
  caution :starts_by_itself
  applies_to(&:heat_pump?)
  needs feed: %i[off proved_dead], lock: :on, looked: :yes
  renews :heat_pump_filter
  read :filter_state, :choice, "The filter was", choices: %i[clean dusty choked]
  read :evaporator_state, :choice, "The coil behind it", choices: %i[clean dusty iced]
  tools "Vacuum cleaner", "Soft brush"
  hands_on 300
end
