# frozen_string_literal: true

require "screen_helper"

# What the office does at the screen: chases what is owed, writes to customers, keeps their data,
# books.
RSpec.describe "The office at the screen", type: :feature do
  def owe(kind, days, **more)
    office.uuid.tap do |id|
      office.records.dues.add(
        id:,
        heater_id: office.heater,
        visit_id: office.start,
        kind:,
        on: (office.now.to_date + days).iso8601,
        text: "#{kind.tr("_", " ")} is due",
        **more
      )
    end
  end

  def item(text) = find(".item", text:)

  it "puts something off until a day, declines another with a reason, takes it up again, and " \
     "never loses either" do
    owe("annual_service", -3, job: "annual_safety")
    owe("anode", 5)
    owe("deficiency", 0, grade: "danger", check: "relief_valve")
    sign_in("office")
    go "/owed"
    expect(page).to have_css(".item", count: 3)
    expect(first(".item")).to have_content("Danger")
    expect(first(".item")).to have_no_button("Postpone")
    expect(page).to have_content("First because: danger")
    item("annual service").find("summary").click
    expect(item("annual service")).to have_content("the next annual visit")
    item("anode").click_button "Postpone"
    fill_in "Until", with: office.now.to_date + 40
    expect(page).to have_button("Save", disabled: true)
    fill_in "Reason", with: "Away until spring"
    click_button "Save"
    expect(page).to have_button("Postponed (1)").and have_css(".item", count: 2)
    item("annual service").click_button "Decline"
    fill_in "Reason", with: "Sells the house"
    click_button "Save"
    click_button "Declined (1)"
    expect(page).to have_css(".item", count: 1, text: "Sells the house")
    click_button "Take up again"
    fill_in "Reason", with: "Sale fell through"
    click_button "Save"
    click_button "Due now (2)"
    expect(page).to have_css(".item", text: "annual service")
    click_button "Postponed (1)"
    expect(page).to have_css(".item", text: "Away until spring")
    expect(serious).to be_empty
  end

  it "books what is owed: who, when and what was promised; moves it, and tells the customer" do
    Munimen::Desk::ChangeCustomer.new(office.context).call(office.customer, email: "a@b.test")
    owe("annual_service", 2, job: "annual_safety")
    sign_in("office")
    go "/owed"
    click_button "Book"
    within(".el-dialog") do
      expect(page).to have_css(".el-select", text: "Annual safety visit")
      choose "Plumber"
      fill_in "from", with: "09:00"
      fill_in "to", with: "11:00"
      click_button "Book a visit"
    end
    click_link "Booked. To the visit"
    booked = -> { office.records.database[:visits].where(status: "booked").first }
    expect(booked.call).to include(heater_id: office.heater, jobs: '["annual_safety"]',
                                   account_id: office.person[:id])
    first = Time.iso8601(booked.call[:planned_for])
    expect(first).to be_between(Time.now, Time.now + (2 * 86_400))

    click_button "Move or hand over"
    within(".el-dialog") do
      choose "Owner"
      fill_in "from", with: "13:00"
      fill_in "to", with: "15:00"
      click_button "Keep the change"
    end
    expect(page).to have_no_css(".el-dialog", visible: true)
    expect(Time.iso8601(booked.call[:planned_for]) - first).to eq(4 * 3600)
    expect(booked.call[:account_id]).to eq(office.person("owner")[:id])
    subjects = office.records.database[:messages].order(:at).select_map(:subject)
    expect(subjects).to match([/visit on/, /is moved to/])
    expect(serious).to be_empty
  end

  # Handbook §26.18: an emergency is answered on the telephone at once, never by the finder.
  it "says what to say to whoever rings about gas, and opens the finder with what another rang " \
     "for" do
    sign_in("owner")
    go "/heaters/#{office.heater}"
    book = lambda do |complaint|
      click_button "Book"
      within(".el-dialog") do
        select complaint, from: "complaint"
        fill_in "complaint_words", with: "since Sunday"
        expect(page).to have_css(".advice", count: complaint == "It smells of gas" ? 1 : 0)
        choose "Owner"
        click_button "Book a visit"
      end
      expect(page).to have_no_css(".el-dialog", visible: true)
    end
    begun = lambda do
      row = office.records.database[:visits].where(status: "booked").first
      Munimen::Desk::StartVisit.new(office.context("owner")).start(row[:id])
      go "/visits/#{row[:id]}"
    end
    book["The pilot flame goes out"]
    begun.call
    expect(page).to have_content("They rang because: The pilot flame goes out – since Sunday")
    click_link "Find a fault"
    expect(page).to have_css(".suspects li", minimum: 2)
    go "/heaters/#{office.heater}"
    book["It smells of gas"]
    begun.call
    expect(page).to have_css("[role=alert]", text: "The emergency page comes first")
    expect(page).to have_no_link("Find a fault")
  end

  it "reminds a customer at the address that is known, and hands the message out as a file" do
    Munimen::Desk::ChangeCustomer.new(office.context).call(
      office.customer,
      email: "ada@example.test"
    )
    owe("annual_service", 1, job: "annual_safety")
    sign_in("office")
    go "/owed"
    click_button "Remind"
    expect(page).to have_field("Or a mail to", with: "ada@example.test")
    click_button "Save"
    expect(page).to have_css("[role=status]", text: "lies in the")
    go "/outbox"
    expect(page).to have_content("ada@example.test").and have_content("waiting").and have_content(
      "No mail server is set"
    )
    expect(page).to have_no_button("Send").and have_no_link("Mail server")
    file = page.evaluate_async_script(
      "fetch(document.querySelector('a[href$=\".eml\"]').href).then(r => " \
      "r.text()).then(arguments[0])"
    )
    expect(Mail.new(file)).to have_attributes(to: ["ada@example.test"], subject: /due/)
    expect(serious).to be_empty
  end

  it "sets a mail server as the owner, without ever showing its password" do
    sign_in("owner")
    go "/outbox"
    click_link "Mail server"
    fill_in "Server", with: "mail.example.test"
    fill_in "Port (465 or 587)", with: "70000"
    fill_in "Password, where it changes", with: "hidden words"
    click_button "Save"
    expect(page).to have_css("[role=alert]", text: "65535")
    fill_in "Port (465 or 587)", with: "465"
    click_button "Save"
    expect(page).to have_css("[role=status]", text: "Kept.")
    expect(page).to have_button("Send a test mail to me")
    expect(
      page.evaluate_async_script("fetch('/api/outbox').then(r => r.text()).then(arguments[0])")
    ).not_to include("hidden words")
    kept = office.records.settings[:smtp]
    expect(kept["port"]).to eq(465)
    expect(office.records.secret_box.open(kept["password"])).to eq("hidden words")
  end

  it "changes a customer, who is then found by the new name and number, and gives out a card" do
    sign_in("office")
    go "/customers/#{office.customer}"
    click_button "Edit", match: :first
    fill_in "Name", with: "Ada Brook-Hill"
    fill_in "Phone", with: "555-0142"
    fill_in "Note", with: "Two dogs"
    click_button "Save"
    expect(page).to have_css("h1", text: "Ada Brook-Hill").and have_link(
      "555-0142",
      href: "tel:555-0142"
    ).and have_content("Two dogs")
    card = page.evaluate_async_script(
      "fetch(document.querySelector('a[href$=\".vcf\"]').href).then(r => " \
      "r.text()).then(arguments[0])"
    )
    expect(card).to include("FN:Ada Brook-Hill").and include("555-0142")
    go "/customers"
    fill_in "Name, address or phone", with: "0142"
    expect(page).to have_content("Ada Brook-Hill")
    expect(serious).to be_empty
  end

  it "changes what is known of a heater, and keeps what was typed when a unit is wrong" do
    sign_in("office")
    go "/heaters/#{office.heater}"
    click_button "Edit"
    within("[role=dialog]") do
      fill_in "Serial", with: "KV-7"
      fill_in "Capacity", with: "50 parsecs"
      click_button "Save"
      expect(page).to have_css("[role=alert]", text: "is not a unit known here")
      expect(page).to have_field("Serial", with: "KV-7")
      fill_in "Capacity", with: "190 L"
      click_button "Save"
    end
    expect(page).to have_css("h1", text: "190 L").and have_css("dd", text: "KV-7")
    plate = office.records.heaters.find(office.heater)[:installation].transform_keys(&:to_s)
    expect(plate).to include(
      "serial" => "KV-7",
      "capacity" => "190 L"
    )
  end

  it "shows the week on a phone day below day, and moves a visit without a mouse" do
    book = Munimen::Desk::StartVisit.new(office.context("owner"))
    book.book(
      id: office.uuid,
      heater_id: office.heater,
      jobs: ["pressure_check"],
      planned_for: "2027-03-02T10:00:00.000Z",
      account_id: office.person("plumber")[:id]
    )
    sign_in("owner")
    page.driver.resize(390, 844)
    go "/plan?from=2027-03-01&days=7"
    expect(page).to have_css(".round:not(.free)", count: 1, text: "Ada Brook")
    expect(page).to have_css("thead", visible: :hidden)
    click_button "Move"
    click_button "Owner, Thu, Mar 4"
    expect(page).to have_css("tr", text: /Owner.*Ada Brook/m)
    click_button "Save this plan"
    expect(page).to have_content("Kept.")
    expect(
      office.records.database[:visits].where(status: "booked").get(:planned_for)
    ).to start_with("2027-03-04")
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
    expect(serious).to be_empty
  ensure
    page.driver.resize(1280, 800)
  end
end
