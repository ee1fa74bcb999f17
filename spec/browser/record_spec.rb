# frozen_string_literal: true

require "screen_helper"

# The heater's record is made at the heater.
RSpec.describe "A heater that nobody has seen", type: :feature do
  # Buttons, and fields that are typed into and left by Enter.
  def count_hands
    page.execute_script(<<~JS)
      window.hands = 0
      const hand = e => e.isTrusted && (e.type === 'click' || e.key === 'Enter') && window.hands++
      for (const one of ['click', 'keydown']) addEventListener(one, hand, true)
    JS
  end

  def fact(field) = find(".fact[data-field=#{field}]", match: :first)

  def type_fact(field, text)
    fact(field).find("input").set(text).send_keys(:enter)
    expect(page).to have_no_css(".record .fact[data-field=#{field}]")
  end

  it "is begun with kind and size, made known by its plates and by the drawing in no more than " \
     "thirty touches, and asks where the visit says otherwise" do
    sign_in
    go "/customers/#{office.customer}"
    count_hands
    click_button "New heater"
    find("[role=radio]", text: "Gas storage").click
    find("[name=begin_capacity]").set("40").send_keys(:enter)
    click_button "Annual safety visit"
    expect(page).to have_css("h2", text: "Identify")
    visit = page.current_path[/\h{8}-[\h-]+/]
    { maker: "Harl", model: "G40", serial: "H-100200", manufactured: "2019-03",
installed: "2019-05" }
      .each do |field, text|
      type_fact(field, text)
    end
    { input: "40000", working_pressure: "150", relief_set_pressure: "150" }
      .each { |field, text| type_fact(field, text) }
    within(fact(:fuel)) { click_button "Natural gas" }
    expect(page).to have_no_css(".record .fact[data-field=fuel]")
    expect(page).to have_css(".section .unknown rect")
    { "Drain pan" => "No", "Expansion tank" => "Present", "Anode" => "Separate" }
      .each do |part, answer|
        find(".chip", text: part).click
        within(".part") { click_button answer, match: :first }
        expect(page).to have_css(".part [aria-pressed=true]", text: answer)
      end
    expect(page).to have_css(".section .vessel rect")
    expect(page.evaluate_script("window.hands")).to be <= 30
    heater = office.records.visits.find(visit)[:heater_id]
    plate = office.records.heaters.with_place(heater)[:heater]
    expect([plate.capacity.in("gal").round, plate.fuel, plate.pan, plate.vessel, plate.serial])
      .to eq([40, :natural_gas, :no, :external, "H-100200"])

    office.look(visit, :visible, anode_seen: :absent)
    go "/visits/#{visit}"
    find("[role=tab]", text: "Findings").click
    within(".proposal", text: "The record says: Separate") { click_button "Change the record" }
    within(".proposal", text: "Draft: Open hood") { click_button "Take it" }
    within(".proposal", text: "Pressure regulator: Yes") { click_button "Leave the record" }
    expect(page).to have_no_css(".proposal")
    expect(serious).to be_empty
    page.driver.resize(390, 844)
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
  end

  # A plate of our own as a picture: drawn by the browser, slightly askew.
  def photograph(lines)
    go "/sign-in"
    page.execute_script(<<~JS)
      document.body.innerHTML = `<div style="font: bold 30px sans-serif; padding: 60px; background:
        #ddd; color: #222; line-height: 1.6; transform: rotate(0.6deg)">#{lines.join("<br>")}</div>`
    JS
    File.join(Dir.mktmpdir("munimen-plate"), "plate.png")
        .tap { |path| page.driver.save_screenshot(path) }
  end

  it "proposes what stands on a photograph of the plate, beside it, and writes nothing by itself" do
    plate = photograph(
      ["ORRIN WORKS", "MODEL NO. GX-40T12", "SERIAL NO. 104429871", "CAPACITY 40 GAL",
       "INPUT 38,000 BTU/HR", "MAX WORKING PRESSURE 150 PSI   TEST 300 PSI"]
    )
    sign_in
    go "/customers/#{office.customer}"
    click_button "New heater"
    find("[role=radio]", text: "Gas storage").click
    find("[name=begin_capacity]").set("40").send_keys(:enter)
    click_button "Annual safety visit"
    expect(page).to have_css("h2", text: "Identify")
    visit = page.current_path[/\h{8}-[\h-]+/]
    attach_file "plate", plate, make_visible: true
    proposal = find(".plate p", text: "Serial", wait: 30)
    expect(page).to have_css(".plate img")
    heater = office.records.visits.find(visit)[:heater_id]
    before = office.records.heaters.with_place(heater)[:heater]
    expect([before.serial, before.input]).to eq([nil, nil])
    within(proposal) { click_button "Take it" }
    expect(page).to have_no_css(".record .fact[data-field=serial]")
    within(find(".plate p", text: "38000")) { click_button "Take it" }
    expect(page).to have_no_css(".record .fact[data-field=input]")
    after = office.records.heaters.with_place(heater)[:heater]
    expect([after.serial, after.input.in("Btu/h").round]).to eq(["104429871", 38_000])
    page.driver.resize(390, 844)
  end
end
