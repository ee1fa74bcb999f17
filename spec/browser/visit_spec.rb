# frozen_string_literal: true

require "screen_helper"

RSpec.describe "A visit on the screen", type: :feature do
  let(:id) { office.start }

  def all_by_key
    return unless shows?(".looks .all")

    press("a")
    quiet
    expect(page).to have_no_css(".looks .all")
  end

  # What the step in hand wants, given by the keyboard alone.
  def by_keyboard
    inside { keys }
  end

  def keys
    all_by_key
    if shows?(".looks .doubt")
      press("o")
      quiet
      expect(page).to have_no_css(".looks .doubt")
      all_by_key # that there is no pan asks whether one is wanted
    end
    if shows?(".decide")
      press("1")
      quiet
    end
    each_open_reading do |_, input|
      input ? input.send_keys(AtTheScreen::VALUES.fetch(input["name"]), :enter) : press("1")
      quiet
    end
    press(:Enter)
    throw :gone
  end

  it "goes from sign-in to the signed page by keyboard, at 1280 × 800" do
    visit_id = id
    type_in
    expect(page).to have_content("Ada Brook")
    find_button("Go on").send_keys(:enter)
    expect(page).to have_css("article h2", text: "Identify the water heater")
    work_through { by_keyboard }
    expect(page).to have_content("put right by the dates below").or have_content(
      "everything tested is sound"
    ).or have_content("worth watching")
    find("summary", text: "Permit, notice").click
    find("[name=paper-permit]").send_keys("B-2291", :enter)
    expect(page).to have_css("[aria-pressed=false]", text: "To follow", count: 2)
    within("fieldset", text: "Inspection by the authority") { click_button "To follow" }
    expect(page).to have_css("[aria-pressed=true]", text: "To follow")
    sign_with_names
    go "/visits/#{visit_id}/report"
    expect(page).to have_content("Permit: B-2291").and have_content("to follow")
    expect(page).to have_content("The maker's instructions, the local authority")
    expect(page).to have_content("What was measured").and have_content(
      "Air charge of the expansion tank"
    ).and have_content("44 psi")
    expect(page).to have_content("Re-check the expansion tank's charge")
    require "pdf-reader"
    bytes = page.evaluate_async_script(
      "fetch('/api/visits/#{visit_id}/report.pdf').then(r => r.arrayBuffer()).then(b => " \
      "arguments[0](Array.from(new Uint8Array(b))))"
    )
    text =
      PDF::Reader.new(StringIO.new(bytes.pack("C*"))).pages.map(&:text).join(" ").gsub(/\s+/, " ")
    expect(text).to include("Ada Brook", "44 psi", "Re-check the expansion", "Permit: B-2291")
    go "/"
    expect(page).to have_content("Re-check the expansion tank's charge")
  end

  it "goes the same way by touch on a phone, with a reload in the middle" do
    page.driver.resize(390, 844)
    page.driver.browser.page.command("Emulation.setTouchEmulationEnabled", enabled: true)
    sign_in
    go "/visits/#{id}"
    expect(page).to have_css("article h2", text: "Identify")
    by_touch
    expect_next("Identify the water heater")
    by_touch
    expect_next("Look it over, top to bottom")
    go "/visits/#{id}?step=read_tap_temperature"
    expect(page).to have_css("article h2", text: "Measure the faucet temperature")

    fill_in "tap_temperature", with: "11"
    go "/visits/#{id}?step=read_tap_temperature"
    expect(page).to have_field("tap_temperature", with: "11")

    fill_in "tap_temperature", with: "119"
    find("[name=tap_temperature]").send_keys(:enter)
    expect(page).to have_content("119 °F")
    quiet
    click_button "Done – next" # whether there is a mixing valve is asked, and may be left open
    expect(page).to have_css(".just", text: "119 °F")
    expect_next("Measure the faucet temperature")
    work_through { by_touch }
    sign_with_names
  end

  it "judges a reading at once, takes another unit, keeps the old value, and refuses nonsense " \
     "with the field" do
    office.looked_over(id)
    sign_in
    go "/visits/#{id}?step=read_static_pressure"
    field = find("[name=static_pressure]")
    field.send_keys("95", :enter) # the gauge that leads there is said with it
    expect(page).to have_css(
      ".verdict.defect",
      text: "95 psi is more than it should be"
    ).and have_content("IRC P2903.3.1")
    expect(page).to have_css(".state", text: "gauge fitted")
    field.send_keys("52 F", :enter)
    expect(page).to have_css(".second button:focus")
    press(:Enter)
    expect(page).to have_css("[role=alert]", text: "unit of temperature")
    expect(page).to have_field("static_pressure", with: "52 F")
    fill_in "static_pressure", with: "4 bar"
    field.send_keys(:enter)
    again = "Read again after the work; it was 95 psi"
    expect(page).to have_css(".second button:focus", text: again)
    press(:Enter)
    expect(page).to have_css(".just", text: "58 psi lies in the usual range")
    expect(page).to have_css("article h2", text: "Measure the faucet temperature")
    said = office.view(id)[:done].to_h { |step| step.values_at(:operation, :together) }
    expect(said).to include(fit_gauge: true, read_static_pressure: false)
    find(".just button", text: "Undo").click
    expect(page).to have_css("article h2", text: "Read the static pressure")
    expect(page).to have_content("was 95 psi")
  end

  it "says which need is missing and goes to the step on the way; a part touched jumps to its " \
     "step" do
    sign_in
    go "/visits/#{id}?step=read_vessel_charge"
    expect(page).to have_css(".needs", text: "pressure zero")
    expect(page).to have_button("Done – next", disabled: true)
    find("[name=vessel_charge]").send_keys("44", :enter)
    expect(page).to have_content("system's pressure, not the charge")
    within(".needs") { click_button "Identify the water heater" }
    expect(page).to have_css("article h2", text: "Identify")
    find(".section .label", text: "Discharge pipe").click
    within(".part") { click_button "Follow the discharge pipe" }
    expect(page).to have_css("article h2", text: "Follow the discharge pipe")
  end

  it "shows what to do on gas smell or CO with one touch, or the key g, from any screen" do
    sign_in
    ["/", "/customers", "/heaters/#{office.heater}", "/visits/#{id}"].each do |path|
      go path
      expect(page).to have_button("Gas or CO")
      click_button "Gas or CO"
      expect(page).to have_content("No flame. No switch, on or off.").and have_content(
        "Everybody out into fresh air"
      )
      press(:Escape)
      expect(page).to have_no_content("No flame.")
    end
    press("g")
    expect(page).to have_content("Gas smell")
  end

  it "adds a customer, a site and a heater with only what the data plate shows, and refuses what " \
     "cannot be" do
    sign_in
    click_link "Customers"
    click_button "New customer"
    fill_in "name", with: "Noor Vandersloot"
    find("[name=name]").send_keys(:enter)
    expect(page).to have_css("h1", text: "Noor Vandersloot")
    click_button "New site"
    fill_in "address", with: "9 Quarry Bend"
    click_button "Save"
    fill_in "label", with: "Cellar"
    fill_in "capacity", with: "900"
    click_button "Save"
    expect(page).to have_css("[role=alert]", text: "capacity must be between")
    fill_in "capacity", with: "190 L"
    fill_in "input", with: "40000"
    click_button "Save"
    expect(page).to have_css("h1", text: "Cellar – Gas storage, 190 L")
    expect(page).to have_css(".section")
  end

  it "finds a deficiency by a few letters and adds it by hand" do
    sign_in
    go "/visits/#{id}?step=fit_gauge"
    expect(page).to have_css("article h2", text: "Fit the gauge")
    press("/")
    find_by_id("catalogue-search").send_keys("strap")
    find(".entries button", text: "Straps missing").click
    click_button "Add"
    expect(page).to have_css(".verdict.defect", text: "Straps missing where they are required")
  end

  {
    "a day" => -> { ["/", "/visits/#{id}"] },
    "customers" => -> { ["/customers", "/customers/#{office.customer}"] },
    "a heater and a page" => -> { ["/heaters/#{office.heater}", "/visits/#{office.walk}/report"] },
    "calculators" => -> { ["/calculators", "/calculators/scald_time?temperature=130"] },
    "settings" => -> { ["/settings/people", "/settings/rules"] }
  }.each do |name, paths|
    it "has no serious findings of axe, light and dark, on a desk and on a phone: #{name}" do
      sign_in
      found = instance_exec(&paths).product([[1280, 800], [390, 844]]).flat_map do |path, size|
        page.driver.resize(*size)
        go path
        expect(page).to have_css("main h1, main h2")
        wrong = serious
        # in the dark nothing but the colours is otherwise, and they are those of the desk
        if size.first > 390 || TRIES > 1
          page.execute_script("document.documentElement.classList.add('dark')")
          sleep 0.5 # colours fade over
          wrong += serious("color-contrast")
        end
        wrong.map { |one| "#{path} #{size.first}: #{one}" }
      end
      expect(found).to be_empty, found.join("\n")
    end
  end
end
