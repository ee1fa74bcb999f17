# frozen_string_literal: true

require "office_helper"

RSpec.describe Munimen::Desk::ViewVisit do
  let(:visit) { office.start }

  def step(operation)
    office.view(visit)[:plan][:steps].find { |one| one[:operation] == operation }
  end

  it "tells of each step why, how, with what, what to mind and what must be true first" do
    one = step(:exercise_relief_valve)
    expect(one).to include(
      title: "Exercise the T&P valve",
      instrument: "Bucket, gloves, goggles",
      place: :side
    )
    expect(one[:cautions]).to include(
      a_string_including("Scalding"),
      a_string_including("Stand to the side")
    )
    expect(one[:needs]).to include(
      a_hash_including(name: :discharge, met: false, step: :identify),
      a_hash_including(name: :level, met: true, step: nil)
    )
    expect(JSON.generate(office.view(visit))).not_to match(/\{[a-z_]+\}/)
  end

  it "asks in the site's units, with the words of each choice" do
    expect(step(:read_static_pressure)[:reads].first).to include(
      name: :static_pressure,
      unit: "psi",
      wanted: true
    )
    expect(step(:read_static_pressure)[:reads].last).to include(
      name: :mains_pressure,
      optional: true,
      wanted: false
    )
    expect(step(:test_air_valve)[:reads].first[:choices]).to include(
      { id: :nothing, label: "Nothing" }
    )
  end

  it "opens a question only when an answer calls for it" do
    shown = -> { step(:exercise_relief_valve)[:reads].to_h { |read| [read[:name], read[:shown]] } }
    expect(shown.call).to eq({ relief_lever: true, relief_flow: false, relief_closes: false })
    office.read(visit, :relief_lever, "lifts")
    expect(shown.call.values).to all(be(true))
  end

  it "lists what can be seen on this heater only, each wrong with its grade" do
    items = step(:look_over)[:looks]
    expect(items.map { |item| item[:id] }).to include(:flue, :trim_rings, :leak).and(
      satisfy { |ids| !ids.include?(:disconnect) }
    )
    expect(items.find { |item| item[:id] == :flue }[:findings]).to include(
      a_hash_including(id: :disconnected, grade: :danger)
    )
  end

  it "moves the marks of the drawing and the rungs of the ladder with each reading" do
    expect(office.view(visit)[:marks]).to be_empty
    office.read(visit, :static_pressure, "92")
    view = office.view(visit)
    expect(view[:marks][:house_main]).to eq({ grade: :defect, reading: "92 psi" })
    expect(view[:ladder][:scales].first[:rungs].map { |rung| rung[:id] }).to include(
      :supply,
      :predicted
    )
    expect(view[:meaning][:cases].map { |one| one[:name] }).to include(:without)
    expect(view[:outcome]).to include(proposed: :in_service_with_limits)
  end

  it "shows the house rules in force, with both schools and who chose" do
    office.records.settings[:house_rules] = { lever_hold: "one_second" }
    rule = office.view(visit)[:rulebook][:house_rules].find { |one| one[:id] == :lever_hold }
    expect(rule).to include(choice: "1 s", level: "firm")
    step =
      office.view(visit)[:plan][:steps].find { |one| one[:operation] == :exercise_relief_valve }
    expect(step[:house_rules]).to include(
      a_hash_including(id: :lever_hold, choice: "1 s", level: "firm")
    )
  end

  it "takes a shortcut with the charge only where the house rule has it" do
    operations = -> { office.view(visit)[:plan][:steps].map { |one| one[:operation] } }
    expect(operations.call).to include(:shut_heater_supply).and(
      satisfy { |ids| !ids.include?(:run_taps) }
    )
    office.records.settings[:house_rules] = { charge_method: "taps_open" }
    reads = Munimen::Work::Operation[:read_vessel_charge].needs_under(
      office.records.visits.load(visit, now: office.now).rules
    )
    expect(reads).to eq({ heater_pressure: %i[flowing zero] })
  end

  it "names the obstacles between here and the signature, each with the step it points to" do
    obstacles = office.view(visit)[:obstacles]
    expect(obstacles.map { |one| one[:code] }.uniq).to eq([:step_open])
    expect(obstacles.map { |one| one[:target] }).to include(:leave_site)
  end
end
