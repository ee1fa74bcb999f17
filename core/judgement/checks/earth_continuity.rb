# frozen_string_literal: true

# The protective earth from the terminal to the metal that a hand can touch.
Munimen::Judgement::Check.define :earth_continuity, part: :disconnect do
  on_page 245, "Earth"
  uses :earth_continuity
  judge do |visit|
    source = Munimen::Source.published(
      "NEC 250.110, BS 7671 411.3.1.1", "exposed metal is earthed", clause: :from_memory
    )
    if visit.choice(:earth_continuity) == :holds
      next sound("The {earth} holds to the metal of the {heater}.")
    end

    finding(
      :danger,
      "No {earth} reaches the metal of the {heater}.",
      source:,
      who: :electrical,
      due_in: 0,
      remedy: "Off and locked until the {earth} is made and proved.",
      explain: "The metal of the {heater} has no {earth}: a fault could make it live."
    )
  end
end
