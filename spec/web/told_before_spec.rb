# frozen_string_literal: true

require "office_helper"
require "mail"

# What a household says by the link of its confirmation, without an account.
RSpec.describe Munimen::Desk::ToldBefore do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  let(:visit) do
    office.uuid.tap do |id|
      Munimen::Desk::StartVisit.new(office.context).book(
        id:, heater_id: office.heater, jobs: ["flush"], planned_for: "2026-12-03T09:00:00Z"
      )
    end
  end
  let(:link) { described_class.new(office.context, base: "https://x.test").link(visit) }
  let(:path) { link.sub("https://x.test", "/api") }

  let(:picture) { [Photographs.png].pack("m0") }

  def say(what = "", **body)
    get "/api/session"
    header "X-CSRF-Token", answer["csrf"]
    header "Content-Type", "application/json"
    post path + what, JSON.generate(body)
    last_response.status
  end

  it "goes with the confirmation, takes what is seen, and shows it to whoever comes as theirs" do
    office.records.customers.update(office.customer, email: "ada@example.test")
    Munimen::Desk::Outbox.new(office.context, base: "https://x.test")
                         .booking(visit, id: office.uuid, what: "booked")
    mail = Mail.new(office.records.database[:messages].get(:eml))
    expect(mail.to_s.gsub("=\r\n", "")).to include(link)

    expect(get(path).status).to eq(200)
    expect(answer.keys).not_to include("customer", "address")
    drips = answer["complaints"].find { |one| one["id"] == "relief_drips" }
    expect(say(complaint: drips["id"], words: "Only at night", temperature: "49 °C")).to eq(200)
    expect(say("/photos", id: office.uuid, slot: "plate", data: picture)).to eq(200)
    view = office.view(visit)
    expect(view[:told]).to include(words: "Only at night", temperature: "120 °F",
                                   title: drips["title"])
    expect(view[:complaint]).to include(id: :relief_drips, words: "Only at night", finder: true)
    theirs = described_class.new(office.context).picture(view[:told][:pictures].first[:id])
    expect(theirs).to include(slot: "plate", media_type: "image/png")

    # Somebody of the firm says otherwise; what they told stays beside it.
    Munimen::Desk::Rang.new(office.context).change(visit, complaint: "no_burner")
    expect(office.view(visit)).to include(complaint: a_hash_including(id: :no_burner),
                                          told: a_hash_including(words: "Only at night"))
  end

  it "opens nothing else, ends with the visit's start, and takes pictures only, and not for ever" do
    other = Munimen::Desk::StartVisit.new(office.context).book(
      id: office.uuid, heater_id: office.heater, jobs: ["flush"],
      planned_for: "2026-12-04T09:00:00Z"
    )[:id]
    none = [path.sub(visit, other), "#{path}x", "/api/before/x", "/api/before/#{visit}."]
    expect(none.map { |one| get(one).status }).to all(eq(404))
    expect(say(complaint: "made_up")).to eq(422)
    expect(say(temperature: "warm")).to eq(422)
    expect(answer["field"]).to eq("temperature")
    expect(say("/photos", id: office.uuid, slot: "plate", data: ["GIF89a"].pack("m0"))).to eq(422)
    stub_const("#{described_class}::MOST", 1)
    taken = Array.new(2) { say("/photos", id: office.uuid, slot: "drip", data: picture) }
    expect(taken).to eq([200, 409])
    stub_const("#{described_class}::OFTEN", 3)
    expect(Array.new(3) { say(words: "again") }.last).to eq(409)
    Munimen::Desk::StartVisit.new(office.context).start(visit)
    expect([get(path).status, say(words: "late")]).to eq([404, 404])
  end

  it "goes with the customer who is erased, bytes and all, also where the visit was signed" do
    say("/photos", id: office.uuid, slot: "plate", data: picture)
    files = lambda do
      Dir[File.join(office.config.folder, "photos/**/*")].select { |one| File.file?(one) }
    end
    expect(files.call.size).to eq(1)
    Munimen::Desk::EraseCustomer.new(office.context("owner")).call(office.customer)
    expect([files.call, office.records.database[:told_photos].all]).to eq([[], []])
  end

  it "is no part of what was signed: that stays when the customer is erased, this does not" do
    signed = office.walk
    office.records.told.keep(signed, { words: "It drips", at: "2026-11-20T09:00:00Z" })
    Munimen::Desk::EraseCustomer.new(office.context("owner")).call(office.customer)
    row = office.records.visits.find(signed)
    expect(row.values_at(:status, :told_before)).to eq(["signed", nil])
    expect(office.records.seals.problems(office.records.photo_files)).to eq([])
  end
end
