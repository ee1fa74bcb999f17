# frozen_string_literal: true

require "screen_helper"

# A mis-tap is taken back from where it was given, from the done list and from the findings.
RSpec.describe "An answer that was a mis-tap", type: :feature do
  let(:visit) { office.start }

  def loaded = office.records.visits.load(visit, now: Time.now)
  def hazards = loaded.hazards.map(&:id)

  # Drips, and hot: everything else waits for the danger.
  def mistaken
    { relief_drip: "drips", relief_drip_hot: "hot" }.each do |name, word|
      office.read(visit, name, word)
    end
    go "/visits/#{visit}"
    expect(page).to have_content("over-temperature")
  end

  { "a desk" => [1280, 800], "a phone" => [390, 844] }.each do |where, size|
    it "goes with its danger from the findings, on #{where}, with a reason and one's name" do
      sign_in
      page.driver.resize(*size)
      mistaken
      find(where == "a phone" ? ".bottom button" : "[role=tab]", text: "Findings").click
      within(find(".findings section", text: "Hot drip")) do
        click_button "Take back: After ten seconds"
      end
      expect(page).to have_css("[role=dialog]", text: "danger stands on this answer")
      expect(page).to have_css("[role=dialog]", text: "with your name: Plumber")
      fill_in "take-back-reason", with: "Touched the wrong line"
      click_button "Take it back"
      expect(page).to have_no_css("[role=dialog]").and have_no_css(".findings section")
      expect([hazards, loaded.reading(:relief_drip)]).to eq([[], nil])
      expect(title_of_step).to start_with("Identify")
    end

    it "is taken back where it was given and by key, on #{where}" do
      sign_in
      page.driver.resize(*size)
      go "/visits/#{visit}?step=look_over"
      expect(page).to have_css("article h2", text: "Look it over")
      line = -> { find("fieldset", match: :first) }
      within(line.call) { first("button").click }
      expect(page).to have_css("fieldset.answered", count: 1)
      within(line.call) { find("button", text: "Take back").click }
      expect(page).to have_no_css("fieldset.answered")
      within(line.call) { first("button").click }
      expect(page).to have_css("fieldset.answered", count: 1)
      page.execute_script("document.activeElement.blur()")
      press("b")
      expect(page).to have_no_css("fieldset.answered")
      expect(loaded.observations).to eq([])
    end
  end

  it "stands in the done list, and once more before it is signed" do
    sign_in
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    office.read(visit, "static_pressure", "62")
    office.step(visit, :read_static_pressure)
    go "/visits/#{visit}"
    find(".past summary").click
    within(find(".done li", text: "62 psi")) { click_button "Take back", match: :first }
    expect(page).to have_no_css(".done li", text: "62 psi")
    office.look(visit, :visible, leak: :fitting)
    go "/visits/#{visit}?step=finish"
    expect(page).to have_css(".look .answer", text: "fitting")
  end

  def title_of_step
    find(".bottom button", text: "In hand").click if page.has_css?(".bottom button",
text: "In hand")
    title
  end
end

# Two people at one heater, one of them without a signal.
RSpec.describe "Two accounts of one visit", type: :feature do
  include KilledOffice

  let(:visit) { office.start }

  it "are shown side by side with their customer, and nothing is signed before an answer" do
    page.driver.resize(390, 844)
    visit
    office.looked_over(visit)
    ready
    stop
    go "/visits/#{visit}"
    expect(page).to have_css(".waiting", text: "No signal")
    expect(page).to have_css("article h2")
    by_touch
    expect(page).to have_css(".waiting", text: "kept here")
    # Meanwhile somebody at the office enters a danger.
    Munimen::Desk::TakeReading.new(office.context("owner"))
      .call(visit, id: office.uuid, name: "room_co", value: "90")
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    go "/visits/#{visit}"
    at_both_sizes do
      expect(page).to have_css(".accounts", text: "Ada Brook: two accounts differ")
      expect(page).to have_css(".accounts", text: "danger made safe")
    end
    within(".accounts") { first("button", text: "It was done so").click }
    expect(page).to have_no_css(".accounts article", text: "gauge")
    expect(office.records.visits.rows(:steps, visit).size).to be > 2
  end
end
