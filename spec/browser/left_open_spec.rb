# frozen_string_literal: true

require "screen_helper"

# What nobody was shown is not answered: findings that earlier visits left open, parts that nobody
# knows to be there; and what was photographed is seen after signing.
RSpec.describe "A second visit", type: :feature do
  before { office.walk(findings: { straps: :missing, insulation: :bare }) }

  let(:visit) { office.start(jobs: %w[inspection]) }
  let(:open) { office.records.deficiencies.open(office.heater).keys }

  def loaded = office.records.visits.load(visit, now: Time.now)
  def line(text) = find("fieldset", text:)

  { "a desk" => [1280, 800], "a phone" => [390, 844] }.each do |where, size|
    it "asks on #{where} what was left open, and “all sound here” answers none of it" do
      sign_in
      page.driver.resize(*size)
      go "/visits/#{visit}?step=look_over"
      expect(page).to have_css("article h2", text: "Look it over")
      all_sound_here
      expect(%i[straps insulation].filter_map { |item| loaded.observation(item) }).to eq([])
      within(line("Seismic straps")) do
        expect(page).to have_css(".open.wanted", text: "Straps missing")
        click_button "Still there"
      end
      expect(page).to have_no_css("fieldset .open.wanted", text: "Straps missing")
      within(line("Pipe insulation")) { click_button "Put right" }
      within(line("Pipe insulation")) { click_button "seen" }
      expect(page).to have_no_css("fieldset .open.wanted")
      20.times { loaded.observation(:insulation) ? break : sleep(0.1) } # under way to the office
      seen = %i[straps insulation].to_h { |item| [item, loaded.observation(item).finding] }
      expect(seen).to eq(straps: :missing, insulation: :sound)
      expect(loaded.decisions.of_open(:insulation)).to eq("put_right: seen")
      expect(open).to contain_exactly("straps", "insulation") # until it is signed
    end

    it "asks on #{where} whether there is a part that the record does not know of" do
      Munimen::Desk::KeepHeater.new(office.context).learn(office.heater, :pan, "unknown")
      sign_in
      page.driver.resize(*size)
      go "/visits/#{visit}?step=look_over"
      within(line("Pan under")) do
        expect(page).to have_css(".doubt", text: "Is there one?")
        click_button "There is one"
      end
      expect(page).to have_no_css("fieldset .doubt", text: "Pan under")
      expect(office.records.heaters.with_place(office.heater)[:heater].pan).to eq(:yes)
      expect(loaded.observation(:pan)).to be_nil
    end
  end

  it "shows its photographs once it is signed: on the visit, the page and the heater, at a desk " \
     "and on a phone" do
    picture = [File.binread(File.join(Munimen::ROOT, "docs/screenshots/today.png"))].pack("m0")
    Munimen::Desk::AddPhoto.new(office.context).call(
      visit, id: office.uuid, subject: "trim_rings", data: picture
    )
    database = office.records.database
    database[:visits].where(id: visit).update(status: "signed")
    sign_in
    go "/visits/#{visit}"
    at_both_sizes { expect(page).to have_css(".pictures img") }
    database[:visits].where(id: visit).update(status: "open")
    go "/visits/#{visit}/report"
    at_both_sizes do
      expect(page).to have_css(".photos figure", text: "Plastic rings").and have_link(
        "PDF with photographs"
      )
    end
    expect(page.evaluate_script("document.querySelector('.photos img').naturalWidth")).to be > 100
    go "/heaters/#{office.heater}"
    at_both_sizes do
      expect(page).to have_css("h2", text: "Photographs, year by year").and have_css(".years img")
    end
  end
end
