# frozen_string_literal: true

Munimen::Work::Operation.define :confirm_mended do
  part :site
  place :front
  trade :plumber
  title "See that it was put right since the last visit"
  how "Look at what was found: is it mended, by whom, with what? Photograph it."
  because "What an earlier visit left dangerous stays so until somebody has seen it right, and " \
          "proved it."
  needs heat: :off
  superfluous do |visit|
    if visit.arrival.none? { |name, value| name.start_with?("hazard.") && value != :none }
      "No earlier visit left a danger here."
    end
  end
  only_when_asked
  read :mended_since, :choice, "What was found then", choices: %i[mended as_it_was]
  repeatable
  hands_on 120
end
