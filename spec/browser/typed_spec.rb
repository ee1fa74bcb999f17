# frozen_string_literal: true

require "screen_helper"

# What stands in the fields when *Done* is pressed is kept, or the step stays open and says why.
RSpec.describe "What is typed at a step", type: :feature do
  let(:visit) { office.start }

  def record = office.records.heaters.find(office.heater)[:installation].transform_keys(&:to_s)
  def loaded = office.records.visits.load(visit, now: office.now)

  # As far as the step that reads a pressure.
  def at_the_gauge
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    go "/visits/#{visit}?step=read_static_pressure"
    expect(page).to have_css("input[name=static_pressure]")
  end

  { "a desk" => [1280, 800], "a phone" => [390, 844] }.each do |where, size|
    it "goes into the record with Done, on #{where}: facts of the plate, drafts through a reload" do
      sign_in
      page.driver.resize(*size)
      go "/visits/#{visit}?step=identify"
      expect(page).to have_css(".looks .all")
      all_sound_here
      find(".fact input[name=maker]").set("Hearthwell")
      find(".fact input[name=model]").set("HW-50")
      go "/visits/#{visit}?step=identify"
      expect(page).to have_field("maker", with: "Hearthwell")
      find(".fact input[name=serial]").set("0417-22")
      click_button "Done – next"
      expect(page).to have_no_css("article h2", text: /\AIdentify/)
      expect(record).to include("maker" => "Hearthwell", "model" => "HW-50", "serial" => "0417-22")
      expect(page.evaluate_script("Object.keys(localStorage).filter(k => k.includes('draft'))"))
        .to eq([])
    end

    it "is a reading with Done, on #{where}; what cannot be read keeps the step open" do
      sign_in
      page.driver.resize(*size)
      at_the_gauge
      before = title
      fill_in "static_pressure", with: "sixty"
      click_button "Done – next"
      expect(page).to have_css(".reading [role=alert]")
      expect(title).to eq(before)
      expect(page.evaluate_script("document.activeElement.name")).to eq("static_pressure")
      fill_in "static_pressure", with: "62"
      click_button "Done – next"
      expect_next(before)
      expect(loaded.quantity(:static_pressure).in("psi")).to be_within(1e-6).of(62)
    end
  end

  # A number pad has no Enter: where Done cannot take it, the field's own button does.
  it "can be kept on a phone before its step is at hand: everybody out at 90 ppm" do
    sign_in
    page.driver.resize(390, 844)
    at_the_gauge
    fill_in "static_pressure", with: "62"
    expect(page).to have_button("Done – next", disabled: false)
    expect(page).to have_no_button("Save", disabled: :all)
    go "/visits/#{visit}?step=test_draught"
    expect(page).to have_button("Done – next", disabled: true)
    fill_in "room_co", with: "90"
    click_button "Save"
    expect(page).to have_css(".visit[aria-busy=false]")
    expect(loaded.hazards.map(&:id)).to eq([:carbon_monoxide])
  end
end
