# frozen_string_literal: true

require "office_helper"

# Handbook §26.8: “it was already so” is shown, not said, where it protects a hand.
RSpec.describe Munimen::Desk::FoundSo do
  let(:visit) { office.start(jobs: %w[flush]) }

  def refused(operation)
    office.step(visit, operation, "already_so")
  rescue Munimen::Error => e
    e.code
  end

  def loaded = office.records.visits.load(visit, now: office.now)

  before { office.looked_over(visit) }

  it "takes zero pressure only with the heat away, the supply shut, and what shows it" do
    expect(refused(:let_pressure_down)).to eq(:against_record)
    office.step(visit, :turn_gas_off)
    office.read(visit, "zero_shown", "gauge_at_zero")
    expect(refused(:let_pressure_down)).to eq(:against_record) # the supply is open
    office.step(visit, :shut_heater_supply)
    expect(loaded.state[:heater_pressure]).to eq(:live)
    office.step(visit, :let_pressure_down, "already_so")
    expect(loaded.state[:heater_pressure]).to eq(:zero)
    # opened again since, as this visit has it: what was shown then shows nothing now
    office.step(visit, :open_heater_supply)
    office.step(visit, :purge_air)
    office.step(visit, :shut_heater_supply)
    expect(refused(:let_pressure_down)).to eq(:against_record)
    expect(loaded.state[:heater_pressure]).to eq(:live)
  end

  it "takes an empty tank only drained as it must be, and shown to pass air" do
    expect(refused(:drain_empty)).to eq(:against_record)
    office.step(visit, :turn_gas_off)
    office.step(visit, :shut_heater_supply)
    office.step(visit, :let_pressure_down)
    expect(refused(:drain_empty)).to eq(:must_be_shown)
    office.read(visit, "level_shown", "drain_passes_air")
    office.step(visit, :drain_empty, "already_so")
    expect(loaded.state[:level]).to eq(:empty)
  end

  it "books no work on a part that the heater has not got" do
    expect { office.start(jobs: %w[fit_vessel]) }.to raise_error(Munimen::Error) { |error|
      expect([error.field.to_s, error.code]).to eq(["jobs", :not_applicable])
    }
    expect { office.start(jobs: %w[annual_unvented]) }.to raise_error(Munimen::Error)
  end

  # Issue of the peak: read as found, 150 psi; the vessel is replaced; nothing false is demanded.
  it "does not ask to call a reading untested that was taken before the part was replaced" do
    other = office.start(jobs: %w[pressure_check replace_vessel])
    office.looked_over(other)
    office.step(other, :fit_gauge)
    office.read(other, "hot_peak_found", "147")
    office.step(other, :turn_gas_off)
    left = office.records.visits.load(other, now: office.now)
    agenda = Munimen::Planning::Agenda.new(left, left.jobs)
    expect(agenda.impossible.map(&:operation)).not_to include(:read_hot_peak_found)
  end
end
