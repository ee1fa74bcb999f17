# frozen_string_literal: true

require "office_helper"

# Permit, notice and certificate: what a book may want, what was said of it, and what follows.
RSpec.describe Munimen::Rules::Paper do
  def say(visit, id, value)
    Munimen::Desk::Decide.new(office.context)
      .call(visit, id: office.uuid, name: "paper.#{id}", value:)
  end

  it "is asked by the book of the place, of each with its source and the days that it may take" do
    ids = Munimen::Rules::Book.all.to_h { |book| [book.id.to_s, book.papers.map(&:id)] }
    notified = %i[notification certificate]
    expect(ids).to eq(
      "us_irc" => %i[permit certificate], "us_upc" => %i[permit certificate],
      "canada_npc" => %i[permit certificate hazard_tag],
      "england_g3" => notified, "wales_g" => notified,
      "scotland_4_9" => notified
    )
    papers = Munimen::Rules::Book.all.flat_map(&:papers)
    expect(papers.map(&:days)).to all(be_between(1, 60))
    expect(papers.map { |one| one.source.to_s }).to all(match(/from memory|practice/))
    scots = Munimen::Rules::Book["scotland_4_9"].papers.map { |one| one.source.to_s }
    expect(scots).to all(include("Scotland"))
  end

  it "stands on the page as it was said, and is owed where it is to follow" do
    visit = office.start
    expect(office.view(visit)[:papers].map { |one| one[:said] }).to eq([nil, nil])
    say(visit, "permit", "2026-12-01 B-2291")
    say(visit, "certificate", "to_follow")
    expect(office.view(visit)[:papers].map { |one| one.values_at(:said, :on, :number) })
      .to eq([[nil, "2026-12-01", "B-2291"], [:to_follow, nil, nil]])
    page = ->(language) { Munimen::Desk::ReportPage.new(office.context).call(visit, language:) }
    expect(page["en"][:page][:papers]).to eq(
      [{ title: "Permit", text: nil, on: "2026-12-01", number: "B-2291" },
       { title: "Inspection by the authority", text: "to follow", on: nil, number: nil }]
    )
    expect(page["es"][:page][:papers].map { |one| one.values_at(:title, :text, :number) }).to eq(
      [["Permiso", nil, "B-2291"], ["Inspección de la autoridad", "pendiente", nil]]
    )
    loaded = office.records.visits.load(visit, now: office.now)
    owed = Munimen::Calendar::Due.after(loaded, [], on: Date.new(2026, 12, 1))
    expect(owed.select { |one| one.kind == :papers }.map { |one| [one.on, one.text] })
      .to eq([[Date.new(2027, 1, 30), "Inspection by the authority: to follow"]])
  end

  it "is owed until a later visit says of that very paper that it is there" do
    owed = lambda do
      office.records.dues.open(heater_id: office.heater).select { |row| row[:kind] == "papers" }
            .map { |row| row[:check] }.sort
    end
    signed = lambda do |**papers|
      visit = office.start
      papers.each { |id, value| say(visit, id, value) }
      row = office.records.visits.find(visit)
      loaded = office.records.visits.load(visit, now: office.now)
      Munimen::Desk::FollowUp.new(office.context, row, loaded).call
    end
    signed[permit: "to_follow", certificate: "to_follow"]
    expect(owed.call).to eq(%w[paper.certificate paper.permit])
    signed[]
    expect(owed.call.size).to eq(2)
    signed[permit: "2026-12-03 B-9"]
    expect(owed.call).to eq(["paper.certificate"])
    signed[certificate: "to_follow"]
    expect(owed.call).to eq(["paper.certificate"])
    signed[certificate: "not_needed"]
    expect(owed.call).to eq([])
  end

  it "refuses one that the book does not know, and a day that there is not" do
    visit = office.start
    expect { say(visit, "notification", "N-1") }
      .to raise_error(Munimen::Error, /permit, certificate/)
    expect { say(visit, "permit", "2026-02-30 B-1") }.to raise_error(Munimen::Error, /2026-12-01/)
    say(visit, "permit", "B-1")
    say(visit, "permit", "")
    expect(office.view(visit)[:papers].first).to include(said: nil, on: nil, number: nil)
  end
end
