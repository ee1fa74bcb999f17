# frozen_string_literal: true

# bin/screenshots: one picture of each main view, from fresh demo data, into docs/screenshots.
require "capybara"
require "capybara/cuprite"
require "fileutils"
require "tmpdir"
require_relative "../munimen"
require_relative "../demo/kept"
require_relative "../demo/walk"
require_relative "../demo/truth"

# Goes through the demo as a plumber and takes the pictures.
class Screenshots
  OPTIONS = %w[
    no-sandbox
    disable-gpu
    disable-quic
    no-first-run
    disable-background-networking
    disable-component-update
    disable-sync
  ].freeze
  FOLDER = File.join(Munimen::ROOT, "docs/screenshots")

  def initialize(config)
    Capybara.server = :puma, { Silent: true }
    Capybara.register_driver(:chromium) do |app|
      Capybara::Cuprite::Driver.new(
        app,
        window_size: [1280, 800],
        browser_path: "/usr/bin/chromium",
        process_timeout: 40,
        timeout: 20,
        browser_options: OPTIONS.to_h { |name| [name, nil] }
      )
    end
    @page = Capybara::Session.new(:chromium, Munimen::Web::Stack.build(config))
    @records = config.records
    @config = config
    FileUtils.mkdir_p(FOLDER)
  end

  def call
    sign_in
    desk
    service
    phone
  end

  private

  def sign_in
    @page.visit "/sign-in"
    @page.find("li", text: "plumber@").click_button("Use")
    @page.assert_text "Due, most urgent first"
  end

  def desk
    keep "today"
    visit = @records.database[:visits].where(status: "open").get(:id)
    @page.visit "/visits/#{visit}"
    type "hot_peak_found", "101"
    keep "visit"
    @page.click_button "Safety ladder"
    keep "visit-ladder"
    theme(:dark)
    keep "visit-dark"
    theme(:light)
    left_off = @records.database[:visits].where(outcome: "left_off").get(:id)
    @page.visit "/visits/#{left_off}/report"
    keep "report"
    @page.visit "/heaters/#{@records.database[:visits].where(id: visit).get(:heater_id)}"
    keep "heater"
    england
  end

  def england
    cylinder = @records.database[:heaters].where(label: "Airing cupboard").get(:id)
    @page.visit "/heaters/#{cylinder}"
    keep "heater-england"
    @page.visit "/calculators/vessel_performance?volume=50&cold=50&hot=140&supply_pressure=60&ves" \
                "sel_volume=4.5&charge=40"
    @page.assert_selector ".plot svg"
    keep "calculator"
    @page.visit "/settings/rules"
    keep "settings"
  end

  # A flush under way, the tank draining; and what the work costs.
  def service
    heater = @records.database[:heaters].where(label: "Cellar").get(:id)
    plumber = @records.people.by_email("plumber@tallowreed.example")
    truth = Munimen::Demo::Truth.new(static: 58, charge: 55, tap: 120)
    walk = Munimen::Demo::Walk.new(
      @records,
      person: plumber,
      at: Time.now - 760,
      truth:,
      random: Random.new(3)
    )
    @flush = walk.call(heater, jobs: %i[flush replace_anode], limit: 6, sign: false)
    @page.visit "/visits/#{@flush}"
    keep "service"
    @page.visit "/faults?kind=gas_storage&symptom=relief_drips&e.drip_temperature=cold&e.static_p" \
                "ressure=normal"
    @page.assert_selector ".field"
    keep "finder"
    what_if(@records.database[:heaters].where(label: "Basement").get(:id))
    records
    training
  end

  # The garage's pressure log, and the week as proposed.
  def records
    log = @records.database[:pressure_logs].get(:id)
    @page.visit "/pressure-logs/#{log}"
    @page.assert_selector ".event"
    keep "pressure-log"
    @page.visit "/plan?from=#{Munimen::Demo::Week.monday(Date.today)}&days=7"
    @page.click_button "Propose an order"
    @page.assert_text "less than in the order of booking", wait: 20
    keep "plan"
  end

  # Four tests, a wrong name, an unsafe try, and given up.
  def training
    @page.visit "/training"
    @page.find("button", text: "It will not stay in").click
    @page.assert_selector ".step-title"
    id = @page.current_path.split("/").last
    @page.click_link "To the fault finder"
    3.times do
      sleep 0.8
      @page.has_button?("Take it on the rig", disabled: false, wait: 1) &&
        @page.first("button", text: "Take it on the rig").click
    end
    run = @config.training_runs.find(id, @records.people.by_email("plumber@tallowreed.example"))
    %w[restore_power measure_elements].each do |operation|
      Munimen::Desk::DoStep.new(
        run.context(@records.people.by_email("plumber@tallowreed.example"))
      ).call(id, id: SecureRandom.uuid, operation:, outcome: "done")
    rescue Munimen::Refused
      nil
    end
    @page.visit "/visits/#{id}"
    @page.click_button "Give up"
    @page.assert_selector ".verdict"
    keep "training"
  end

  def what_if(heater)
    @page.current_window.resize_to(1280, 2500)
    @page.visit "/heaters/#{heater}"
    @page.click_button "Play it"
    @page.assert_selector ".plot svg"
    keep "what-if"
    @page.current_window.resize_to(1280, 800)
  end

  def phone
    @page.current_window.resize_to(390, 844)
    visit = @records.database[:visits].where(status: "open").get(:id)
    @page.visit "/visits/#{visit}?step=exercise_relief_valve"
    keep "phone-step"
    booked = @records.database[:visits].where(status: "booked").get(:id)
    Munimen::Desk::StartVisit.new(
      Munimen::Desk::Context.new(
        @records,
        person: @records.people.by_email("plumber@tallowreed.example")
      )
    ).start(booked)
    @page.visit "/visits/#{booked}?step=look_over"
    keep "phone-look"
    @page.click_button "Gas or CO"
    keep "phone-emergency"
    @page.visit "/visits/#{@flush}?step=flush_bursts"
    keep "phone-flush"
  end

  def type(name, value)
    @page.find("[name=#{name}]").send_keys(value, :enter)
    @page.assert_selector ".verdict"
  end

  def theme(name)
    @page.execute_script("document.documentElement.classList.toggle('dark', #{name == :dark})")
  end

  def keep(name)
    sleep 0.8
    @page.execute_script("window.scrollTo(0, 0)")
    sleep 0.1
    @page.driver.save_screenshot(File.join(FOLDER, "#{name}.png"))
  end
end

Dir.mktmpdir do |folder|
  Munimen::Demo::Kept.make(File.join(folder, "data"))
  config = Munimen::Web::Config.new(File.join(folder, "data"))
  Screenshots.new(config).call
end
