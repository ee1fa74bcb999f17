# frozen_string_literal: true

require "screen_helper"

# As a new firm would: from the owner's account to a second person at work.
RSpec.describe "A firm's first morning", type: :feature do
  it "names the firm, invites a plumber, who sets a password and is in" do
    sign_in("owner")
    go "/"
    click_link "Name the firm, and invite who works here"
    fill_in "Name, as it stands on every page", with: "Roe & Daughters"
    fill_in "Telephone", with: "555-0199"
    within("#firm") { click_button "Save" }
    expect(page).to have_content("Kept.")
    click_link "People"
    click_button "Invite somebody"
    fill_in "Name", with: "Ada Lind", exact: true
    fill_in "E-mail", with: "ada@example.test"
    click_button "Make the link"
    link = find("#staff input[readonly]").value
    expect(page).to have_content("invited")
    expect(serious).to eq([])

    click_button "Sign out"
    expect(page).to have_field("Password")
    go URI(link).path
    expect(page).to have_content("Roe & Daughters has an account for you, Ada Lind")
    fill_in "Your password", with: "kettle drum and a spanner"
    click_button "Set it and sign in"
    expect(page).to have_link("Customers")
    expect(page).to have_content("Ada Lind")
  end

  it "hands over the visits of whoever leaves, before the account is closed" do
    visit = office.start
    sign_in("owner")
    go "/settings/people"
    within(find(".person", text: "plumber@example.test")) { click_button "Close" }
    within(".el-dialog") do
      expect(page).to have_content("1 visit is still theirs")
      find("select[aria-label*='Ada Brook']").select("Owner")
      expect(page).to have_content("No visit is theirs any more")
      click_button "Close the account of Plumber"
    end
    expect(page).to have_css(".person", text: "closed")
    expect(office.records.visits.find(visit)[:account_id]).to eq(office.person("owner")[:id])
    expect(office.records.people.open?(office.person[:id])).to be(false)
    expect(serious).to eq([])
  end
end
