# frozen_string_literal: true

# Handbook §27: handed over to whoever is certified; their papers are the proof.
Munimen::Work::Operation.define :see_circuit_tight do
  part :compressor
  protects "refrigerant circuit", told_by: %i[refrigerant]
  place :front
  trade :plumber
  title "See that the refrigerant circuit is tight"
  how "The papers of whoever is certified: where it leaked, what was mended, its tightness test " \
      "and charge. Then look and listen: no hiss, no fresh oil, no ice."
  because "A circuit that leaks fills the room with what burns or suffocates."
  applies_to(&:heat_pump?)
  only_when_asked
  needs heat: :off
  read :circuit_tight, :choice, "Tight, by the papers and by looking",
       choices: %i[tight not_shown]
  repeatable
  hands_on 180
end
