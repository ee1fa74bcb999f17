# frozen_string_literal: true

# Dangers govern what is done: handbook §24, and the published rules that each hazard names.
RSpec.describe Munimen::Hazards::Hazard do
  books = Hash.new(:us_irc).merge(unvented_indirect: :england_g3, unvented_direct: :england_g3)

  # A visit with something seen, or read.
  define_method(:found) do |kind, seen: {}, read: {}, jobs: [:annual_safety], **more|
    fresh = fresh(kind, books[kind], jobs:)
    observations = seen.map do |item, finding|
      Munimen::Visit::Observation.new(id: item.to_s, item:, finding:)
    end
    readings = read.map do |name, value|
      Munimen::Visit::ReadingInput.read(name, value, units: fresh.units, id: name.to_s, state: {})
    end
    fresh.with(observations:, readings:, **more)
  end

  def plan(visit) = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
  def ids(plan) = plan.steps.map { |step| step.operation.id }

  # Everything that the issue of dangers names, on the heater that can have it.
  dangers = {
    gas_storage: [
      { seen: { relief_present: :missing } },
      { seen: { relief_present: :plugged } },
      { read: { relief_lever: "will_not_lift" } },
      { read: { relief_lever: "lifts", relief_flow: "none" } },
      { seen: { flue: :disconnected } },
      { seen: { trim_rings: :melted } },
      { read: { draught: "spills" } },
      { read: { gas_line: "15 inH2O" } },
      { seen: { never_relight: :flood } },
      { read: { static_pressure: "200 psi" } },
      { read: { tap_temperature: "190 degF" } },
      { read: { hot_peak_found: "149 psi" }, jobs: [:pressure_check] }
    ],
    electric_storage: [
      { read: { element_earth: "0.2 Mohm" } },
      { seen: { covers: :off } },
      { read: { relief_drip: "drips", relief_drip_hot: "hot" } }
    ],
    boiler_coil: [
      { read: { chain_off: "keeps_heating" } },
      { seen: { wiring_seen: :no_stat } }
    ],
    unvented_indirect: [
      { seen: { expansion_relief_seen: :plugged } },
      { seen: { inlet_group_seen: :incomplete } },
      { seen: { cut_out_seen: :bridged } },
      { read: { cut_out_opens: "comes_on" } },
      { seen: { tundish_place: :missing } }
    ],
    unvented_direct: [
      { read: { cut_out_opens: "stays_off", cut_out_resets: "by_itself" } },
      { seen: { d2_route: :blocked } }
    ]
  }
  every = dangers.flat_map { |kind, list| list.map { |one| [kind, one] } }

  every.each do |kind, danger|
    describe "with #{danger.values.first} on #{kind}" do
      let(:visit) { found(kind, **danger) }
      let(:hazard) { visit.hazards.first }

      it "makes safe first, heats nothing, lifts no lever of it, and leaves it made safe" do
        steps = plan(visit).steps.map(&:operation)
        before = steps.take_while { |one| one.id != :make_safe }
        expect(before).to all(be_secures)
        expect(steps.map(&:id)).to include(:make_safe)
        expect(steps.select { |one| Munimen::Work::Interlocks.gives_heat?(one) }).to be_empty
        expect(steps.map(&:id) & hazard.bars).to be_empty
        expect(steps.last.way_to_leave).to eq(:made_safe)
      end

      it "is put right by what it asks for, proved, and then left in service" do
        repair = hazard.repaired_by.find do |id|
          Munimen::Work::Operation[id].applies?(visit.heater) &&
            (id != :set_vessel_charge || visit.heater.vessel == :external)
        end
        asked = visit.with(decisions: { "also.#{repair}" => "yes", "consent" => "given" })
        steps = ids(plan(asked))
        proof = hazard.cleared_by.find { |id| steps.include?(id) }
        expect(proof).not_to be_nil, "no proof of #{hazard.id}: #{steps}"
        expect(steps.index(:make_safe)).to be < steps.index(repair)
        expect(steps.rindex(proof)).to be > steps.index(repair)
        expect(steps.last).to eq(:leave_site)
        heat = steps.index do |id|
          Munimen::Work::Interlocks.gives_heat?(Munimen::Work::Operation[id])
        end
        expect(heat).to be > steps.index(hazard.test_firing? ? repair : proof) if heat
      end
    end
  end

  it "sends everybody out where gas is smelt or CO is high, and demands nothing else" do
    [{ seen: { gas_smell_seen: :smell } }, { read: { draught: "drawn_in", room_co: "35" } }]
      .each do |danger|
        visit = found(:gas_storage, **danger)
        expect(ids(plan(visit))).to eq([:evacuate])
        outcome = Munimen::Judgement::Outcome.new(
          visit,
          Munimen::Judgement::Judge.new(visit).deficiencies
        )
        expect(outcome.proposed).to eq(:evacuated)
      end
  end

  it "lets the escape be found, mended and proved once the place has been cleared" do
    gone = Munimen::Visit::Step.new(id: "e", operation: :evacuate, outcome: :done)
    visit = found(
      :gas_storage,
      seen: { gas_smell_seen: :smell },
      jobs: [:find_gas_escape],
      steps: [gone]
    )
    steps = ids(plan(visit))
    order = %i[return_when_cleared mend_gas_escape open_gas_cock prove_gas_joints relight_pilot]
    expect(steps & order).to eq(order)
    expect(steps.last).to eq(:leave_site)
  end

  it "keeps the cold open on an overheated tank, and opens nothing before it has cooled" do
    visit = found(
      :gas_storage,
      read: { tap_temperature: "190 degF" },
      jobs: %i[annual_safety flush]
    )
    steps = ids(plan(visit))
    expect(steps.index(:let_it_cool)).to be < steps.index(:shut_heater_supply)
    expect(visit.terms.needs(Munimen::Work::Operation[:make_safe])).to include(
      heater_supply: [:open]
    )
  end

  # Handbook §24.1: a verdict that changes nothing is only ink.
  it "holds every danger that can be seen or read to a hazard" do
    surely = Munimen::Inspection::InspectionItem.all.flat_map do |item|
      dangerous = item.findings.values.select { |finding| finding.grade == :danger }
      dangerous.map { |finding| [item.id, finding.id] }
    end
    free = surely.reject { |item, finding| described_class.all.any? { |h| h.seen?(item, finding) } }
    expect(free).to eq([])
  end

  # And back: what a hazard listens for can be found, and is a danger due today (handbook §24.1).
  it "listens only for findings that there are, each of them a danger and due today" do
    described_class.all.each do |hazard|
      hazard.seen.each do |item, findings|
        known = Munimen::Inspection::InspectionItem[item].findings
        graded = findings.map { |id| known[id]&.then { |one| [one.grade, one.due_in] } }
        expect(graded.uniq).to eq([[:danger, 0]]), "#{hazard.id}: #{item} #{findings}"
      end
    end
  end

  # One danger mended since covers that one alone; what is seen today is never covered (§26.7).
  it "takes one word for one danger" do
    arrival = { "hazard.flue": :secured, "hazard.gas_pressure": :secured, cock: :shut,
                "heat.burner": :off }
    visit = fresh(:gas_storage, :us_irc, jobs: [:confirm_mended]).with(
      arrival:, decisions: { "consent" => "given" }
    )
    asked = Munimen::Work::Operation[:confirm_mended].reads.select { |read| read.asked?(visit) }
    expect(asked.map(&:name)).to eq(%i[mended_since.flue mended_since.gas_pressure])
    said = lambda do |now, seen: []|
      read = Munimen::Visit::ReadingInput.read("mended_since.flue", "mended", units: :us, id: "m",
                                                                              state: {}, seq: 2)
      step = Munimen::Visit::Step.new(id: "s", operation: :confirm_mended, outcome: :done,
                                      made: {}, seq: 3)
      now.with(readings: [read], steps: [step], observations: seen)
    end
    expect(said[visit].state.slice(:"hazard.flue", :"hazard.gas_pressure").values).to eq(
      %i[mended secured]
    )
    today = Munimen::Visit::Observation.new(id: "o", item: :flue, finding: :disconnected, seq: 1)
    expect(said[visit, seen: [today]].state[:"hazard.flue"]).not_to eq(:mended)
  end

  # Handbook §26.5: a repair that can be booked and a proof that can be taken on this kind; else the
  # heater is replaced.
  ways = {
    gas_storage: [{}, { hood: "sealed" }, { ignition: "intermittent" }, { ignition: "unknown" },
                  { vessel: "none", vessel_volume: nil }],
    electric_storage: [{}, { element_lower: nil }],
    boiler_coil: [{}],
    unvented_indirect: [{}, { backup_immersion: "no", immersion_power: nil },
                        { expansion_relief: "no" }, { tundish: "no" }],
    unvented_direct: [{}, { element_upper: nil }],
    heat_pump: [{}],
    unvented_heat_pump: [{}]
  }
  # How a visit ends where all that puts some dangers right, and all that proves it, is asked for.
  define_method(:ending) do |plain, hazards|
    out = hazards.any?(&:evacuates?)
    arrival = hazards.to_h { |one| [one.variable, :standing] }
    visit = plain.with(arrival: { **arrival, left: out ? :evacuated : :no })
    asked = visit.hazards.flat_map { |one| one.repaired_by + one.cleared_by }
    asked.concat(Munimen::Work::Operation.all.select(&:comes_back?).map(&:id)) if out
    asked = asked.uniq.select { |id| Munimen::Work::Operation[id].applies?(visit.heater) }
    decisions = asked.to_h { |id| ["also.#{id}", "yes"] }.merge("consent" => "given")
    ids(plan(visit.with(decisions:))).last
  end
  # A third danger, by what is installed, may leave no more than making all of them safe.
  define_method(:endings) do |plain, hazards|
    off = %i[leave_made_safe leave_drained]
    return off if hazards.any? { |one| one.repaired_by.empty? }

    (plain.hazards - hazards).any? ? [:leave_site, *off] : [:leave_site]
  end

  ways.each do |kind, fitted|
    fitted.each do |more|
      it "has a way out of every danger of a #{kind} #{more}", :long do
        plain = fresh(kind, books[kind], jobs: [:inspection], **more)
        all = described_class.all.select { |one| one.on?(plain.heater) }
        all.each do |hazard|
          left = ending(plain, [hazard])
          expect(endings(plain, [hazard])).to include(left), "#{hazard.id} on #{kind}: #{left}"
        end
      end

      # Two at once: the union of what makes safe. A few here, all of them by `bin/bench many 200`.
      it "has a way out of two dangers at once of a #{kind} #{more}", :long do
        plain = fresh(kind, books[kind], jobs: [:inspection], **more)
        all = described_class.all.select { |one| one.on?(plain.heater) }
        pairs = all.combination(2).to_a.sample(6 * TRIES, random: Random.new(29))
        lost = pairs.filter_map do |two|
          left = ending(plain, two)
          [*two.map(&:id), left] unless endings(plain, two).include?(left)
        end
        expect(lost).to eq([])
      end
    end
  end

  # Whoever sees it is there; an empty plan would leave nobody a way to sign.
  it "has the heater left anew where a danger is seen after it was left" do
    step = ->(id, seq) { Munimen::Visit::Step.new(id: "s#{seq}", operation: id, outcome: :done, seq:) }
    left = fresh(:unvented_direct, books[:unvented_direct], jobs: [:inspection]).with(
      arrival: { "heat.upper_element": :off, "heat.lower_element": :off, "lock.off_peak": :on,
                 "lock.boost": :on },
      steps: [step[:identify, 1], step[:leave_made_safe, 2]]
    )
    expect(left.state[:on_site]).to eq(:no)
    plugged = Munimen::Visit::Observation.new(id: "o", item: :relief_present, finding: :plugged,
                                              seq: 3)
    seen = left.with(observations: [plugged])
    expect(seen.state.values_at(:on_site, :left)).to eq(%i[yes no])
    expect(ids(plan(seen))).to include(:make_safe).and end_with(:leave_made_safe)
  end

  it "holds every reading by words that is judged a danger to a hazard" do
    told = Munimen::Visit::ReadingInput.known.values.select(&:choices)
    free = Build::KINDS.keys.flat_map do |kind|
      told.flat_map do |declared|
        declared.choices.filter_map do |word|
          visit = found(kind, read: { declared.name => word.to_s })
          dangerous = Munimen::Judgement::Judge.new(visit).verdicts.select do |verdict|
            verdict.grade == :danger
          end
          [declared.name, word] if dangerous.any? && visit.hazards.empty?
        end
      end
    end
    expect(free.uniq).to eq([])
  end

  it "names operations, readings and items that there are, and a source" do
    operations = Munimen::Work::Operation.ids
    described_class.all.each do |hazard|
      known = hazard.repaired_by + hazard.cleared_by + hazard.bars + hazard.bars_while_hot -
              [:letting_out]
      expect(known - operations).to eq([]), hazard.id.to_s
      expect(hazard.readings - Munimen::Visit::ReadingInput.known.keys).to eq([]), hazard.id.to_s
      expect(hazard.seen.keys - Munimen::Inspection::InspectionItem.all.map(&:id)).to eq([])
      expect(hazard.source).to be_a(Munimen::Source)
      expect(Munimen::Work::StateSpace.problems(hazard.safe)).to eq([])
    end
  end
end
