# frozen_string_literal: true

require "rspec/expectations"
require "capybara/rspec"
require "capybara/cuprite"
require "net/http"

# Debian's Chromium, headless, with nothing going out to the network.
CHROMIUM = {
  "no-sandbox" => nil,
  "disable-gpu" => nil,
  "disable-quic" => nil,
  "no-first-run" => nil,
  "force-prefers-reduced-motion" => nil, # nothing is drawn sixty times a second to slide in
  # By plain HTTP from elsewhere, where a browser has no service worker and keeps no runtime: what
  # goes on without a signal has a spec of its own (cellar_spec.rb).
  "host-resolver-rules" => "MAP munimen.test 127.0.0.1",
  "disable-background-networking" => nil,
  "disable-component-update" => nil,
  "disable-sync" => nil
}.freeze

# The build without a window is a fifth quicker; where there is none, the usual one does.
CHROMIUM_PATH = %w[/usr/bin/chromium-headless-shell /usr/bin/chromium].find do |path|
  File.exist?(path)
end

# Of many elements, the driver would ask each in turn whether it is seen and what it says, which
# takes a second on a long page: those without the text that is looked for are left out at once.
module FoundByText
  WITH_IT = "[...%<from>s.querySelectorAll(%<css>s)].filter(one => %<texts>s.every(text => " \
            "one.textContent.toLowerCase().includes(text)))"

  def find_css(css, texts: [], **)
    return super(css) if texts.empty?

    home = respond_to?(:node) ? driver : self
    found(css, texts).map { |one| Capybara::Cuprite::Node.new(home, one) }
  end

  private

  def found(css, texts)
    told = { css: JSON.generate(css), texts: JSON.generate(texts.map(&:downcase)) }
    return browser.evaluate(format(WITH_IT, from: "document", **told)) unless respond_to?(:node)

    expression = format(WITH_IT, from: "this", **told)
    browser.page.evaluate_on(node:, expression:, by_value: false)
  end
end
[Capybara::Cuprite::Driver, Capybara::Cuprite::Node].each { |one| one.prepend(FoundByText) }

Capybara.register_driver(:chromium) do |app|
  Capybara::Cuprite::Driver.new(
    app,
    window_size: [1280, 800],
    browser_path: CHROMIUM_PATH,
    browser_options: CHROMIUM.dup,
    timeout: 20,
    process_timeout: 40,
    js_errors: true
  )
end
Capybara.app_host = PLAIN = "http://munimen.test"
Capybara.always_include_port = true
Capybara.server = :puma, { Silent: true, Threads: "1:4" }
Capybara.enable_aria_label = true
Capybara.default_max_wait_time = 6
Capybara.default_retry_interval = 0.1 # s; each look is work for the browser, too

# The ways of being signed in.
module SignedIn
  # Typed at the page of sign-in; see also sign_in.
  def type_in(role = "plumber")
    go "/sign-in"
    fill_in "E-mail", with: "#{role}@example.test"
    fill_in "Password", with: Office::PASSWORD
    find("input[name=password]").send_keys(:enter)
    expect(page).to have_no_css("input[name=password]")
    expect(page).to have_link("Customers", visible: :all) # on a phone it is in the menu
  end

  # The same by the session's cookie, without the page of sign-in: what it does is tried where it is
  # what is asked.
  def sign_in(role = "plumber")
    page.driver.set_cookie("munimen", session_of(role), httponly: true, samesite: "Strict")
    go "/"
    expect(page).to have_link("Customers", visible: :all).and have_css("main h1")
  end

  def session_of(role)
    at = URI(page.server ? "http://127.0.0.1:#{page.server.port}" : Capybara.app_host)
    Net::HTTP.start(at.host, at.port) do |http|
      name = { "Host" => URI(Capybara.app_host).host }
      first = http.get("/api/session", name)
      token = JSON.parse(first.body)["csrf"]
      given = name.merge("Cookie" => cookie(first), "X-CSRF-Token" => token,
                         "Content-Type" => "application/json")
      login = JSON.generate(login: "#{role}@example.test", password: Office::PASSWORD)
      cookie(http.post("/auth/login", login, given)).delete_prefix("munimen=")
    end
  end

  def cookie(response) = response.get_fields("set-cookie").last[/\A[^;]+/]
