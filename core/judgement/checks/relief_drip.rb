# frozen_string_literal: true

Munimen::Judgement::Check.define :relief_drip, part: :relief_valve do
  uses :relief_drip
  judge do |visit|
    limit = visit.rules.limit(:relief_drip)
    case visit.choice(:relief_drip)
    when :dry then sound("Dry ten seconds after closing.", limit:)
    when :runs then finding(:defect, "Still running ten seconds after closing.", limit:, measured: "runs")
    else
      if visit.choice(:relief_drip_hot) == :hot
        finding(:defect, "Hot drip ten seconds after closing: over-temperature until proved otherwise.", limit:, measured: "hot drip",
                remedy: "Find out why before buying a valve: a new one alone would drip again.")
      else
        finding(limit.grade, "Still dripping ten seconds after closing.", limit:, measured: "drips")
      end
    end
  end
end
