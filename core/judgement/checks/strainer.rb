# frozen_string_literal: true

# What the strainer of an inlet group was like when it came out.
Munimen::Judgement::Check.define :strainer, part: :inlet_group do
  on_page 50, "Strainer of the inlet group"
  uses :strainer
  judge do |visit|
    found = visit.choice(:strainer)
    practice = Munimen::Source.common_practice("a blocked strainer starves hot water first")
    case found
    when :torn
      finding(
        :defect,
        "The strainer is torn.",
        source: practice,
        measured: "torn",
        due_in: 30,
        who: trade,
        remedy: "Fit a new strainer: grit holds the {regulator} and the check valve open.",
        explain: "The filter before the pressure valve is torn, so dirt reaches the valve."
      )
    when :blocked
      finding(
        :watch,
        "The strainer was blocked; it was rinsed.",
        source: practice,
        measured: "blocked",
        due_in: 180,
        who: trade,
        remedy: "Look at it again in half a year; find out where the grit comes from.",
        explain: "The filter before the pressure valve was full of dirt."
      )
    else
      sound(msg("The strainer was {found}; rinsed.", found:), measured: found.to_s)
    end
  end
end
