# frozen_string_literal: true

# What comes out of a relief valve ten seconds after it was let go, each valve for itself. The T&P
# sits in the hot top; the expansion relief in cold water, so that a hot drip of it is worse still.
{ relief_valve: nil, expansion_relief: :expansion_relief }.each do |part, of|
  key = ->(name) { Munimen::Visit::ReadingInput.key(name, of) }
  Munimen::Judgement::Check.define key[:relief_drip], part: do
    titles = ["{Relief_valve}, ten seconds after closing",
              "Expansion relief valve, ten seconds after closing"]
    on_page of ? 155 : 150, titles.fetch(of ? 1 : 0)
    uses key[:relief_drip], key[:relief_drip_washed], key[:relief_drip_hot]
    judge do |visit|
      limit = visit.rules.limit(:relief_drip)
      washed = visit.choice(key[:relief_drip_washed])
      case visit.choice(key[:relief_drip])
      when :dry
        sound("Dry ten seconds after closing.", limit:)
      when :steams
        finding(
          :danger,
          "Steam came from it: over-temperature.",
          limit:,
          measured: "steams",
          remedy: "Heat off, the cold left open; touch nothing until it has cooled. Find out why " \
                  "the heat does not stop."
        )
      when :runs
        finding(
          :danger,
          "Still running ten seconds after closing: it does not shut.",
          limit:,
          measured: "runs",
          remedy: "Heat off, then the {heater}'s supply shut; replace the valve."
        )
      else
        if visit.choice(key[:relief_drip_hot]) == :hot
          finding(
            :danger,
            "Hot drip ten seconds after closing: over-temperature until proved otherwise.",
            limit:,
            measured: "hot drip",
            remedy: "Heat off, the cold left open. Find out why the heat does not stop; a new " \
                    "valve would drip again."
          )
        elsif washed == :dry && visit.rules.choice(:drip_washing) == :cure
          finding(
            :watch,
            "Dripped after closing, dry after washing the seat.",
            source: visit.rules.source(:drip_washing),
            measured: "dry after washing",
            question: :drip_washing,
            remedy: "Look at its outlet again at the next visit.",
            due_in: 90,
            who: trade,
            explain: "The safety valve dripped after its test and closed after being rinsed."
          )
        elsif washed == :dry
          finding(
            limit.grade,
            "Dripped after closing; washing only postpones it.",
            limit:,
            source: visit.rules.source(:drip_washing),
            measured: "dry after washing",
            question: :drip_washing,
            remedy: "Replace the valve."
          )
        elsif washed == :drips
          finding(
            limit.grade,
            "Dripped after closing, and drips after washing the seat.",
            limit:,
            measured: "drips after washing",
            remedy: "Replace the valve."
          )
        else
          finding(
            limit.grade,
            "Still dripping ten seconds after closing: its seat.",
            limit:,
            measured: "drips",
            remedy: "Wash the seat once, by its lever 3–4 times; still dripping, replace the valve."
          )
        end
      end
    end
  end
end
