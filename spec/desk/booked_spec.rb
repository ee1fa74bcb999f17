# frozen_string_literal: true

require "office_helper"
require "pdf-reader"
require "icalendar"

# A booking's life: who goes when, moved, handed over, cancelled; and whoever is told of it. The
# calendar's entries by RFC 5546 (from memory): REQUEST and CANCEL of one UID, SEQUENCE that grows.
RSpec.describe Munimen::Desk::ChangeBooking do
  def boss = office.context("owner")
  def outbox = Munimen::Desk::Outbox.new(boss, base: "https://x.test")

  def booked(**more)
    id = office.uuid
    Munimen::Desk::StartVisit.new(boss).book(
      id:, heater_id: office.heater, jobs: ["annual_safety"],
      planned_for: "2026-12-01T09:00:00Z", **more
    )
    id
  end

  def mail(id, visit, what, offset: -300)
    outbox.booking(visit, id:, what:, offset:, recipient: "ann@example.test")
    read(office.records.sharing.message(id)[:eml])
  end

  # The mail, the event in it, and the calendar around that.
  def read(eml)
    sent = Mail.new(eml)
    file = sent.attachments.first.decoded
    [sent, Icalendar::Event.parse(file).first, Icalendar::Calendar.parse(file).first]
  end

  it "tells the customer of a visit, of its new time, and that it is cancelled, as one entry" do
    visit = booked(window_from: "2026-12-01T14:00:00Z", window_to: "2026-12-01T16:00:00Z")
    first, event, calendar = mail(office.uuid, visit, "booked")
    expect(first.subject).to eq("Your visit on December 1, 2026")
    expect(first.text_part.decoded).to match(/between 9:00 AM and 11:00 AM.*Smell gas/m)
    expect([calendar.ip_method, event.dtstart.to_time.utc.iso8601,
            event.dtend.to_time - event.dtstart.to_time])
      .to eq(["REQUEST", "2026-12-01T14:00:00Z", 7200.0])

    change = described_class.new(boss)
    change.call(visit, planned_for: "2026-12-02T15:00:00Z", window_from: nil, window_to: nil)
    moved, again, = mail(office.uuid, visit, "moved")
    expect(moved.subject).to include("moved to December 2")
    expect(moved.text_part.decoded).to include("about 10:00 AM")
    expect([again.uid, again.sequence.to_i > event.sequence.to_i]).to eq([event.uid, true])

    2.times do # as where it is sent twice
      Munimen::Desk::EndVisit.new(boss).call(visit, id: again.uid[/\A[^@]+/], how: "cancelled")
    rescue Munimen::Refused
      nil
    end
    mails = office.records.database[:messages].where(visit_id: visit).order(:at).select_map(:eml)
    expect(mails.size).to eq(3)
    gone, out, calendar = read(mails.last)
    expect(gone.subject).to eq("Your visit on December 2, 2026 is cancelled")
    expect([calendar.ip_method, out.status, out.uid]).to eq(["CANCEL", "CANCELLED", event.uid])
    expect(described_class.new(boss).show(visit)[:told]).to eq("ann@example.test")
  end

  it "tells nobody who was not told, tells it where the heater goes, in the reader's words" do
    quiet = booked
    Munimen::Desk::EndVisit.new(boss).call(quiet, id: office.uuid, how: "cancelled")
    expect(office.records.database[:messages].count).to eq(0)
    Munimen::Desk::ChangeCustomer.new(boss).call(office.customer, language: "es")
    visit = booked(window_from: "2026-12-01T14:00:00Z", window_to: "2026-12-01T16:00:00Z")
    letter, = mail(office.uuid, visit, "booked")
    expect(letter.subject).to eq("Su visita del 1 de diciembre de 2026")
    expect(letter.text_part.decoded).to match(/entre las 9:00 AM y las 11:00 AM.*gas\?/m)
    expect(letter.text_part.decoded).not_to match(/We come|Smell|suit/)
    Munimen::Desk::EndHeater.new(boss).call(office.heater, how: "taken_out")
    expect(office.records.database[:messages].order(:at).select_map(:subject).last)
      .to include("queda anulada")
  end

  it "waits for somebody who goes where the office books it and names nobody" do
    start = Munimen::Desk::StartVisit.new(office.context("office"))
    book = lambda do |**who|
      start.book(id: office.uuid, heater_id: office.heater, jobs: ["flush"],
                 planned_for: office.now.iso8601, **who)
    end
    expect(book.call[:account_id]).to be_nil
    expect(book.call(account_id: office.person[:id])[:account_id]).to eq(office.person[:id])
    expect { book.call(account_id: office.person("office")[:id]) }
      .to raise_error(Munimen::Error, /goes to visits/)
    office.records.people.pause(office.person("inspector")[:id], at: office.now.iso8601)
    expect { book.call(account_id: office.person("inspector")[:id]) }
      .to raise_error(Munimen::Error, /goes to visits/)
    visit = book.call[:id]
    Munimen::Desk::StartVisit.new(office.context).start(visit)
    expect(office.records.visits.find(visit)[:account_id]).to eq(office.person[:id])
  end

  # Handbook §26.18: what was said on the telephone opens the finder and stands on the page.
  it "keeps what they rang for, in our words and in theirs, from the booking to the page" do
    visit = booked(complaint: "pilot_out", complaint_words: "D1 is very long")
    Munimen::Desk::StartVisit.new(office.context).start(visit)
    expect(office.view(visit)[:complaint]).to eq(
      id: :pilot_out, title: "The pilot flame goes out", words: "D1 is very long", advice: nil,
      finder: true
    )
    today = Munimen::Desk::ViewToday.new(office.context).call(today: Date.new(2026, 12, 1))
    expect(today[:visits].map { |one| one[:complaint][:title] }).to eq(["The pilot flame goes out"])
    page = Munimen::Desk::ReportPage.new(office.context).call(visit, language: "es")
    expect(page[:page][:rang]).to eq(
      title: "Se apaga la llama del piloto", words: "D1 is very long"
    )
    text = PDF::Reader.new(StringIO.new(Munimen::Formats::ReportPdf.new(page).render))
      .pages.first.text
    expect(text).to include("Motivo de su llamada: Se apaga la llama del piloto – D1 is very long")
  end

  it "says otherwise later what they rang for, takes it away, and keeps what is not named" do
    visit = booked(complaint: "pilot_out", complaint_words: "since Sunday")
    change = described_class.new(boss)
    said = -> { change.show(visit).values_at(:complaint, :complaint_words) }
    expect(change.show(visit)[:complaints].map { |one| one[:id] }).to include(:gas_smell)
    change.call(visit, planned_for: "2026-12-03T09:00:00Z")
    expect(said[]).to eq(["pilot_out", "since Sunday"])
    change.call(visit, complaint: "gas_smell")
    expect(said[]).to eq(["gas_smell", "since Sunday"])
    Munimen::Desk::StartVisit.new(boss).start(visit)
    change.call(visit, complaint: "", complaint_words: "")
    expect(said[]).to eq([nil, nil])
    expect { change.call(visit, complaint: "no_such") }.to raise_error(
      Munimen::Error, /complaint must be one of/
    )
  end

  it "gives an emergency its advice and never the finder, and takes no complaint that the heater " \
     "cannot have" do
    advice = Munimen::Faults::Complaint::EMERGENCIES.keys.to_h do |id|
      said = office.view(booked(complaint: id.to_s))[:complaint]
      [said[:advice], said[:finder]]
    end
    expect(advice).to eq("gas" => false, "co" => false, "steam" => false)
    pages = JSON.parse(File.read(File.join(Munimen::ROOT, "core/words/emergency.json")))
    expect(pages.slice(*advice.keys).map { |_, page| page["steps"].size }).to all(be >= 5)
    %w[slow_heat_pump nonsense].each do |wrong|
      expect { booked(complaint: wrong) }.to raise_error(Munimen::Error, /complaint must be one of/)
    end
    expect(office.view(booked(complaint_words: "It sings"))[:complaint]).to include(
      id: nil, title: nil, words: "It sings", finder: false
    )
    expect(office.view(booked)[:complaint]).to be_nil
    said = lambda do |value|
      Munimen::Desk::Decide.new(boss).call(office.start, id: office.uuid, name: "complaint", value:)
    end
    expect { said["nonsense"] }.to raise_error(Munimen::Error, /complaint must be one of/)
    expect { said["noise"] }.not_to raise_error
  end

  it "hands over what is booked or under way, moves what is booked, and nothing that is over" do
    visit = booked
    change = described_class.new(boss)
    expect { change.call(visit, account_id: office.person("office")[:id]) }
      .to raise_error(Munimen::Error, /goes to visits/)
    expect { change.call(visit, window_from: "2026-12-01T14:00:00Z", window_to: nil) }
      .to raise_error(Munimen::Error, /beginning and an end/)
    change.call(visit, account_id: office.person("plumber")[:id])
    Munimen::Desk::StartVisit.new(office.context).start(visit)
    expect { change.call(visit, planned_for: "2026-12-05T09:00:00Z") }
      .to raise_error(Munimen::Refused, /under way/)
    expect(change.call(visit, account_id: office.person("owner")[:id])[:account_id])
      .to eq(office.person("owner")[:id])
    Munimen::Desk::EndVisit.new(boss).call(visit, id: office.uuid, how: "given_up")
    expect { change.call(visit, account_id: office.person[:id]) }.to raise_error(Munimen::Refused)
  end

  it "hands over what somebody has who leaves, one by one and all at once" do
    plumber = office.person[:id]
    mine = Array.new(3) { booked(account_id: plumber) }
    hand = Munimen::Desk::HandOver.new(boss)
    expect(hand.list(plumber).map { |one| one[:id] }).to match_array(mine)
    expect(hand.call(plumber, to: boss.person[:id], visits: [mine.first]).size).to eq(2)
    expect { hand.call(plumber, to: boss.person[:id], visits: [mine.first]) }
      .to raise_error(Munimen::NotFound)
    expect(hand.call(plumber, to: boss.person[:id])).to eq([])
    crew = Munimen::Desk::Crew.new(boss).call(on: Date.new(2026, 12, 1))
    expect(crew.to_h { |one| one.values_at(:name, :visits) }).to eq(
      "Owner" => 3, "Plumber" => 0, "Inspector" => 0
    )
    expect(crew.select { |one| one[:looks_only] }).to eq([crew.last])
  end

  it "sends by itself what the owner says may go so, and waits with the rest" do
    office.records.settings[:smtp] =
      { host: "mail.example.test", port: 587, from: "f@example.test" }
    states = lambda do |id|
      outbox.list[:messages].find { |one| one[:id] == id }[:state]
    end
    looked, straight = Array.new(2) { office.uuid }
    visit = booked
    mail(looked, visit, "booked")
    outbox.go_by_themselves(["booking"])
    mail(straight, visit, "moved")
    expect([looked, straight].map(&states)).to eq(%w[waiting on_its_way])
    expect { outbox.go_by_themselves(["invitation"]) }.to raise_error(Munimen::Error, /kinds/)
  end

  it "sends the page along as a PDF where the firm wants it, besides its link" do
    visit = office.walk
    mails = Munimen::Desk::Outbox.new(office.context("owner"), base: "https://firm.example")
    sent = lambda do
      mails.report(visit, id: id = office.uuid, recipient: "ada@mail.example")
      Mail.new(mails.eml(id))
    end
    expect(sent[].attachments).to be_empty
    expect(mails.go_by_themselves([], attached: true)).to include(attached: true)
    mail = sent[]
    expect(mail.attachments.map(&:mime_type)).to eq(["application/pdf"])
    expect(mail.attachments.first.decoded).to start_with("%PDF")
    expect(mail.text_part.decoded).to include("https://firm.example/shared/")
    expect(mails.go_by_themselves([])).to include(attached: true)
  end
end
