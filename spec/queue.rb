# frozen_string_literal: true

# Runs the examples on as many workers as there are processors. Each takes the next from one queue:
# what took longest last time goes first. It ends with where the time went.
#
#   bundle exec ruby spec/queue.rb [--tag ~long] [FILE …]
#
# How long each took stands in spec/seconds.tsv, for a machine that has not run them yet; a full
# run with RECORD_SECONDS=1 writes it anew.
$LOAD_PATH.unshift(__dir__)
require "test_queue"
require "test_queue/runner/rspec"
require "etc"
require "tmpdir"

# The gem's runner, with a summary that says what is slow and how many there were.
class ExampleQueue < TestQueue::Runner::RSpec
  ROOT = File.expand_path("..", __dir__)
  RECORDED = File.join(ROOT, "spec/seconds.tsv")
  LEAST = 1.0 # s from which on it is worth being written down

  def initialize
    # Examples with a browser wait two fifths of their time: one worker more than there are
    # processors for every two of them.
    ENV["TEST_QUEUE_WORKERS"] ||= (Etc.nprocessors * 1.5).floor.to_s
    ENV["TEST_QUEUE_STATS"] ||= File.join(ROOT, "tmp/queue-stats")
    ENV["TEST_QUEUE_SPLIT_GROUPS"] ||= "true"
    remember_recorded
    super
  end

  # What every worker would make for itself otherwise.
  def prepare(_concurrency)
    return if ARGV.any? && ARGV.grep(%r{\Aspec/}).all?(%r{spec/(core|reference)})

    require "office_helper"
    Office.template
  end

  # No worker leaves a browser behind.
  def cleanup_worker
    return unless defined?(Capybara)

    Capybara.send(:session_pool).each_value { |session| session.driver.quit }
  rescue StandardError => e
    warn "The browser was not ended: #{e.message}"
  end

  # Of a group that one example is run of, nothing else is run: the gem would take in the groups
  # within it.
  def around_filter(_suite)
    examples = ::RSpec.world.filtered_examples
    usual = examples.default_proc
    examples.default_proc = ->(all, group) { all[group] = [] }
    yield
  ensure
    examples.default_proc = usual
    examples.clear
  end

  def summarize
    suites = @completed.flat_map(&:suites)
    puts "Seconds by folder: #{by_folder(suites)}", "", "The ten slowest:"
    slowest = suites.sort_by { |suite| -suite.duration }
    slowest.first(10).each { |one| puts "#{one.duration.round(1).to_s.rjust(8)} s  #{one.name}" }
    record(slowest) if ENV["RECORD_SECONDS"]
    puts "", total
  end

  private

  def remember_recorded
    return if File.exist?(stats_file) || !File.exist?(RECORDED)

    FileUtils.mkdir_p(File.dirname(stats_file))
    stats = TestQueue::Stats.new(stats_file)
    stats.record_suites(File.readlines(RECORDED, chomp: true).map do |line|
      name, path, seconds = line.split("\t")
      TestQueue::Stats::Suite.new(name, File.join(ROOT, path), seconds.to_f, Time.now)
    end)
    stats.save
  end

  def by_folder(suites)
    groups = suites.group_by { |suite| suite.path[%r{spec/\w+}] }
    groups.sort_by { |folder, _| folder.to_s }
          .map { |folder, all| "#{folder} #{all.sum(&:duration).round}" }.join(", ")
  end

  def record(suites)
    lines = suites.select { |suite| suite.duration >= LEAST }.map do |one|
      [one.name, one.path.delete_prefix("#{ROOT}/"), one.duration.round(1)].join("\t")
    end
    File.write(RECORDED, "#{lines.join("\n")}\n")
  end

  # The line of all workers together that RSpec would have ended with.
  def total
    counts = @completed.map { |worker| worker.summary.to_s.scan(/\d+/).map(&:to_i) }
    examples, failures = [0, 1].map { |at| counts.sum { |one| one[at].to_i } }
    "#{examples} examples, #{failures} failures"
  end
end

ExampleQueue.new.execute
