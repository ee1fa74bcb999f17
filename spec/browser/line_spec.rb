# frozen_string_literal: true

require "screen_helper"
require_relative "../support/bad_line"

# A line that is there and good for nothing: it accepts and is silent, a portal or a proxy answers
# in the office's place, the office itself is ill, or has ended the session.
RSpec.describe "A line that is good for nothing", type: :feature do
  include KilledOffice

  let(:visit) { office.start }

  # What stands at the office's address in its place, while the block runs.
  def in_its_place(answer)
    door = TCPServer.open("127.0.0.1", port)
    held = []
    thread = Thread.new do
      loop do
        held << (io = door.accept)
        next unless answer

        io.readpartial(10_000)
        io.write("#{answer}\r\nConnection: close\r\n\r\n<html>Welcome to our wireless</html>")
        io.close
      rescue SystemCallError, EOFError
        next
      end
    end
    yield
  ensure
    thread&.kill
    [door, *held].compact.each { |io| io.close unless io.closed? }
  end

  lines = {
    "silent" => nil,
    "a portal" => "HTTP/1.1 200 OK\r\nContent-Type: text/html",
    "a proxy without its office" => "HTTP/1.1 503 Service Unavailable\r\nContent-Type: text/html",
    "an office that is ill" => "HTTP/1.1 500 Internal Server Error\r\nX-Munimen: 1"
  }.freeze

  it "locks nobody out, from a cold start, and takes what is done meanwhile" do
    visit
    ready
    stop
    lines.each do |name, answer|
      in_its_place(answer) do
        go "/visits/#{visit}"
        expect(page).to have_css("article h2", wait: 15), name
        by_touch
        find("button", text: "Gas or CO").click
        expect(page).to have_css("[role=dialog]", text: "gas")
        page.driver.browser.keyboard.type(:escape)
      end
    end
    waiting = kept
    expect(waiting).to be >= lines.size
    serve
    expect(page).to have_no_css(".waiting", wait: 30)
    expect(office.records.visits.rows(:steps, visit).size).to be >= lines.size
  end

  # Every answer comes after what the screen waits for; or every third is lost on its way, its write
  # taken.
  it "takes what is done over a slow and a lossy line once, through a reload" do
    visit
    ready
    stop
    serve(at: behind = FreePort.free_port)
    answers = 0
    lossy = ->(bytes) { bytes unless bytes.start_with?("HTTP/1.1") && ((answers += 1) % 3).zero? }
    [->(bytes) { sleep(2.5) && bytes }, lossy].each do |bend|
      BadLine.between(port, behind, bend) do
        go "/visits/#{visit}"
        expect(page).to have_css("article h2", wait: 30)
        by_touch
      end
    end
    stop
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    done = office.records.visits.rows(:steps, visit).map { |row| row[:operation] }
    expect(done).to eq(done.uniq)
    expect(done.size).to be >= 2
  end

  # The office has been updated in the middle of a visit.
  it "goes on with the version that is here until the visit is left, with and without a line" do
    visit
    ready
    stop
    serve(at: behind = FreePort.free_port)
    newer = ->(bytes) { bytes.gsub(/"program":"[^"]+"/) { |said| said.tr("a-f0-8", "b-g1-9") } }
    BadLine.between(port, behind, newer) do
      go "/visits/#{visit}"
      expect(page).to have_css("article h2")
      page.refresh
      expect(page).to have_css("article h2")
      by_touch
    end
    stop
    go "/visits/#{visit}"
    expect(page).to have_css("article h2")
    by_touch
    expect(page).to have_css(".waiting", text: "kept here")
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    expect(office.records.visits.rows(:steps, visit).size).to be >= 2
  end

  it "says that the session is over where what is unsent stands, and sends it once signed in" do
    visit
    ready
    go "/visits/#{visit}"
    expect(page).to have_css("article h2")
    office.records.database[:account_active_session_keys].delete
    by_touch
    expect(page).to have_css(".waiting", text: "Signed out: sign in to send")
    find(".waiting").click
    expect(page).to have_css("[role=status]", text: /\d+ entries wait on this device/)
    fill_in "email", with: "plumber@example.test"
    fill_in "password", with: Office::PASSWORD
    click_button "Sign in"
    sent = -> { office.records.visits.find(visit)[:entries].positive? }
    100.times { sent.call ? break : sleep(0.1) }
    expect(sent.call).to be(true)
    expect(page).to have_no_css(".waiting")
  end
end

# What cannot be had: storage that is full, and pages that the office alone can fill.
RSpec.describe "A device without room, or a page without its office", type: :feature do
  include KilledOffice

  it "says where one enters that there is no room, judges all the same, and sends it" do
    visit = office.start
    ready
    go "/visits/#{visit}?step=read_static_pressure"
    page.execute_script(<<~JS)
      IDBObjectStore.prototype.add = () => {
        throw new DOMException('full', 'QuotaExceededError')
      }
    JS
    stop
    fill_in "Static pressure, nothing running", with: "61"
    find("input[name=static_pressure]").send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: "This device’s storage is full")
    expect(page).to have_css(".reading .kept", text: "61")
    serve
    expect(page).to have_no_css(".waiting", wait: 40)
    expect(office.records.visits.rows(:readings, visit).map { |row| row[:typed] }).to eq(["61"])
  end

  it "says what works without a line, and fills the page once there is one" do
    office.start
    ready
    go "/owed"
    stop
    go "/owed"
    expect(page).to have_content("No signal: this page is kept at the office")
    within(".no-line") { expect(page).to have_link("Visits that were taken along") }
    serve
    click_button "Try again"
    expect(page).to have_no_css(".no-line")
    expect(page).to have_no_css("[role=alert]")
  end
end

# One touch from any screen, however wide it is and however large its text.
RSpec.describe "The way to the emergency page", type: :feature do
  it "is on the screen from 320 to 1 600 pixels, upright and on its side, at twice the text" do
    sign_in
    visit = office.start
    [["/", nil], ["/visits/#{visit}", nil], ["/settings/firm", "200%"]].each do |path, size|
      go path
      page.execute_script("document.documentElement.style.fontSize = #{size.to_json}") if size
      [320, 390, 701, 800, 888, 1024, 1180, 1600].each do |width|
        page.driver.resize(width, 700)
        box = page.evaluate_script(<<~JS)
          (() => { const b = [...document.querySelectorAll('.alarm')][0].getBoundingClientRect();
                   return [b.left, b.right, b.top, document.documentElement.clientWidth]; })()
        JS
        expect(box[0]).to be >= 0, "#{path} #{width}"
        expect(box[1]).to be <= box[3], "#{path} #{width}"
        expect(box[2]).to be_between(0, 60), "#{path} #{width}"
      end
    end
  end
end
