# frozen_string_literal: true

Munimen::Work::Operation.define :confirm_mended do
  part :site
  place :front
  trade :plumber
  title "See that it was put right since the last visit"
  how "Look at each danger that was left: is it mended, by whom, when, with what? Photograph it, " \
      "and note who showed you what. It covers that one danger alone."
  because "What an earlier visit left dangerous stays so until somebody has seen it right, and " \
          "proved it."
  needs heat: :off
  superfluous do |visit|
    if visit.arrival.none? { |name, value| name.start_with?("hazard.") && value != :none }
      "No earlier visit left a danger here."
    end
  end
  only_when_asked
  # One danger, one answer: what was mended covers that one alone.
  Munimen::Hazards::Hazard.all.each do |hazard|
    read :mended_since, :choice, hazard.title, of: hazard.id, choices: %i[mended as_it_was],
         where: ->(visit) { visit.history.left_before.include?(hazard.id) }
  end
  read :mended_since, :choice, "What was found then", choices: %i[mended as_it_was],
       where: ->(_) { false } # as visits before asked
  repeatable
  hands_on 120
end
