# frozen_string_literal: true

# An empty folder, from the printed address to the owner at work.
RSpec.describe "A new installation", type: :feature do
  let(:config) { Munimen::Web::Config.new(Dir.mktmpdir("munimen-new")) }

  before { Capybara.app = Munimen::Web::Stack.build(config) }

  it "makes the owner's account and names the firm, and says what is missing" do
    go "/begin/#{config.begin_code}"
    fill_in "Name, as it stands on every page", with: "Lind Heating"
    select "England, Approved Document G (G3)", from: "Where you work"
    fill_in "Your name", with: "Bo Lind"
    fill_in "E-mail", with: "bo@lind.example"
    fill_in "Your password", with: "short"
    click_button "Begin"
    expect(page).to have_css("[role=alert]", text: "12")
    fill_in "Your password", with: "kettle drum and a spanner"
    click_button "Begin"
    expect(page).to have_css("h2", text: "Who works here")
    expect(page).to have_content("bo@lind.example")
    expect(serious).to eq([])
    click_link "The firm"
    expect(page).to have_field("Name, as it stands on every page", with: "Lind Heating")
    go "/begin/#{config.begin_code}"
    expect(page).to have_css("[role=alert]", text: "has begun already")
  end
end
