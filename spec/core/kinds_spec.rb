# frozen_string_literal: true

# Every kind of heater under every rulebook.
RSpec.describe Munimen::Heater do
  # Parts that a visit must reach by a step or a line to look at, for what the configuration has.
  must = {
    gas_storage: %i[
      flue
      draft_hood
      burner
      gas_control
      gas_cock
      relief_valve
      discharge_pipe
      vessel
      house_main
      tap
      drain_valve
      tank
    ],
    heat_pump: %i[compressor disconnect relief_valve discharge_pipe vessel house_main tap
                  drain_valve tank],
    unvented_heat_pump: %i[compressor disconnect relief_valve expansion_relief inlet_group tundish
                           discharge_pipe vessel house_main tap drain_valve tank],
    electric_storage: %i[
      disconnect
      relief_valve
      discharge_pipe
      vessel
      house_main
      tap
      drain_valve
      tank
    ],
    boiler_coil: %i[
      coil
      two_port
      programmer
      thermostat
      relief_valve
      discharge_pipe
      vessel
      house_main
      tap
    ],
    unvented_indirect: %i[
      coil
      two_port
      programmer
      thermostat
      immersion
      disconnect
      inlet_group
      expansion_relief
      cut_out
      relief_valve
      tundish
      discharge_pipe
      vessel
    ],
    unvented_direct: %i[
      disconnect
      inlet_group
      expansion_relief
      cut_out
      relief_valve
      tundish
      discharge_pipe
    ]
  }.freeze

  must.each do |kind, parts|
    %i[us_irc us_upc england_g3].each do |book|
      it "plans for a #{kind} under #{book} what it has, and nothing that it has not" do
        visit = fresh(kind, book)
        plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
        looks = %i[plate visible discharge_pipe].flat_map do |group|
          Munimen::Inspection::InspectionItem.for(visit, group)
        end
        reached = plan.steps.map { |step| step.operation.part } + looks.map(&:part)
        has =
          Munimen::Heater::Parts.of(visit.heater).map(&:id) + %i[site heater discharge_end tundish
                                                                 thermostat]
        parts -= %i[tundish] if book != :england_g3
        expect(reached).to include(*parts)
        expect(reached - has).to be_empty
        expect([plan.impossible, plan.steps.last.operation.id]).to eq([[], :leave_site])
        # a heat pump's year is in a good order, not proved the shortest
        expect(plan).not_to be_bounded unless visit.heater.heat_pump?
      end
    end
  end

  it "heats no source of an unvented cylinder before it is full, and isolates every feed before " \
     "the water is shut" do
    visit = fresh(:unvented_indirect, :england_g3)
    ids =
      Munimen::Planning::Planner.new(visit).plan(visit.jobs).steps.map { |step| step.operation.id }
    order = lambda do |*names|
      expect(names.map { |name| ids.index(name) }).to eq(
        names.map { |name| ids.index(name) }.compact.sort
      ),
      names.inspect
    end
    order[
      :exercise_relief_valve,
      :lock_off_immersion,
      :shut_heater_supply,
      :purge_air,
      :restore_immersion
    ]
    order[
      :exercise_expansion_relief,
      :stop_boiler_heat,
      :shut_heater_supply,
      :purge_air,
      :restore_boiler_heat
    ]
  end

  it "does not let a tap be opened, or the thermostat be turned, while the heating cycle is " \
     "watched" do
    visit = fresh(:unvented_indirect, :england_g3)
    plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
    cycles =
      plan
        .steps
        .select { |step| step.wait&.manner == :on_site }
        .map { |step| step.wait.start..step.wait.finish }
    disturbing = plan.steps.select do |step|
      %i[test_controls read_flowing_pressure read_tap_temperature read_static_pressure].include?(
        step.operation.id
      )
    end
    expect(cycles.size).to eq(2)
    disturbing.each do |step|
      cycles.each do |cycle|
        expect(step.start >= cycle.end || step.finish <= cycle.begin).to be(true),
        step.operation.id.to_s
      end
    end
  end

  it "gives each source of heat, each feed and each cut-out a state of its own" do
    states = Munimen::Work::StateSpace.new(heater(:unvented_indirect, units: :england)).domains.keys
    expect(states).to include(
      :"heat.coil",
      :"heat.immersion",
      :"feed.heating_controls",
      :"feed.immersion",
      :"cut_out.coil",
      :"cut_out.immersion",
      :coil_loop,
      :strainer
    )
    expect(Munimen::Work::StateSpace.new(heater(:unvented_direct)).domains.keys).to include(
      :"feed.off_peak",
      :"feed.boost",
      :bubble
    )
  end

  [
    [:gas_storage, { element_upper: "4500" }, "element_upper"],
    [:electric_storage, { input: "40000" }, "input"],
    [:electric_storage, { ignition: "intermittent" }, "ignition"],
    [:gas_storage, { coil_power: "20 kW" }, "coil_power"],
    [:gas_storage, { vessel: "bubble", vessel_volume: nil }, "vessel"],
    [:unvented_direct, { regulator: "no" }, "regulator"],
    [:unvented_direct, { vessel_volume: "12 L" }, "vessel_volume"],
    [:unvented_indirect, { backup_immersion: "no" }, "immersion_power"],
    [
      :unvented_indirect,
      { expansion_relief: "no", expansion_relief_pressure: "6 bar" },
      "expansion_relief_pressure"
    ],
    [:unvented_indirect, { d2_bends: "1.5" }, "d2_bends"],
    [:boiler_coil, { capacity: "300 gal" }, "capacity"]
  ].each do |kind, wrong, field|
    it "refuses a #{kind} with #{wrong}, and says why" do
      expect { heater(kind, **wrong) }.to raise_error(Munimen::Error) { |error|
        expect([error.field, error.message.size > 20]).to eq([field, true])
      }
    end
  end

  it "lowers no guard for what is unknown: what may be there is looked at, and counts as shut in" do
    unknown = Munimen::Heater::Installation.from(
      { kind: "unvented_indirect", capacity: "180" },
      units: :england
    )
    expect(Munimen::Heater::Parts.of(unknown).map(&:id)).to include(
      :expansion_relief,
      :tundish,
      :immersion,
      :cut_out
    )
    expect([unknown.closed_system, unknown.first_relief_pressure.in("bar").round(1)]).to eq(
      [:yes, 6.0]
    )
    expect(
      Munimen::Heater::Installation.from(
        Build::GAS.merge(regulator: "unknown", backflow: "unknown")
      ).closed_system
    ).to eq(:unknown)
  end
