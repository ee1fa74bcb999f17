# frozen_string_literal: true

require "screen_helper"

# Every step of every kind of heater on the narrowest phones: nothing beyond the edge, nothing too
# small for a thumb (44 px: WCAG 2.5.5), nothing behind the bar at the bottom.
RSpec.describe "A phone", type: :feature do
  measure = <<~JS
    (() => {
      const width = document.documentElement.clientWidth
      const scrolls = (node) => {
        for (let up = node.parentElement; up; up = up.parentElement) {
          const how = getComputedStyle(up)
          if (up instanceof SVGElement) continue // an icon goes with what it stands in
          if (['auto', 'scroll', 'hidden'].includes(how.overflowX) && up !== document.body)
            return up.getBoundingClientRect().right <= width + 1
        }
        return false
      }
      const shown = (node) => !node.classList.contains('sr') && node.checkVisibility() && node.getBoundingClientRect().width > 1
      const name = (node) => `${node.tagName} ${String(node.className?.baseVal ?? node.className)} `
        + (node.textContent || node.name || '').trim().slice(0, 30)
      const all = [...document.querySelectorAll('main *, header *')].filter(shown)
      const beyond = all.filter((node) => {
        const { left, right } = node.getBoundingClientRect()
        return (right > width + 1 || left < -1) && !scrolls(node)
      })
      const touch = 'button, input:not([type=hidden]), select, textarea, .choice'
      const small = [...document.querySelectorAll(touch)].filter(shown).filter((node) => {
        const label = node.closest('label')
        const { height } = (label ?? node).getBoundingClientRect()
        return height < 43.5
      })
      window.scrollTo(0, document.documentElement.scrollHeight)
      const bar = document.querySelector('.bottom')?.getBoundingClientRect().top || innerHeight
      const behind = [...document.querySelectorAll('article button, article input')].filter(shown)
        .filter((node) => node.getBoundingClientRect().bottom > bar + 1)
      window.scrollTo(0, 0)
      return [
        ...beyond.slice(0, 3).map((node) => `beyond the edge: ${name(node)}`),
        ...small.slice(0, 3).map((node) => `too small: ${name(node)}`),
        ...behind.slice(0, 3).map((node) => `behind the bar: ${name(node)}`),
      ]
    })()
  JS

  def start(kind, installation)
    unless kind == :gas_storage
      Munimen::Desk::KeepHeater.new(office.context).change(
        office.heater, label: "Cellar", installation:
      )
    end
    heater = Munimen::Heater::Installation.from(installation)
    jobs = Munimen::Work::Job.fitting(heater).map { |job| job.id.to_s }
    office.start(jobs:)
  end

  kinds_of = Hash.new do |all, id|
    all[id] = Build::KINDS.keys.select do |kind|
      units = kind.start_with?("unvented") ? :england : :us
      heater = Munimen::Heater::Installation.from(Build::KINDS.fetch(kind), units:)
      Munimen::Work::Operation[id].applies?(heater)
    end
  end

  # Whether an operation is measured on this kind.
  define_method(:mine?) do |id, kind|
    kinds = kinds_of[id]
    kinds[id.to_s.sum % kinds.size] == kind
  end

  # Measures at every step of the plan, at both widths: on to the next one by its key, or loaded
  # anew where the same operation comes twice and the key leads back.
  define_method(:measured) do |visit, widths, &wanted|
    shown = nil
    steps = office.view(visit)[:plan][:steps].uniq { |step| step[:operation] }
    expect(steps.size).to be > 20
    steps.select { |step| wanted.call(step[:operation]) }.flat_map do |step|
      page.execute_script("document.activeElement?.blur()") if shown
      press("n") if shown
      unless shown && page.has_css?("article h2", exact_text: step[:title], wait: 0.3)
        go "/visits/#{visit}?step=#{step[:operation]}"
      end
      expect(page).to have_css("article h2", exact_text: shown = step[:title])
      widths.reverse!.flat_map do |width|
        page.driver.resize(width, 740)
        page.evaluate_script(measure).map { |one| "#{width} #{step[:operation]}: #{one}" }
      end
    end
  end

  # A step that several kinds have looks the same on each: it is measured on one of them here, on
  # all of them by `bin/bench many`.
  Build::KINDS.each do |kind, installation|
    it "has room for every step of a #{kind}" do
      visit = start(kind, installation)
      sign_in
      wrong = measured(visit, [390, 320]) { |id| TRIES > 1 || mine?(id, kind) }
      expect(wrong.map { |one| one.sub(/\A\d+ \w+: /, "") }.tally).to eq({})
    end
  end

  # As somebody has set their telephone who reads badly.
  it "shows what is in hand, and every field and button larger, at twice the text" do
    visit = office.start
    sign_in
    page.driver.resize(390, 844)
    page.driver.browser.page.command("Page.setFontSizes", fontSizes: { standard: 32, fixed: 32 })
    go "/visits/#{visit}?step=exercise_relief_valve"
    expect(page).to have_css("article h2", text: "Exercise the T&P valve")
    tops = page.evaluate_script(<<~JS)
      ['article h2', '.actions'].map(one => {
        const { top, bottom } = document.querySelector(one).getBoundingClientRect()
        return one === '.actions' ? top : bottom
      })
    JS
    expect(tops.last - tops.first).to be > 120
    sizes = page.evaluate_script(<<~JS)
      ['html', '.actions .el-button, .actions button', 'article p'].map(one =>
        parseFloat(getComputedStyle(document.querySelector(one)).fontSize))
    JS
    expect(sizes).to all(be >= 26)
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
  end

  it "has a menu with everything in it, and every page within its edges" do
    office.walk
    sign_in
    page.driver.resize(320, 740)
    click_button "Menu"
    expect(page).to have_css(".nav.open a", minimum: 8)
    click_link "Customers"
    expect(page).to have_no_css(".nav.open").and have_content("Ada Brook")
    expect(beyond(every_page)).to eq([])
  end

  it "has every page within its edges at twice the text" do
    signed = office.walk(findings: { straps: :missing })
    sign_in("owner")
    page.driver.resize(390, 844)
    page.driver.browser.page.command("Page.setFontSizes", fontSizes: { standard: 32, fixed: 32 })
    more = %W[/visits/#{signed}/report /settings/firm /settings/mail /settings/data
              /settings/security]
    expect(beyond(every_page + more)).to eq([])
  end

  define_method(:every_page) do
    %W[/ /plan /owed /customers /customers/#{office.customer} /heaters/#{office.heater} /calculators
       /calculators/closed_system /faults /settings/people /settings/rules /account /outbox /unsent
       /training]
  end

  # What of some pages lies beyond the edge of the screen.
  define_method(:beyond) do |pages|
    pages.flat_map do |path|
      go path
      expect(page).to have_css("h1")
      page.evaluate_script(measure).grep(/beyond/).map { |one| "#{path}: #{one}" }
    end
  end

  # What is touched on all other screens: a file is chosen by the label over its field.
  low = <<~JS
    (() => [...document.querySelectorAll('main a[href], main button, main select, main input, main summary')]
      .filter((one) => one.checkVisibility() && one.type !== 'file' && !one.closest('.el-input, .el-select'))
      .map((one) => [one, (/radio|checkbox/.test(one.type) ? one.closest('label') : one).getBoundingClientRect()])
      .filter(([, box]) => box.height > 0 && box.height < 39.5)
      .map(([one, box]) => `${Math.round(box.height)} ${one.outerHTML.slice(0, 90)}`))()
  JS
  it "has nothing lower than 40 px to touch on any other screen" do
    signed = office.walk(findings: { straps: :missing })
    office.start
    heater = office.heater
    sign_in("owner")
    page.driver.resize(390, 844)
    screens = %w[/ /customers /owed /plan /outbox /unsent /account /faults /calculators
                 /calculators/closed_system /training /settings/firm /settings/people
                 /settings/rules /settings/mail /settings/data /settings/security] +
              ["/heaters/#{heater}", "/visits/#{signed}/report", "/customers/#{office.customer}"]
    wrong = screens.to_h do |path|
      go path
      expect(page).to have_css("main h1, main h2")
      [path, page.evaluate_script(low)]
    end
    expect(wrong.reject { |_, list| list.empty? }).to eq({})
  end
end
