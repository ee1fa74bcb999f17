# frozen_string_literal: true

require "screen_helper"
require "rotp"

# One's account at the screen: second factor, and the password once more before a backup.
RSpec.describe "One's account at the screen", type: :feature do
  it "switches the second factor on, wants it at the next sign-in, and takes a recovery code" do
    type_in("owner")
    go "/account"
    expect(serious).to eq([])
    click_button "Set it up"
    expect(page).to have_css(".picture svg")
    secret = find(".secret").text.delete(" ")
    find("input[name=factor-code]").set(ROTP::TOTP.new(secret).at(Time.now))
    find("input[name=factor-password]").set(Office::PASSWORD)
    click_button "Switch it on"
    expect(page).to have_content("The second factor is on.")
    code = first(".codes li").text
    click_button "Sign out"
    fill_in "E-mail", with: "owner@example.test"
    fill_in "Password", with: Office::PASSWORD
    find("input[name=password]").send_keys(:enter)
    expect(page).to have_field("code")
    go "/customers"
    expect(page).to have_no_link("Customers")
    fill_in "code", with: "123456"
    click_button "Sign in"
    expect(page).to have_css("[role=alert]")
    fill_in "code", with: code
    click_button "Sign in"
    expect(page).to have_link("Customers")
  end

  it "asks the owner for the password again before people are changed, and then goes on" do
    sign_in("owner")
    go "/settings/security"
    expect(page).to have_content("A second factor is asked of")
    click_link "People"
    expect(page).to have_css(".panel", text: "plumber")
    allow(Time).to(receive(:now).and_wrap_original { |now| now.call + 700 })
    within(all(".panel", text: "plumber").last) { click_button "Add" }
    within(all(".panel", text: "plumber").last) do
      find("input[placeholder]").set("G-1")
      click_button "Save"
    end
    expect(page).to have_content("Your password once more")
    find("input[name=confirm-password]").set(Office::PASSWORD)
    click_button "Go on"
    expect(page).to have_css(".panel .number", text: "G-1")
  end
end