end

RSpec.describe Munimen::Words do
  # Words that belong to one vocabulary only. Common practice.
  us = Regexp.union(
    /\bfaucet|\bgallon|\bgal\b|\bpsi\b|°F|water heater|T&P valve|expansion tank/,
    /(?<!circuit )\bbreaker\b/,
    /\bground(ing|ed)\b|hose bib|\btire\b|\bcolor\b|\bvapor\b|\bdraft\b|\battic\b/
  )
  england = Regexp.union(
    /\btaps?\b|\bbar\b|°C|\bcylinder\b|tundish|immersion|\btyre|\bcolour|\bvapour|\bdraught/i,
    /\bmbar\b|\bearth(ing)?\b|\bmains\b|stopcock|\bloft\b|two-port/i
  )

  # Everything that a visit, its plan, verdicts and page say to a person.
  def said(visit)
    step = Munimen::Desk::StepView.new(visit, { qualifications: "[]" })
    steps =
      Munimen::Planning::Planner.new(visit).plan(visit.jobs).steps.map { |one| step.planned(one) }
    verdicts = Munimen::Judgement::Judge.new(visit).verdicts.map { |one| one.in_words(visit.words) }
    parts = visit.words.parts.slice(*Munimen::Heater::Parts.of(visit.heater).map(&:id)).values
    [
      steps,
      looked(visit),
      verdicts,
      parts,
      Munimen::Report::CustomerPage.new(visit).to_h.except(:edition, :rulebook)
    ]
  end

  def looked(visit)
    looks = %i[plate visible discharge_pipe].flat_map do |group|
      Munimen::Inspection::InspectionItem.for(visit, group)
    end
    lines =
      looks.flat_map { |look| [look.ask, look.sound] } +
      looks
        .flat_map { |look| look.findings.values }
        .flat_map do |one|
          [one.text, one.remedy, one.explain, one.source_under(visit.rules.book).to_s]
        end
    lines.map { |text| visit.words.say(text) }
  end

  def texts(value)
    case value
    when Hash
      value.flat_map do |key, one|
        if %i[
          operation
          part
          id
          check
          name
          level
          place
          limit
          quantity
          question
          text_id
          step
          state
          kind
        ].include?(key)
          []
        else
          texts(one)
        end
      end
    when Array
      value.flat_map { |one| texts(one) }
    when String
      [value]
    else
      []
    end
  end

  def read(visit, **values)
    visit.class.new(
      heater: visit.heater,
      rules: visit.rules,
      jobs: visit.jobs,
      date: visit.date,
      readings:
        values.map do |name, value|
          Munimen::Visit::ReadingInput.read(
            name,
            value,
            units: visit.units,
            id: name.to_s,
            state: {
              heater_pressure: :zero
            }
          )
        end
    )
  end

  it "shows no US word or unit on an English page, for any kind of heater" do
    Build::KINDS.each_key do |kind|
      visit = read(
        fresh(kind, :england_g3),
        static_pressure: "3",
        vessel_charge: "1.5",
        tap_temperature: "72",
        hot_peak_found: "5.9",
        flow_rate: "9",
        outlet_height: "200"
      )
      expect(texts(said(visit)).grep(us)).to eq([])
    end
  end

  it "shows no English word or unit on a US page, for any US kind of heater" do
    %i[gas_storage electric_storage boiler_coil].each do |kind|
      visit = read(
        fresh(kind, :us_irc),
        static_pressure: "92",
        vessel_charge: "20",
        tap_temperature: "145",
        hot_peak_found: "120",
        outlet_height: "9"
      )
      expect(texts(said(visit)).grep(england)).to eq([])
    end
  end

  it "has the same terms and parts in both vocabularies" do
    expect(described_class[:us].terms.keys).to match_array(described_class[:england].terms.keys)
    expect(described_class[:us].parts.keys).to match_array(described_class[:england].parts.keys)
  end

  # A kind that leaves something unsaid would be silently wrong wherever that is asked.
  it "refuses a kind of heater, and a source of heat, that does not say what it is" do
    kinds = Munimen::Heater::Kind
    whole = lambda do |without, **otherwise|
      kinds.new(:trial, nil).tap do |kind|
        { called: "A trial", place: 99, heated_by: [:burner], water: :main, high_limit: false,
          usual_power: 1.0, usual: {}, year: :annual_safety, **otherwise }
          .except(without).each { |name, value| kind.public_send(name, *[value].flatten(1)) }
        (%i[sources feeds power most] - [without]).each { |name| kind.public_send(name) { |_| [] } }
      end.declared
    end
    expect(whole.call(nil).unvented?).to be(false)
    kinds::SAYS.each do |name|
      expect { whole.call(name) }.to raise_error(ArgumentError, /does not say.*#{name}/)
    end
    expect { whole.call(nil, heated_by: [:sun]) }.to raise_error(ArgumentError, /sun/)
    expect { whole.call(nil, water: :well) }.to raise_error(ArgumentError)
    expect do
      Munimen::Heater::HeatSource.new(:sun).declared
    end.to raise_error(ArgumentError, /fed_by/)
  end
end
