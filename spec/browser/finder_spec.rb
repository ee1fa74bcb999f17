# frozen_string_literal: true

require "screen_helper"

# The fault finder on the screen.
RSpec.describe "The fault finder", type: :feature do
  def answer(text) = within(".next") { first("button", text:).click }

  it "goes from a complaint to a settled cause; the address keeps the answers, and one can be " \
     "taken back" do
    sign_in
    click_link "Faults"
    find("[role=radio]", text: "Gas storage").click
    find(".symptom", text: "The pilot flame goes out").click
    expect(page).to have_content("Smell at floor level first").and have_css(
      ".field .stone",
      minimum: 8
    )
    12.times do
      break if page.has_css?("h2", text: "Settled", wait: 0.3)

      asked = find(".next .ask").text
      answer(
        {
          "Generator in the lit pilot, open circuit" => "weak",
          "Tip cleaned, nut tightened: the generator is then" => "good",
          "Let go after 60 s: the pilot" => "dies within"
        }.fetch(asked) { within(".next") { first(".answers button span").text } }
      )
      expect(page).to have_css(".evidence li", text: asked)
    end
    expect(page).to have_css(".cause", text: "nut is loose, or its tip dirty")
    expect(page).to have_css(".field .stone.out", minimum: 7)
    page.refresh
    expect(page).to have_css(".cause", text: "nut is loose")
    first(".evidence button", text: "Undo").click
    expect(page).to have_no_css("h2", text: "Settled").or have_css(
      ".suspects li:not(.out)",
      minimum: 1
    )
  end

  it "goes on by keyboard: after each answer the next test's first answer is at hand" do
    sign_in
    go "/faults?kind=gas_storage&symptom=pilot_out"
    first(".next .answers button").send_keys(:enter)
    focused = "document.activeElement.closest('.answers') && document.activeElement.textContent"
    3.times do |count|
      expect(page).to have_css(".evidence li", count: count + 1)
      offered = first(".next .answers button").text.delete("\n")
      expect(page.evaluate_script(focused).to_s.strip).to start_with(offered[0, 8])
      page.driver.browser.keyboard.type(:enter)
    end
  end

  it "says why one is out, and what to measure again when it does not go together" do
    sign_in
    go "/faults?kind=unvented_indirect&symptom=relief_drips&e.drip_temperature=hot"
    find(".suspects li.out button", text: "has lost its charge").click
    expect(page).to have_css(".why", text: "Ruled out").and have_css(
      ".why",
      text: "cold or luke-warm"
    )
    two = "/faults?kind=gas_storage&symptom=pilot_out&e.release=dies_soon&e.generator=weak" \
          "&e.eco=open"
    go two
    expect(page).to have_css(".pairs", text: "No single cause explains all of this")
    go "#{two}&e.link=open&e.windy=yes"
    expect(page).to have_css("h2", text: "This does not go together")
    first("button", text: "Measure again").click
    expect(page).to have_no_css(".contradiction")
    expect(serious).to be_empty
  end

  it "works inside a visit on a phone: what was read counts, the job is taken in" do
    visit = office.start
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    office.read(visit, :static_pressure, "62")
    page.current_window.resize_to(390, 844)
    sign_in
    go "/visits/#{visit}"
    click_link "Find a fault"
    find(".symptom", text: "Water drips from the safety valve's pipe").click
    expect(page).to have_css(".evidence li", text: "from this visit")
    go "/visits/#{visit}/faults?symptom=relief_drips"
    {
      "drip_temperature" => "cold",
      "drip_when" => "on_heat_up",
      "air_valve" => "water",
      "hot_peak" => "at_relief"
    }.each do |test, value|
      Munimen::Desk::Decide.new(office.context).call(
        visit,
        id: office.uuid,
        name: "fault.relief_drips.#{test}",
        value:
      )
    end
    page.refresh
    expect(page).to have_css(".cause", text: "membrane has failed")
    click_button "Add"
    expect(page).to have_content("Taken into this visit")
    expect(office.view(visit)[:jobs].map { |job| job[:id] }).to include(:replace_vessel)
  end
end
