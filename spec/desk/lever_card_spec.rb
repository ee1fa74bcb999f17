# frozen_string_literal: true

require "office_helper"

# What a customer reads before a lever is lifted: in their language, by the firm's own record.
RSpec.describe Munimen::Desk::LeverCard do
  def card(visit) = described_class.new(office.context).call(visit)

  def decide(visit, name, value)
    Munimen::Desk::Decide.new(office.context).call(visit, id: office.uuid, name:, value:)
  end

  it "says how old the valve is, when it was lifted, what may come of it and what it costs" do
    visit = office.start
    expect(card(visit)[:lines].first(2)).to eq(
      ["When this safety valve was fitted is not known.", "On our record nobody has lifted it."]
    )
    office.walk
    office.records.settings[:parts] =
      "kind,maker,model,price,rating\nrelief_valve,Own,RV1,24.90,50000 Btu/h\n"
    Munimen::Desk::KeepHeater.new(office.context).change(
      office.heater, label: "Cellar", installation: Build::GAS.merge(relief_fitted: "2019-05-01")
    )
    next_year = office.start
    decide(next_year, "spare_at_hand", "yes")
    expect(card(next_year)[:lines].join(" ")).to match(
      /fitted in 2019.*last lifted on November 23, 2026.*close tight.*at hand.*24.90.*nobody knows/
    )
  end

  it "speaks the customer's language, keeps who answered, and stands on the page" do
    customer = office.records.customers.find(office.customer)
    Munimen::Desk::ChangeCustomer.new(office.context).call(
      office.customer, **customer.slice(:name, :phone, :email), language: "es"
    )
    visit = office.start
    expect(card(visit)[:lines].last).to eq("Si no se acciona, nadie sabe si abriría. El informe " \
                                           "lo dirá.")
    decide(visit, "consent", "refused")
    decide(visit, "consent_by", "Ada Brook")
    expect(card(visit)).to include(consent: "refused", by: "Ada Brook")
    page = Munimen::Desk::ReportPage.new(office.context).call(visit)[:page]
    expect(page[:consent]).to eq(text: "The customer refused.", by: "Ada Brook")
  end
end
