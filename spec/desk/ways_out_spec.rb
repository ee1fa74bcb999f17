# frozen_string_literal: true

require "office_helper"

# What used to end nowhere, as somebody at the heater goes through it (handbook §§24, 26).
RSpec.describe Munimen::Desk::ViewVisit do
  include Driven

  def steps(visit) = office.view(visit)[:plan][:steps].map { |step| step[:operation].to_sym }
  def obstacles(visit) = office.view(visit)[:obstacles].map { |one| one[:text] }
  def add(visit, job) = Munimen::Desk::ChangeJobs.new(office.context).add(visit, job: job.to_s)
  def suggested(visit) = office.view(visit)[:suggested].map { |one| one[:job].to_s }
  def page(visit) = Munimen::Desk::ReportPage.new(office.context).call(visit)[:page]

  def change(**fields)
    Munimen::Desk::KeepHeater.new(office.context).change(
      office.heater, label: "Cellar", installation: Build::GAS.merge(fields).compact
    )
  end

  answers = { tap_temperature: "118", hot_peak_found: "66", air_valve_emits: "air",
              thermostat_stops: "stops", relief_lever: "lifts", relief_flow: "full_bore",
              relief_closes: "shuts", tundish: "runs_clear", vessel_charge: "62",
              hot_peak_after: "66" }.freeze

  # A peak at the relief valve's setting is a danger; the vessel is replaced, the peak is read
  # again. What was read as found was read, and is not asked for as “not tested”.
  it "asks for no false “not done” where a peak was read before its vessel was replaced" do
    visit = office.start
    drive(visit, stop: :start_found_cycle, **answers)
    office.read(visit, :hot_peak_found, "150")
    add(visit, :replace_vessel)
    drive(visit, **answers)
    expect(obstacles(visit).grep(/peak/i)).to eq([])
    told = page(visit)[:results].map { |one| one[:text] }.join("\n")
    expect(told).not_to match(/as found.*not done/i)
    expect(office.view(visit)[:outcome].to_s).to include("in_service")
  end

  # A closed system without a vessel is told to fit one: that is a job; the replacing of one that is
  # not there is not offered and not taken.
  it "fits a vessel where there is none, and replaces none that is not there" do
    change(vessel: "none", vessel_volume: nil, backflow: "yes")
    visit = office.start
    expect { add(visit, :replace_vessel) }.to raise_error(Munimen::Error)
    office.looked_over(visit)
    office.read(visit, :static_pressure, "62")
    expect(suggested(visit)).to include("fit_vessel")
    add(visit, :fit_vessel)
    expect(steps(visit)).to include(:fit_vessel)
  end

  # Filled is what was drained: a T&P valve wants a few gallons gone, not a tank.
  it "fills for as long as was drained, and has the water hot the sooner" do
    plan = lambda do |job|
      office.view(office.start(jobs: [job]))[:plan]
    end
    fill = ->(of) { of[:steps].find { |one| one[:operation] == :refill_tank }[:wait][:seconds] }
    little, all = %w[replace_relief_valve flush].map(&plan)
    expect(fill[little]).to be < fill[all] / 2
  end

  # Somebody who leaves with a tap open is told before, and cannot sign over it.
  it "leaves nothing made safe with a tap running or the supply shut, unsaid" do
    visit = office.start
    drive(visit, stop: :read_vessel_charge, **answers)
    expect(office.view(visit)[:state].map { |one| one[:text] })
      .to include("supply shut", "air path faucet")
    office.look(visit, :visible, trim_rings: :melted)
    expect(steps(visit).last(2)).to eq(%i[shut_air_tap leave_made_safe])
    expect { office.step(visit, :leave_made_safe) }.to raise_error(Munimen::Refused, /air path/)
    drive(visit, **answers)
    expect(page(visit)[:leaving]).to eq(
      ["Its heat is off.", "The gas to the water heater is shut.",
       "The cold water to the water heater is shut."]
    )
  end

  # Where the pilot is only presumed by kind and size, its complaints are offered.
  it "offers the pilot's complaints at a heater of which nothing but kind and size is known" do
    bare = Munimen::Heater::Installation.from({ kind: "gas_storage", capacity: "50 gal" })
    offered = Munimen::Faults::Symptom.all.select { |one| one.of?(bare) }.map(&:id)
    expect(offered).to include(:pilot_out, :no_burner)
  end
end
