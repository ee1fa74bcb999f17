# frozen_string_literal: true

require "office_helper"

# What somebody met at a heater goes into the van and the day of whoever comes next, until it is
# said to be gone.
RSpec.describe Munimen::Work::Hindrance do
  def say(visit, id, value)
    Munimen::Desk::Decide.new(office.context)
      .call(visit, id: office.uuid, name: "next.#{id}", value:)
  end

  def met(visit) = office.view(visit)[:in_the_way].map { |one| one[:id] }

  def book
    Munimen::Desk::StartVisit.new(office.context).book(
      id: office.uuid, heater_id: office.heater, jobs: %w[annual_safety],
      planned_for: (office.now + 86_400).iso8601
    )[:id]
  end

  # What the plan of that day reckons for it.
  def minutes
    office.records.forget
    day = Munimen::Desk::DayPlan.new(office.context("office"), from: office.now.to_date + 1).call
    all = day[:unplaced] + day[:rounds].flat_map { |round| round[:stops] }
    all.find { |one| one[:visit] == @booked }[:seconds] / 60
  end

  it "is told at the next visit, brought along and reckoned with, and taken back" do
    visit = office.start
    @booked = book
    before = minutes
    say(visit, "glued_pipe", "yes")
    say(visit, "narrow", "yes")
    expect(met(@booked)).to contain_exactly(:glued_pipe, :narrow)
    van = office.view(@booked)[:van].to_h { |one| [one[:name], one] }
    expect(van["Pipe cutter"].values_at(:certainty, :because)).to eq(
      [:sure, "Last time: The discharge pipe is glued at the valve."]
    )
    expect(minutes - before).to eq(30)
    say(visit, "glued_pipe", "no")
    expect([met(@booked), minutes - before]).to eq([[:narrow], 15])
  end

  it "knows what it is about, and what a heater has not" do
    visit = office.start
    [%w[glued_pipe perhaps], %w[ghosts yes]].each do |id, value|
      expect { say(visit, id, value) }.to raise_error(Munimen::Error)
    end
    ids = described_class.for(Munimen::Heater::Installation.from(Build::ELECTRIC.merge(
                                                                   anode: "none"
                                                                 ))).map(&:id)
    expect(Munimen::Desk::InTheWay.new(office.context).all(visit).map { |one| one[:id] })
      .to include(:burner_door)
    expect(ids).not_to include(:burner_door, :anode_seized)
    expect(described_class.all.map { |one| [one.text, one.brings.size, one.minutes] })
      .to all(match([be_a(String), be_positive, be_between(0, 30)]))
  end
end
