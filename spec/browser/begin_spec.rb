# frozen_string_literal: true

require "screen_helper"
require_relative "../support/touches"

# An empty folder, from the printed address to the owner at work.
RSpec.describe "A new installation", type: :feature do
  let(:config) { Munimen::Web::Config.new(Dir.mktmpdir("munimen-new")) }

  before { Capybara.app = Munimen::Web::Stack.build(config) }

  it "makes the owner's account and names the firm, and says what is missing" do
    go "/begin/#{config.begin_code}"
    fill_in "Name, as it stands on every page", with: "Lind Heating"
    select "England, Approved Document G (G3)", from: "Where you work"
    fill_in "Your name", with: "Bo Lind"
    fill_in "E-mail", with: "bo@lind.example"
    fill_in "Your password", with: "short"
    click_button "Begin"
    expect(page).to have_css("[role=alert]", text: "12")
    fill_in "Your password", with: "kettle drum and a spanner"
    click_button "Begin"
    expect(page).to have_field("Name, as it stands on every page", with: "Lind Heating")
    expect(serious).to eq([])
    walk_first_steps
    click_link "People", match: :first
    expect(page).to have_content("bo@lind.example")
    go "/begin/#{config.begin_code}"
    expect(page).to have_css("[role=alert]", text: "has begun already")
  end

  def picture
    File.join(Dir.mktmpdir("munimen-logo"), "logo.png").tap do |path|
      page.driver.save_screenshot(path)
    end
  end

  # Each is done by its data, or said not to be needed; what is left is there after a reload.
  def walk_first_steps
    steps = "section[aria-label='Before your first visit']"
    expect(page).to have_css(steps, text: "0 of 9")
    fill_in "Address", with: "1 Foundry Row"
    attach_file "firm-logo", picture, make_visible: true
    expect(page).to have_css("#logo img")
    within("#firm") { click_button "Save" }
    expect(page).to have_css(steps, text: "2 of 9")
    within(steps) do
      find("li", text: "House rules").click_button("Not needed")
      click_link "A place for backups"
    end
    fill_in "backup-place", with: "/nowhere/at/all"
    within("#place") { click_button "Save" }
    expect(page).to have_css("[role=alert]", text: "is not there")
    fill_in "backup-place", with: Dir.mktmpdir("munimen-place")
    within("#place") { click_button "Save" }
    page.refresh
    expect(page).to have_css(steps, text: "4 of 9").and have_no_css("#{steps} li", text: "Logo")
  end

  # Begun, named, the first customer written down, the yearly visit of an unknown gas heater done,
  # its findings answered, and signed by both: by one person, on a phone.
  it "goes from the empty folder to the first signed page in at most 90 touches" do
    page.driver.resize(390, 844)
    numbers = { "static_pressure" => "62", "tap_temperature" => "119", "hot_peak_found" => "72",
                "hot_peak_after" => "67", "vessel_charge" => "62", "charge_set" => "62",
                "room_co" => "1" }
    touches = Touches.new(self, values: numbers)
    go "/begin/#{config.begin_code}"
    expect(page).to have_field("Name, as it stands on every page")
    { "firm" => "Lind Heating", "name" => "Bo Lind", "email" => "bo@lind.example" }
      .each { |name, text| touches.fill("input[name=#{name}]", text) }
    touches.type("input[name=new-password]", "kettle drum and a spanner")
    expect(page).to have_css("#firm")
    touches.fill("input[name=firm-address]", "1 Foundry Row")
    touches.type("input[name=firm-phone]", "555-0144")
    expect(page).to have_content("Kept.")
    touches.row("first customer")
    touches.touch("button", text: "Menu")
    touches.touch("nav a", text: "Customers")
    touches.touch("button", text: "New customer")
    touches.fill("[name=name]", "Noor Vandersloot")
    touches.type("[name=new_address]", "9 Quarry Bend")
    touches.touch("[role=radio]", text: "Gas storage")
    touches.type("[name=begin_capacity]", "50")
    touches.touch("button", text: "Annual safety visit")
    expect(page).to have_css("article h2")
    touches.work_through
    touches.sign(kept: false)
    touches.rows.each { |row| RSpec.configuration.reporter.message(row.to_a.join("  ")) }
    expect(touches.total[:touches]).to be <= 90
    expect(config.records.database[:visits].select_map(:status)).to eq(["signed"])
  end

  # Two people on phones: one begins and invites, the other signs the first visit.
  it "goes from the empty folder to the first signed visit, on a phone" do
    page.driver.resize(390, 844)
    go "/begin/#{config.begin_code}"
    fill_in "Name, as it stands on every page", with: "Lind Heating"
    fill_in "Your name", with: "Bo Lind"
    fill_in "E-mail", with: "bo@lind.example"
    fill_in "Your password", with: "kettle drum and a spanner"
    click_button "Begin"
    click_link "People", match: :first
    click_button "Invite somebody"
    fill_in "Name", with: "Ada Plumber", exact: true
    fill_in "E-mail", with: "ada@lind.example"
    click_button "Make the link"
    link = URI(find("#staff input[readonly]").value).path
    page.driver.browser.cookies.clear
    go link
    fill_in "Your password", with: "another drum and a spanner"
    click_button "Set it and sign in"
    expect(page).to have_link("Customers", visible: :all)
    go "/customers"
    click_button "New customer"
    fill_in "name", with: "Noor Vandersloot"
    fill_in "new_address", with: "9 Quarry Bend"
    find("[name=new_address]").send_keys(:enter)
    find("[role=radio]", text: "Electric storage").click
    find("[name=begin_capacity]").set("50").send_keys(:enter)
    click_button "Annual safety visit"
    expect(page).to have_css("h2", text: "Identify")
    work_through { by_touch }
    sign_with_names("Ada Plumber")
    row = config.records.database[:visits].first
    expect(row.values_at(:status, :outcome)).to eq(%w[signed in_service])
    expect(config.records.seals.problems(config.records.photo_files)).to eq([])
    shown = Munimen::Desk::ReportPage.new(
      Munimen::Desk::Context.new(config.records, person: config.records.people.all.first)
    ).call(row[:id])
    expect([shown[:firm][:name], shown[:person]]).to eq(["Lind Heating", "Ada Plumber"])
  end
end
