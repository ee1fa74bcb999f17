# frozen_string_literal: true

require "office_helper"

# A visit that was begun at the wrong customer goes to the right heater, with all that was entered.
RSpec.describe Munimen::Desk::MoveVisit do
  let(:right) { heater("9 Quarry Bend", Build::GAS) }

  def heater(address, installation)
    customer, site, id = Array.new(3) { office.uuid }
    Munimen::Desk::AddCustomer.new(office.context).call(id: customer, name: "Noor")
    Munimen::Desk::AddSite.new(office.context).call(id: site, customer_id: customer, address:)
    Munimen::Desk::KeepHeater.new(office.context).add(id:, site_id: site, label: "Attic",
                                                      installation:)
    id
  end

  def move(visit, to, role = "plumber")
    described_class.new(office.context(role)).call(visit, id: office.uuid, heater: to)
  end

  def plate(id) = office.records.heaters.find(id)[:installation].transform_keys(&:to_sym)

  it "takes steps, readings, looks and facts along, and leaves nothing with the wrong one" do
    visit = office.start
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    office.read(visit, :static_pressure, "62")
    { serial: "S-77", capacity: "66 gal" }.each do |field, value|
      Munimen::Desk::LearnFact.new(office.context).call(visit, id: office.uuid, field: field.to_s,
                                                               value:)
    end
    before = office.view(visit)
    move(visit, right)
    view = office.view(visit)
    expect([view[:place][:customer], view[:heater][:id]]).to eq(["Noor", right])
    kept = ->(one) { one.values_at(:readings, :observations, :done).to_s }
    expect(kept[view]).to eq(kept[before])
    expect(view[:plan][:steps].map { |one| one[:operation] })
      .to eq(before[:plan][:steps].map { |one| one[:operation] })
    told = [office.heater, right].map { |one| plate(one).values_at(:serial, :capacity) }
    expect(told).to eq([[nil, "50 gal"], ["S-77", "66 gal"]])
    expect(view[:version]).to be > before[:version]
    expect(view[:decisions]).to include("moved.#{office.heater}" => "Basement, 1 Weir Lane")
    expect(office.records.visits.of_heater(office.heater)).to eq([])
  end

  it "goes nowhere that it does not fit, nor once the customer has signed" do
    refused = lambda do |visit, to, role = "plumber"|
      move(visit, to, role)
      nil
    rescue Munimen::Refused => e
      e.code
    end
    visit = office.walk(sign: false)
    electric = heater("2 Mill Row", Build::ELECTRIC)
    expect([refused[visit, office.heater], refused[visit, electric],
            refused[visit, right, "inspector"]]).to eq(%i[same other_kind forbidden])
    desk = Munimen::Desk::StartVisit.new(office.context)
    other = desk.book(id: office.uuid, heater_id: right, jobs: ["flush"],
                      planned_for: office.now.iso8601)[:id]
    desk.start(other)
    expect(refused[visit, right]).to eq(:under_way)
    office.signed(visit)
    expect(refused[visit, right]).to eq(:signed)
  end
end
