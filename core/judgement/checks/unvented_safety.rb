# frozen_string_literal: true

# What an unvented cylinder must have, by what is recorded of it; nothing need be measured.
{
  tundish: [
    :tundish_recorded,
    "No tundish",
    "Isolate; fit a tundish before it runs again.",
    "Nobody could see that a safety valve is letting water go."
  ],
  expansion_relief: [
    :expansion_relief_recorded,
    "No {expansion_relief}",
    "Isolate every heat source until one is fitted.",
    "A safety valve against pressure is missing."
  ]
}.each do |part, (id, text, remedy, explain)|
  Munimen::Judgement::Check.define id, part: do
    off_page "of what is installed: a deficiency where it is one"
    judge do |visit|
      next unless unvented? && visit.heater.public_send(part) == :no

      finding(
        :danger,
        msg("{text} on an unvented {heater}.", text:),
        source: Munimen::Source.published(
          "Approved Document G",
          "G3, safety devices",
          clause: :from_memory
        ),
        due_in: 0,
        who: :unvented,
        remedy:,
        explain:
      )
    end
  end
end
