# frozen_string_literal: true

Munimen::Work::Operation.define :relight_pilot do
  part :gas_control
  protects :none
  place :bottom
  trade :plumber
  title "Relight the pilot"
  how "Smell at floor level first. Knob to PILOT, hold it in, spark, hold 20–60 s, let go. " \
      "After " \
      "a failed try wait five minutes."
  because "Held until the generator is hot, it stays; a pilot that went out usually had a reason."
  caution :gas_smell
  applies_to(&:may_have_pilot?)
  needs heat: :off,
        pilot_flame: :out,
        looked: :yes, level: :full,
        air_in_pipes: :no,
        cock: :open,
        since_gas: :clear,
        gas_joints: :proven,
        burner_door: :sealed,
        opening: :fitted,
        discharge_pipe: :on,
        water_joints: :proven,
        drain: :shut,
        heater_supply: :open,
        union: :made
  makes heat: :pilot, pilot_flame: :lit
  read :floor_smell, :choice, "Smell at floor level", choices: %i[none gas]
  read :pilot_held,
       :choice,
       "Released after 20–60 s, the pilot",
       choices: %i[stays dies no_flame],
       only_if: {
         floor_smell: :none
       }
  read :pilot_fades,
       :choice,
       "It goes out",
       choices: %i[on_release within_a_minute later],
       only_if: {
         pilot_held: :dies
       },
       optional: true
  makes_from_readings do |visit|
    if visit.choice(:pilot_held) == :stays && visit.choice(:floor_smell) == :none
      {}
    else
      { heat: :off, pilot_flame: :out, since_gas: :waiting }
    end
  end
  guide :relight, least: 20, most: 60 # s the knob is held; common practice
  repeatable
  hands_on 90
end
