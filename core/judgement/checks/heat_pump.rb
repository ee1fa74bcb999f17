# frozen_string_literal: true

# Air, filter and condensate of a heat pump. Handbook §27.
practice = Munimen::Source.method(:common_practice)

Munimen::Judgement::Check.define :heat_pump_air_drop, part: :compressor do
  on_page 400, "Heat pump: air in and out"
  uses :air_in, :air_out
  source = practice.call("air cooled by some 4 to 8 K after 15 min; the maker's figure first")
  judge do |visit|
    fell = visit.air_drop.fall or
      next not_tested("Air going in and coming out belong together.")
    into = visit.quantity(:air_in)
    out = visit.quantity(:air_out)

    told = msg("Air {into} in, {out} out", into: say(into), out: say(out))
    unless visit.air_drop.air == :mild
      next not_tested(
        msg("{told}: at that air a heat pump may hand over to its elements.", told:), measured: into
      )
    end

    case fell
    when :none
      finding(:defect, msg("{told}: it takes hardly any heat out of the air.", told:),
              source:, measured: out, due_in: 30, who: :plumber,
              remedy: "See its mode, its restart delay, filter and fan; then its maker. The " \
                      "refrigerant circuit is never opened here.",
              explain: "The heat pump runs but brings hardly any heat.")
    when :little, :more
      usual = { more: "{told}: more than the usual 4 to 8 K.",
                little: "{told}: less than the usual 4 to 8 K." }
      finding(:watch, msg(usual.fetch(fell), told:),
              source:, measured: out, due_in: 90, who: :plumber,
              remedy: "Clean filter and coil, free the air, measure again.",
              explain: "The heat pump works, but not as well as it should.")
    else
      sound(msg("{told}.", told:), measured: out)
    end
  end
end

Munimen::Judgement::Check.define :heat_pump_filter_found, part: :compressor do
  on_page 402, "Heat pump: filter"
  uses :filter_state, :evaporator_state
  source = practice.call("air that does not pass costs capacity, and ices the coil")
  judge do |visit|
    if visit.choice(:evaporator_state) == :iced
      next finding(:defect, "The coil behind the filter is iced.", source:,
                   measured: "iced", due_in: 30, who: :plumber,
                   remedy: "Let it thaw, free the air, measure again; ice that stays is its " \
                           "maker's.",
                   explain: "Ice on the heat pump keeps the air from it.")
    end
    dusty = visit.choice(:filter_state) == :choked || visit.choice(:evaporator_state) == :dusty
    next sound("The filter was cleaned.") unless dusty

    finding(:watch, "The filter was choked, or the coil behind it dusty.", source:,
            measured: "dusty", due_in: 180, who: :plumber,
            remedy: "Clean it every half year; show the household how.",
            explain: "Dust keeps the air from the heat pump, so it takes longer and costs more.")
  end
end

Munimen::Judgement::Check.define :condensate, part: :compressor do
  on_page 404, "Heat pump: condensate"
  uses :condensate
  judge do |visit|
    found = visit.choice(:condensate)
    next sound("What was poured in ran away.") if found == :runs_away

    says, measured = {
      backs_up: ["Condensate backs up in its tray.", "backs up"],
      leaks: ["Condensate comes out under the {heater}.", "leaks"]
    }.fetch(found)
    finding(:defect, says, source: practice.call("condensate runs by its fall alone"), measured:,
                           due_in: 7, who: :plumber, remedy: "Clear tray and pipe, pour again.",
                           explain: "Water that the heat pump takes out of the air does not run " \
                                    "away.")
  end
end

Munimen::Judgement::Check.define :air_supply_proved, part: :compressor do
  on_page 406, "Spillage beside the heat pump"
  uses :spillage_beside
  judge do |visit|
    next sound("Drawn in at the open flue with the fan running.") if
      visit.choice(:spillage_beside) == :drawn_in

    rule = Munimen::Source.published("NFPA 54, BS 5440-1", "spillage test with fans running",
                                     clause: :from_memory)
    finding(:danger, "Flue gas spills beside the running heat pump.",
            source: rule, measured: "spills", due_in: 0, who: :gas,
            remedy: "Its power off until it has air of its own.",
            explain: "Its fan draws flue gas of another appliance into the room. It carries " \
                     "carbon monoxide, which kills.")
  end
end
