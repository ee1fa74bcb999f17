# frozen_string_literal: true

# D1 and D2 of an English cylinder by their measured runs; into the pan by rulebook or house rule.
outlets = { half: "1/2", three_quarters: "3/4", one: "1" }.freeze

# The least bore of D2, whatever its run: one size above the outlet.
least = lambda do |outlet|
  Munimen::Physics::DischargeTable.d2(outlet, 0.1, 0).first.d2 / 1000.0
end

Munimen::Judgement::Check.define :d2_size, part: :discharge_pipe do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    heater = visit.heater
    next unless visit.rules.book.is?(:england_g3) && (heater.d2_length || heater.d2_size)

    source = Munimen::Calculations::Calculation[:discharge_pipe_england].sources.first
    fix = {
      source:,
      due_in: 60,
      who: :unvented,
      explain: "The drain of the safety valves is too narrow for its length.",
      remedy: "Re-pipe by the table, shorten it or take out bends."
    }
    outlet = outlets[heater.relief_outlet] or
      next not_tested("The valve's outlet is not on record: D2's size hangs on it.", source:)
    if heater.d2_size && heater.d2_size.si < least[outlet] - 0.0005
      next finding(
        :defect,
        msg("D2 is {d2_size}, no more than the valve's outlet of {outlet} in: it must be at " \
            "least one size larger.",
            d2_size: say(heater.d2_size), outlet:),
        measured: heater.d2_size,
        **fix
      )
    end
    unless heater.d2_length && heater.d2_size
      missing = heater.d2_length ? "size" : "length"
      next not_tested(msg("D2's {missing} is not on record.", missing:), source:)
    end

    calculated = lambda do |shared|
      Munimen::Calculations::Calculation[:discharge_pipe_england].call(
        {
          outlet:,
          length: heater.d2_length.in("m").to_s,
          bends: (heater.d2_bends&.si || 0).to_i.to_s,
          shared:
        },
        units: :england
      )
    end
    # unknown is not shared, and not alone: both are looked at
    known = { yes: "yes", no: "no" }[heater.shared_discharge]
    result = calculated.call(known || "no")
    shared = calculated.call("yes").outputs[:d2_size]
    used = "#{result.outputs[:resistance_used].round(1)} m"
    wanted = result.outputs[:d2_size]
    unless wanted
      next finding(:defect, msg("Beyond the table: {used} of equivalent length.",
                                used:), measured: used,
**fix)
    end

    if heater.d2_size.si < wanted - 0.0005
      finding(
        :defect,
        msg("D2 is {d2_size}; {used} of equivalent length need {millimetres} mm in copper.",
            d2_size: say(heater.d2_size), used:, millimetres: (wanted * 1000).round),
        measured: heater.d2_size,
        **fix
      )
    elsif known.nil? && (shared.nil? || heater.d2_size.si < shared - 0.0005)
      needed = shared ? "#{(shared * 1000).round} mm" : "more than the table has"
      not_tested(msg("D2 of {d2_size} will do for this {heater} alone; shared with another it " \
                     "needs {needed}. Whether it is shared is not on record.",
                     d2_size: say(heater.d2_size), needed:), source:)
    elsif heater.d2_bends.nil?
      not_tested("D2's bends are not on record: without them its size is not known.", source:)
    elsif heater.d2_material != :copper
      told = { plastic: "It is of plastic: its maker's table decides." }
      because = told.fetch(heater.d2_material, "What it is made of is not on record.")
      not_tested(msg("D2 of {d2_size} would do in copper. {because}",
                     d2_size: say(heater.d2_size), because:), source:)
    else
      sound(
        msg("D2 of {d2_size} carries {used} of equivalent length.",
            d2_size: say(heater.d2_size), used:),
        measured: heater.d2_size
      )
    end
  end
end

Munimen::Judgement::Check.define :d1_length, part: :discharge_pipe do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    length = visit.heater.d1_length or next
    next unless visit.rules.limit(:d1_length)

    exceeds_limit(length, :d1_length, msg("D1 is {length} long.", length: say(length))) ||
      sound(msg("D1 is {length} long.",
                length: say(length)), measured: length, limit: visit.rules.limit(:d1_length))
  end
end

Munimen::Judgement::Check.define :d2_drop, part: :discharge_pipe do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    drop = visit.heater.d2_drop or next
    limit = visit.rules.limit(:d2_drop) or next

    exceeds_limit(drop, :d2_drop, msg("D2 runs {drop} straight down below the tundish.",
                                      drop: say(drop))) ||
      sound(msg("D2 runs {drop} straight down below the tundish.",
                drop: say(drop)), measured: drop, limit:)
  end
end

# Falls at 1 in 200 or more: the record keeps the 200.
Munimen::Judgement::Check.define :d2_fall, part: :discharge_pipe do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    fall = visit.heater.d2_fall&.si or next
    next unless visit.rules.book.is?(:england_g3)

    source = Munimen::Source.published("Approved Document G", "G3, D2", clause: :from_memory)
    told = msg("1 in {run}", run: format("%g", fall))
    next sound(msg("D2 falls {told}.", told:), measured: told) if fall <= 200

    finding(
      :defect,
      msg("D2 falls only {told}.", told:),
      source:,
      measured: told,
      due_in: 60,
      who: :unvented,
      remedy: "Re-hang it to fall 1 in 200 or more.",
      explain: "Water stands in the drain of the safety valves."
    )
  end
end

Munimen::Judgement::Check.define :discharge_into_pan, part: :discharge_end do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    next unless visit.heater.discharge_ends == :pan

    fix = {
      due_in: 60,
      who: :plumber,
      question: :discharge_into_pan,
      remedy: "Lead the pipe to the floor, a receptor or outdoors.",
      explain:
        "The safety pipe ends in the tray under the {heater}, which a full discharge would overrun."
    }
    case visit.rules.choice(:discharge_into_pan)
    when :objected
      finding(:defect, "Ends in the pan.", source: visit.rules.source(:discharge_into_pan), **fix)
    when :accepted
      sound("Ends in the pan, which the house rule accepts.")
    else
      next sound("Ends in the pan, as the code allows.") if visit.rules.book.id == :us_irc

      source = {
        us_upc: Munimen::Source.published("UPC", "608.5", clause: :from_memory),
        canada_npc: Munimen::Source.published("National Plumbing Code of Canada", "2.6.1.7",
                                              clause: :from_memory)
      }.fetch(visit.rules.book.id) do
        Munimen::Source.common_practice("a full discharge would overrun a pan")
      end
      finding(:defect, "Ends in the pan.", source:, **fix)
    end
  end
end
