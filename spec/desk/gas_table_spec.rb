# frozen_string_literal: true

require "office_helper"
require "pdf-reader"

# Gas on the customer's page: in each state, found and left side by side with what it should be.
RSpec.describe Munimen::Report::GasTable do
  it "knows every reading of gas and of what burns" do
    kinds = %i[gas_pressure carbon_monoxide carbon_dioxide]
    all = Munimen::Visit::ReadingInput.known.values.select { |read| kinds.include?(read.kind) }
    expect(described_class::READ).to match_array(all.map(&:name))
  end

  it "tells each pressure once, the drop worked out, and what the manifold was left at" do
    plate = Build::GAS.merge(manifold_pressure: "3.5 inH2O")
    Munimen::Desk::KeepHeater.new(office.context).change(office.heater, label: "Cellar",
                                                                        installation: plate)
    visit = office.start(jobs: ["set_gas_pressures"])
    page = ->(language) { Munimen::Desk::ReportPage.new(office.context).call(visit, language:) }
    office.read(visit, :room_co, "1")
    expect(page["en"][:page][:gas]).to be_nil
    { gas_line: "7.2", gas_standing: "7.1", gas_operating: "6.8", gas_manifold: "4.07" }
      .each { |name, value| office.read(visit, name, value) }
    first = office.view(visit)[:readings][:gas_manifold][:id]
    office.read(visit, :gas_manifold, "3.5", corrects: first, again: true)
    rows = page["en"][:page][:gas].map { |one| one.values_at(:what, :found, :left, :should) }
    expect(rows).to eq(
      [["Nothing burning", nil, "7.2 in. w.c.", nil],
       ["Pilot only", nil, "7.1 in. w.c.", nil],
       ["Main burner on", nil, "6.8 in. w.c.", nil],
       ["Drop under the burner", nil, "0.3 in. w.c.", nil],
       ["Manifold", "4.1 in. w.c.", "3.5 in. w.c.", "plate 3.5 in. w.c."],
       ["CO in the room", nil, "1 ppm", nil]]
    )
    spanish = page["es"][:page][:gas].map { |one| one.values_at(:what, :should) }
    expect(spanish.last(3).first(2)).to match(
      [["Caída con el quemador encendido", nil], ["Múltiple", /\Aplaca 3.5/]]
    )
    pdf = Munimen::Formats::ReportPdf.new(page["en"]).render
    text = PDF::Reader.new(StringIO.new(pdf)).pages.map(&:text).join
    expect(text).to match(/Manifold\s+4.1 in. w.c.\s+3.5 in. w.c.\s+plate 3.5/)
  end
end
