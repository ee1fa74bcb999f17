# frozen_string_literal: true

require "screen_helper"

# One exercise on the training rig, to its debrief.
RSpec.describe "The training rig", type: :feature do
  it "hides a fault behind the visit's own screens: clock, tests on the rig, a wrong name, the " \
     "right one, the debrief" do
    sign_in
    go "/faults"
    click_link "Practise on the training rig"
    find("button", text: "A cold morning").click
    expect(page).to have_css(".training", text: "The little flame is gone").and have_css(
      ".step-title",
      text: "Identify"
    )
    click_button "10×"
    click_button "+60 min"
    expect(page).to have_css(".clock", text: /\A1:0\d:/)
    click_link "To the fault finder"
    click_button "Take it on the rig"
    expect(page).to have_css(".told", text: "The pilot flame").and have_css(
      ".evidence li",
      minimum: 1
    )
    first(".suspects li:not(.out) button", text: "magnet").click
    click_button "That is the cause"
    expect(page).to have_content("That was not it")
    8.times do
      break if page.has_css?("h2", text: "Settled", wait: 0.3)

      before = all(".evidence li").size
      click_button "Take it on the rig"
      expect(page).to have_css(".evidence li", minimum: before + 1)
    end
    within(".next") { click_button "That is the cause" }
    expect(page).to have_css(
      ".verdict",
      text: "Found. It was: The thermocouple or thermopile is weak"
    )
    expect(page).to have_content("Wrong parts 1").and have_content(
      "The shortest safe way"
    ).and have_content("It could have shown")
    expect(serious).to be_empty
    page.current_window.resize_to(390, 844)
    click_link "Another one"
    expect(page).to have_css(".results td", text: "A cold morning").and have_no_css(".solved")
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
    expect(serious).to be_empty
  end
end
