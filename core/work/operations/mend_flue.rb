# frozen_string_literal: true

Munimen::Work::Operation.define :mend_flue do
  part :flue
  trade :gas
  title "Mend flue, hood or air supply"
  how "Burner off, cock shut, cold. Make it whole: joined, rising, clear, hood seated, " \
      "openings for air free."
  because "The draught is tested only on a flue that is whole."
  applies_to(&:gas?)
  needs cock: :shut, heat: :off
  owes :test_draught, :prove_flue
  makes as_found: :no
  only_when_asked
  caution :co, :hot_flue
  hands_on 1800
end
