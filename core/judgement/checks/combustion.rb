# frozen_string_literal: true

# CO over CO2 in the flue: the maker's limit first, else the book's (BS 7967: 0.008; ANSI Z21.10.1:
# 400 ppm CO without the air; both from memory).
Munimen::Judgement::Check.define :combustion, part: :burner do
  on_page 310, "Combustion, CO to CO2"
  uses :flue_co, :flue_co2
  judge do |visit|
    burnt = visit.combustion
    next not_tested("CO and CO2 were not both read.") unless burnt
    unless burnt.told?
      next not_tested("Hardly any CO2: the probe is not in the flue gas.", measured: burnt.co)
    end

    ratio = format("%.4f", burnt.ratio)
    unless burnt.limit
      next not_tested(msg("CO over CO2 is {ratio}: the maker's limit for it is not known.", ratio:),
                      measured: burnt.co)
    end

    source = burnt.rule&.source
    if burnt.makers?
      source = Munimen::Source.published("The maker's instructions", "the limit that was typed")
    end
    limit = burnt.limit.round(4)
    if burnt.above?
      finding(
        :danger,
        msg("CO over CO2 is {ratio}, above {limit}: the burner makes carbon monoxide.",
            ratio:, limit:),
        source:, measured: burnt.co, who: :gas, due_in: 0,
        remedy: "Burner off; clean burner, intake and flueway, set the pressures, measure again.",
        explain: "The burner does not burn clean. It makes carbon monoxide, which kills."
      )
    else
      sound(msg("CO over CO2 is {ratio}, within {limit}.", ratio:, limit:), measured: burnt.co)
    end
  end
end
