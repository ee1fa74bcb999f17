# frozen_string_literal: true

require "screen_helper"

# A round gauge is shown once, its marks touched; on the phone its photograph then proposes what it
# shows, and puts that into the field only when told to.
RSpec.describe "A dial by its picture", type: :feature do
  # 0 to 200 psi over 270 degrees from the lower left.
  def angle(psi) = (225 + (270 * psi / 200.0)) % 360

  def at(angle, radius)
    turn = angle * Math::PI / 180
    [300 + (radius * Math.sin(turn)), 300 - (radius * Math.cos(turn))]
  end

  def line(angle, from, to, width)
    (x, y), (u, v) = [from, to].map { |radius| at(angle, radius) }
    "<line x1='#{x}' y1='#{y}' x2='#{u}' y2='#{v}' stroke='#222' stroke-width='#{width}'/>"
  end

  # The path of a picture of the gauge at a pressure, turned a little.
  def photograph(psi, turned)
    ticks = (0..200).step(5).map { |one| line(angle(one), one % 20 == 0 ? 178 : 196, 214, 4) }
    face = "<circle cx='300' cy='300' r='232' fill='#f0efe8' stroke='#222' stroke-width='20'/>"
    svg = "<svg xmlns='http://www.w3.org/2000/svg' width='600' height='600'>" \
          "<rect width='600' height='600' fill='#8d8f92'/>" \
          "<g transform='rotate(#{turned} 300 300)'>#{face}#{ticks.join}" \
          "#{line(angle(psi), -40, 185, 8)}</g></svg>"
    page.driver.browser.create_page do |tab|
      tab.resize(width: 600, height: 600)
      tab.go_to("data:text/html,<body style='margin:0'>#{ERB::Util.url_encode(svg)}</body>")
      File.join(@folder, "dial#{psi}.png").tap { |path| tab.screenshot(path:) }
    end
  end

  before do
    @folder = Dir.mktmpdir("munimen-dial")
    Munimen::Desk::Instruments.new(office.context("owner")).replace(
      [{ id: "g1", title: "Gauge 1", reads: "pressure", host: "127.0.0.1", port: 4020,
         device: "pressure_gauge", point: "house", calibrated: "2026-01-31" }]
    )
  end

  after { FileUtils.rm_rf(@folder) }

  it "is learnt in the settings and read on the phone" do
    sign_in "owner"
    go "/settings/instruments"
    find("summary", text: "Round gauges").click
    attach_file("show-dial", photograph(40, 0), make_visible: true)
    face = find(".face img")
    scale = face.evaluate_script("this.clientWidth") / 600.0
    [0, 200].each do |psi|
      x, y = at(angle(psi), 200).map { |one| (one - 300) * scale }
      find(".face").click(x:, y:, offset: :center)
    end
    all(".face + form input").first(2).zip(%w[0 200]) { |input, value| input.set(value) }
    click_button "This is it"
    expect(page).to have_content("Shown; kept with")
    click_button "Save"
    expect(page).to have_button("Save", disabled: true)
    expect(Munimen::Desk::Instruments.new(office.context).briefly.first[:dial]).to be(true)

    visit = office.start
    office.looked_over(visit)
    office.step(visit, :fit_gauge)
    page.current_window.resize_to(390, 844)
    go "/visits/#{visit}?step=read_static_pressure"
    attach_file("dial-static_pressure-g1", photograph(62, 5), make_visible: true)
    expect(page).to have_content("Compare it with the picture", wait: 20)
    expect(find("input[name=static_pressure]").value).to eq("")
    click_button "Into the field"
    expect(find("input[name=static_pressure]").value.to_f).to be_within(3).of(62)
    find("input[name=static_pressure]").send_keys(:enter)
    expect(page).to have_css(".kept", text: "psi")
    row = office.records.database[:readings].where(visit_id: visit).first
    expect(row[:method]).to eq("by its picture")
  end
end
