# frozen_string_literal: true

require "office_helper"
require "logger"

# What everybody asks for all day, explained by the database: whatever grows with the firm is
# found by an index, never read through.
RSpec.describe Munimen::Store do
  growing = %w[
    customers
    sites
    heaters
    visits
    readings
    observations
    steps
    decisions
    notes
    photos
    deficiencies
    dues
    due_decisions
    search_words
    seals
    share_links
    share_views
  ]

  # SELECTs that a block asks.
  def asked
    log = StringIO.new
    database = office.records.database
    database.loggers << Logger.new(log)
    yield
    # nothing is read for an empty list, nor for names of columns
    log.string.scan(/SELECT .*$/).grep_v(/\(1 = 0\)| LIMIT 0/)
  ensure
    database.loggers.clear
  end

  # Steps of a query that read a growing table from end to end; what a subquery has chosen already
  # is not one.
  define_method(:read_through) do |sql|
    steps = office.records.database.fetch("EXPLAIN QUERY PLAN #{sql}").map { |step| step[:detail] }
    chosen = steps.grep(/\A(?:CO-ROUTINE|MATERIALIZE) /).map { |step| step.split[1] }
    steps
      .grep(/\ASCAN (?!.*USING (?:COVERING )?INDEX)/)
      .select { |step| (growing - chosen).include?(step.split[1]) }
  end

  let!(:signed) { office.walk(findings: { straps: :missing }) }

  it "tells a table that is read through" do
    expect(read_through("SELECT * FROM visits WHERE outcome = 'left_off'")).to eq(["SCAN visits"])
    expect(read_through("SELECT * FROM visits WHERE heater_id = 'x'")).to eq([])
  end

  {
    "Today" => ->(office, _) { Munimen::Desk::ViewToday.new(office.context).call },
    "what is owed" => ->(office, _) { Munimen::Desk::Owed.new(office.context).call },
    "a search" => ->(office, _) { office.records.customers.list(search: "brook weir") },
    "a heater's record" => lambda do |office, _|
      Munimen::Desk::ViewHeater.new(office.context).call(office.heater)
    end,
    "a customer" => lambda do |office, _|
      Munimen::Desk::ViewCustomer.new(office.context).call(office.customer)
    end,
    "a report" => lambda do |office, signed|
      Munimen::Desk::ReportPage.new(office.context).for_firm(signed)
    end,
    "a visit" => ->(office, _) { Munimen::Desk::ViewVisit.new(office.context).call(office.start) },
    "a week's plan" => lambda do |office, _|
      Munimen::Desk::DayPlan.new(office.context("owner"), from: office.now.to_date, days: 7).call
    end
  }.each do |name, ask|
    it "finds what #{name} needs by index" do
      queries = asked { ask.call(office, signed) }
      expect(queries).not_to be_empty
      expect(
        queries.to_h { |sql| [sql[0, 200], read_through(sql)] }.reject { |_, steps| steps.empty? }
      ).to eq({})
    end
  end
end
