# frozen_string_literal: true

Munimen::Work::Operation.define :inspect_anode do
  part :anode
  protects :none
  place :top
  wants :anode, because: "Whether it comes out with the outlet hangs on it."
  title "Take the anode out and look"
  instrument "1 1/16 in socket, long bar"
  how "Long bar, somebody to hold the tank. Write down how much is left."
  because "Any bare core wire: the rod has done its work."
  applies_to { |heater| %i[separate unknown].include?(heater.anode) }
  photographs "The anode beside a rule"
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        drain: :shut,
        level: %i[below_relief_port below_upper_element below_lower_element empty]
  makes "opening.anode": :removed, as_found: :no
  read :anode_remaining, :number, "Part left, 0 to 1"
  house_rules :anode, :thread_seal
  tools "1 1/16 in socket", "Long bar"
  calculator :anode_life
  only_when_asked
  hands_on 480
  spared_by :replace_anode
end
