# frozen_string_literal: true

require "screen_helper"

# What comes to nothing, and what is not there any more: each by a touch or two, and taken back.
RSpec.describe "An end without a signature", type: :feature do
  it "takes a visit off the day on a phone where nobody is at home, and takes that back" do
    id = office.start
    sign_in
    page.driver.resize(390, 844)
    go "/visits/#{id}"
    click_button "Work, water, material…"
    click_button "It comes to nothing…"
    fill_in "What should be known of it", with: "Card left"
    click_button "Nobody at home"
    expect(page).to have_css("h2", text: "Nobody at home").and have_content("Card left")
    expect(office.records.visits.find(id)[:status]).to eq("ended")
    click_button "Take that back"
    expect(page).to have_css("article h2", text: "Identify")
  end

  it "takes a visit that was begun at the wrong heater to the right one, with what was entered" do
    right = Array.new(3) { office.uuid }
    Munimen::Desk::AddCustomer.new(office.context).call(id: right[0], name: "Noor Vandersloot")
    Munimen::Desk::AddSite.new(office.context).call(id: right[1], customer_id: right[0],
                                                    address: "9 Quarry Bend")
    Munimen::Desk::KeepHeater.new(office.context).add(id: right[2], site_id: right[1],
                                                      label: "Attic", installation: Build::GAS)
    id = office.start
    office.looked_over(id)
    sign_in
    page.driver.resize(390, 844)
    go "/visits/#{id}"
    click_button "Work, water, material…"
    click_button "It comes to nothing…"
    click_button "Wrong heater: it belongs to another…"
    find("[name=find-customer]").set("Noor")
    find(".one", text: "Noor Vandersloot").click
    click_button "Attic, 9 Quarry Bend"
    expect(page).to have_content("Noor Vandersloot").and have_no_css("h2", text: "Identify")
    expect(office.records.visits.find(id)[:heater_id]).to eq(right[2])
    expect(office.view(id)[:done].size).to eq(2)
  end

  it "begins the visit to the heater that replaces another one" do
    office.walk
    sign_in
    go "/heaters/#{office.heater}"
    click_button "Replaced, gone…"
    click_button "Replaced by another one"
    within(".el-dialog") do
      find("input[name=capacity]", match: :first).set("50")
      click_button "Begin the visit"
    end
    click_button "Annual safety visit"
    expect(page).to have_css("article h2", text: "Identify")
    old = office.records.heaters.find(office.heater)[:ended]
    expect(old).to include(how: "replaced", successor: be_a(String))
    go "/heaters/#{office.heater}"
    expect(page).to have_content("Replaced by another one").and have_no_button("Book a visit")
    click_link "The heater in its place"
    expect(page).to have_button("Book a visit")
  end

  it "shows one rulebook alone, and a bound corrected for the firm as theirs" do
    sign_in("owner")
    go "/settings/rules"
    find("summary", text: "Canada, National Plumbing Code").click
    expect(page).to have_content("at most 550 kPa")
    first(:button, "Correct…").click
    fill_in "at_most", with: "500"
    click_button "Keep for the firm"
    expect(page).to have_css("[role=alert]", text: "reason")
    fill_in "reason", with: "The town asks for it"
    click_button "Keep for the firm"
    expect(page).to have_content("at most 500 kPa").and have_content("Corrected by Owner")
  end
end
