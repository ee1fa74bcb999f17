# frozen_string_literal: true

require "office_helper"
require_relative "../support/demo_folder"

RSpec.describe Munimen::Desk::DayPlan do
  # The week of the demo, whose visits were booked one after the other.
  around do |example|
    DemoFolder.open do |config|
      @records = config.records
      example.run
    end
  end

  def plan(as = "owner", from: Munimen::Demo::Week.monday(Date.today), days: 5)
    described_class.new(
      Munimen::Desk::Context.new(
        @records,
        person: @records.people.by_email("#{as}@tallowreed.example")
      ),
      from:,
      days:
    )
  end

  def arrangement(shown)
    shown[:rounds].map do |round|
      {
        person: round[:person],
        date: round[:date],
        visits: round[:stops].map { |stop| stop[:visit] }
      }
    end
  end

  it "proposes a week with at least a quarter less driving and waiting than the order of " \
     "booking, and breaks nothing" do
    proposed = plan.propose
    expect(proposed[:breaks]).to eq(0)
    expect(proposed[:unplaced]).to be_empty
    expect(proposed[:driving] + proposed[:waiting]).to be < 0.75 * proposed[:compare].values.sum
    expect(proposed[:driving]).to be < proposed[:compare][:driving]
    booked =
      @records.database[:visits]
        .where(status: "booked")
        .where { planned_for >= Munimen::Demo::Week.monday(Date.today).iso8601 }
        .count
    expect(proposed[:rounds].sum { |round| round[:stops].size }).to be >= booked
    danger = proposed[:rounds].find { |round| round[:stops].any? { |stop| stop[:danger] } }
    expect(danger[:date]).to eq(proposed[:from])
  end

  it "keeps an arrangement when the office says so, and tells a drag what it breaks" do
    proposed = plan.propose
    expect { plan("plumber").apply(arrangement(proposed)) }.to raise_error(Munimen::Refused)
    kept = plan("office").apply(arrangement(proposed))
    expect(arrangement(kept)).to eq(arrangement(proposed))
    expect(kept.slice(:driving, :waiting, :breaks)).to eq(
      proposed.slice(:driving, :waiting, :breaks)
    )
    dragged = arrangement(kept)
    promised =
      kept[:rounds]
        .flat_map { |round| round[:stops] }
        .find { |stop| stop[:window_from] && stop[:customer].start_with?("Osric") }[
        :visit
      ]
    dragged.each { |round| round[:visits].delete(promised) }
    dragged.last[:visits] << promised
    broken = plan.check(dragged)[:rounds].last[:stops].find { |stop| stop[:visit] == promised }
    expect(broken[:breaks].join).to include("Promised for")
  end

  it "does not leave a visit that is under way as it stands" do
    visit = @records.visits.find(@records.database[:visits].where(status: "open").get(:id))
    # whatever the hour, the person has more to do today
    @records.database[:visits]
      .where(status: "booked", account_id: visit[:account_id])
      .where { planned_for < (Time.now.utc + 43_200).iso8601 }
      .update(planned_for: visit[:planned_for])
    context = Munimen::Desk::Context.new(@records, person: @records.people.find(visit[:account_id]))
    Munimen::Planning::Planner
      .new(@records.visits.load(visit[:id], now: Time.now.utc))
      .plan([:annual_safety])
      .steps
      .map(&:operation)
      .each do |operation|
        break if operation.id == :let_pressure_down

        if operation.reads.any?
          Munimen::Desk::DoStep.new(context).call(
            visit[:id],
            id: SecureRandom.uuid,
            operation: operation.id.to_s,
            outcome: "not_tested",
            reason: "test"
          )
        end
        if operation.reads.empty?
          Munimen::Desk::DoStep.new(context).call(
            visit[:id],
            id: SecureRandom.uuid,
            operation: operation.id.to_s,
            outcome: "done"
          )
        end
      rescue Munimen::Refused
        next
      end
    today = plan(from: Date.today, days: 1).call
    first = today[:rounds].find { |round| round[:person] == visit[:account_id] }[:stops].first
    expect(first[:visit]).to eq(visit[:id])
    swapped = arrangement(today)
    mine = swapped.find { |round| round[:person] == visit[:account_id] }[:visits]
    expect(mine.size).to be > 1
    mine.rotate!(1)
    broken =
      plan(from: Date.today, days: 1).check(swapped)[:rounds]
        .flat_map { |round| round[:stops] }
        .find { |stop| stop[:visit] == visit[:id] }
    expect(broken[:breaks]).to include(a_string_starting_with("It would be left half done: "))
  end

  it "sends nobody who is away or out for a while, and leaves their visits to be placed" do
    before = plan.call
    round = before[:rounds].find { |one| one[:stops].any? { |stop| stop[:status] == "booked" } }
    booked = round[:stops].select { |stop| stop[:status] == "booked" }.map { |stop| stop[:visit] }
    person = @records.people.by_email("owner@tallowreed.example")
    office = Munimen::Desk::Context.new(@records, person:)
    absences = Munimen::Desk::Absences.new(office)
    id = SecureRandom.uuid
    2.times { absences.add(id:, person: round[:person], from: round[:date], to: round[:date]) }
    without = plan.call
    expect(without[:away]).to eq([{ person: round[:person], date: round[:date] }])
    expect(without[:unplaced].map { |stop| stop[:visit] }).to include(*booked)
    expect(plan.propose[:rounds].map { |one| one.values_at(:person, :date) })
      .not_to include([round[:person], round[:date]])
    expect(absences.list.first).to include(from: round[:date], why: nil)
    absences.remove(id)
    expect(plan.call[:rounds].size).to eq(before[:rounds].size)

    plumber = before[:people].find { |one| one[:id] != person[:id] }[:id]
    Munimen::Desk::Staff.new(office).pause(plumber)
    busy = before[:rounds].any? do |one|
      one[:person] == plumber && one[:stops].any? { |stop| stop[:status] == "open" }
    end
    expect(plan.call[:people].any? { |one| one[:id] == plumber }).to be(busy)
    expect { absences.add(id:, person: plumber, from: "2026-12-26", to: "2026-12-24") }
      .to raise_error(Munimen::Error, /to must not be before from/)
  end
end
