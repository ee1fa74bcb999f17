# frozen_string_literal: true

require "screen_helper"

# While nobody answers yet – no server, Ruby not awake – a visit stands as it was shown last.
RSpec.describe "A visit that was shown before", type: :feature do
  include KilledOffice

  # Neither runtime nor records are there: Ruby never wakes.
  def without_ruby
    page.evaluate_async_script(<<~JS)
      (async () => {
        await caches.delete('munimen-ruby')
        const db = await new Promise((done) => {
          const opening = indexedDB.open('munimen')
          opening.onsuccess = () => done(opening.result)
        })
        await new Promise((done) => {
          const clearing = db.transaction('packs', 'readwrite').objectStore('packs').clear()
          clearing.onsuccess = done
        })
        db.close()
        arguments[0]()
      })()
    JS
  end

  def shown_of(visit)
    page.evaluate_async_script(<<~JS, visit)
      (async (id, done) => {
        const opening = indexedDB.open('munimen')
        opening.onsuccess = () => {
          const get = opening.result.transaction('kept').objectStore('kept').get(`shown.${id}`)
          get.onsuccess = () => { opening.result.close(); done(!!get.result) }
        }
      })(arguments[0], arguments[1])
    JS
  end

  it "stands there at once, takes what is typed, and sends it once somebody is there" do
    visit = office.start
    office.looked_over(visit)
    page.driver.resize(390, 844)
    ready
    go "/visits/#{visit}?step=read_static_pressure"
    expect(page).to have_css("input[name=static_pressure]")
    sleep 0.1 until shown_of(visit)
    without_ruby
    stop
    go "/visits/#{visit}?step=read_static_pressure"
    expect(page).to have_css("input[name=static_pressure]")
    fill_in "static_pressure", with: "62"
    find("input[name=static_pressure]").send_keys(:enter)
    expect(page).to have_css(".waiting", text: "1 kept here")
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    read = office.records.visits.load(visit, now: Time.now.utc).quantity(:static_pressure)
    expect(read.in("psi")).to be_within(1e-6).of(62)
  end

  it "is nobody else's: who signs in after it sees nothing of it" do
    visit = office.start
    ready
    go "/visits/#{visit}"
    expect(page).to have_css("article h2")
    sleep 0.1 until shown_of(visit)
    go "/account"
    click_button "Sign out", match: :first
    expect(page).to have_css("input[name=password]")
    expect(shown_of(visit)).to be(false)
  end
end
