# frozen_string_literal: true

require "screen_helper"

# A reading taken from an instrument in a visit.
RSpec.describe "Take from an instrument", type: :feature do
  before do
    @server = Munimen::Cli::InstrumentServer.new(0)
    @thread = Thread.new { @server.serve }
    gauge = {
      id: "g3",
      title: "Gauge 3",
      reads: "pressure",
      host: "127.0.0.1",
      port: @server.port,
      device: "pressure_gauge",
      point: "house",
      calibrated: "2024-01-31"
    }
    Munimen::Desk::Instruments.new(office.context("owner")).replace(
      [
        gauge,
        gauge.merge(id: "t1", title: "Tire gauge 1", device: "tire_gauge", point: "air_valve")
      ]
    )
  end

  after do
    @server.stop
    @thread.kill
  end

  it "shows the trace, waits for rest, and puts the value into the field only when told to" do
    visit = office.start
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    sign_in
    go "/visits/#{visit}?step=read_static_pressure"
    expect(page).to have_css(".overdue", text: "calibration overdue").and have_no_button(
      "Take from Tire gauge 1"
    )
    first("button", text: "Take from Gauge 3").click
    expect(page).to have_content("waiting until it rests")
    expect(page).to have_button("Into the field", wait: 20)
    expect(find("input[name=static_pressure]").value).to eq("")
    click_button "Into the field"
    expect(find("input[name=static_pressure]").value).to match(/psi/)
    first("button", text: "Save").click
    expect(page).to have_css(".kept", text: "psi")
    row = office.records.database[:readings].where(visit_id: visit, name: "static_pressure").first
    expect(row[:instrument]).to eq("Gauge 3, calibrated 2024-01-31 – calibration overdue")
    expect(row[:method]).to match(/settled after [\d.]+ s, spread/)
  end
end
