# frozen_string_literal: true

# Whole visits as a plumber would tell them, with the verdicts that common practice gives.
RSpec.describe Munimen::Visit::Format do
  def judged(**story)
    Munimen::Cli::VisitCommand.judge(
      JSON.parse(
        JSON.generate({ date: "2026-11-23", jobs: ["annual_safety"], heater: Build::GAS, **story })
      )
    )
  end

  def grades(result) = result[:deficiencies].to_h { |one| one.values_at(:check, :state) }
  def read(**values) = values.map { |name, value| { name:, value: } }
  def charge(value) = { name: "vessel_charge", value:, state: { heater_pressure: "zero" } }

  it "finds a sound heater sound, and owes only the year" do
    result = judged(
      readings:
        read(
          static_pressure: "60",
          tap_temperature: "120",
          hot_peak_found: "68",
          relief_lever: "lifts",
          relief_flow: "full_bore",
          relief_closes: "shuts",
          relief_drip: "dry",
          air_valve_emits: "air"
        ) + [charge("60")]
    )
    expect(result[:deficiencies]).to be_empty
    expect(result[:outcome]).to include(proposed: :in_service)
    expect(result[:due].map { |due| due.values_at(:kind, :on) }).to eq(
      [[:annual_service, "2027-11-23"]]
    )
  end

  it "takes a valve that drips on heat-up with a flat vessel for what it is: expansion, not the " \
     "valve" do
    result = judged(
      readings:
        read(
          static_pressure: "70",
          tap_temperature: "125",
          hot_peak_found: "149",
          relief_drip: "dry",
          air_valve_emits: "nothing"
        ) + [charge("0")]
    )
    expect(grades(result)).to include(
      hot_peak_found: :danger,
      vessel_charge: :defect,
      air_valve: :defect
    )
    expect(grades(result)).not_to include(:relief_drip)
    expect(result[:meaning][:text].join).to include("physics, not a bad valve")
  end

  it "knows a failed membrane by the water at the air valve, whatever the gauge says" do
    result =
      judged(readings: read(static_pressure: "60", air_valve_emits: "water") + [charge("60")])
    expect(grades(result)).to eq({ air_valve: :defect })
    expect(result[:deficiencies].first[:remedy]).to include("same volume or larger")
    found = result[:meaning][:cases].find { |one| one[:name] == :found }
    expect(found).to include(lifts: true)
  end

  it "keeps a heater off whose relief valve gives nothing" do
    result =
      judged(readings: read(relief_lever: "lifts", relief_flow: "none", relief_closes: "shuts"))
    expect(result[:outcome]).to include(proposed: :left_off)
    expect(result[:due].first).to include(on: "2026-11-23", grade: :danger)
  end

  it "counts a blocked discharge and a plugged valve as the last protection gone" do
    result = judged(
      observations: [
        { item: "discharge_open", finding: "capped" },
        { item: "relief_present", finding: "plugged" }
      ]
    )
    expect(grades(result).values).to all(eq(:danger))
    expect(result[:deficiencies].map { |one| one[:explain] }.join).to include("blocked")
  end

  it "lets the flue speak: melted rings are danger, rippled ones a thing to watch" do
    expect(grades(judged(observations: [{ item: "trim_rings", finding: "melted" }]))).to eq(
      { trim_rings: :danger }
    )
    expect(grades(judged(observations: [{ item: "trim_rings", finding: "rippled" }]))).to eq(
      { trim_rings: :watch }
    )
  end

  it "grades each item of the discharge pipe by itself, with its own clause" do
    wrong =
      Munimen::Inspection::InspectionItem
        .for(visit, :discharge_pipe)
        .reject { |look| look.id == :discharge_insulation }
        .map { |look| { item: look.id, finding: look.findings.keys.first } }
    result = judged(observations: wrong)
    expect(result[:deficiencies].size).to eq(wrong.size)
    expect(result[:deficiencies].map { |one| one[:because].first[:source] }).to all(
      include("P2804.6.1")
    )
    expect(result[:deficiencies].map { |one| one[:remedy] }.uniq.size).to eq(wrong.size)
  end

  it "does not call a thing absent that could not be seen" do
    result = judged(
      heater: Build::ELECTRIC,
      observations: [
        { item: "grounding", finding: "not_visible" },
        { item: "disconnect", finding: "not_visible" }
      ]
    )
    expect(result[:deficiencies]).to be_empty
    expect(result[:verdicts].map { |one| one[:state] }.uniq).to eq([:not_tested])
  end

  it "puts a top-up right on the day, and wants to see it again in a week" do
    result = judged(
      readings:
        read(static_pressure: "62") +
          [charge("40"), { name: "charge_set", value: "62", state: { heater_pressure: "zero" } }],
      steps: [{ operation: "set_vessel_charge" }]
    )
    expect(result[:deficiencies]).to be_empty
    expect(result[:rectified].map { |one| one[:check] }).to eq([:vessel_charge])
    expect(result[:due].map { |due| due.values_at(:kind, :on) }).to include(
      [:charge_recheck, "2026-11-30"]
    )
  end

  it "does not take a charge set against live water for one" do
    result = judged(
      readings:
        read(static_pressure: "62") +
          [charge("40"), { name: "charge_set", value: "62", state: { heater_pressure: "live" } }]
    )
    expect(grades(result)).to eq({ vessel_charge: :defect })
  end

  it "measures in whatever unit the gauge has" do
    bar = judged(readings: read(static_pressure: "4.3 bar") + [charge("430 kPa")])
    expect(bar[:deficiencies]).to be_empty
    expect(bar[:verdicts].find { |one| one[:check] == :vessel_charge }[:because].first).to include(
      measured: "62 psi"
    )
  end

  it "warns of the scald and of the bacteria on either side of 120 °F" do
    hot = judged(readings: read(tap_temperature: "135"))[:deficiencies].first
    expect(hot[:because].first[:text]).to include("burns adult skin in about 13 s")
    cool = judged(readings: read(tap_temperature: "112"))[:deficiencies].first
    expect(cool[:because].first[:text]).to include("legionella")
  end

  it "names rulebook and edition with its judgement, so that one can disagree" do
    expect(judged[:rulebook]).to eq(
      { id: :us_irc, edition: "IRC, clauses from memory; the edition adopted locally governs" }
    )
  end
