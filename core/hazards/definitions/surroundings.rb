# frozen_string_literal: true

# What is cleared away is seen to be away: the work is its own proof.
Munimen::Hazards::Hazard.define :surroundings do
  title "What is stored beside it can catch fire"
  part :tank
  seen access: :combustibles
  repaired_by :clear_away
  cleared_by :clear_away
  source Munimen::Source.common_practice("nothing that burns beside a heater")
end
