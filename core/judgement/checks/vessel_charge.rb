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
        "#{say(pressure)} is the system's pressure, not the charge: it was read against live " \
        "water. " \
        "Bring the water side to zero, by the valve that isolates the {vessel}, and read again.",
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
        "#{say(pressure)} was read with {taps} running: approximate, too near the limit to " \
        "decide. " \
        "Isolate, drain to zero, read again.",
        measured: pressure,
        source: visit.rules.source(:charge_method)
      )
    end
    # A pascal or so of rounding must not turn a sound reading into a defect.
    if gap.abs <= limit.at_most.si + 1.0
      next sound(
        "#{say(pressure)}, within #{limit.at_most.format(visit.units)} of the supply's " \
        "#{say(target)}.",
        measured: pressure,
        limit:,
        between: around(target, limit.at_most)
      )
    end

    side = gap.negative? ? "low" : "high"
    about = state == :flowing ? "about " : ""
    finding(
      limit.grade,
      "The charge is #{side}: #{about}#{say(pressure)} against a supply of #{say(target)}.",
      limit:,
      measured: pressure,
      between: around(target, limit.at_most)
    )
  end
end
