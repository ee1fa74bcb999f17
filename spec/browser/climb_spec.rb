# frozen_string_literal: true

require "screen_helper"

# While a closed tank heats: pressures typed on the phone say in minutes which vessel it has, and
# when it has been seen; and a valve that drips is watched by touches.
RSpec.describe "The climb, on a phone", type: :feature do
  before do
    @visit = office.start
    office.looked_over(@visit)
    sign_in
    page.current_window.resize_to(390, 844)
  end

  # The clock of the page, so much later.
  def pass(seconds)
    page.execute_script(<<~JS, seconds * 1000)
      window.later = (window.later ?? 0) + arguments[0]
      const real = Date.now.real ?? Date.now
      Date.now = () => real() + window.later
      Date.now.real = real
    JS
  end

  def link_to(step, title)
    go "/visits/#{@visit}?step=#{step}"
    find("a.calculator", text: title).click
    expect(page).to have_css("h1", text: title)
  end

  it "times each pressure that is typed, and names the vessel that it follows" do
    link_to("read_hot_peak_found", "Which vessel does the climb show?")
    expect(find("input[name=volume]").value).to include("50")
    { "cold" => "95", "hot" => "120", "vessel_volume" => "2 gal", "charge" => "60" }
      .each { |name, value| find("input[name=#{name}]").set(value) }
    # without a vessel 10–15 psi a minute (common practice)
    %w[60 72 85 98].each do |pressure|
      find("[name=climb-now]").set(pressure).send_keys(:enter)
      pass(60)
    end
    expect(find("[name=readings]").value).to match(/\A0 60\n6\d 72\n12\d 85\n18\d 98\z/)
    expect(page).to have_content("It follows no vessel at all.")
    page.refresh
    find("[name=climb-now]").set("112").send_keys(:enter)
    expect(find("[name=readings]").value.lines.size).to eq(5)
  end

  it "counts drops by touches, and says what they speak for" do
    link_to("watch_relief_drip", "Why does it drip, by the watch?")
    { "cold" => "95", "hot" => "120", "supply_pressure" => "60" }
      .each { |name, value| find("input[name=#{name}]").set(value) }
    click_button "Heating starts now"
    pass(400)
    12.times do
      click_button "A drop"
      pass(0.1)
    end
    expect(find("input[name=first_drop]").value).to match(/\A40\d s\z/)
    expect(find("input[name=drops]").value.to_i).to be > 60
    expect(page).to have_content("Likeliest: water that grows")
  end
end
