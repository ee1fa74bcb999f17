# frozen_string_literal: true

# What stands around a heater, by what was seen there: common practice.

clue = Munimen::Facts::Clue.method(:define)

clue.call :vessel do
  there = %i[sound unsupported weeping valve_before upstream].to_h { |answer| [answer, :external] }
  seen :vessel_seen, { **there, not_applicable: :none }
  done :fit_vessel, :external
  done :replace_vessel, :external
end
clue.call :vessel_upstream do
  seen :vessel_seen, { upstream: :yes }
end
clue.call :regulator do
  seen :regulator_seen, { sound: :yes, leaking: :yes, not_applicable: :no }
end
clue.call :pan do
  seen :pan, { sound: :yes, no_drain: :yes, no_drain_before: :yes, no_pan: :no }
end
clue.call :anode do
  seen :anode_seen, { absent: :none }
  done :replace_anode, :separate
end