end

# A person at the screen: signs in, looks, presses keys, taps.
module AtTheScreen
  include SignedIn

  AXE = File.join(Munimen::ROOT, "ui/node_modules/axe-core/axe.min.js")
  VALUES = {
    "static_pressure" => "62",
    "tap_temperature" => "119",
    "hot_peak_found" => "84",
    "hot_peak_after" => "67",
    "vessel_charge" => "44",
    "room_co" => "1",
    "charge_set" => "4.27 bar"
  }.freeze
  ENGLISH = {
    "static_pressure" => "3",
    "flowing_pressure" => "2.4",
    "flow_rate" => "22",
    "tap_temperature" => "58",
    "vessel_charge" => "2.1",
    "charge_set" => "3"
  }.freeze

  def go(path) = page.visit(path)
  def press(*keys) = page.driver.browser.keyboard.type(*keys)

  # A stroke across the first pad, once the page has settled under it.
  def draw_signature
    3.times do
      stroke
      return if page.has_css?(".pad path", wait: 2)
    end
  end

  def stroke
    box = page.evaluate_script(<<~JS)
      (() => {
        const pad = document.querySelector('.pad svg')
        pad.scrollIntoView({ block: 'center' })
        const { x, y, width, height } = pad.getBoundingClientRect()
        return { x, y, width, height }
      })()
    JS
    mouse = page.driver.browser.mouse
    across = ->(part) { { x: box["x"] + (box["width"] * part), y: box["y"] + (box["height"] / 2) } }
    mouse.move(**across[0.2]).down
    mouse.move(**across[0.4], steps: 3).move(**across[0.7], steps: 3).up
  end

  def title = find("article h2", match: :first).text

  # Whether something stands on the screen at this moment: one question to the browser.
  def shows?(css) = page.evaluate_script("!!document.querySelector(#{JSON.generate(css)})")

  # Place by place, until nothing is open; that there is no pan asks whether one is wanted.
  def all_sound_here
    each_place_sound
    none_of_the_rest
    each_place_sound
  end

  def each_place_sound
    while shows?(".looks .all")
      before = page.evaluate_script("document.querySelectorAll('.looks .all').length")
      find(".looks .all", match: :first).double_click # as a hasty thumb does
      quiet
      expect(page).to have_css(".looks .all", count: before - 1)
    end
  end

  # Parts of which the record does not say whether they are there: there is none.
  def none_of_the_rest
    return unless shows?(".looks .none, .looks .doubt button:last-child")

    page.all(".looks .none, .looks .doubt button:last-child", wait: 0).last.click
    quiet
    expect(page).to have_no_css(".looks .none").and have_no_css(".looks .doubt")
  end

  # What is still to be read in the step in hand, one after the other: an answer can open another
  # question.
  def each_open_reading
    open = "[...document.querySelectorAll('.reading')].findIndex(one => " \
           "!one.querySelector('.kept, [aria-pressed=true]') && " \
           "!one.textContent.includes('may be left out'))"
    while (index = page.evaluate_script(open)) >= 0
      box = page.all(".reading", wait: 0)[index]
      yield box, box.all("input", wait: 0).first
    end
  end

  # The tester on its proving unit, each circuit, the tester again.
  def prove_dead
    click_button "Works"
    all("button", text: "0 V").each(&:click)
    expect(page).to have_content("Tester on the proving unit, after")
    all("button", text: "Works").last.click
    quiet
    expect(page).to have_css("[aria-pressed=true]", text: "Works", count: 2)
  end

  # A step that nothing else is asked in ends with its last answer; else by *Done*.
  def by_touch(values = VALUES)
    inside do
      all_sound_here
      page.all(".decide button", text: "Yes", wait: 0).first&.click if shows?(".decide")
      prove_dead if shows?(".reading") && page.has_button?("Works", wait: 0)
      each_open_reading do |box, input|
        if input then input.send_keys(values.fetch(input["name"]), :enter)
        else box.all(".choice").first.click
        end
        quiet
      end
    end
  end

  # At a desk and on a phone, where nothing is cut off at the right.
  def at_both_sizes
    [[1280, 800], [390, 844]].each do |size|
      page.driver.resize(*size)
      yield
      expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= size.first
    end
  end

  # Something in a step; then *Done*, unless it has gone already.
  def inside
    before = title
    catch(:gone) do
      @inside = before
      yield
      quiet
      click_button "Done – next"
    end
    @inside = nil
  end

  # Until nothing is on its way; the step that one was inside may be gone then.
  def quiet
    expect(page).to have_css(".visit[aria-busy=false]")
    throw :gone if @inside && title != @inside
  end

  # Goes through the plan to its end; a wait is said to be over when nothing else can be done.
  def work_through
    40.times do
      before = title
      return if before == "Finish the visit"

      if shows?(".needs")
        click_button "It is over"
        expect(page).to have_no_css(".needs")
      end
      yield
      expect_next(before)
    end
    raise "the visit does not end"
  end

  def sign_with_names(plumber = "Plumber", own: false)
    draw_signature
    find("[name=customer_name]").send_keys(:enter)
    expect(page).to have_content(/\w signed/)
    expect(page).to have_content("Signed in as #{plumber}")
    if own then click_button "Sign with my signature"
    else find_button("Sign").send_keys(:enter)
    end
    expect(page).to have_content(/Signed and locked|Signed on this device, not yet at the office/)
  end

  # Counts what a person touches and types from here on; touches tells how many so far.
  def count_touches
    page.execute_script(
      "window.touches = 0; for (const kind of ['click', 'keydown']) addEventListener(kind, e => " \
      "{ if (e.isTrusted) window.touches++ }, true)"
    )
  end

  def touches = page.evaluate_script("window.touches")

  # The step in hand has changed from what it was.
  def expect_next(before)
    expect(page).to have_no_css("article h2", text: /\A#{Regexp.escape(before)}\z/)
  end

  # Serious findings of axe on the present page; of some rules, or of all.
  def serious(*rules)
    page.execute_script(File.read(AXE)) unless page.evaluate_script("!!window.axe")
    only = rules.empty? ? "" : ", runOnly: #{JSON.generate(rules)}"
    result = page.evaluate_async_script(
      "axe.run(document, { resultTypes: ['violations']#{only} }).then(arguments[0])"
    )
    result["violations"]
      .select { |one| %w[serious critical].include?(one["impact"]) }
      .map { |one| "#{one["id"]}: #{one["nodes"].map { |node| node["html"][0, 120] }.first(3)}" }
  end
end

# The application of whichever office is open, so that one browser and one server serve all
# examples of a worker.
class OpenOffice
  attr_accessor :app

  def call(env) = app.call(env)
end
OPEN_OFFICE = OpenOffice.new

RSpec.configure do |config|
  config.include AtTheScreen, type: :feature
  # The page leaves before its office is closed, so that nothing asks a server whose data are gone;
  # cookies, storage and workers go with it.
  config.after(type: :feature) do
    page.visit("about:blank")
    page.server&.wait_for_pending_requests
    Capybara.reset_sessions!
  end
  config.before(type: :feature) do
    Capybara.current_driver = :chromium
    # Each answer of each route is held to the contract in spec/web; here one of many.
    OPEN_OFFICE.app = Munimen::Web::Stack.build(office.config, one_of: 12)
    Capybara.app = OPEN_OFFICE
    office.now = Time.now.utc
  end
end
