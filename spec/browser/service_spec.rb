# frozen_string_literal: true

require "screen_helper"

# Service work at the screen: guided parts, timers, work put off, needs passed over.
RSpec.describe "Service at the screen", type: :feature do
  # Does steps of the plan until `stop` is next; waits are called over.
  def drive_to(visit, stop, **answers)
    40.times do
      step = office.view(visit)[:plan][:steps].first
      break if step[:operation] == stop

      take(visit, step, answers)
    end
  end

  def take(visit, step, answers)
    if step[:needs].any? { |need| !need[:met] }
      office.view(visit)[:running].each do |wait|
        office.step(visit, wait[:operation], "already_so")
      end
    end
    (step[:looks] || []).each do |item|
      Munimen::Desk::RecordObservations.new(office.context).call(
        visit,
        items: [{ id: office.uuid, item: item[:id].to_s, finding: "sound" }]
      )
    end
    step[:reads].each do |read|
      next unless read[:wanted]

      office.read(
        visit,
        read[:name],
        answers[read[:name]] || read[:choices]&.first&.fetch(:id) || "1"
      )
    end
    office.now = Time.now.utc
    office.step(visit, step[:operation])
  end

  it "counts a drain down on every device, through a reload, says what can go on, and ends it " \
     "when told" do
    visit = office.start(jobs: %w[flush])
    drive_to(visit, :drain_empty)
    sign_in
    go "/visits/#{visit}"
    expect(page).to have_css("article h2", text: "Drain the tank empty")
    click_button "Done – next"
    expect(page).to have_css(".waits .clock").and have_content("expected")
    first = find(".waits .clock").text
    page.refresh
    expect(page).to have_css(".waits", text: "Draining")
    using_session(:other) do
      sign_in("owner")
      go "/visits/#{visit}"
      expect(page).to have_css(".waits .clock")
      minutes = [first, find(".waits .clock").text].map do |text|
        text.split(":").then { |m, s| (m.to_i * 60) + s.to_i }
      end
      expect(minutes.reduce(:-)).to be_between(0, 30)
      page.visit("about:blank")
    end
    click_button "It is over"
    expect(page).to have_no_css(".waits").and have_css(".state .changed", text: "level empty")
  end

  it "leads through flush cycles: what came out is the worst pail" do
    visit = office.start(jobs: %w[flush])
    drive_to(visit, :flush_bursts)
    office.view(visit)[:running].each { |wait| office.step(visit, wait[:operation], "already_so") }
    sign_in
    go "/visits/#{visit}?step=flush_bursts"
    find(".pails button", text: "Grit").click
    expect(page).to have_content("Bursts: 1")
    find(".pails button", text: "Clear").click
    expect(page).to have_content("Bursts: 2. Grit → Clear")
    expect(page).to have_css(".say", text: "enough")
    click_button "Done – next"
    expect_next("Flush in bursts until it runs clear")
    readings = office.view(visit)[:readings]
    expect([readings[:flush_result][:choice], readings[:flush_cycles][:text]]).to eq([:grit, "2"])
  end

  it "proves dead pair by pair: all zero and the tester proved again, or it is not dead" do
    office.records.people.qualify(office.person[:id], [{ trade: "electrical" }])
    Munimen::Desk::KeepHeater.new(office.context).change(
      office.heater,
      label: "Closet",
      installation: Build::ELECTRIC
    )
    visit = office.start(jobs: %w[check_elements])
    drive_to(visit, :prove_dead)
    sign_in
    go "/visits/#{visit}"
    expect(page).to have_button("0 V", disabled: true, count: 3)
    click_button "Works"
    3.times { |index| all("button", text: "0 V")[index].click }
    expect(page).to have_content("Tester on the proving unit, after")
    all("button", text: "Works").last.click
    expect(page).to have_css(".state .changed", text: "proved dead")
  end

  it "takes a job in, puts one off with its reason, and the page says so" do
    visit = office.start(jobs: %w[flush])
    sign_in
    go "/visits/#{visit}"
    click_button "Work, water, material…"
    expect(page).to have_css("dd", text: /gal/)
    find(".el-select").click
    find(".el-select-dropdown__item", text: "Replace the anode").click
    click_button "Add"
    expect(page).to have_css(".jobs li", text: "Replace the anode")
    within(".jobs") { all("button", text: "Postpone").last.click }
    fill_in "Why: a part is missing, no time, …", with: "Anode not in stock"
    within(".jobs") { find("button[type=submit]").click }
    expect(page).to have_css(".jobs s", text: "Replace the anode")
    expect(office.view(visit)[:jobs].map { |job| job[:id] }).to eq([:flush])
    go "/visits/#{visit}/report"
    expect(page).to have_content("Postponed to another day").and have_content("Anode not in stock")
  end

  it "offers no way past a need that protects, and matches the part by its plate" do
    visit = office.start(jobs: %w[replace_vessel])
    drive_to(visit, :read_static_pressure)
    office.read(visit, :static_pressure, "62")
    office.records.settings[:parts] =
      "kind,maker,model,price,volume,working_pressure\nvessel,Own,V8,61.00,8 gal,150 psi\n"
    sign_in
    go "/visits/#{visit}?step=replace_vessel"
    expect(page).to have_css(".needs", text: "pressure zero").and have_no_button(
      "Do it all the same, with a reason…"
    )
    click_button "Which one fits?"
    expect(page).to have_css("summary", text: "fits").and have_css("td", text: /gal/)
  end
end
