# frozen_string_literal: true

RSpec.describe Munimen::Visit::History do
  let(:start) { Time.utc(2026, 11, 23, 10) }

  def step(operation, seconds, outcome: :done, of: nil)
    Munimen::Visit::Step.new(
      id: "#{operation}-#{seconds}",
      operation:,
      outcome:,
      at: start + seconds,
      of:,
      reason: nil
    )
  end

  def history(steps, now: start + 5000, **more) = described_class.new(visit(steps:, now:, **more))

  it "presumes normal operation on arrival" do
    state = history([]).state
    expect(state).to include(
      "heat.burner": :on,
      heater_supply: :open,
      heater_pressure: :live,
      level: :full,
      air_path: :shut,
      dial: :as_found
    )
    expect(state.keys).to include(
      :test_points,
      :cock,
      :hose,
      :"opening.relief",
      :"opening.gas_control"
    )
  end

  it "has the whole state model for an electric heater, each feed and source on its own" do
    state = history([], heater: electric).state
    expect(state).to include(
      "heat.upper_element": :on,
      "heat.lower_element": :on,
      "feed.heater": :live,
      "lock.heater": :off,
      covers: :on,
      "leads.upper_element": :landed,
      "cut_out.high_limit": :reset
    )
    expect(state).not_to include(:cock, :union, :pilot_flame)
  end

  it "follows the steps in the order of time" do
    state = history(
      [
        step(:turn_burner_to_pilot, 0),
        step(:shut_heater_supply, 30),
        step(:let_pressure_down, 60)
      ]
    ).state
    expect(state).to include(
      "heat.burner": :pilot,
      dial: :changed,
      heater_supply: :shut,
      heater_pressure: :zero,
      air_path: :tap,
      air_in_pipes: :yes,
      as_found: :no
    )
  end

  it "leaves out what was undone and what was not tested" do
    undone = [
      step(:turn_burner_to_pilot, 0),
      step(:turn_burner_to_pilot, 10, outcome: :undone, of: "turn_burner_to_pilot-0")
    ]
    expect(history(undone).state).to include("heat.burner": :on)
    expect(history([step(:exercise_relief_valve, 0, outcome: :not_tested)]).state).to include(
      max_hand: :none,
      drip_watch: :finished
    )
  end

  it "makes true what a wait makes true only when its time is over" do
    seconds = Munimen::Work::Durations.recovery(gas)
    begun = [step(:fit_gauge, 0), step(:start_found_cycle, 60)]
    early = history(begun, now: start + 60 + seconds - 5)
    expect(early.state[:cycle]).to eq(:none)
    expect(early.running.first).to have_attributes(
      operation: :start_found_cycle,
      seconds_left: 5,
      manner: :on_site
    )
    late = history(begun, now: start + 60 + seconds)
    expect(late.state[:cycle]).to eq(:found)
    expect(late.running).to be_empty
  end

  it "takes a wait found over as over, whatever the clock says" do
    begun = [
      step(:fit_gauge, 0),
      step(:start_found_cycle, 60),
      step(:start_found_cycle, 90, outcome: :already_so)
    ]
    expect(history(begun, now: start + 100)).to have_attributes(
      running: [],
      state: a_hash_including(cycle: :found)
    )
  end

  it "counts a wait's length by the physics of this heater" do
    slow = Munimen::Work::Durations.recovery(gas(input: "30000"))
    fast = Munimen::Work::Durations.recovery(gas(input: "75000"))
    expect(slow).to be_within(2).of(fast * 2.5)
    # 10 gal from 50 to 120 °F with 4 500 W by the heat-up calculation (second route).
    expected = calc(:heat_up, volume: "10", power: "4500 W", cold: "50", hot: "120")[:time].si
    expect(Munimen::Work::Durations.recovery(electric)).to be_within(1).of(expected)
  end

  it "makes the discharge unsafe when what was seen says so, and nothing to watch when the lever " \
     "will not lift" do
    pipe = step(:check_discharge_pipe, 0)
    expect(history([pipe]).state[:discharge]).to eq(:seen_safe)
    expect(history([pipe], seen: { discharge_place: :harmful }).state[:discharge]).to eq(:unsafe)
    expect(history([pipe], seen: { discharge_fall: :trap }).state[:discharge]).to eq(:seen_safe)
    exercised = step(:exercise_relief_valve, 10)
    expect(history([exercised]).state[:drip_watch]).to eq(:running)
    expect(
      history([exercised], readings: { relief_lever: "will_not_lift" }).state[:drip_watch]
    ).to eq(:finished)
  end

  it "puts the line on view in words, with what is not normal marked" do
    history = history([step(:turn_burner_to_pilot, 0), step(:shut_heater_supply, 30)])
    line = Munimen::Work::StateWords.line(Munimen::Work::StateSpace.new(gas), history.state)
    expect(line).to include(
      { name: :heater_supply, text: "supply shut", normal: false },
      { name: :level, text: "level full", normal: true }
    )
    expect(line.map { |one| one[:name] }).not_to include(:drip_watch, :gauge)
  end
end

RSpec.describe Munimen::Rules::EffectiveRules do
  it "takes the last word of firm, site and visit, and tells the chain" do
    rules = described_class.new(
      :us_irc,
      firm: {
        relief_exercise: "known_history"
      },
      site: {
        "relief_exercise" => "look_only"
      },
      visit: {}
    )
    expect(rules.choice(:relief_exercise)).to eq(:look_only)
    expect(rules.chain(:relief_exercise)).to eq(
      [["our default", :every_visit], ["firm", :known_history], ["site", :look_only]]
    )
    expect(rules.source(:relief_exercise).to_s).to eq("House rule: look only (site)")
    expect(rules.choice(:lever_hold)).to eq(:five_seconds)
  end

  it "refuses a question or a school that there is not" do
    expect { described_class.new(:us_irc, firm: { tea: "milk" }) }.to raise_error(
      Munimen::Error,
      /no house rule/
    )
    expect { described_class.new(:us_irc, firm: { lever_hold: "an hour" }) }.to raise_error(
      Munimen::Error,
      /must be one of: one_second/
    )
    expect { described_class.new(:narnia) }.to raise_error(Munimen::Error, /no rulebook/)
  end

  it "reads a limit as people say it" do
    book = described_class.new(:us_irc).book
    expect(book[:static_pressure].to_text(:us)).to eq("at most 80 psi")
    expect(book[:static_pressure_low].to_text(:us)).to eq("at least 40 psi")
    expect(book[:static_pressure].violated_by(psi(80))).to be_nil
    expect(book[:static_pressure].violated_by(psi(80.1))).to eq(psi(80))
  end
end
