# frozen_string_literal: true

require "screen_helper"

# What people do around the order of work: give up, undo, refuse, find danger, work in twos.
RSpec.describe "People at the screen", type: :feature do
  let(:id) { office.start }

  it "gives a step up with a reason by key, undoes it by key, and walks the steps with n and p" do
    sign_in
    go "/visits/#{id}?step=read_tap_temperature"
    expect(page).to have_css("article h2", text: "Measure the faucet temperature")
    page.execute_script("document.activeElement.blur()")
    press("x")
    click_button "No access"
    fill_in "Say more", with: "cupboard locked"
    click_button "Save"
    expect_next("Measure the faucet temperature")
    find(".past summary").click
    expect(page).to have_content("No access: cupboard locked")
    press("u")
    expect(page).to have_no_css(".past")
    expect(title).to eq("Identify the water heater")
    press("n")
    expect(page).to have_no_css("article h2", text: "Identify the water heater")
    press("p")
    expect(page).to have_css("article h2", text: "Identify the water heater")
    press("?")
    expect(page).to have_css("[role=dialog]", text: "undo the last step")
  end

  it "stops the heat from coming back on before the water runs free of air" do
    office.looked_over(id)
    %i[turn_burner_to_pilot shut_heater_supply let_pressure_down].each do |operation|
      office.step(id, operation)
    end
    sign_in
    go "/visits/#{id}?step=restore_burner"
    expect(page).to have_css(".state .changed", text: "supply shut").and have_css(
      ".state .changed",
      text: "pressure zero"
    )
    expect(page).to have_css(".needs", text: "no air in the pipes")
    expect(page).to have_button("Done – next", disabled: true)
    within(".needs") { first("button").click }
    expect(page).to have_no_css("article h2", text: "Turn the burner on")
  end

  it "wants to know what was done about a danger and who was told, and keeps the refusal of the " \
     "customer" do
    office.read(id, :relief_lever, "will_not_lift")
    %i[turn_gas_off make_safe].each { |operation| office.step(id, operation) }
    office.looked_over(id)
    while (step = office.view(id)[:plan][:steps].first)
      safe = %i[shut_gas_cock leave_made_safe].include?(step[:operation])
      give_up = { reason: "Unsafe to do" }
      office.step(id, step[:operation], safe ? "done" : "not_tested", **(safe ? {} : give_up))
    end
    sign_in
    go "/visits/#{id}?step=finish"
    expect(page).to have_content("switched off and made safe")
    expect(page).to have_no_content("Customer signs")
    fill_in "action-relief_valve", with: "Gas off at the cock, tagged"
    fill_in "told-relief_valve", with: "Ada Brook, in person"
    expect(page).to have_no_button("In service")
    expect(page).to have_content("Customer signs")
    find("label", text: "Customer does not sign").click
    fill_in "refusal", with: "Wants a second opinion"
    click_button "Sign"
    expect(page).to have_content("Did not sign: Wants a second opinion")
    click_button "Sign"
    expect(page).to have_content("Signed and locked")
    click_link "Open the report"
    expect(page).to have_css("h1", text: "must not be used").and have_content(
      "Gas off at the cock, tagged"
    ).and have_content("not signed – Wants a second opinion")
    go "/"
    expect(page).to have_css(".owed .danger", text: "The lever will not lift")
  end

  it "shows one what the other has typed, without a reload" do
    office.read(id, :tap_temperature, "119")
    sign_in
    go "/visits/#{id}?step=read_static_pressure"
    expect(page).to have_css("article h2", text: "Read the static pressure")
    office.now = Time.now.utc
    Munimen::Desk::TakeReading.new(office.context("owner")).call(
      id,
      id: office.uuid,
      name: "static_pressure",
      value: "66"
    )
    # by the event: without one the screen only looks every five seconds
    expect(page).to have_css(".kept", text: "66 psi", wait: 4)
    expect(page).to have_css(".news", text: "Owner: Static pressure, nothing running 66 psi")
  end

  it "draws a signature with the pointer and keeps it for the page" do
    signed = office.walk
    strokes =
      office
        .records
        .visits
        .rows(:signatures, signed)
        .map { |row| row[:strokes].flatten(1).size }
    expect(strokes).to all(be > 10)
    sign_in
    go "/visits/#{signed}/report"
    expect(page).to have_css(".signatures svg path", count: 2, visible: :all)
    expect(page).to have_no_content("not signed yet")
  end

  it "books a visit, starts it from today, and shows the plan's length before" do
    sign_in
    go "/heaters/#{office.heater}"
    click_button "Start a visit now"
    click_button "Annual safety visit"
    expect(page).to have_css("article h2", text: "Identify the water heater").and have_content(
      "min hands-on"
    )
    expect(page).to have_css(".line .block", minimum: 20)
    go "/"
    expect(page).to have_button("Go on", minimum: 1).and have_content("Annual safety visit")
    visit = office.records.database[:visits].where(status: "open").get(:id)
    go "/heaters/#{office.heater}"
    click_button "Start a visit now" # there is one: it goes on
    expect(page).to have_css("article h2", text: "Identify the water heater")
    expect(page).to have_current_path(%r{\A/visits/#{visit}})
  end

  it "reads step, value and verdict aloud, and shows numbers large, where one touch says so" do
    page.driver.resize(390, 844)
    visit = office.start
    office.looked_over(visit)
    office.step(visit, "fit_gauge")
    sign_in
    page.driver.browser.page.command("Page.addScriptToEvaluateOnNewDocument", source: <<~JS)
      window.spoken = []
      window.SpeechSynthesisUtterance = function (text) { this.text = text }
      Object.defineProperty(window, 'speechSynthesis', {
        value: { speak: one => window.spoken.push(`${one.lang} ${one.text}`), cancel: () => {} },
      })
    JS
    go "/visits/#{visit}?step=read_static_pressure"
    click_button "Read aloud"
    click_button "Large numbers, to be read from two metres"
    find("input[name=static_pressure]").send_keys("95", :enter)
    spoken = -> { page.evaluate_script("window.spoken") }
    expect(page).to have_css(".reading .kept", text: "95")
    expect(spoken[]).to include(/\Aen-US Read the static pressure/, /\Aen-US 95\. .*more than/i)
    size = page.evaluate_script(
      "parseFloat(getComputedStyle(document.querySelector('.reading .kept')).fontSize)"
    )
    expect(size).to be > 40
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
    go "/visits/#{visit}?step=read_tap_temperature"
    expect(page).to have_css(".reading input")
    typed = page.evaluate_script(
      "parseFloat(getComputedStyle(document.querySelector('.reading input')).fontSize)"
    )
    expect(typed).to be > 40
    expect(page).to have_css(".afar [aria-pressed=true]", count: 2)
  end

  it "leads whoever scans a tag and has no account to what they may know" do
    signed = office.walk
    go "/heaters/#{office.records.visits.find(signed)[:heater_id]}"
    at_both_sizes do
      expect(page).to have_content("Next service:").and have_content("Never plug, cap or shorten")
    end
    expect(page).to have_no_content(office.records.customers.find(office.customer)[:name])
    sign_in
    go "/heaters/#{office.heater}"
    expect(page).to have_css(".section")
  end

  it "shows one's own visits today, and everybody's behind one touch" do
    owner = office.person("owner")[:id]
    office.records.database[:visits].where(id: office.start).update(account_id: owner)
    mine = office.start
    sign_in
    go "/"
    expect(page).to have_css("article.visit", count: 1)
    click_button "Everybody’s 2"
    expect(page).to have_css("article.visit", count: 2)
    click_button "Mine 1"
    click_button "Go on"
    expect(page).to have_current_path("/visits/#{mine}")
  end

  it "remembers the theme, and draws in the dark" do
    sign_in
    click_button "Dark"
    go "/heaters/#{office.heater}"
    expect(page).to have_css("html.dark .section")
    click_button "Light"
    expect(page).to have_no_css("html.dark")
  end

  it "says that the sign-in was wrong without saying which part, and keeps a stranger out" do
    go "/customers"
    expect(page).to have_content("Sign in")
    fill_in "E-mail", with: "plumber@example.test"
    fill_in "Password", with: "not the password"
    find("input[name=password]").send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: "The address or the password is wrong.")
    expect(page).to have_no_link("Customers")
  end
end
