# frozen_string_literal: true

# bin/bench: what the product promises, measured. Nothing here passes or fails; it prints.
require "etc"
require "fileutils"
require "json"
require "securerandom"
require "tmpdir"
require "zlib"
require_relative "../munimen"
require_relative "../demo/seed"

# One row of the table for each thing promised.
class MeasureEverything
  COUNT = 1000
  READINGS = [
    %w[static_pressure 62],
    %w[tap_temperature 121],
    %w[hot_peak_found 84],
    %w[vessel_charge 44],
    %w[air_valve_emits air],
    %w[charge_set 62],
    %w[hot_peak_after 66],
    %w[relief_lever lifts],
    %w[relief_flow full_bore],
    %w[relief_closes shuts],
    %w[relief_drip dry]
  ].freeze

  CHROMIUM = %w[
    no-sandbox
    disable-gpu
    disable-quic
    no-first-run
    disable-background-networking
    disable-component-update
    disable-sync
  ].to_h { |name| [name, nil] }
  # To the ladder and back: what is timed is the way back.
  DRAW = <<~SCRIPT
    const [drawing, ladder] = document.querySelectorAll("[role=tab]");
    ladder.click();
    setTimeout(() => {
      const start = performance.now();
      drawing.click();
      const turns = Promise.resolve().then(() => Promise.resolve());
      turns.then(() => arguments[0](performance.now() - start));
    }, 120);
  SCRIPT

  def initialize
    @rows = []
  end

  # Parts that can be asked for by themselves, with a number: `bin/bench plans 40`, `bin/bench
  # kill 200`.
  PARTS = {
    "plans" => ->(bench, count) { bench.plans((count || 40).to_i) },
    "served" => ->(bench, _) { bench.served },
    "log" => ->(bench, _) { bench.records.log },
    "week" => ->(bench, _) { bench.records.week },
    "kill" => ->(bench, count) { bench.records.kill((count || 200).to_i) },
    "second" => ->(bench, count) { bench.records.second((count || 20).to_i) },
    "greedy" => ->(bench, _) { bench.trials.greedy },
    "import" => ->(bench, _) { bench.trials.import },
    "offline" => ->(bench, count) { bench.trials.offline((count || 200).to_i) },
    "cellar" => ->(bench, _) { bench.trials.cellar },
    "races" => ->(bench, count) { bench.trials.races((count || 500).to_i) },
    "fuzz" => ->(bench, count) { bench.trials.fuzz((count || 20_000).to_i) },
    "seed" => ->(bench, count) { bench.load_bench.seed((count || 20_000).to_i) },
    "load" => ->(bench, _) { bench.load_bench.run },
    "writers" => ->(bench, _) { bench.writers }
  }.freeze

  def run(only = nil, count = nil)
    if only
      part = PARTS.fetch(only) do
        abort "There is no part “#{only}”; there are: #{PARTS.keys.join(", ")}."
      end
      return part.call(self, count) && report
    end

    core
    plans(15)
    rig
    judgement
    served
    first_screen
    records.log
    records.week
    report
  end

  def trials = Munimen::Bench::Trials.new { |*given| row(*given) }
  def records = Munimen::Bench::RecordBench.new { |*given| row(*given) }

  def writers
    folder = Munimen::Bench::LoadBench::FOLDER
    Munimen::Bench::WritersTrial.new(folder) { |*given| row(*given) }.run
  end

  def load_bench = Munimen::Bench::LoadBench.new { |*given| row(*given) }

  private

  def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  def timed = clock.then { |start| [yield, (clock - start) * 1000].last }

  def row(name, value, unit, wanted)
    @rows << { name:, value: value.is_a?(Float) ? value.round(2) : value, unit:, wanted: }
  end

  def percentile(list, share) = list.sort[[(list.size * share).ceil - 1, 0].max]

  def core
    inputs = {
      volume: "50",
      power: "25000",
      cold: "45",
      hot: "110",
      supply_pressure: "60",
      vessel_volume: "4.5"
    }
    run = Munimen::Calculations::Calculation[:closed_system]
    minutes = run.call(inputs).outputs[:series].last[:time].in("min")
    row(
      "closed_system, #{minutes.round} min series, median",
      median(40) { run.call(inputs) },
      "ms",
      "< 20"
    )
    heater = Munimen::Heater::Installation.from(
      {
        kind: "gas_storage",
        capacity: "50",
        input: "40000",
        vessel: "external",
        vessel_volume: "2",
        ignition: "pilot_thermocouple"
      }
    )
    visit = Munimen::Visit.new(
      heater:,
      rules: Munimen::Rules::EffectiveRules.new(:us_irc),
      jobs: [:annual_safety]
    )
    planner = -> { Munimen::Planning::Planner.new(visit).plan([:annual_safety]) }
    row(
      "plan of the annual visit (#{planner.call.steps.size} steps), median",
      median(40, &planner),
      "ms",
      "< 50"
    )
  end

  # Simulated seconds for each second, over eight hours with draws; and one step of the fault
  # finder.
  def rig
    heater = Munimen::Heater::Installation.from(Munimen::Bench::PlanBench::HEATERS.first)
    hours = lambda do
      rig = Munimen::Rig.new(heater, start: 293.15)
      8.times do
        [[3000, 0.0], [300, 1.5e-4], [300, 0.0]].each do |seconds, flow|
          (rig.running = flow) && rig.run(seconds)
        end
      end
    end
    ms = median(5, &hours)
    row("8 h of the simulated heater", ms, "ms", "< 500")
    row("simulated seconds a second", (8 * 3600 * 1000 / ms).round, "", "")
    step = lambda do
      Munimen::Faults::Finder.new(heater, :relief_drips, { drip_temperature: :cold }).next_tests
    end
    row("fault finder, one step", median(40, &step), "ms", "< 30")
  end

  public

  def plans(count)
    bench = Munimen::Bench::PlanBench.new
    all = [1, 2, 3, 4, 6, 8, 10, 12].flat_map do |jobs|
      cases = bench.run(jobs, count)
      times = cases.map(&:ms)
      row(
        "plan of #{jobs} jobs, median of #{count} (p95 #{percentile(times, 0.95).round})",
        percentile(times, 0.5),
        "ms",
        jobs == 12 ? "< 300" : ""
      )
      cases
    end
    (1..12).each { |jobs| share(all.select { |one| one.jobs == jobs }, jobs) }
    problems = all.filter_map(&:problem)
    row("plans that break a rule, of #{all.size}", problems.size, "", "0")
    problems.first(5).each { |problem| warn problem }
  end

  private

  def share(cases, jobs)
    return if cases.empty?

    row(
      "plans of #{jobs} jobs proved shortest",
      cases.count(&:proved) * 100 / cases.size,
      "%",
      ""
    )
  end

  # A visit with 120 readings, most of them corrected, as a long day leaves it.
  def judgement
    heater = Munimen::Heater::Installation.from(
      {
        kind: "gas_storage",
        capacity: "50",
        input: "40000",
        vessel: "external",
        vessel_volume: "2",
        ignition: "pilot_thermocouple"
      }
    )
    readings = Array.new(120) do |i|
      name, value = READINGS[i % READINGS.size]
      Munimen::Visit::ReadingInput.read(
        name,
        value,
        units: :us,
        id: i.to_s,
        state: {
          heater_pressure: :zero
        },
        superseded: i < 109 ? (i + 11).to_s : nil
      )
    end
    observations = Munimen::Inspection::InspectionItem.all.map do |look|
      Munimen::Visit::Observation.new(
        id: look.id.to_s,
        item: look.id,
        finding: look.findings.keys.first
      )
    end
    row("judgement of a visit of 120 readings, everything seen wrong, median", median(40) do
      visit = Munimen::Visit.new(
        heater:,
        rules: Munimen::Rules::EffectiveRules.new(:us_irc),
        jobs: [:annual_safety],
        date: Date.today,
        readings:,
        observations:
      )
      Munimen::Judgement::Judge.new(visit).deficiencies
    end, "ms", "< 15")
  end

  def median(count, &block)
    3.times { block.call }
    percentile(Array.new(count) { timed(&block) }, 0.5)
  end

  public

  def served
    folder = Dir.mktmpdir("munimen-bench")
    Munimen::Demo::Seed.call(Munimen::Web::Config.new(folder))
    bare_file = File.join(folder, "bare.ru")
    File.write(
      bare_file,
      "body = 'x' * 1024\nrun ->(_env) { [200, { 'content-type' => 'text/plain' }, [body]] }\n"
    )
    bare = Munimen::Bench::Served.new(bare_file, folder)
    ours = Munimen::Bench::Served.new(File.join(Munimen::ROOT, "web/server.ru"), folder)
    compare(bare, ours)
  ensure
    [bare, ours].compact.each(&:stop)
    FileUtils.rm_rf(folder)
  end

  private

  def compare(bare, ours)
    ours.sign_in("plumber@tallowreed.example", Munimen::Demo::Seed::PASSWORD)
    visits = started(ours)
    bares, posts, readings = pairs(bare, ours, visits)
    row("bare Puma route, GET, 1 kB, p95", percentile(bares, 0.95), "ms", "")
    row("bare Puma route, POST with the same body, 1 kB, p95", percentile(posts, 0.95), "ms", "")
    row("a write of 4 kB made durable (fsync) by itself, p95", percentile(durable, 0.95), "ms", "")
    row("reading saved and judged, p50", percentile(readings, 0.5), "ms", "")
    row("reading saved and judged, p95", percentile(readings, 0.95), "ms", "")
    row(
      "reading p95 / bare GET p95",
      percentile(readings, 0.95) / percentile(bares, 0.95),
      "×",
      "≤ 6"
    )
    row(
      "reading p95 / bare POST p95",
      percentile(readings, 0.95) / percentile(posts, 0.95),
      "×",
      ""
    )
    live(ours, visits.first)
    row(
      "visit as a whole, p50 of 40",
      percentile(Array.new(40) { timed { ours.get("/api/visits/#{visits.first}") } }, 0.5),
      "ms",
      ""
    )
    Munimen::Bench::VisitBench.new(ours) { |*given| row(*given) }.run
    400.times { ours.get("/api/today") } # with the above, 1 000 requests
    row("memory after 1 000 requests", ours.memory_mb, "MB", "< 200")
  end

  # What the disk alone takes: each reading is durable before it is acknowledged.
  def durable
    File.open(File.join(Dir.mktmpdir("munimen-disk"), "disk"), "wb") do |file|
      Array.new(200) { timed { file.write("x" * 4096) && file.fsync } }
    end
  end

  # From a reading's acknowledgement to the event on another screen.
  def live(ours, visit)
    socket = ours.events("/api/visits/#{visit}/events")
    sleep 0.6
    times = Array.new(8) do
      ours.post(
        "/api/visits/#{visit}/readings",
        { id: SecureRandom.uuid, name: "static_pressure", value: "62" }
      )
      timed { nil until socket.gets.include?("event: change") }
    end
    row("live update on another screen, largest of 8", times.max, "ms", "< 2000")
  ensure
    socket&.close
  end

  # Milliseconds of the bare GET, the bare POST and a reading, taken in turn.
  def pairs(bare, ours, visits)
    number = 0
    reading = lambda do
      number += 1
      name, value = READINGS[number / visits.size % READINGS.size]
      ours.post(
        "/api/visits/#{visits[number % visits.size]}/readings",
        { id: SecureRandom.uuid, name:, value: }
      )
    end
    body = { id: SecureRandom.uuid, name: "static_pressure", value: "62" }
    40.times { bare.get("/") && reading.call }
    Array
      .new(COUNT) do
        [timed { bare.get("/") }, timed { bare.post("/", body) }, timed { reading.call }]
      end
      .transpose
  end

  # Visits under way, as many as a busy firm has: each gets readings of every kind.
  def started(ours)
    heater = JSON.parse(ours.get("/api/today").body)["visits"].first["heater_id"]
    Array.new(20) do
      id = SecureRandom.uuid
      ours.post(
        "/api/heaters/#{heater}/visits",
        { id:, jobs: ["annual_safety"], planned_for: Time.now.utc.iso8601 }
      )
      ours.post("/api/visits/#{id}/start", {})
      id
    end
  end

  def first_screen
    index = File.read(File.join(Munimen::ROOT, "web/public/index.html"))
    page = File.join(Munimen::ROOT, "web/public")
    scripts = index.scan(%r{(?:src|href)="(/assets/[^"]+\.js)"}).flatten.uniq
    row(
      "JavaScript of the first screen, gzip",
      scripts.sum { |path| Zlib.gzip(File.binread(File.join(page, path))).bytesize } / 1024.0,
      "kB",
      "≤ 250"
    )
    painted
    drawn
  end

  # In Chromium: script time from the touch to the section drawing of the fullest configuration,
  # the middle of 9.
  def drawn
    require "ferrum"
    folder = Dir.mktmpdir("munimen-drawn")
    Munimen::Demo::Seed.call(config = Munimen::Web::Config.new(folder))
    visit =
      config
        .records
        .visits
        .of_heater(config.records.database[:heaters].where(label: "Airing cupboard").get(:id))
        .first
    server = Munimen::Bench::Served.new(File.join(Munimen::ROOT, "web/server.ru"), folder)
    browser = Ferrum::Browser.new(
      browser_path: "/usr/bin/chromium",
      window_size: [1280, 800],
      browser_options: CHROMIUM,
      process_timeout: 40,
      timeout: 20
    )
    browser.go_to("http://127.0.0.1:#{server.port}/sign-in")
    sleep 1
    browser
      .css("input")
      .zip(["plumber@tallowreed.example", Munimen::Demo::Seed::PASSWORD])
      .each { |input, text| input.focus.type(text) }
    browser.css("button[type=submit]").first.click
    sleep 1
    browser.go_to("http://127.0.0.1:#{server.port}/visits/#{visit[:id]}")
    sleep 1.5
    times = Array.new(9) { browser.evaluate_async(DRAW, 10) }
    row(
      "section drawing of the fullest cylinder, script time, median",
      percentile(times, 0.5),
      "ms",
      "< 16"
    )
  ensure
    browser&.quit
    server&.stop
    FileUtils.rm_rf(folder) if folder
  end

  # In Chromium: layout shift, and font families loaded at first paint.
  def painted
    require "ferrum"
    server = Munimen::Bench::Served.new(
      File.join(Munimen::ROOT, "web/server.ru"),
      folder = Dir.mktmpdir("munimen-paint")
    )
    browser = Ferrum::Browser.new(
      browser_path: "/usr/bin/chromium",
      window_size: [1280, 800],
      browser_options: CHROMIUM,
      process_timeout: 40
    )
    browser.evaluate_on_new_document(
      "window.shift = 0; new PerformanceObserver(list => list.getEntries().forEach(e => " \
      "window.shift += e.value))" \
      ".observe({ type: 'layout-shift', buffered: true })"
    )
    browser.go_to("http://127.0.0.1:#{server.port}/")
    sleep 1.5
    row("layout shift of the first screen", browser.evaluate("window.shift").to_f, "", "0")
    row(
      "font families at first paint",
      browser.evaluate(
        "[...new Set([...document.fonts].filter(f => f.status === 'loaded').map(f => " \
        "f.family))].length"
      ),
      "",
      "1"
    )
  ensure
    browser&.quit
    server&.stop
    FileUtils.rm_rf(folder) if folder
  end

  def report
    width = @rows.map { |one| one[:name].size }.max
    @rows.each do |one|
      puts format(
        "%-#{width}s  %10s %-3s %s",
        one[:name],
        one[:value],
        one[:unit],
        one[:wanted].empty? ? "" : "wanted #{one[:wanted]}"
      )
    end
    puts JSON.generate(ruby: RUBY_VERSION, processors: Etc.nprocessors, rows: @rows)
  end
end

MeasureEverything.new.run(*ARGV.first(2))
