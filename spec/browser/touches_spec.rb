# frozen_string_literal: true

require "screen_helper"
require_relative "../support/touches"

# Usual visits on a phone of 390 px at heaters whose record is known, everything sound, and how many
# touches they take: bounds that hold, a table by `bin/bench touches`.
RSpec.describe "What a visit takes on a phone", type: :feature do
  plate = { maker: "Ember Works", model: "E-50", serial: "0417", manufactured: "2021",
            installed: "2021", location: "basement", anode: "separate", water_supply: "main",
            instructions_kept: "with the heater" }
  around = { regulator: "yes", backflow: "no", mixing_valve: "no", recirculation: "no", pan: "no",
             vessel: "external", vessel_volume: "2 gal", vessel_upstream: "no",
             regulator_setting: "60 psi" }
  relief = { relief_set_pressure: "150 psi", relief_set_temperature: "210 degF",
             relief_rating: "100000 Btu/h", relief_probe: "8 in", relief_thread: "3/4",
             relief_fitted: "2021", relief_history: "exercised_yearly",
             relief_outlet: "three_quarters", discharge_ends: "floor" }
  gas = { kind: "gas_storage", capacity: "50 gal", input: "40000 Btu/h", fuel: "natural_gas",
          hood: "open", vent: "natural", ignition: "pilot_thermocouple",
          manifold_pressure: "3.5 inH2O", altitude: "300 ft", working_pressure: "150 psi",
          set_point: "120 degF" }.merge(plate, around, relief)
  electric = { kind: "electric_storage", capacity: "50 gal", element_upper: "4500 W",
               element_lower: "4500 W", element_voltage: "240 V", working_pressure: "150 psi",
               set_point: "120 degF", set_point_upper: "120 degF" }.merge(plate, around, relief)
  english = Build::KINDS[:unvented_indirect].merge(
    plate.except(:anode), working_pressure: "10 bar", set_point: "60 degC", regulator: "yes",
                          backflow: "no", pan: "no",
                          vessel_upstream: "no", mixing_valve: "no", recirculation: "no",
                          coil_control: "two_port", coil_flow: "15 L/min",
                          immersion_set_point: "60 degC", element_voltage: "230 V",
                          cut_out_temperature: "80 degC", immersion_cut_out: "80 degC",
                          relief_set_pressure: "10 bar", relief_set_temperature: "90 degC",
                          relief_fitted: "2021", relief_history: "exercised_yearly",
                          relief_rating: "25 kW", plate_pressure: "design", anode: "none",
                          expansion_relief_pressure: "6 bar", d1_size: "15 mm", d1_length: "0.4 m",
                          d2_size: "22 mm", d2_drop: "0.3 m", d2_fall: "200",
                          shared_discharge: "no", discharge_ends: "gully",
                          d2_material: "copper", dwelling: "existing", let: "no"
  )
  numbers = {
    "static_pressure" => "62", "tap_temperature" => "119", "hot_peak_found" => "72",
    "hot_peak_after" => "67", "vessel_charge" => "62", "charge_set" => "62", "room_co" => "1",
    "gas_line" => "7", "gas_operating" => "6.8", "gas_manifold" => "3.5",
    "anode_remaining" => "0.8"
  }
  metres = {
    "static_pressure" => "3", "flowing_pressure" => "2.4", "flow_rate" => "22",
    "tap_temperature" => "58", "vessel_charge" => "3", "charge_set" => "3"
  }

  # name => [most touches, heater, jobs, what is typed, verdicts that are sound]
  visits = {
    "gas, yearly, all sound" => [26, gas, %w[annual_safety], numbers,
                                 %i[relief_valve hot_peak_after draught thermostat_stops]],
    "English, yearly" => [45, english, %w[annual_unvented], metres,
                          %i[cut_out_test controls_chain proved_dead expansion_relief]],
    "first expansion tank" => [13, gas.merge(vessel: "none").except(:vessel_volume), %w[fit_vessel],
                               numbers, %i[charge_set]],
    "gas pressures" => [27, gas, %w[set_gas_pressures], numbers, %i[gas_pressures]],
    "electric, yearly, all sound" => [24, electric, %w[annual_safety], numbers, %i[relief_valve]],
    "flush" => [19, gas, %w[flush], numbers, []],
    "anode" => [20, gas, %w[inspect_anode], numbers, []],
    "charge re-check" => [13, gas, %w[charge_recheck], numbers, %i[vessel_charge]],
    "look only" => [8, gas, %w[inspection], numbers, []]
  }
  # Each of them by `bin/bench touches`.
  usual = TRIES > 1 ? visits.keys : visits.keys.first(1)

  def qualified
    trades = %w[unvented electrical gas].map { |trade| { trade: } }
    office.records.people.qualify(office.person[:id], trades)
  end

  def heater(installation)
    site = office.site
    if installation[:kind].start_with?("unvented")
      Munimen::Desk::AddSite.new(office.context).call(
        id: site = office.uuid, customer_id: office.customer, address: "4 Mill Row",
        code_profile: "england_g3"
      )
    end
    Munimen::Desk::KeepHeater.new(office.context).add(
      id: id = office.uuid, site_id: site, label: "Cellar", installation:
    )
    id
  end

  def booked(installation, jobs)
    Munimen::Desk::StartVisit.new(office.context).book(
      id: office.uuid, heater_id: heater(installation), jobs:, planned_for: office.now.iso8601
    )
  end

  # Who has signed many pages keeps a signature.
  def signature
    strokes = [[[0.1, 0.2], [0.6, 0.7]]]
    Munimen::Desk::Profile.new(office.context).keep(signature: strokes)
  end

  def at_the_phone
    qualified
    signature
    page.current_window.resize_to(390, 844)
    sign_in
  end

  # Says what it took; with TOUCHES set, step by step.
  def told(name, touches)
    say = ->(text) { RSpec.configuration.reporter.message(text) }
    touches.rows.each { |row| say.call(row.to_a.join("  ")) } if ENV["TOUCHES"]
    say.call("#{name}: #{touches.total.map { |what, count| "#{count} #{what}" }.join(", ")}")
    touches.total[:touches]
  end

  def done(name, touches)
    touches.work_through
    touches.sign
    told(name, touches)
  end

  # Signed in service, nothing left out, and what was to be tested is sound.
  def whole(visit, sound)
    row = office.records.visits.find(visit)
    expect(row.slice(:status, :outcome)).to eq(status: "signed", outcome: "in_service")
    given_up = office.view(visit)[:done].reject do |step|
      %i[done already_so].include?(step[:outcome])
    end
    expect(given_up).to eq([])
    states = office.view(visit)[:verdicts].to_h { |one| one.values_at(:check, :state) }
    expect(states.slice(*sound)).to eq(sound.to_h { |check| [check, :sound] })
  end

  visits.slice(*usual).each do |name, (most, installation, jobs, values, sound)|
    it "#{name}: at most #{most} touches" do
      visit = booked(installation, jobs)[:id]
      at_the_phone
      touches = Touches.new(self, values:)
      go "/"
      touches.touch(".visit .go")
      expect(page).to have_css("article h2")
      expect(done(name, touches)).to be <= most
      whole(visit, sound)
    end
  end

  # Line, pilot, burner, manifold as found and as set.
  it "five measured pressures of gas: at most 16 touches", if: TRIES > 1 do
    visit = booked(gas, %w[set_gas_pressures])[:id]
    at_the_phone
    touches = Touches.new(self, values: numbers)
    go "/"
    touches.touch(".visit .go")
    expect(page).to have_css("article h2")
    touches.work_through(to: "Read the gas pressures with the burner on")
    touches.row("the burner on")
    touches.type("[name=gas_standing]", "7")
    expect(page).to have_css(".reading", text: "7 in. w.c.")
    touches.type("[name=gas_operating]", "6.8")
    expect(page).to have_css(".reading", text: "6.8 in. w.c.")
    touches.type("[name=gas_manifold]", "4.67")
    expect(page).to have_css(".aim", text: "Too high")
    touches.type("[name=gas_manifold]", "3.5")
    expect_next("Read the gas pressures with the burner on")
    expect(told("five measured pressures of gas", touches)).to be <= 16
    read = office.records.visits.load(visit, now: Time.now.utc).readings.map(&:name)
    expect(read).to include(:gas_line, :gas_standing, :gas_operating)
    expect(read.count(:gas_manifold)).to eq(2)
  end

  it "T&P replacement, a new customer: at most 39 touches" do
    at_the_phone
    touches = Touches.new(self, values: numbers)
    go "/customers"
    touches.touch("button", text: "New customer")
    page.find("[name=name]")
    touches.fill("[name=name]", "Noor Vandersloot")
    touches.type("[name=new_address]", "9 Quarry Bend")
    touches.touch("[role=radio]", text: "Gas storage")
    touches.type("[name=begin_capacity]", "50")
    touches.touch("input[aria-label^='Another job']")
    touches.fill("input[aria-label^='Another job']", "T&P")
    touches.touch(".el-select-dropdown__item", text: /Replace the T&P/)
    expect(page).to have_css("article h2")
    expect(done("T&P replacement, a new customer", touches)).to be <= 39
    whole(office.records.database[:visits].get(:id), %i[new_relief_valve])
  end
end
