# frozen_string_literal: true

Munimen::Work::Operation.define :purge_air do
  part :tap
  lets_hot_out
  place :tap
  title "Run the hot {tap} until it is free of air"
  how "Best a {tap} without a strainer. Steady, air-free water is the proof of a full tank; then " \
      "shut it."
  because "Only air-free water at a {tap} proves a full tank; heat comes after that, never before."
  caution :scald
  needs heater_supply: :open, heater_pressure: %i[flowing live], air_in_pipes: :yes
  makes air_in_pipes: :no, air_path: :shut, heater_pressure: :live
  guide :air_purge, steady: 30 # s without a spit of air; from memory
  hands_on 90
end
