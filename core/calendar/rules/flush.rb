# frozen_string_literal: true

# Handbook §11 and §20: yearly, by what came out, or an old one never flushed is left alone.
Munimen::Calendar::Rule.define :flush do
  comes_from "the tank was flushed"
  moved_by "the house rule on flushing, and what came out"
  ended_by "the next flush"
  source Munimen::Source.common_practice("yearly; what came out sets the next")
  job :flush
  renewed
  owed do |visit, _|
    next unless Munimen::Work::Job.fitting(visit.heater).include?(Munimen::Work::Job[:flush])

    out = visit.choice(:flush_result) if visit.done?(:flush_bursts)
    case visit.rules.choice(:flush)
    when :by_sediment
      months = Munimen::Work::FlushInterval::MONTHS[out] or next
      on(today >> months, msg("Flush the tank: it ran {out} last time.", out:))
    when :leave_old
      in_days(365, "Flush the tank: it has been flushed once, and stays clear by it.") if out
    else
      in_days(365, "Flush the tank: yearly, by house rule.") if out
    end
  end
end
