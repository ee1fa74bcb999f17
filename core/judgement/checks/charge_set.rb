# frozen_string_literal: true

Munimen::Judgement::Check.define :charge_set, part: :vessel do
  off_page "the same line as the charge as found"
  uses :charge_set
  judge do |visit|
    charge = visit.reading(:charge_set)
    target = visit.charge_target
    limit = visit.rules.limit(:charge_tolerance)
    unless visit.pressure_at_vessel(charge) == :zero
      next not_tested(
        msg("{quantity} was set against live water, so it is not the charge. Bring the water " \
            "side to zero and set it again.",
            quantity: say(charge.quantity)),
        measured: charge.quantity,
        source: limit.source
      )
    end
    unless target
      next not_tested(
        "Read the static pressure first: the charge is set to it.",
        measured: charge.quantity
      )
    end

    if (charge.quantity.si - target.si).abs <= limit.at_most.si + 1.0
      sound(
        msg("Set to {quantity}, the supply's {target}.",
            quantity: say(charge.quantity), target: say(target)),
        measured: charge.quantity,
        limit:,
        between: around(target, limit.at_most)
      )
    else
      finding(
        limit.grade,
        msg("Set to {quantity}, but the supply is {target}.",
            quantity: say(charge.quantity), target: say(target)),
        limit:,
        measured: charge.quantity,
        between: around(target, limit.at_most)
      )
    end
  end
end
