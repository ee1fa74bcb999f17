# frozen_string_literal: true

RSpec.describe Munimen::Judgement do
  # IRC P2903.3.1 (80 psi) and common practice (40–80 psi).
  [
    ["81", :defect],
    ["80", :sound],
    ["62", :sound],
    ["40", :sound],
    ["39", :watch]
  ].each do |reading, grade|
    it "grades a static pressure of #{reading} psi #{grade}" do
      one = verdict(visit(readings: { static_pressure: reading }), :static_pressure)
      expect(one.grade).to eq(grade)
      expect(one.because.first.source.to_s).to match(/IRC|ommon practice/)
    end
  end

  it "grades the same pressure the same in any unit, to the edge of the limit" do
    expect(verdict(visit(readings: { static_pressure: "5.52 bar" }), :static_pressure).grade).to eq(
      :defect
    )
    expect(verdict(visit(readings: { static_pressure: "551 kPa" }), :static_pressure).grade).to eq(
      :sound
    )
  end

  describe "the charge of the vessel" do
    def charge(value, state, **more)
      verdict(
        visit(readings: { static_pressure: "62", vessel_charge: [value, state] }, **more),
        :vessel_charge
      )
    end

    # Common practice: within ±2 psi of the supply.
    [
      ["62", :sound],
      ["64", :sound],
      ["60", :sound],
      ["65", :defect],
      ["59", :defect],
      ["20", :defect]
    ].each do |value, grade|
      it("is #{grade} at #{value} psi against 62") do
        expect(charge(value, zero).grade).to eq(grade)
      end
    end

    it "is no charge when read against live water, and says why" do
      live = charge("62", { heater_pressure: :live })
      expect(live.grade).to eq(:not_tested)
      expect(live.text).to include("system's pressure, not the charge")
      expect(charge("62", {}).grade).to eq(:not_tested)
    end

    it "decides nothing near the limit with taps flowing, but shows a flat vessel" do
      expect(charge("58", { heater_pressure: :flowing }).text).to include("approximate")
      expect(charge("58", { heater_pressure: :flowing }).grade).to eq(:not_tested)
      flat = charge("10", { heater_pressure: :flowing })
      expect(flat.grade).to eq(:defect)
      expect(flat.text).to include("about 10 psi")
    end

    it "waits for the supply pressure" do
      expect(
        verdict(visit(readings: { vessel_charge: ["40", zero] }), :vessel_charge).text
      ).to include("static pressure first")
    end

    it "takes a correction and keeps the old reading" do
      first = visit(readings: { static_pressure: "62", vessel_charge: ["26", zero] })
      second = first.with_reading(
        Munimen::Visit::ReadingInput.read(
          "vessel_charge",
          "62",
          units: :us,
          id: "new",
          state: zero
        )
      )
      expect(verdict(second, :vessel_charge).grade).to eq(:sound)
      expect(second.readings.select(&:superseded).map(&:typed)).to eq(["26"])
    end
  end

  # Common practice: what comes out of the air valve; lever, flow and closing of the relief valve.
  {
    [:air_valve, { air_valve_emits: "water" }] => :defect,
    [:air_valve, { air_valve_emits: "nothing" }] => :defect,
    [:air_valve, { air_valve_emits: "air" }] => :sound,
    [:relief_valve, { relief_lever: "will_not_lift" }] => :danger,
    [:relief_valve, { relief_lever: "lifts", relief_flow: "none", relief_closes: "shuts" }] =>
      :danger,
    [:relief_valve, { relief_lever: "lifts", relief_flow: "weak", relief_closes: "shuts" }] =>
      :defect,
    [
      :relief_valve,
      { relief_lever: "lifts", relief_flow: "full_bore", relief_closes: "runs_on" }
    ] =>
      :danger,
    [:relief_valve, { relief_lever: "lifts", relief_flow: "full_bore", relief_closes: "shuts" }] =>
      :sound,
    [:relief_drip, { relief_drip: "dry" }] => :sound,
    [:relief_drip, { relief_drip: "drips" }] => :defect,
    [:relief_drip, { relief_drip: "runs" }] => :danger,
    [:hot_peak_found, { hot_peak_found: "148" }] => :danger,
    [:hot_peak_found, { hot_peak_found: "96" }] => :defect,
    [:hot_peak_found, { hot_peak_found: "72" }] => :sound,
    [:tap_temperature, { tap_temperature: "165" }] => :danger,
    [:tap_temperature, { tap_temperature: "145" }] => :defect,
    [:tap_temperature, { tap_temperature: "128" }] => :watch,
    [:tap_temperature, { tap_temperature: "120" }] => :sound,
    [:tap_temperature, { tap_temperature: "110" }] => :watch
  }.each do |(check, readings), grade|
    it("grades #{readings} #{grade}") do
      expect(verdict(visit(readings:), check).grade).to eq(grade)
    end
  end

  it "takes a peak within 10 psi of this heater's own relief setting for danger" do
    low = visit(heater: gas(relief_set_pressure: "125"), readings: { hot_peak_found: "118" })
    expect(verdict(low, :hot_peak_found).grade).to eq(:danger)
    expect(verdict(visit(readings: { hot_peak_found: "118" }), :hot_peak_found).grade).to eq(
      :defect
    )
  end

  it "refuses a gauge below zero" do
    expect { visit(readings: { static_pressure: "-4" }) }.to raise_error(
      Munimen::Error,
      /at least 0 psi/
    )
  end

  it "takes a hot drip for over-temperature until proved otherwise" do
    drip = verdict(visit(readings: { relief_drip: "drips", relief_drip_hot: "hot" }), :relief_drip)
    expect(drip.text).to include("over-temperature")
    expect(drip.remedy).to include("why the heat does not stop")
  end

  it "sees a regulator that no longer regulates" do
    failed = visit(readings: { static_pressure: "95", mains_pressure: "96" })
    expect(verdict(failed, :regulator).grade).to eq(:defect)
    expect(
      verdict(visit(readings: { static_pressure: "58", mains_pressure: "96" }), :regulator).grade
    ).to eq(:sound)
    expect(
      verdict(
        visit(
          heater: gas(regulator: "no", backflow: "yes"),
          readings: {
            static_pressure: "95",
            mains_pressure: "95"
          }
        ),
        :regulator
      )
    ).to be_nil
  end

  # IRC P2903.4, clause from memory: a closed system needs an expansion device.
  it "misses the vessel in a closed system, and leaves the unknown open" do
    none = { vessel: "none", vessel_volume: nil }
    closed = visit(heater: gas(**none, backflow: "yes"), readings: { static_pressure: "62" })
    expect(verdict(closed, :expansion_control).grade).to eq(:defect)
    unknown = visit(
      heater: gas(**none, regulator: "unknown", backflow: "no"),
      readings: {
        static_pressure: "62"
      }
    )
    expect(verdict(unknown, :expansion_control).grade).to eq(:not_tested)
    expect(
      verdict(
        visit(heater: gas(**none, regulator: "no"), readings: { static_pressure: "62" }),
        :expansion_control
      )
    ).to be_nil
  end

  describe Munimen::Judgement::Judge do
    it "makes a deficiency of what was seen, with rule, remedy and place; not visible is never " \
       "absent" do
      judge = described_class.new(
        visit(
          seen: {
            discharge_fall: :trap,
            grounding: :not_visible,
            straps: :not_applicable,
            leak: :sound
          },
          heater: electric
        )
      )
      expect(judge.deficiencies.map(&:check)).to eq([:discharge_fall])
      expect(judge.deficiencies.first).to have_attributes(
        grade: :defect,
        part: :discharge_pipe,
        remedy: a_string_including("drains by itself")
      )
      expect(judge.verdicts.find { |one| one.check == :grounding }).to have_attributes(
        grade: :not_tested,
        text: a_string_including("Not visible")
      )
    end

    it "lets a house rule move a grade, and names it" do
      house = { rippled_ring: "no_account" }
      expect(verdict(visit(seen: { trim_rings: :rippled }), :trim_rings).grade).to eq(:watch)
      moved = verdict(visit(seen: { trim_rings: :rippled }, house:), :trim_rings)
      expect(moved.grade).to eq(:advice)
      expect(moved.because.first.source.to_s).to include("of no account (firm)")
    end

    it "counts a low charge that was set as put right" do
      judge = described_class.new(
        visit(
          readings: {
            static_pressure: "62",
            vessel_charge: ["40", zero],
            charge_set: ["62", zero]
          }
        )
      )
      expect(judge.deficiencies).to be_empty
      expect(judge.rectified.map(&:check)).to eq([:vessel_charge])
    end

    it "puts the worst first, and takes a note from the catalogue" do
      note = Munimen::Visit::Note.new(
        id: "n",
        entry: "relief_present.plugged",
        place: "behind the panel"
      )
      judge = described_class.new(visit(readings: { tap_temperature: "128" }, notes: [note]))
      expect(judge.deficiencies.map(&:grade)).to eq(%i[danger watch])
      expect(judge.deficiencies.first.text).to include("behind the panel")
    end
  end

  describe Munimen::Judgement::Outcome do
    def outcome(visit)
      described_class.new(visit, Munimen::Judgement::Judge.new(visit).deficiencies)
    end

    it "proposes off for danger, limits for a defect, service otherwise" do
      expect(outcome(visit(readings: { relief_lever: "will_not_lift" })).proposed).to eq(:left_off)
      expect(outcome(visit(readings: { static_pressure: "90" })).proposed).to eq(
        :in_service_with_limits
      )
      expect(outcome(visit(readings: { static_pressure: "60" })).proposed).to eq(:in_service)
    end

    it "does not call a heater sound whose relief valve was not tested" do
      step = Munimen::Visit::Step.new(
        id: "s",
        operation: :exercise_relief_valve,
        outcome: :not_tested,
        reason: "Refused"
      )
      expect(outcome(visit(steps: [step])).proposed).to eq(:in_service_with_limits)
    end

    it "lets a person choose otherwise" do
      expect(
        outcome(
          visit(readings: { static_pressure: "90" }, decisions: { "outcome" => "in_service" })
        ).chosen
      ).to eq(:in_service)
    end
  end

  describe Munimen::Judgement::Closing do
    def codes(visit)
      plan = Munimen::Planning::Planner.new(visit).plan(visit.jobs)
      described_class
        .new(visit, plan, Munimen::Judgement::Judge.new(visit).deficiencies)
        .obstacles
        .map(&:code)
        .uniq
    end

    it "names open steps, what cannot be done and has no reason, danger without action, and a " \
       "changed outcome" do
      expect(codes(visit)).to eq([:step_open])
      expect(codes(visit(house: { relief_exercise: "look_only" }))).to include(:reason_missing)
      danger = { readings: { relief_lever: "will_not_lift" }, jobs: [] }
      expect(codes(visit(**danger))).to eq(%i[not_left danger_open])
      told = { "danger.relief_valve.action" => "Off", "danger.relief_valve.told" => "Owner" }
      expect(codes(visit(**danger, decisions: told))).to eq([:not_left])
      claimed = told.merge("outcome" => "in_service", "outcome_reason" => "The customer insists")
      expect(codes(visit(**danger, decisions: claimed))).to include(:outcome_contradicts)
    end
  end

  # Handbook §13 and §25: England judges working pressures; a fuel has limits of its own; a manifold
  # goes by its plate.
  it "judges gas pressures by country, fuel and plate" do
    grade = lambda do |heater, book, readings|
      units = book == :england_g3 ? :england : :us
      taken = readings.map do |name, value|
        Munimen::Visit::ReadingInput.read(name, value, units:, id: name.to_s)
      end
      rules = Munimen::Rules::EffectiveRules.new(book)
      visit = Munimen::Visit.new(heater:, rules:, jobs: [], readings: taken)
      Munimen::Judgement::Judge.new(visit).verdicts.find { |one| one.check == :gas_pressures }.grade
    end
    english = %w[13 14 17.9 18.5 21].map do |mbar|
      grade[gas, :england_g3, { gas_operating: "#{mbar} mbar" }]
    end
    expect(english).to eq(%i[defect defect defect sound sound])
    lp = %w[6 11.5].map do |inches|
      grade[gas(fuel: "lp"), :us_irc, { gas_line: "12", gas_operating: inches }]
    end
    expect(lp).to eq(%i[defect sound])
    expect(grade[gas, :us_irc, { gas_manifold: "3.5" }]).to eq(:not_tested)
    # unknown is never sound, but what breaks a control breaks it with any gas
    unknown = gas(fuel: "unknown")
    expect(grade[unknown, :us_irc, { gas_line: "7", gas_operating: "6.9" }]).to eq(:not_tested)
    expect(grade[unknown, :us_irc, { gas_line: "15" }]).to eq(:danger)
    plated = gas(manifold_pressure: "3.5 inwc")
    expect(grade[plated, :us_irc, { gas_manifold: "3.5" }]).to eq(:sound)
  end

  # Approved Document G, table 3.1 (from memory): D2 at least one size above the valve's outlet.
  it "finds a D2 of the outlet's own size, and no D2 sound whose run is not known" do
    grade = lambda do |**pipes|
      visit = fresh(:unvented_indirect, :england_g3, relief_outlet: "half", **pipes)
      judged = Munimen::Judgement::Judge.new(visit).verdicts
      judged.find { |one| one.check == :d2_size }&.grade
    end
    run = { d2_size: "22 mm", d2_length: "4 m", d2_bends: "1", shared_discharge: "no",
            d2_material: "copper" }
    expect(grade[**run, d2_size: "15 mm"]).to eq(:defect)
    expect(grade[d2_size: "15 mm"]).to eq(:defect)
    expect(grade[**run]).to eq(:sound)
    # the table is for copper: plastic goes by its maker's
    doubts = [{ d2_bends: nil }, { relief_outlet: nil }, { d2_material: nil },
              { d2_material: "plastic" }]
    expect(doubts.map { |doubt| grade[**run, **doubt] }).to all(eq(:not_tested))
  end

  # Handbook §5: rippled rings ask for the worst-case test; once that is sound they ask no more.
  it "asks no test of rippled rings that the same visit has done" do
    remedy = lambda do |**readings|
      visit = visit(readings:,
observations: [Munimen::Visit::Observation.new(id: "o", item: :trim_rings, finding: :rippled)])
      told = Munimen::Judgement::Judge.new(visit).deficiencies.find { |one| one.check == :trim_rings }
      [told.grade, told.due_in, told.remedy[/\A\w+/]]
    end
    expect(remedy.call).to eq([:watch, 30, "Test"])
    expect(remedy[draught: "drawn_in", room_co: "1"]).to eq([:watch, 365, "The"])
    expect(remedy[draught: "spills", room_co: "1"]).to eq([:watch, 30, "Test"])
  end

  # Handbook §7 and §22: the shut-off that isolates the vessel is the one that counts.
  it "takes a charge for one only behind the valve that isolates the vessel" do
    read = lambda do |house, **more|
      state = { heater_pressure: :zero, house_pressure: house }
      visit = visit(readings: { static_pressure: "62", vessel_charge: ["62", state] }, **more)
      Munimen::Judgement::Judge.new(visit).verdicts.find { |one| one.check == :vessel_charge }.grade
    end
    upstream = { heater: gas(vessel_upstream: "yes") }
    expect([read[:live], read[:live, **upstream], read[:zero, **upstream]]).to eq(
      %i[sound not_tested sound]
    )
    expect(read[:live, seen: { vessel_seen: :valve_before }]).to eq(:not_tested)
    plan = Munimen::Planning::Planner.new(visit(**upstream)).plan([:charge_recheck]).steps
    expect(plan.map { |one| one.operation.id }).to include(:shut_house_supply, :read_vessel_charge)
  end

  # Handbook §24: found without a measurement; Boyle by hand in spec/reference/vessel_spec.rb.
  it "finds a vessel that is too small for its tank before anything is read, and no usual one" do
    of = lambda do |volume, readings = {}|
      visit = visit(heater: gas(vessel_volume: volume), readings:)
      Munimen::Judgement::Judge.new(visit).verdicts.find { |one| one.check == :vessel_size }
    end
    expect(of["0.6"]).to have_attributes(grade: :defect)
    expect(of["0.6"].because.first.text).to include("Even at a supply of only 40 psi")
    expect(of["0.6"].remedy).to include("2 gal")
    expect([of["2"], of["2", { static_pressure: "62" }]]).to eq([nil, nil])
    expect(of["1.1", { static_pressure: "75" }]).to have_attributes(grade: :defect)
  end

  describe Munimen::Judgement::Meaning do
    def meaning(heater: gas, **readings) = described_class.new(visit(heater:, readings:))

    it "explains a drip on heat-up by the number that a flat vessel leads to" do
      told = meaning(
        static_pressure: "62",
        tap_temperature: "120",
        vessel_charge: ["0", zero],
        air_valve_emits: "nothing"
      ).to_h
      expect(told[:cases].first).to include(name: :found, lifts: true, hot_pressure: "150 psi")
      expect(told[:text].join(" ")).to include("it drips on heat-up").and include(
        "physics, not a bad valve"
      )
    end

    it "gives the rise with the vessel as found, as set, and without one, in that order of mercy" do
      found, set, without = meaning(
        static_pressure: "62",
        tap_temperature: "120",
        vessel_charge: ["44", zero],
        charge_set: ["62", zero]
      ).cases
      expect(set.hot_pressure).to be < found.hot_pressure
      expect(found.hot_pressure).to be < without.hot_pressure
      expect(without).to have_attributes(lifts: true)
      expect(without.time_to_relief.in("min")).to be_between(3, 25)
    end

    # Second route: Boyle by hand for the draw of 10 gal; 2 gal at 62 psi takes 10 ×
    # expansion(50→120 °F), as the calculator says; the give of tank and pipes is left out.
    it "expects the measured peak after the usual draw" do
      set = meaning(
        static_pressure: "62",
        tap_temperature: "120",
        charge_set: ["62", zero],
        vessel_charge: ["62", zero]
      ).cases.first
      rigid = (76.696 * 2 / (2 - (10 * 0.01118))) - 14.696
      expect(set.cycle_pressure.in("psi")).to be_within(0.1).of(rigid)
    end

    it "compares with the measured peak and says when they disagree" do
      readings = { static_pressure: "62", tap_temperature: "120", vessel_charge: ["62", zero] }
      expect(meaning(**readings, hot_peak_found: "66").to_h[:text].last).to include("they agree")
      expect(meaning(**readings, hot_peak_found: "110").to_h[:text].last).to include(
        "takes less than its charge says"
      )
      without = meaning(
        heater: gas(vessel: "none", vessel_volume: nil),
        static_pressure: "62",
        tap_temperature: "120",
        hot_peak_found: "64"
      )
      expect(without.to_h[:text].last).to include("found another way")
    end

    # Handbook §24: unknown is not sound, and no water “has found another way” because of it.
    it "compares nothing with a vessel of which too little is known, and asks for its volume" do
      peak = { static_pressure: "62", tap_temperature: "120", hot_peak_found: "82" }
      unread = meaning(**peak).to_h[:text]
      expect(unread.last).to include("Measured 82 psi", "has not been read yet")
      heater = gas(vessel: "none", vessel_volume: nil)
      read = meaning(heater:, **peak, vessel_charge: ["40", zero]).to_h[:text]
      expect(read.join).to include("volume is not on record").and(include("volume is not known"))
      expect((unread + read).join).not_to include("found another way")
    end

    it "lets no open system drip, and doubts that it is open when it rises" do
      open = { heater: gas(regulator: "no"), static_pressure: "62", tap_temperature: "120" }
      expect(meaning(**open).to_h[:text].join).not_to match(/drips|reaches/)
      expect(meaning(**open, hot_peak_found: "95").to_h[:text].last).to include("something does")
    end

    it "waits for the supply, and does not pretend a system is closed that nothing closes" do
      expect(meaning(tap_temperature: "120").to_h).to be_nil
      open = meaning(heater: gas(regulator: "no"), static_pressure: "62").to_h
      expect(open).to include(closed: :no)
      expect(open[:text].first).to include("push back into the main")
    end
  end

  describe Munimen::Calendar::Due do
    let(:on) { Date.new(2026, 11, 23) }

    it "owes the year, the week after a top-up, and each defect by its date; advice is not " \
       "chased" do
      set = Munimen::Visit::Step.new(id: "s", operation: :set_vessel_charge, outcome: :done)
      visit = visit(steps: [set], readings: { static_pressure: "90" }, seen: { insulation: :bare })
      due = described_class.after(visit, Munimen::Judgement::Judge.new(visit).deficiencies, on:)
      expect(due.map { |item| [item.kind, (item.on - on).to_i] }).to contain_exactly(
        [:charge_recheck, 7],
        [:annual_service, 365],
        [:deficiency, 30]
      )
    end
  end

  describe Munimen::Inspection::Catalogue do
    it "is found by two or three letters, in the words of the site" do
      found = described_class.search("trap", rules)
      expect(found.map(&:id)).to include("discharge_fall.trap")
      expect(described_class.search("t&p pl", rules).map(&:id)).to include("relief_present.plugged")
      expect(described_class.search("zzz", rules)).to be_empty
    end
  end
end
