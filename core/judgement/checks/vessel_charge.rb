# frozen_string_literal: true

# The charge as found, held against the static pressure; only at zero water pressure is it a
# charge at all.
Munimen::Judgement::Check.define :vessel_charge, part: :vessel do
  on_page 180, "Air charge of the {vessel}"
  cured_by :charge_set, "The charge was set on this visit."
  uses :vessel_charge
  judge do |visit|
    charge = visit.reading(:vessel_charge)
    target = visit.charge_target
    pressure = charge.quantity
    state = visit.pressure_at_vessel(charge)
    practice = Munimen::Source.common_practice("charge is read with the water side at zero")
    unless %i[zero flowing].include?(state)
      next not_tested(
        msg("{pressure} is the system's pressure, not the charge: it was read against live " \
            "water. Bring the water side to zero, by the valve that isolates the {vessel}, and " \
            "read again.",
            pressure: say(pressure)),
        measured: pressure,
        source: practice
      )
    end
    unless target
      next not_tested(
        "Read the static pressure first: the charge is held against it.",
        measured: pressure
      )
    end

    limit = visit.rules.limit(:charge_tolerance)
    gap = pressure.si - target.si
    near = gap.abs <= limit.at_most.si * 3
    if state == :flowing && near
      next not_tested(
        msg("{pressure} was read with {taps} running: approximate, too near the limit to decide. " \
            "Isolate, drain to zero, read again.",
            pressure: say(pressure)),
        measured: pressure,
        source: visit.rules.source(:charge_method)
      )
    end
    # A pascal or so of rounding must not turn a sound reading into a defect.
    if gap.abs <= limit.at_most.si + 1.0
      next sound(
        msg("{pressure}, within {limit} of the supply's {target}.",
            pressure: say(pressure), limit: limit.at_most.format(visit.units),
            target: say(target)),
        measured: pressure,
        limit:,
        between: around(target, limit.at_most)
      )
    end

    side = gap.negative? ? "low" : "high"
    told = "The charge is {side}: {pressure} against a supply of {target}."
    told = "The charge is {side}: about {pressure} against a supply of {target}." if
      state == :flowing
    finding(
      limit.grade,
      msg(told, side:, pressure: say(pressure), target: say(target)),
      limit:,
      measured: pressure,
      between: around(target, limit.at_most)
    )
  end
end
