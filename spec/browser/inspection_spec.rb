# frozen_string_literal: true

require "screen_helper"

RSpec.describe "An inspection on the screen", type: :feature do
  english =
    AtTheScreen::VALUES.merge(
      "static_pressure" => "3.0",
      "flowing_pressure" => "2.4",
      "flow_rate" => "21",
      "tap_temperature" => "60",
      "hot_peak_found" => "3.6",
      "hot_peak_after" => "3.5",
      "vessel_charge" => "2.1",
      "charge_set" => "3"
    ).freeze

  # What is left of the plan, by touch; sound wherever that is an answer.
  def through(values)
    work_through { by_touch(values) }
  end

  def sign
    draw_signature
    find("[name=customer_name]").send_keys(:enter)
    expect(page).to have_content("Ada Brook signed")
    find_button("Sign").send_keys(:enter)
    expect(page).to have_content("Signed and locked")
  end

  def english_heater
    site = office.uuid
    id = office.uuid
    Munimen::Desk::AddSite.new(office.context).call(
      id: site,
      customer_id: office.customer,
      address: "4 Mill Row",
      code_profile: "england_g3"
    )
    Munimen::Desk::KeepHeater.new(office.context).add(
      id:,
      site_id: site,
      label: "Airing cupboard",
      installation: Build::KINDS[:unvented_indirect]
    )
    office.records.people.qualify(office.person[:id], [{ trade: "unvented" }])
    id
  end

  def start_at(heater, job)
    visit =
      Munimen::Desk::StartVisit.new(office.context).book(
        id: office.uuid,
        heater_id: heater,
        jobs: [job],
        planned_for: office.now.iso8601
      )[
        :id
      ]
    Munimen::Desk::StartVisit.new(office.context).start(visit)
    sign_in
    go "/visits/#{visit}"
    expect(page).to have_css("article h2", text: "Identify")
    visit
  end

  it "takes a whole English unvented indirect cylinder, in its own words and units" do
    visit = start_at(english_heater, "annual_safety")
    through(english)
    expect(page.text).not_to match(/faucet|psi\b|°F|water heater|T&P valve|expansion tank|breaker/)
    sign
    go "/visits/#{visit}/report"
    expect(page).to have_content("2.1 bar").and have_content(
      "Air charge of the expansion vessel"
    ).and have_content("Tundish at full flow")
    expect(page.text).not_to match(/faucet|psi\b|°F|water heater|T&P valve|expansion tank/)
  end

  it "takes a US gas heater by looking, on a phone, in no more than 60 touches and keystrokes" do
    page.driver.resize(390, 844)
    start_at(office.heater, "inspection")
    count_touches
    through({})
    sign
    items = %i[plate visible discharge_pipe].sum do |group|
      Munimen::Inspection::InspectionItem.for(
        office.records.visits.load(office.records.database[:visits].get(:id), now: office.now),
        group
      ).size
    end
    puts "inspection of #{items} items, all sound: #{touches} touches and keystrokes"
    expect(touches).to be <= 60
    expect(items).to be >= 40
  end

  it "keeps a photo, a note and a named wrong at its part, and says why a verdict is what it is" do
    visit = start_at(office.heater, "inspection")
    go "/visits/#{visit}?step=look_over"
    file = File.join(Dir.mktmpdir, "photo.png")
    FileUtils.cp(File.join(Munimen::ROOT, "docs/screenshots/today.png"), file)
    if page.has_css?("fieldset legend", text: "Trim rings", wait: 0)
      within("fieldset", text: "Trim rings") { click_button "Trim rings rippled by heat" }
    end
    within(find("fieldset", text: "Plastic rings at the flue")) do
      click_button "Trim rings rippled by heat"
      click_button "Note"
      find(".noting input").send_keys("left side", :enter)
      expect(page).to have_content("left side")
      attach_file("Photo: Plastic rings at the flue", file, make_visible: true)
      expect(page).to have_css(".photos img")
    end
    kept = office.records.database[:photos].first
    expect(kept).to include(media_type: "image/jpeg", subject: "trim_rings")
    click_button "Findings 1"
    click_button "Why?"
    expect(page).to have_content("Who set the limit").and have_content("Warm pipes ripple them too")
    # nothing of the page lies over what is asked for, and the way out of gas over everything
    over = page.evaluate_script(<<~JS)
      (() => {
        const on = (one) => { const { left, top, width, height } = one.getBoundingClientRect()
                              return document.elementFromPoint(left + width / 2, top + height / 2) }
        const lines = [...document.querySelectorAll('.el-dialog h3, .el-dialog dd')]
        const alarm = document.querySelector('header .alarm')
        return [lines.length, lines.filter((one) => !one.contains(on(one))).length, alarm.contains(on(alarm))]
      })()
    JS
    expect(over).to match([be_positive, 0, true])
  end

  it "works a calculation out as one types, keeps it in the address, and lets the owner set a " \
     "house rule" do
    sign_in("owner")
    go "/calculators/scald_time?temperature=140"
    expect(page).to have_content("About 6 s").and have_css(".plot svg path")
    find("[name=temperature]").set("60 degC")
    expect(page).to have_content("6 s")
    expect(page).to have_current_path(/temperature=60(\+|%20)degC/)
    find("[name=temperature]").set("hot")
    expect(page).to have_css("[role=alert]", text: "not a temperature")
    go "/settings"
    fill_in "Search the settings", with: "rippled"
    find(".found a", text: "Rippled plastic rings").click
    within(find("fieldset", text: "Rippled plastic rings")) do
      find("label", text: "of no account").click
    end
    expect(page).to have_button("as the level above")
    expect(office.records.settings.house_rules).to eq({ "rippled_ring" => "no_account" })
  end
end
