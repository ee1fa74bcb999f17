# frozen_string_literal: true

# What service work reads: the state of joints, what a flush brought out, the anode, a new relief
# valve.
practice = ->(note) { Munimen::Source.common_practice(note) }

Munimen::Judgement::Check.define :joints, part: :tank do
  on_page 360, "Joints that were opened"
  uses :joints
  judge do |visit|
    next sound("Every joint that was opened is dry.") if visit.choice(:joints) == :dry

    finding(
      :defect,
      "A joint that was opened drips.",
      source: practice.call("dry at full pressure before you leave"),
      due_in: 0,
      who: trade,
      remedy: "Make it again before heat comes back.",
      explain: "A joint drips after the work."
    )
  end
end

Munimen::Judgement::Check.define :flush_result, part: :drain_valve do
  on_page 320, "Sediment flushed out"
  uses :flush_result
  judge do |visit|
    months = Munimen::Work::FlushInterval::MONTHS.fetch(visit.choice(:flush_result))
    unless visit.choice(:flush_result) == :heavy
      next sound(
        msg("Ran {out}: flush again in {months} months.",
            out: visit.choice(:flush_result), months:),
        measured: visit.choice(:flush_result).to_s
      )
    end

    finding(
      :watch,
      "Heavy sediment came out.",
      source: practice.call("what came out sets the next flush"),
      measured: "heavy",
      due_in: 180,
      who: trade,
      remedy: "Flush again in six months.",
      explain: "A lot of sediment had gathered in the tank."
    )
  end
end

Munimen::Judgement::Check.define :anode_left, part: :anode do
  on_page 330, "Anode"
  uses :anode_remaining
  judge do |visit|
    left = visit.quantity(:anode_remaining).si
    text = msg("{percent} % of the anode is left.", percent: (left * 100).round)
    next sound(text, measured: "#{(left * 100).round} %") if left > 0.25

    finding(
      :defect,
      text,
      source: practice.call("any bare core wire, or a quarter left: replace"),
      measured: "#{(left * 100).round} %",
      due_in: 30,
      who: trade,
      remedy: "Fit a new anode.",
      explain: "The rod that protects the tank from rust is nearly used up."
    )
  end
end

Munimen::Judgement::Check.define :new_relief_valve, part: :relief_valve do
  on_page 200, "New {relief_valve}"
  uses :new_relief_flow, :new_relief_closes
  judge do |visit|
    runs_on = visit.choice(:new_relief_closes) == :runs_on
    next unless visit.choice(:new_relief_flow) || runs_on

    if visit.choice(:new_relief_flow) == :full_bore && !runs_on
      next sound("The new valve lifts, full-bore, and shuts.")
    end

    finding(
      :danger,
      runs_on ? "The new valve does not shut." : "The new valve does not give full flow.",
      source: practice.call("a new valve is proved before you leave"),
      due_in: 0,
      who: trade,
      remedy: "Heat off; find out why before the {heater} runs.",
      explain: "The new safety valve does not let enough water out."
    )
  end
end

Munimen::Judgement::Check.define :proved_dead, part: :disconnect do
  off_page "how the work was made safe"
  uses :dead_readings, :tester_before, :tester_after
  judge do |visit|
    before, dead, after =
      %i[tester_before dead_readings tester_after].map { |name| visit.choice(name) }
    source =
      Munimen::Source.published("HSE GS38, NFPA 70E", "prove, test, prove", clause: :from_memory)
    if dead == :live
      finding(
        :danger,
        "Something is live: a second feed, or the wrong {breaker}.",
        source:,
        due_in: 0,
        who: :electrical,
        remedy: "Covers on; find the other feed before anything is touched.",
        explain: "A part that should be dead was live."
      )
    elsif [before, after].include?(:fails)
      not_tested("The tester failed on the proving unit: nothing is proved.", source:)
    elsif before && dead && after
      sound("Dead on every pair and every feed, the tester proved before and after.")
    else
      not_tested("Not proved yet: the tester is proved before and after.", source:)
    end
  end
end

Munimen::Judgement::Check.define :draught, part: :flue do
  on_page 300, "{Draught}, and CO in the room"
  uses :draught, :room_co
  judge do |visit|
    source = Munimen::Source.published("NFPA 54, BS 5440-1", "spillage test", clause: :from_memory)
    limits = Munimen::Source.published("WHO, BS 7967", "9 and 30 ppm", clause: :from_memory)
    co = visit.quantity(:room_co)&.in("ppm")
    danger = {
      due_in: 0,
      who: :gas,
      remedy: "Burner off, ventilate, everybody out at 30 ppm; find the cause.",
      explain: "Exhaust gas stays in the house. It carries carbon monoxide, which kills."
    }
    if visit.choice(:draught) == :spills
      finding(:danger, "Flue gas spills at the hood in the worst case.", source:, **danger)
    elsif co && co >= 30
      finding(
        :danger,
        msg("{co} ppm of carbon monoxide in the room.", co: co.round),
        source: limits,
        measured: "#{co.round} ppm",
        **danger
      )
    elsif co && co >= 9
      finding(
        :defect,
        msg("{co} ppm of carbon monoxide in the room.", co: co.round),
        source: limits,
        measured: "#{co.round} ppm",
        **danger,
        due_in: 1,
        remedy: "Investigate every burner."
      )
    elsif visit.choice(:draught)
      sound("Drawn in at the hood, in the worst case.", measured: co && "#{co.round} ppm")
    end
  end
end
