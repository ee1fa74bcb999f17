# frozen_string_literal: true

# Turned down, the heat must stop: common practice.
{ thermostat: nil, immersion: :immersion }.each do |part, of|
  name = Munimen::Visit::ReadingInput.key(:thermostat_stops, of)
  Munimen::Judgement::Check.define name, part: do
    titles = ["Thermostat, turned down", "Thermostat of the back-up immersion, turned down"]
    on_page of ? 105 : 100, titles.fetch(of ? 1 : 0)
    uses name
    judge do |visit|
      source = Munimen::Source.common_practice("turned down, the heat stops; up again, it comes on")
      case visit.choice(name)
      when :stops then next sound("Turned down, the heat stops; up again, it comes on.")
      when :not_used then next not_tested("Not in use, and not tested.")
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
end
