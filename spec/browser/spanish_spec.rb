# frozen_string_literal: true

require "screen_helper"

# The tool in the language of whoever works with it, chosen once, with a line and without.
RSpec.describe "The tool in Spanish", type: :feature do
  include KilledOffice

  let(:visit) { office.start }

  def within_the_phone
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
    expect(serious).to be_empty
  end

  it "is chosen under the account, says each screen within a phone's edges, and goes on without " \
     "a signal" do
    visit
    ready
    page.driver.resize(390, 844)
    go "/account"
    select "Español", from: "Language of the tool"
    within("form", text: "Your name") { click_button "Save" }
    expect(page).to have_content("Su cuenta").and have_css("html[lang=es-US]")
    { "/" => "Visitas de hoy", "/owed" => "Pendiente", "/faults" => "Buscador de fallas",
      "/calculators/recovery" => "Agua caliente hecha en una hora" }.each do |path, text|
      go path
      expect(page).to have_content(text)
      within_the_phone
    end
    go "/visits/#{visit}"
    expect(page).to have_css("article h2", text: "Identificar el calentador")
    within_the_phone
    expect(page).to have_no_css(".waiting", wait: 20)
    go "/"
    expect(page).to have_css(".ready", text: "Listo para trabajar sin señal", wait: 60)
    stop
    go "/visits/#{visit}?step=read_static_pressure"
    expect(page).to have_css("article h2", text: "Leer la presión estática", wait: 30)
    find("input[name=static_pressure]").send_keys("95", :enter)
    expect(page).to have_css(".verdict", text: "psi es más de lo debido", wait: 30)
  end
end
