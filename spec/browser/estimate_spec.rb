# frozen_string_literal: true

require "screen_helper"

# The owner says what work costs; at the heater the customer says of each finding what is to be
# done, and signs for it; the owner sees what was said.
RSpec.describe "An estimate at the heater", type: :feature do
  it "goes from the firm's prices to the customer's page and the month" do
    sign_in "owner"
    go "/settings/rates"
    { "per_hour" => "95", "call_out" => "45", "tax" => "a lot" }.each do |name, value|
      fill_in "rates-#{name}", with: value
    end
    click_button "Save"
    expect(page).to have_css("[role=alert]", text: "percentage")
    fill_in "rates-tax", with: "8.25"
    click_button "Save"
    expect(page).to have_content("Kept.")

    visit = office.walk(findings: { straps: :missing }, sign: false, static: 95)
    sign_in
    page.current_window.resize_to(390, 844)
    go "/visits/#{visit}"
    regulator = find("article.line", text: "pressure regulator")
    regulator.click_button("Change")
    fill_in "estimate-price", with: "50"
    fill_in "estimate-minutes", with: "50"
    find("form.change button").click
    expect(page).to have_css(".line b", text: "$156.96")
    expect(page).to have_no_css("[aria-pressed=true]", text: "Yes, do it")
    find("article.line", text: "pressure regulator").click_button("Yes, do it")
    expect(page).to have_css(".total", text: "$205.67")
    find("article.line", text: "Straps").click_button("No")
    expect(page).to have_css("article.line [aria-pressed=true]", text: "No")

    go "/visits/#{visit}/report"
    expect(page).to have_css("section", text: /What was agreed.*to be done.*\$156.96.*declined/m)
    office.signed(visit)
    sign_in "owner"
    go "/numbers"
    click_button "1 accepted $156.96"
    expect(page).to have_css(".listed li", text: /Ada Brook.*pressure regulator/m)
  end
end
