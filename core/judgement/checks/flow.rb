# frozen_string_literal: true

Munimen::Judgement::Check.define :flow_rate, part: :inlet_group do
  on_page 30, "Flow of water"
  uses :flow_rate, :flowing_pressure
  judge do |visit|
    flow = visit.quantity(:flow_rate) or next
    exceeds_limit(
      flow,
      :flow_rate,
      msg("Only {flow} comes through: strainer, isolating valve or mains.", flow: say(flow))
    ) || sound(msg("{flow} comes through.",
                   flow: say(flow)), measured: flow, limit: visit.rules.limit(:flow_rate))
  end
end
