# frozen_string_literal: true

Munimen::Judgement::Check.define :relief_drip, part: :relief_valve do
  on_page 150, "{Relief_valve}, ten seconds after closing"
  uses :relief_drip, :relief_drip_washed, :relief_drip_hot
  judge do |visit|
    limit = visit.rules.limit(:relief_drip)
    washed = visit.choice(:relief_drip_washed)
    case visit.choice(:relief_drip)
    when :dry
      sound("Dry ten seconds after closing.", limit:)
    when :runs
      finding(
        :danger,
        "Still running ten seconds after closing: it does not shut.",
        limit:,
        measured: "runs",
        remedy: "Heat off, then the {heater}'s supply shut; replace the valve."
      )
    else
      if visit.choice(:relief_drip_hot) == :hot
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
      else
        finding(limit.grade, "Still dripping ten seconds after closing.", limit:, measured: "drips")
      end
    end
  end
end
