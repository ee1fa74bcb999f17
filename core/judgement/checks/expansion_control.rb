# frozen_string_literal: true

# A closed system needs somewhere for heated water to go: judged by what is installed, before
# anything is measured.
Munimen::Judgement::Check.define :expansion_control, part: :vessel do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    heater = visit.heater
    next unless heater.vessel == :none

    source = visit.rules.limit(:hot_peak).source
    case heater.closed_system
    when :yes
      finding(
        :defect,
        "Heated water has nowhere to go: the system is closed and there is no {vessel}.",
        source:,
        due_in: 30,
        remedy: "Fit an {vessel} of the size worked out, charged to the supply pressure.",
        who: :plumber,
        explain: "Water needs more room when it gets hot, and here it has none, so pressure climbs."
      )
    when :unknown
      not_tested(
        "No {vessel}, and it is not known whether a check valve or {regulator} closes the " \
        "system: the hot peak decides.",
        source:
      )
    end
  end
end
