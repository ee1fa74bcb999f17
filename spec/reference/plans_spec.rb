# frozen_string_literal: true

require_relative "../support/plan_cases"

# Plans read step by step by somebody who knows the handbook's sentences (spec/support/
# plan_reader.rb) and nothing of how plans are made: §§22, 24 and 26. bin/bench reading 3000 counts
# what is left by rule.
RSpec.describe PlanReader, :long do
  (1..(4 * TRIES)).each do |seed|
    it "finds nothing broken and nothing idle in the plans of seed #{seed}" do
      bad = PlanCases.new(seed).take(40).reject { |one| one.faults.empty? }
      told = bad.map { |one| [one.faults.map { |f| [f.rule, f.act] }, one.visit.jobs, one.ids] }
      expect(told).to eq([])
    end
  end

  it "finds each of these wrong" do
    gas = Build.instance_method(:heater).bind_call(Object.new.extend(Build), :gas_storage)
    told = lambda do |*ids|
      described_class.new(gas).read(ids).map { |fault| fault.rule[/\A§[\d.]+/] }
    end
    drained = %i[turn_gas_off shut_heater_supply fit_hose let_pressure_down drain_empty]
    expect(told[*drained, :shut_drain, :refill_tank]).to include("§26.3") # drained for nothing
    expect(told[:check_discharge_pipe, :exercise_relief_valve]).to include("§26.2") # consent
    expect(told[:turn_gas_off, :shut_gas_cock, :clean_burner, :open_gas_cock, :relight_pilot])
      .to include("§22") # joints not proved
    expect(told[:turn_gas_off, :drain_empty]).to include("§22") # pressure, hose
    expect(told[:fit_gauge, :remove_gauge]).to eq(["§26.3"])
  end
end
