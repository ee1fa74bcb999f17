# frozen_string_literal: true

# Both valves opened: the tundish must neither back up nor spill.
Munimen::Judgement::Check.define :tundish, part: :tundish do
  on_page 140, "Tundish at full flow"
  uses :tundish_flow
  judge do |visit|
    source = Munimen::Source.published("Approved Document G", "G3, D2", clause: :from_memory)
    case visit.choice(:tundish_flow)
    when :runs_clear then sound("The tundish takes the full flow.")
    when :backs_up
      finding(
        :defect,
        "The tundish backs up: D2 is too small, too long or partly blocked.",
        source:,
        due_in: 14,
        who: :unvented,
        remedy: "Follow D2, clear it; re-size it by its equivalent length.",
        explain: "The drain of the safety valves cannot carry what they let go."
      )
    else
      finding(
        :danger,
        "The tundish spills: scalding water into the room.",
        source:,
        due_in: 0,
        who: :unvented,
        remedy: "Isolate every heat source until D2 is clear.",
        explain: "When a safety valve opens, scalding water would run into the room."
      )
    end
  end
end
