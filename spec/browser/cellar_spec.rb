# frozen_string_literal: true

require "screen_helper"

# Where there is no signal: the server is a process of its own, stopped for real. What is done
# meanwhile is judged by the same Ruby in the browser, kept there, and sent once it is back.
RSpec.describe "A visit without a signal", type: :feature do
  include KilledOffice

  let(:visit) { office.start }

  # The American year goes the same way in bin/bench offline, and online in visit_spec.rb.
  it "goes through the year of an English cylinder to both signatures with the server dead and " \
     "the page loaded anew, and is sealed as it was signed once the server is back" do
    page.driver.resize(390, 844)
    own = [[[0.1, 0.2], [0.3, 0.4], [0.6, 0.3]]]
    office.records.people.change(office.person[:id], { signature: own })
    visit = start_english
    ready
    stop
    go "/visits/#{visit}"
    expect(page).to have_css("article h2", text: "Identify")
      .and have_css(".waiting", text: "No signal")
    by_touch(AtTheScreen::ENGLISH)
    expect_next("Identify the water heater")
    go "/visits/#{visit}"
    expect(page).to have_css("article h2", text: "Ask before lifting the lever")
    work_through { by_touch(AtTheScreen::ENGLISH) }
    sign_with_names(own: true)
    expect(kept).to be > 20
    back = Time.now.utc.iso8601(3)
    serve
    expect(page).to have_no_css(".waiting", wait: 40)

    row = office.records.visits.find(visit)
    expect(row.values_at(:status, :outcome)).to eq(%w[signed in_service])
    signed = office.records.visits.rows(:signatures, visit)
    expect(signed.map { |one| one[:signer] }).to eq(%w[customer plumber])
    expect(signed.last[:strokes]).to eq(own)
    times = office.records.visits.rows(:steps, visit).map { |one| one[:at] }
    expect([times, times.uniq.size > times.size / 2,
            times.last < back]).to eq([times.sort, true, true])
    expect(office.view(visit)[:verdicts].to_h { |one| one.values_at(:check, :state) }).to include(
      cut_out_test: :sound, proved_dead: :sound
    )
    expect(office.records.seals.problems(office.records.photo_files)).to eq([])
    go "/visits/#{visit}/report"
    expect(page).to have_content("Air charge of the expansion vessel")
  end

  it "shows a photograph taken there, through a restart, and brings it home once; and says in " \
     "the shop whether the part in the hand fits" do
    visit
    ready
    stop
    page.driver.resize(390, 844)
    go "/visits/#{visit}"
    click_button "Work, water, material…"
    within(".el-dialog") do
      click_button "T&P valve"
      expect(page).to have_css(".card dd b", text: "40,000 Btu/h")
      find("[name=held-rating]").set("30000").send_keys(:enter)
      expect(page).to have_css(".held .fit.no", text: "does not fit")
      find("[name=held-rating]").set("15 kW").send_keys(:enter)
      expect(page).to have_css(".held .fit", text: "not all known")
    end
    page.driver.resize(1280, 800)
    go "/visits/#{visit}?step=look_over"
    file = File.join(Dir.mktmpdir, "photo.png")
    FileUtils.cp(File.join(Munimen::ROOT, "docs/screenshots/today.png"), file)
    within(find("fieldset", text: "Plastic rings at the flue")) do
      attach_file("Photo: Plastic rings at the flue", file, make_visible: true)
      expect(page).to have_css(".photos img")
    end
    go "/visits/#{visit}?step=look_over"
    expect(page).to have_css(".photos img")
    width = "document.querySelector('.photos img').naturalWidth"
    expect(page.evaluate_script(width)).to be > 100
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    expect(office.records.database[:photos].select_map(:subject)).to eq(["trim_rings"])
    expect(Dir[File.join(office.config.folder, "uploads/*")]).to eq([])
  end

  it "begins and ends an exercise on the training rig with the server dead, and the office " \
     "learns what came of it" do
    ready
    stop
    go "/training"
    expect(page).to have_css(".scenario", minimum: 5).and have_css(".waiting", text: "No signal")
    find("button", text: "The puddle by the heater").click
    expect(page).to have_css(".training", text: "puddle").and have_css("article h2")
    click_button "+10 min"
    expect(page).to have_css(".clock", text: /\A0:1\d:/)
    run = page.current_path[/\h{8}-[\h-]+/]
    go "/visits/#{run}?step=read_static_pressure"
    first("button", text: "Take from").click
    expect(page).to have_button("Into the field", wait: 40)
    click_button "Into the field"
    click_button "Save"
    expect(page).to have_css(".reading .kept")
    click_link "To the fault finder"
    click_button "Take it on the rig"
    expect(page).to have_css(".told").and have_css(".evidence li", minimum: 1)
    first(".suspects li:not(.out) button", text: "seat").click
    click_button "That is the cause"
    expect(page).to have_content("That was not it").and have_css(".training", text: "Wrong parts 1")
    go "/visits/#{run}"
    click_button "Give up"
    expect(page).to have_css(".verdict", text: "Not found", wait: 60)
    told = find(".figures").text
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    200.times { office.records.training.of(office.person).any? ? break : sleep(0.1) }
    go "/training/#{run}"
    expect(page).to have_css(".figures", text: told)
    expect(office.records.training.of(office.person).map { |row| row[:id] }).to eq([run])
  end

  def start_english
    people = office.records.people
    people.qualify(office.person[:id], [{ trade: "unvented" }, { trade: "electrical" }])
    context = office.context
    site = office.uuid
    Munimen::Desk::AddSite.new(context).call(
      id: site, customer_id: office.customer, address: "4 Mill Row", code_profile: "england_g3"
    )
    Munimen::Desk::KeepHeater.new(context).add(
      id: heater = office.uuid, site_id: site, label: "Airing cupboard",
      installation: Build::KINDS[:unvented_indirect]
    )
    visits = Munimen::Desk::StartVisit.new(context)
    visits.book(id: office.uuid, heater_id: heater, jobs: ["annual_unvented"],
                planned_for: Time.now.utc.iso8601)[:id].tap { |id| visits.start(id) }
  end
end
