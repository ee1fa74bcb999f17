# frozen_string_literal: true

# The supply as read live: US each leg to ground about half and both together full; England line
# to earth full, neutral near nothing. Common practice; ±10 % for the supply, from memory.
Munimen::Judgement::Check.define :supply_legs, part: :disconnect do
  on_page 240, "Electrical supply"
  uses :leg_one, :leg_two, :legs_across, :after_off
  judge do |visit|
    one, two, across = %i[leg_one leg_two legs_across].map { |name| visit.quantity(name)&.si }
    source = Munimen::Source.common_practice(
      "120, 120, 240 V; or 230, 0, 230 V; zero everywhere once switched off"
    )
    more = { source:, who: :electrical, due_in: 0 }
    full = visit.heater.volts(visit.units)
    near = ->(value, wanted) { (value - wanted).abs <= full * 0.1 }
    if visit.choice(:after_off) == :live
      finding(
        :danger,
        "Something stays live after switching off.",
        **more,
        remedy: "Find the other feed, or the leg that is not broken, before anything is touched.",
        explain: "A part of the {heater} stays live when it is switched off."
      )
    elsif [one, two, across].any?(&:nil?)
      not_tested("Both legs and across belong together.", source:)
    elsif !near[across, full]
      lost = "{volts} V across: a leg is lost."
      other = "{volts} V across: not the rated voltage."
      finding(
        :defect,
        msg(across < full * 0.3 ? lost : other, volts: across.round),
        **more,
        remedy: "Follow it back to the {breaker}.",
        explain: "The electricity does not reach the {heater} as it should."
      )
    elsif if visit.rules.book.split_phase
            !(near[one, full / 2] && near[two, full / 2])
          else
            !near[[one, two].max, full]
          end
      finding(
        :defect,
        msg("{one} and {two} V to {earth}: the {earth} is not proved, or the supply is not what " \
            "it seems.",
            one: one.round, two: two.round),
        **more,
        remedy: "Prove the {earth} against a live leg.",
        explain: "The electrical supply needs looking at."
      )
    else
      sound("Full voltage, and zero once switched off.", measured: "#{across.round} V")
    end
  end
end