end

RSpec.describe Munimen::Report::CustomerPage do
  def page(**more) = described_class.new(visit(**more)).to_h

  it "says one sentence, the numbers with their limits, what to do by when, and what was not " \
     "tested and why" do
    step = Munimen::Visit::Step.new(
      id: "s",
      operation: :exercise_relief_valve,
      outcome: :not_tested,
      reason: "Refused by the customer"
    )
    told = page(readings: { static_pressure: "90", vessel_charge: ["88", zero] }, steps: [step])
    expect(told[:sentence]).to include("one thing must be put right by the dates below")
    expect(told[:results].first).to include(
      title: "Water pressure",
      measured: "90 psi",
      limit: "at most 80 psi",
      state: :defect
    )
    expect(told[:deficiencies].first).to include(
      place: "Water entry",
      by: "2026-12-23",
      source: a_string_including("IRC P2903.3.1")
    )
    expect(told[:not_tested].map { |one| one[:text] }.join).to include("Refused by the customer")
  end

  it "explains its terms, and speaks no placeholder" do
    told = page(
      readings: {
        static_pressure: "62",
        vessel_charge: ["40", zero],
        relief_lever: "will_not_lift",
        hot_peak_found: "145"
      }
    )
    expect(told[:glossary].map { |one| one[:term] }).to include("charge", "T&P valve")
    expect(JSON.generate(told)).not_to match(/\{\w+\}/)
  end

  it "cautions about hot water only where it is hot, and always about the valve and the gas" do
    expect(page(readings: { tap_temperature: "130" })[:cautions].size).to eq(3)
    expect(page(readings: { tap_temperature: "118" })[:cautions].size).to eq(2)
  end

  it "says what policy kept from being done" do
    expect(
      page(house: { relief_exercise: "look_only" })[:not_tested].map { |one| one[:text] }.join
    ).to include("look only")
  end
end
