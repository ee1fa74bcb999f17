# frozen_string_literal: true

# Turned down, the heat must stop: common practice.
Munimen::Judgement::Check.define :thermostat_stops, part: :thermostat do
  on_page 100, "Thermostat, turned down"
  uses :thermostat_stops
  judge do |visit|
    source = Munimen::Source.common_practice("turned down, the heat stops; up again, it comes on")
    if visit.choice(:thermostat_stops) == :stops
      next sound("Turned down, the heat stops; up again, it comes on.")
    end

    finding(
      :danger,
      "Turned down, the heat goes on: the thermostat does not stop it.",
      source:,
      due_in: 0,
      who: trade,
      remedy: "Heat off, the cold left open, until the control is mended and proved.",
      explain: "The thermostat does not stop the heat; only the last protections are left."
    )
  end
end
