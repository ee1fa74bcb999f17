# frozen_string_literal: true

require "screen_helper"

# The year of an unvented cylinder on a phone, by touch from sign-in to the end of the work, and
# what it takes.
RSpec.describe "An unvented cylinder's annual service", type: :feature do
  let(:answers) do
    {
      static_pressure: "3",
      flowing_pressure: "2.4",
      flow_rate: "22",
      tap_temperature: "58",
      vessel_charge: "2.1",
      charge_set: "3"
    }
  end

  before do
    office.records.people.qualify(
      office.person[:id],
      [{ trade: "unvented" }, { trade: "electrical" }]
    )
    site = office.uuid
    Munimen::Desk::AddSite.new(office.context).call(
      id: site,
      customer_id: office.customer,
      address: "4 Mill Row",
      code_profile: "england_g3"
    )
    Munimen::Desk::KeepHeater.new(office.context).add(
      id: @heater = office.uuid,
      site_id: site,
      label: "Airing cupboard",
      installation: Build::KINDS[:unvented_indirect]
    )
    @visit =
      Munimen::Desk::StartVisit.new(office.context).book(
        id: office.uuid,
        heater_id: @heater,
        jobs: ["annual_unvented"],
        planned_for: office.now.iso8601
      )[
        :id
      ]
    Munimen::Desk::StartVisit.new(office.context).start(@visit)
    page.current_window.resize_to(390, 844)
  end

  def answer(read)
    if answers.key?(read[:name])
      find("input[name=#{read[:name]}]").send_keys(answers[read[:name]], :enter)
    else
      within("[role=group][aria-label=\"#{read[:ask]}\"]") { first("button.choice").click }
    end
    expect { office.view(@visit)[:readings].key?(read[:name]) }.to(be_true_soon)
  end

  RSpec::Matchers.define(:be_true_soon) do
    supports_block_expectations
    match { |block| 60.times { block.call ? (return true) : sleep(0.1) } && false }
  end

  def dead
    click_button "Works"
    all("button", text: "0 V").each(&:click)
    expect(page).to have_content("Tester on the proving unit, after")
    all("button", text: "Works").last.click
    expect { office.view(@visit)[:readings].key?(:tester_after) }.to(be_true_soon)
  end

  # Does the step in hand.
  def work(step)
    expect(page).to have_css("article h2", text: step[:title])
    if page.has_button?("It is over", wait: 0) && step[:needs].any? { |need| !need[:met] }
      click_button "It is over"
    end
    all_sound_here if step[:looks]
    click_button "Yes, go ahead" if step[:decides]
    step[:operation] == :prove_dead ? dead : open_reads(step).each { |read| answer(read) }
    open_reads(step).each { |read| answer(read) } # those that an answer has made wanted
    click_button "Done – next"
    expect_next(step[:title])
  end

  def open_reads(step)
    view = office.view(@visit)
    now = view[:plan][:steps].find { |one| one[:operation] == step[:operation] }
    now[:reads].select do |read|
      read[:wanted] && (read[:stale] || !view[:readings].key?(read[:name]))
    end
  end

  it "takes no more than 110 touches and keystrokes, with every reading of the trade's order" do
    sign_in
    go "/visits/#{@visit}"
    count_touches
    60.times do
      step = office.view(@visit)[:plan][:steps].first or break
      work(step)
    end
    used = touches
    expect(office.view(@visit)[:obstacles].map { |one| one[:code] } - %i[danger_open]).to be_empty
    expect(office.view(@visit)[:verdicts].to_h { |one| one.values_at(:check, :state) }).to include(
      cut_out_test: :sound,
      controls_chain: :sound,
      proved_dead: :sound
    )
    RSpec.configuration.reporter.message(
      "annual service of an unvented cylinder: #{used} touches and keystrokes"
    )
    expect(used).to be <= 110
  end
end
