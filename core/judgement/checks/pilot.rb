# frozen_string_literal: true

# Pilot, its generator and the cut-off, judged by the calculation `pilot_generator`; the flame by
# eye.
Munimen::Judgement::Check.define :pilot, part: :gas_control do
  on_page 270, "Pilot's generator and cut-off"
  uses :generator_open, :generator_loaded, :eco_continuity
  judge do |visit|
    kind = visit.heater.ignition == :pilot_thermopile ? "thermopile" : "thermocouple"
    given = {
      kind:,
      open_circuit: visit.quantity(:generator_open),
      loaded: visit.quantity(:generator_loaded),
      eco_continuity: visit.choice(:eco_continuity)&.to_s
    }.compact
    open = visit.choice(:eco_continuity) == :no
    by_calculation(
      :pilot_generator,
      given,
      who: :gas,
      remedy: if open
                "The cut-off has opened from too much heat: find out why, then replace the control."
              else
                "Clean and tighten first; the part that the measurements point to after that."
              end,
      explain: "The safety device that watches the pilot flame is not as it should be."
    )
  end
end

Munimen::Judgement::Check.define :pilot_flame, part: :burner do
  on_page 280, "Pilot flame"
  uses :pilot_flame
  judge do |visit|
    if visit.choice(:pilot_flame) == :blue_on_tip
      next sound("A blue pilot flame on the generator's tip.")
    end

    texts = {
      off_the_tip: "The pilot flame misses the generator's tip.",
      lazy_yellow: "A lazy, yellow pilot flame: the intake is choked or its orifice dirty.",
      lifting: "The pilot flame lifts: too much air, or a choked intake."
    }
    finding(
      :defect,
      texts.fetch(visit.choice(:pilot_flame)),
      source: Munimen::Source.common_practice("a blue flame on the tip; screen and orifice clean"),
      due_in: 30,
      who: :gas,
      remedy: "Clean screen, base filter and orifice; look again with the door clear.",
      explain: "The pilot flame burns badly and may go out."
    )
  end
end

Munimen::Judgement::Check.define :pilot_held, part: :gas_control do
  on_page 290, "Pilot, lit again"
  uses :pilot_held, :floor_smell
  judge do |visit|
    source = Munimen::Source.common_practice(
      "held until the generator is hot, it stays; five minutes after a failed try"
    )
    if visit.choice(:floor_smell) == :gas
      finding(
        :danger,
        "Gas smelt at floor level.",
        source:,
        due_in: 0,
        who: :gas,
        explain: "Gas was leaking near the {heater}.",
        remedy: "No flame, no switch; air the room; find the leak before any try."
      )
    elsif visit.choice(:pilot_held) == :stays then sound("The pilot stays lit.")
    elsif visit.choice(:pilot_held)
      finding(
        :defect,
        "The pilot does not stay: generator, its nut, cut-off or link.",
        source:,
        due_in: 0,
        who: :gas,
        remedy: "Wait five minutes; measure generator and cut-off.",
        explain: "The pilot flame does not stay lit."
      )
    end
  end
end
