# frozen_string_literal: true

require "office_helper"

# Service visits through the use cases, as the screen drives them.
RSpec.describe Munimen::Desk do
  include Driven

  def refused(&) = expect(&).to(raise_error(Munimen::Refused))

  it "replaces a relief valve to the end; the page says that it was proved" do
    visit = office.start(jobs: ["replace_relief_valve"])
    drive(visit)
    view = office.view(visit)
    expect(view[:obstacles]).to be_empty
    expect(view[:verdicts].to_h { |one| one.values_at(:check, :state) }).to include(
      new_relief_valve: :sound,
      joints: :sound,
      relief_drip: :sound
    )
    expect(view[:state].map { |one| one[:text] }).to include(
      "burner heat on",
      "supply open",
      "pressure live",
      "level full"
    )
  end

  it "refuses what would burn a dry tank, scald, or leave something open, and says which need" do
    visit = office.start(jobs: ["replace_relief_valve"])
    drive(visit, stop: :refill_tank)
    expect(office.view(visit)[:state].find { |one| one[:name] == :level }[:text]).to eq(
      "level below the relief port"
    )
    %i[restore_burner relight_pilot leave_site].each do |operation|
      refused { office.step(visit, operation) }
    end
    error = begin
      office.step(visit, :relight_pilot)
    rescue Munimen::Refused => e
      e
    end
    expect(error.message).to include("level full")
  end

  it "waits for the drain: the valve is not opened while the tank still empties" do
    visit = office.start(jobs: ["replace_relief_valve"])
    drive(visit, stop: :drain_below_relief_port)
    office.step(visit, :drain_below_relief_port)
    drain = office.view(visit)[:running].first
    expect([drain[:label], drain[:manner]]).to eq(["Draining", :on_site])
    refused { office.step(visit, :shut_drain) }
    office.pass(drain[:seconds_left] + 1)
    office.step(visit, :shut_drain)
    expect(office.view(visit)[:done].last[:operation]).to eq(:shut_drain)
  end

  it "does not believe a tester that fails afterwards: it is proved again before a cover comes " \
     "off" do
    heater = office.uuid
    described_class::KeepHeater.new(office.context).add(
      id: heater,
      site_id: office.site,
      label: "Closet",
      installation: Build::ELECTRIC
    )
    office.records.people.qualify(office.person[:id], [{ trade: "electrical" }])
    visit =
      described_class::StartVisit.new(office.context).book(
        id: office.uuid,
        heater_id: heater,
        jobs: ["check_elements"],
        planned_for: office.now.iso8601
      )[
        :id
      ]
    described_class::StartVisit.new(office.context).start(visit)
    drive(visit, stop: :prove_dead)
    { tester_before: "works", dead_readings: "zero", tester_after: "fails" }.each do |name, value|
      office.read(visit, name, value)
    end
    office.step(visit, :prove_dead)
    refused { office.step(visit, :measure_elements) }
    expect(office.view(visit)[:plan][:steps].map { |step| step[:operation] }).to include(
      :prove_dead,
      :measure_elements
    )
    office.read(visit, :tester_after, "works")
    drive(visit)
    expect(office.view(visit)[:verdicts].to_h { |one| one.values_at(:check, :state) }).to include(
      proved_dead: :sound,
      element: :sound,
      element_lower: :sound
    )
  end

  it "takes a job in while the tank is drained: the plan goes on from there, what is done is " \
     "kept" do
    visit = office.start(jobs: ["flush"])
    drive(visit, stop: :refill_tank)
    office.records.visits.update(visit, jobs: JSON.generate(%w[flush inspect_anode]))
    steps = office.view(visit)[:plan][:steps].map { |step| step[:operation] }
    expect(steps).to include(:inspect_anode, :refill_tank)
    expect(steps).not_to include(:drain_empty, :flush_bursts, :turn_gas_off)
    drive(visit)
    expect(office.view(visit)[:obstacles]).to be_empty
  end

  it "fills no tank whose anode is out, and takes a new one in its place without putting the old " \
     "one back" do
    visit = office.start(jobs: ["inspect_anode"])
    drive(visit, stop: :refit_anode)
    expect { office.step(visit, :refill_tank) }.to raise_error(
      Munimen::Refused,
      /anode in place.*Screw the anode back in/m
    )
    expect(office.view(visit)[:state]).to include(include(text: "anode out"))
    office.records.visits.update(visit, jobs: JSON.generate(%w[inspect_anode replace_anode]))
    expect(office.view(visit)[:plan][:steps].first(2).map { |step| step[:operation] }).to eq(
      %i[replace_anode refill_tank]
    )
  end

  it "sets gas pressures with the cock shut for the manometer, soundness before the flame" do
    office.records.people.qualify(office.person[:id], [{ trade: "gas" }])
    visit = office.start(jobs: ["set_gas_pressures"])
    drive(visit)
    expect(office.view(visit)[:verdicts].to_h { |one| one.values_at(:check, :state) }).to include(
      gas_pressures: :sound
    )
    expect(office.view(visit)[:obstacles]).to be_empty
  end
end
