# frozen_string_literal: true

require "screen_helper"

# Before somebody comes: the household at its phone, by the link of its confirmation.
RSpec.describe "A household before a visit", type: :feature do
  let(:visit) do
    office.uuid.tap do |id|
      Munimen::Desk::StartVisit.new(office.context).book(
        id:, heater_id: office.heater, jobs: ["annual_safety"], planned_for: office.now.iso8601
      )
    end
  end

  it "is told at once what to do where it smells of gas, says what it sees in its own language, " \
     "and whoever comes sees it as theirs" do
    office.records.customers.update(office.customer, language: "es")
    page.driver.resize(390, 844)
    go Munimen::Desk::ToldBefore.new(office.context).link(visit)
    choose "Huele a gas"
    expect(page).to have_css("[role=alert]", text: "Todos afuera, ya.").and have_content("911")
    expect(serious).to be_empty
    choose "Gotea agua por el tubo de la válvula de alivio"
    expect(page).to have_no_css("[role=alert]")
    fill_in "words", with: "Solo de noche"
    fill_in "temperature", with: "mucho"
    click_button "Enviar"
    expect(page).to have_css("[role=alert]", text: "mucho")
    fill_in "temperature", with: "55 °C"
    click_button "Enviar"
    expect(page).to have_css("[role=status]", text: "Gracias")
    shot = File.join(Munimen::ROOT, "docs/screenshots/today.png")
    attach_file("picture-plate", shot, make_visible: true)
    expect(page).to have_content("una enviada")
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390

    sign_in
    go "/visits/#{visit}"
    within(".told") do
      expect(page).to have_content("“Solo de noche”").and have_content("131 °F at a tap")
      expect(page.evaluate_script("document.querySelector('.told img').naturalWidth")).to be > 100
    end
    expect(page).to have_content("They rang because: Water drips from the safety valve's pipe")
  end
end
