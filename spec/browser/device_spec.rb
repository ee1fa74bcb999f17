# frozen_string_literal: true

require "screen_helper"

# What lies on a device: under a PIN where the firm wants one, wiped where a person or the office
# says so.
RSpec.describe "What lies on a device", type: :feature do
  include KilledOffice

  # All that the browser's database holds, as text.
  def lying
    page.evaluate_async_script(<<~JS)
      const opening = indexedDB.open('munimen')
      opening.onsuccess = async () => {
        const db = opening.result
        const all = [...db.objectStoreNames].map(name => new Promise(done => {
          const asked = db.transaction(name).objectStore(name).getAll()
          asked.onsuccess = () => done(asked.result)
        }))
        const rows = await Promise.all(all)
        db.close()
        arguments[0](JSON.stringify(rows))
      }
    JS
  end

  def customer = office.records.customers.find(office.customer)[:name]

  def choose_pin
    serve
    sign_in
    go "/"
    click_link "Your firm wants a PIN before anything is taken along: choose one"
    fill_in "PIN, at least 6 figures", with: "4711"
    fill_in "The same again", with: "4711"
    click_button "Lock with this PIN"
    expect(page).to have_css("[role=alert]", text: "at least 6 figures")
    fill_in "PIN, at least 6 figures", with: "471108"
    fill_in "The same again", with: "471108"
    click_button "Lock with this PIN"
    expect(page).to have_content("locked with the PIN from now on")
    go "/"
    expect(page).to have_content("This device is locked")
    sleep 3 # a person takes longer for it than the office may for an answer (SILENT)
    unlock
    expect(page).to have_css(".ready", text: "Ready for no signal")
  end

  def unlock(pin = "471108")
    expect(page).to have_content("This device is locked")
    fill_in "PIN", with: pin
    click_button "Unlock"
  end

  before { office.records.settings[:device_pin] = true }

  it "is sealed with a PIN: nobody reads it without, whoever knows it goes on without a signal" do
    visit = office.start
    choose_pin
    expect(lying).not_to include(customer)
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    within_window(open_new_window) do
      go "/customers"
      expect(page).to have_content(customer)
      page.current_window.close
    end
    stop
    go "/visits/#{visit}?step=read_static_pressure"
    unlock("000000")
    expect(page).to have_content("That is not the PIN")
    expect(page).to have_no_content(customer)
    unlock
    expect(page).to have_content(customer)
    fill_in "Static pressure, nothing running", with: "61"
    find("input[name=static_pressure]").send_keys(:enter)
    expect(page).to have_css(".reading .kept", text: "61")
    expect(lying).not_to include("static_pressure")
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    expect(office.records.visits.rows(:readings, visit).map { |row| row[:typed] }).to eq(["61"])
  end

  def glass = page.driver.browser.page

  # A device with a finger of its own to ask for; gives its number.
  def with_passkeys
    glass.command("WebAuthn.enable")
    asks = { protocol: "ctap2", ctap2Version: "ctap2_1", transport: "internal", hasPrf: true,
             hasResidentKey: true, hasUserVerification: true, isUserVerified: true }
    glass.command("WebAuthn.addVirtualAuthenticator", options: asks)["authenticatorId"]
  end

  it "is locked with a passkey alone, and opened with it without a signal" do
    visit = office.start
    serve
    id = with_passkeys
    sign_in
    go "/account"
    click_button "Lock with a passkey"
    expect(page).to have_content("The passkey opens what lies here from now on")
    go "/"
    click_button "Unlock with the passkey"
    expect(page).to have_css(".ready", text: "Ready for no signal")
    expect(lying).not_to include(customer)
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0]())")
    stop
    go "/visits/#{visit}"
    click_button "Unlock with the passkey"
    expect(page).to have_content(customer)
    glass.command("WebAuthn.setUserVerified", authenticatorId: id, isUserVerified: false)
    go "/visits/#{visit}"
    click_button "Unlock with the passkey"
    expect(page).to have_content("The passkey was not confirmed")
    expect(page).to have_no_field("PIN").and have_no_content(customer)
  end

  it "forgets everything and is signed out at its next word once the office has ended it" do
    office.start
    choose_pin
    device = office.records.devices.list.first
    Munimen::Desk::Devices.new(office.context("owner")).close(device[:id])
    go "/"
    expect(page).to have_field("Password")
    expect(lying).to eq("[[],[],[],[],[]]")
  end

  it "asks at signing out what becomes of what the office does not have, and wipes it only then" do
    office.records.settings[:device_pin] = false
    visit = office.start
    ready
    go "/visits/#{visit}?step=read_static_pressure"
    stop
    fill_in "Static pressure, nothing running", with: "61"
    find("input[name=static_pressure]").send_keys(:enter)
    expect(page).to have_css(".waiting", text: "1 kept here")
    click_button "Sign out"
    expect(page).to have_content("has not reached the office yet")
    click_button "Stay signed in"
    expect(lying).to include("static_pressure")
    click_button "Sign out"
    click_button "Sign out and wipe it from this device: 1 are lost"
    expect(page).to have_field("Password")
    expect(lying).not_to include("static_pressure", customer)
    serve
    go "/"
    expect(page).to have_field("Password")
    expect(page).to have_no_link("Customers", visible: :all)
  end
end
