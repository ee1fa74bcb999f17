# frozen_string_literal: true

require "screen_helper"

# What lasts beyond a visit, at the screen: quantities over the years, a pressure log.
RSpec.describe "Records at the screen", type: :feature do
  def log_file(rows)
    File.join(office.config.folder, "logger.csv").tap do |path|
      start = Time.utc(2026, 11, 20)
      lines = Array.new(rows) do |index|
        "#{(start + (index * 10)).strftime("%m/%d/%Y %H:%M:%S")},#{yield index}"
      end
      File.write(path, ["Time,Pressure (psi)", *lines].join("\n"))
    end
  end

  it "shows what a heater's quantities did over the years, with their limits, and says it in " \
     "words" do
    [[58, 0], [54, 365], [50, 730]].each do |charge, days|
      office.now = Time.utc(2024, 11, 20, 9) + (days * 86_400)
      office.walk(charge:)
    end
    sign_in
    go "/heaters/#{office.heater}"
    within(".trends") do
      expect(page).to have_css("li", text: "Expansion tank's charge").and have_css(
        "li",
        text: "Static pressure"
      )
      line = find("li", text: "Expansion tank's charge")
      expect(line).to have_css("circle", minimum: 3).and have_css(".bound", visible: :all)
      expect(line.find("svg")["aria-label"]).to include("2024-11 58 psi")
    end
    expect(serious).to be_empty
  end

  it "takes in a logger's file with progress, marks what happened, and asks where it cannot tell" do
    office.start
    sign_in
    go "/heaters/#{office.heater}"
    attach_file "log", log_file(9) { 60 }, make_visible: true
    expect(page).to have_css("[role=alert]", text: "at least 20")
    watch =
      "() => { const bar = document.querySelector('progress'); if (bar) (window.seen ??= " \
      "[]).push(Number(bar.value)) }"
    page.execute_script(
      "new MutationObserver(#{watch}).observe(document.body, { subtree: true, childList: true, " \
      "attributes: true })"
    )
    attach_file "log",
                log_file(60_000) { |index| index % 2000 < 200 ? 60 + (index % 2000 * 0.3) : 60 },
                make_visible: true
    expect(page).to have_css("h1", text: "logger.csv", wait: 20)
    expect(page.evaluate_script("window.seen.length")).to be > 2
    expect(
      page.evaluate_script(
        "window.seen.every((value, index) => !index || value >= window.seen[index - 1])"
      )
    ).to be(true)
    expect(page).to have_css(".event.heating", count: 30).and have_content(
      "Rises with heating 30 times"
    )
    find(".events button", match: :first).click
    expect(page).to have_css(".event.chosen", count: 1)
    expect(serious).to be_empty
    click_button "Take into the open visit"
    expect(page).to have_content("Written down as readings.")
    expect(office.records.database[:readings].select_map(:name)).to contain_exactly(
      "static_pressure",
      "hot_peak_found",
      "night_rise"
    )
  end

  it "plans a day: drags a visit to somebody else, sees what breaks, takes the proposal and " \
     "keeps it" do
    office.now = Time.utc(2026, 11, 24, 6)
    book = Munimen::Desk::StartVisit.new(office.context("owner"))
    _, plumber = %w[owner plumber].map { |role| office.person(role) }
    Munimen::Desk::Qualify.new(office.context("owner")).call(
      plumber[:id],
      qualifications: [{ trade: "gas", number: "G1", expires: "2030-01-01" }]
    )
    2.times do |index|
      book.book(
        id: office.uuid,
        heater_id: office.heater,
        jobs: ["clean_burner"],
        planned_for: "2027-03-02T#{10 + index}:00:00.000Z",
        account_id: plumber[:id]
      )
    end
    sign_in("owner")
    go "/plan?from=2027-03-02&days=1"
    expect(page).to have_css("td .stop", count: 2)
    rows = all("tbody tr")
    theirs, mine =
      %w[Plumber Owner].map { |name| rows.find { |row| row.has_css?("th", text: name, wait: 0) } }
    theirs.first(".stop").drag_to(mine.find("td"))
    expect(mine).to have_css(".stop.broken", text: "Owner does not hold: gas.")
    click_button "Propose an order"
    expect(page).to have_no_css(".stop.broken")
    expect(theirs).to have_css(".stop", count: 2)
    click_button "Save this plan"
    expect(page).to have_content("Kept.")
    expect(
      office.records.database[:visits].select_order_map(:planned_for).map { |at| at[0, 10] }.uniq
    ).to eq(["2027-03-02"])
    expect(serious).to be_empty
  end

  it "hands a customer a link, which opens the page to nobody signed in until it is ended" do
    signed = office.walk
    sign_in
    go "/visits/#{signed}/report"
    click_button "Send to the customer"
    click_button "New link"
    address = find(".url").text
    expect(serious).to be_empty
    page.driver.clear_cookies
    go URI(address).path
    expect(page).to have_css("h1.verdict").and have_content("Ada Brook")
    expect(page).to have_no_link("Customers")
    expect(page).to have_link("PDF", href: "/api#{URI(address).path}/report.pdf?language=en")
    go "/customers"
    expect(page).to have_button("Sign in")
    sign_in
    go "/visits/#{signed}/report"
    click_button "Send to the customer"
    expect(page).to have_content("looked at once")
    click_button "End it"
    expect(page).to have_content("ended")
    go URI(address).path
    expect(page).to have_css("[role=alert]", text: "does not hold any more")
  end

  it "makes a backup and puts it back from Settings, and imports a table after a look at each " \
     "row" do
    office.walk
    backup = File.join(office.config.folder, "backup.zip")
    Munimen::Desk::Backup.new(office.records, office.config.folder).write(backup)
    table =
      File
        .join(office.config.folder, "customers.csv")
        .tap { |path| File.write(path, "name,phone\nBo Ash,555\n,556\n") }
    sign_in("owner")
    go "/settings/data"
    expect(page).to have_content("1 seals, all whole")
    expect(page).to have_link("Make a backup", href: "/api/backup.zip")
    attach_file "table", table, make_visible: true
    expect(page).to have_content("1 new, 0 changed, 0 the same, 1 wrong.").and have_content(
      "name is missing"
    )
    expect(page).to have_button("Import all", disabled: true)
    File.write(table, "Kunde;Telephone;Unser Zeichen\nBo Ash;555;7\n")
    attach_file "table", table, make_visible: true
    expect(page).to have_content("There is no column “Kunde”")
    within("label", text: "Kunde") { find(".el-select").click }
    find(".el-select-dropdown__item", text: /\Aname\z/).click
    click_button "Look again"
    expect(page).to have_content("1 new, 0 changed, 0 the same, 0 wrong.")
    click_button "Import all"
    expect(page).to have_content("Imported.")
    expect(office.records.customers.list.size).to eq(2)
    attach_file "backup", backup, make_visible: true
    click_button "Put it back"
    expect(page).to have_content("The backup is in place.")
    expect(office.records.customers.list.map { |one| one[:name] }).to eq(["Ada Brook"])
    expect(serious).to be_empty
  end

  it "gives a customer the page in Spanish who wants it so, by the link and on paper" do
    signed = office.walk(findings: { straps: :missing, discharge_open: :capped })
    sign_in
    go "/customers/#{office.customer}"
    click_button "Edit", match: :first
    select "Español", from: "language"
    click_button "Save", match: :first
    expect(page).to have_no_css(".el-dialog")

    share = Munimen::Desk::Share.new(office.context)
    token = share.create(signed, id: office.uuid)[:token]
    Capybara.reset_sessions!
    page.driver.resize(390, 844)
    go "/shared/#{token}"
    expect(page).to have_content("Lo que hay que hacer").and have_content("Nunca tape ni cierre")
    expect(page).to have_css("article[lang=es]", text: "Traducción de cortesía")
    expect(page.find(".pdf, a.plain-button", match: :first)[:href]).to end_with("?language=es")
    click_button "English"
    expect(page).to have_content("What must be done").and have_css("html[lang=en-US]")
    expect(page).to have_no_content("Traducción")
  ensure
    page.driver.resize(1280, 800)
  end
end
