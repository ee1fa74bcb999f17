# frozen_string_literal: true

# bin/bench: what the product promises, measured. Nothing here passes or fails; it prints.
require "etc"
require "json"
require_relative "../munimen"
require_relative "../demo/seed"

# One row of the table for each thing promised.
class MeasureEverything
  def initialize
    @rows = []
  end

  # Parts that can be asked for by themselves, with a number: `bin/bench plans 40`, `bin/bench
  # kill 200`.
  PARTS = {
    "plans" => ->(bench, count) { bench.core.plans((count || 40).to_i) },
    "reading" => ->(bench, count) { bench.reading.run((count || 3_000).to_i) },
    "served" => ->(bench, _) { bench.served.served },
    "log" => ->(bench, _) { bench.records.log },
    "week" => ->(bench, _) { bench.records.week },
    "kill" => ->(bench, count) { bench.records.kill((count || 200).to_i) },
    "second" => ->(bench, count) { bench.records.second((count || 20).to_i) },
    "door" => ->(bench, _) { bench.trials.door },
    "line" => ->(_, count) { MANY.call("spec/browser/line_spec.rb", (count || 5).to_i) },
    "badday" => ->(bench, count) { bench.trials.bad_day((count || 20).to_i) },
    "restore" => ->(bench, count) { bench.trials.restore((count || 3_900).to_i) },
    "greedy" => ->(bench, _) { bench.trials.greedy },
    "messy" => ->(bench, count) { bench.trials.messy((count || 10_000).to_i) },
    "import" => ->(bench, _) { bench.trials.import },
    "offline" => ->(bench, count) { bench.trials.offline((count || 200).to_i) },
    "cellar" => ->(bench, _) { bench.trials.cellar },
    "races" => ->(bench, count) { bench.trials.races((count || 500).to_i) },
    "fuzz" => ->(bench, count) { bench.trials.fuzz((count || 20_000).to_i) },
    "seed" => ->(bench, count) { bench.load_bench.seed((count || 20_000).to_i) },
    "load" => ->(bench, _) { bench.load_bench.run },
    "writers" => ->(bench, _) { bench.writers },
    "once" => ->(bench, _) { bench.once.run },
    "careless" => lambda { |_, count|
      MANY.call("spec/desk/careless_spec.rb", (count || 20_000).to_i / 360)
    },
    "safety" => lambda { |_, count|
      MANY.call("spec/reference/safety_spec.rb", (count || 3_000).to_i / 80)
    },
    "touches" => lambda { |_, _|
      ENV["TOUCHES"] = "1"
      MANY.call("spec/browser/touches_spec.rb", 2)
    },
    "many" => ->(_, count) { MANY.call("spec", (count || 20).to_i) }
  }.freeze
  # Examples that are only many seeds of the same, so many times as often as in bin/test.
  MANY = lambda do |where, times|
    system({ "TRIES" => [times, 1].max.to_s, "TEST_QUEUE_STATS" => "/dev/null" },
           "bundle", "exec", "ruby", "spec/queue.rb", where) || abort("Not all of it held.")
  end

  def run(only = nil, count = nil)
    if only
      part = PARTS.fetch(only) do
        abort "There is no part “#{only}”; there are: #{PARTS.keys.join(", ")}."
      end
      return part.call(self, count) && report
    end

    %i[core rig].each { |what| core.public_send(what) }
    core.plans(15)
    core.judgement
    once.run
    served.served
    screen.first_screen
    records.log
    records.week
    report
  end

  def once = Munimen::Bench::OnceBench.new { |*given| row(*given) }
  def reading = Munimen::Bench::ReadingTrial.new { |*given| row(*given) }
  def core = Munimen::Bench::CoreBench.new { |*given| row(*given) }
  def served = Munimen::Bench::ServedBench.new { |*given| row(*given) }
  def screen = Munimen::Bench::ScreenBench.new { |*given| row(*given) }
  def trials = Munimen::Bench::Trials.new { |*given| row(*given) }
  def records = Munimen::Bench::RecordBench.new { |*given| row(*given) }
  def load_bench = Munimen::Bench::LoadBench.new { |*given| row(*given) }

  def writers
    folder = Munimen::Bench::LoadBench::FOLDER
    Munimen::Bench::WritersTrial.new(folder) { |*given| row(*given) }.run
  end

  private

  def row(name, value, unit, wanted)
    @rows << { name:, value: value.is_a?(Float) ? value.round(2) : value, unit:, wanted: }
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
