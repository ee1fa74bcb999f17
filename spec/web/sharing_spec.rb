# frozen_string_literal: true

require "office_helper"
require "icalendar"
require "pdf-reader"
require "socket"

# What leaves the house: links, messages, calendars, the tag; and what may be added to what is
# signed.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  def send_json(verb, path, body)
    get "/api/session"
    header "X-CSRF-Token", answer["csrf"]
    header "Content-Type", "application/json"
    public_send(verb, path, JSON.generate(body))
    last_response.status
  end

  def as(role)
    clear_cookies
    send_json(:post, "/auth/login", { login: "#{role}@example.test", password: Office::PASSWORD })
  end

  let!(:signed) { office.walk }

  # Handbook: a page that the customer understands; here for any browser and any reader.
  it "shows the page behind a link as one plain page, without a script, in each language" do
    office.records.database[:customers].update(name: "Ada <b>Brook</b>")
    as("plumber")
    send_json(:post, "/api/visits/#{signed}/links", { id: office.uuid })
    token = answer["url"].split("/").last
    clear_cookies
    { "en" => "Please note", "es" => "Tenga en cuenta", "fr" => "À retenir" }.each do |id, title|
      get "/api/shared/#{token}/page.html?language=#{id}"
      page = last_response.body.force_encoding(Encoding::UTF_8)
      expect(page).to include("lang=\"#{id}\"", "<h2>#{title}</h2>").and(
        satisfy { |text| !text.match?(/<script|<b>Brook/) }
      )
    end
    expect(last_response.headers["content-security-policy"]).to start_with("default-src 'none'")
  end

  it "tells whoever scans a heater's tag whose it is, when it is due and what to do, and nothing " \
     "personal" do
    records = office.records
    row = records.visits.find(signed)
    due = records.dues.open(heater_id: office.heater)
                 .find { |one| one[:kind] == "annual_service" }
    get "/api/tags/#{office.heater}"
    expect(last_response.status).to eq(200)
    expect(answer).to include("since" => row[:signed_at][0, 10], "next_service" => due[:on].to_s,
                              "emergency" => a_string_including("Smell gas?"), "language" => "en")
    expect(answer["advice"].map { |one| one["act"] }).to include(/Never plug, cap or shorten/)
    place = records.heaters.with_place(office.heater)
    personal = [*place.values_at(:customer, :address, :phone, :access).compact, row[:id]]
    expect(last_response.body).not_to include(*personal.map(&:to_s).reject(&:empty?))
    records.database[:customers].update(language: "es")
    get "/api/tags/#{office.heater}"
    expect(answer).to include("language" => "es",
                              "advice" => include(include("act" => /Nunca tape/)))
    expect(answer["off"]).to be_nil
    office.pass(4000)
    office.walk(findings: { flue: :disconnected })
    get "/api/tags/#{office.heater}"
    expect(answer["off"]).to match(/no lo encienda/)
    get "/api/tags/#{office.uuid}"
    expect(last_response.status).to eq(404)
  end

  it "shares the page of one signed visit by a link that expires, can be ended and notes each " \
     "look" do
    as("plumber")
    expect(send_json(:post, "/api/visits/#{office.start}/links", { id: office.uuid })).to eq(409)
    send_json(:post, "/api/visits/#{signed}/links", { id: id = office.uuid, days: 30 })
    token = answer["url"][%r{/shared/(.+)\z}, 1]
    expect(office.records.database[:share_links].select_map(:token)).not_to include(token)
    clear_cookies
    get "/api/shared/#{token}"
    expect(last_response.status).to eq(200)
    expect(answer).to include("customer" => "Ada Brook", "signed_at" => String)
    get "/api/shared/#{token}/report.pdf"
    expect(last_response.body).to start_with("%PDF")
    other = token.tr("A-Za-z", "N-ZA-Mn-za-m")
    [
      get("/api/shared/#{other}"),
      get("/api/visits/#{signed}/report"),
      get("/api/shared/#{token}/../customers")
    ].each { expect(last_response.status).to be_between(401, 404) }
    as("plumber")
    get "/api/visits/#{signed}/links"
    expect(answer).to contain_exactly(include("id" => id, "state" => "open", "views" => 2))
    send_json(:post, "/api/links/#{id}/revoke", {})
    expect(answer.first["state"]).to eq("ended")
    expect(get("/api/shared/#{token}").status).to eq(404)
    send_json(:post, "/api/visits/#{signed}/links", { id: short = office.uuid, days: 1 })
    late = answer["url"][%r{/shared/(.+)\z}, 1]
    office.records.database[:share_links].where(id: short).update(
      expires_at: "2020-01-01T00:00:00.000Z"
    )
    expect(get("/api/shared/#{late}").status).to eq(404)
  end

  it "gives links and calendars the address that the operator has set" do
    ENV["MUNIMEN_URL"] = "https://heaters.example.test/"
    as("plumber")
    send_json(:post, "/api/visits/#{signed}/links", { id: office.uuid })
    expect(answer["url"]).to start_with("https://heaters.example.test/shared/")
    send_json(:post, "/api/calendar/feed", {})
    expect(answer["url"]).to start_with("https://heaters.example.test/api/feeds/")
  ensure
    ENV.delete("MUNIMEN_URL")
  end

  it "writes mails into the outbox, hands them out as files, and sends them by SMTP when a " \
     "server is set" do
    as("owner")
    due = office.records.dues.open.first[:id]
    expect(
      send_json(
        :post,
        "/api/outbox/reports",
        { id: office.uuid, visit: signed, recipient: "ada@example.test\r\nBcc: x@example.test" }
      )
    ).to eq(422)
    send_json(
      :post,
      "/api/outbox/reports",
      { id: report = office.uuid, visit: signed, recipient: "ada@example.test" }
    )
    send_json(
      :post,
      "/api/outbox/reminders",
      { id: office.uuid, due:, recipient: "ada@example.test" }
    )
    expect(answer).to include(
      "smtp" => false,
      "messages" => [
        include("kind" => "reminder", "state" => "waiting"),
        include("kind" => "report")
      ]
    )
    get "/api/outbox/#{report}/message.eml"
    mail = Mail.new(last_response.body)
    expect(mail.to).to eq(["ada@example.test"])
    get mail.body.decoded[%r{http://example.org(/shared/\S+)}, 1].sub("/shared", "/api/shared")
    expect(last_response.status).to eq(200)
    expect(send_json(:post, "/api/outbox/#{report}/send", {})).to eq(409)
    taken = smtp_server do |port|
      send_json(
        :put,
        "/api/settings/mail",
        { host: "127.0.0.1", port:, from: "office@example.test" }
      )
      send_json(:post, "/api/outbox/#{report}/send", {})
      expect(answer["messages"].last).to include("state" => "on_its_way")
      expect(mail_round.call).to eq(1)
    end
    expect(taken).to include("RCPT TO:<ada@example.test>").and include("/shared/")
    get "/api/outbox"
    expect(answer["messages"].last).to include("state" => "sent")
    expect(last_response.body).not_to include("password")
  end

  it "mails an invitation where a server is set and keeps no copy of it; without one the link " \
     "is handed over" do
    as("owner")
    body = { name: "Bo", email: "bo@example.test", role: "plumber" }
    taken = smtp_server do |port|
      send_json(:put, "/api/settings/mail", { host: "127.0.0.1", port:, from: "o@example.test" })
      send_json(:post, "/api/people", body)
      mail_round.call
    end
    made = answer
    expect(taken).to include("RCPT TO:<bo@example.test>").and include("/join/#{made["token"]}")
    expect(made["mailed"]).to be(true)
    expect(JSON.parse(get("/api/outbox").body)["messages"]).to eq([])
    send_json(:put, "/api/settings/mail", { host: "" })
    expect(send_json(:post, "/api/people", body.merge(email: "cy@example.test"))).to eq(200)
    expect(answer).to include("mailed" => false, "token" => /\S{20}/)
  end

  def mail_round
    Munimen::Desk::MailRound.new(office.records, clock: -> { @later || Time.now.utc })
  end

  # A server that takes the line and never says a word would have held whoever asked.
  it "keeps nobody waiting for a mail server that is silent, says why, and tries again" do
    as("owner")
    silent = TCPServer.new("127.0.0.1", 0)
    stub_const("Munimen::Desk::MailServer::READ", 0.2)
    send_json(:put, "/api/settings/mail",
              { host: "127.0.0.1", port: silent.addr[1], from: "o@example.test" })
    two = Array.new(2) { |index| { name: "Bo", email: "bo#{index}@example.test", role: "plumber" } }
    two.each { |body| expect(send_json(:post, "/api/people", body)).to eq(200) }
    expect(answer["mailed"]).to be(true)
    expect(mail_round.call).to eq(0) # the second is not tried at a server that is away
    waits = JSON.parse(get("/api/outbox").body)["messages"]
    expect(waits.map { |one| one["tries"] }).to match_array([0, 1])
    expect(waits).to all(include("state" => "on_its_way"))
    expect(waits.filter_map { |one| one["error"] }).to match([/ReadTimeout/])
    expect(get("/api/outbox/#{waits.first["id"]}/message.eml").status).to eq(404)
    8.times do |day|
      @later = Time.now.utc + ((day + 1) * 86_400)
      2.times { mail_round.call }
    end
    told = JSON.parse(get("/api/outbox").body)["messages"]
    expect(told).to all(include("state" => "waiting", "tries" => 7, "error" => /ReadTimeout/))
  ensure
    silent.close
  end

  # A server that takes one mail (RFC 5321); returns what it was told.
  def smtp_server
    server = TCPServer.new("127.0.0.1", 0)
    told = Thread.new do
      client = server.accept
      client.print "220 here\r\n"
      lines = []
      data = false
      while (line = client.gets)
        lines << line
        begins = line.start_with?("DATA")
        data = begins || (data && line != ".\r\n")
        client.print(begins ? "354 go\r\n" : "250 ok\r\n") if begins || !data
        break if line.start_with?("QUIT")
      end
      lines.join
    end
    yield server.addr[1]
    told.value
  ensure
    server.close
  end

  it "gives one's visits as a calendar under a private address, whose entries keep their " \
     "identity" do
    as("plumber")
    visit = office.uuid
    Munimen::Desk::StartVisit.new(office.context).book(
      id: visit,
      heater_id: office.heater,
      jobs: ["pressure_check"],
      planned_for: (Time.now.utc + 86_400).iso8601(3)
    )
    send_json(:post, "/api/calendar/feed", {})
    feed = answer["url"][%r{/api/feeds/.+\z}]
    read = lambda do
      Icalendar::Calendar
        .parse(get(feed).body)
        .first
        .events
        .to_h { |event| [event.uid.to_s, event] }
    end
    clear_cookies
    before = read[]["#{visit}@munimen"]
    expect(before.location).to eq("1 Weir Lane")
    expect(before.dtend.to_time - before.dtstart.to_time).to be_between(600, 7200)
    office.records.visits.update(visit, planned_for: (Time.now.utc + (2 * 86_400)).iso8601(3))
    after = read[]["#{visit}@munimen"]
    expect(
      [after.uid, after.sequence > before.sequence, after.dtstart.to_time > before.dtstart.to_time]
    ).to eq([before.uid, true, true])
    as("plumber")
    send_json(:post, "/api/calendar/feed", {})
    expect(get(feed).status).to eq(404)
  end

  it "gives the same link for a request that comes again" do
    as("plumber")
    id = office.uuid
    urls = Array.new(2) do
      send_json(:post, "/api/visits/#{signed}/links", { id: })
      JSON.parse(last_response.body)["url"]
    end
    expect(urls.uniq.size).to eq(1)
    token = urls.first.split("/").last
    expect(get("/api/shared/#{token}").status).to eq(200)
  end

  it "prints a tag of 62×100 mm with results, the next date and a code, and a customer's card " \
     "that cannot be broken out of" do
    as("plumber")
    get "/api/visits/#{signed}/tag.pdf"
    pdf = PDF::Reader.new(StringIO.new(last_response.body))
    width, height = pdf.page(1).attributes[:MediaBox].last(2).map { |points| points / 72.0 * 25.4 }
    expect([pdf.page_count, width.round, height.round]).to eq([1, 62, 100])
    read = office.records.visits.load(signed, now: office.now).quantity(:static_pressure)
    expect(pdf.page(1).text).to include("Serviced November 23, 2026").and match(
      /Water pressure\s+#{read.format(:us)}\s+Sound/
    ).and match(/Next service:\s+November 23, 2027/)
    evil = office.uuid
    send_json(:post, "/api/customers", { id: evil, name: "Eve; a, b\nEND:VCARD", phone: "555" })
    card = get("/api/customers/#{evil}/customer.vcf").body
    expect(card.scan(/^END:VCARD/).size).to eq(1)
    expect(card).to include('FN:Eve\; a\, b\nEND:VCARD')
    expect(card.split("\r\n").map(&:bytesize).max).to be <= 75
  end

  it "gives a visit out as an open file, which is judged as it is here" do
    as("plumber")
    visit = office.start
    office.read(visit, :static_pressure, "92")
    office.read(visit, :static_pressure, "88 psi")
    [signed, visit].each do |id|
      data = JSON.parse(get("/api/visits/#{id}/visit.json").body)
      expect(
        JSONSchemer
          .schema(JSON.parse(File.read(File.join(Munimen::ROOT, "docs/formats/visit.schema.json"))))
          .validate(data)
          .map { |one| one["error"] }
      ).to eq([])
      here = office.records.visits.load(id, now: office.now)
      there = Munimen::Visit::Format.read(data)
      plain = lambda do |one|
        Munimen::Judgement::Judge.new(one).verdicts.map { |verdict| verdict.in_words(one.words) }
      end
      expect(plain[there]).to eq(plain[here])
      expect(there.state).to eq(here.state)
      expect(Munimen::Visit::Format.write(there).except(:now)).to eq(
        Munimen::Visit::Format.write(here).except(:now)
      )
    end
  end

  it "adds an amendment with its reason to page and PDF, and leaves what was signed as it was" do
    as("plumber")
    first = get("/api/visits/#{signed}/report.pdf").body
    expect(get("/api/visits/#{signed}/report.pdf").body).to eq(first)
    expect(
      send_json(
        :post,
        "/api/visits/#{signed}/amendments",
        { id: office.uuid, reason: " ", text: "x" }
      )
    ).to eq(422)
    send_json(
      :post,
      "/api/visits/#{signed}/amendments",
      { id: office.uuid, reason: "Seen on the photo", text: "The flue has a gap." }
    )
    expect(answer["amendments"]).to contain_exactly(
      include("text" => "The flue has a gap.", "by" => "Plumber")
    )
    expect(
      PDF::Reader
        .new(StringIO.new(get("/api/visits/#{signed}/report.pdf").body))
        .pages
        .map(&:text)
        .join
    ).to include("Added after signing").and include("The flue has a gap.")
    expect(office.records.reports.read(office.records.seals.of(signed)[:file])).to eq(first)
    expect(office.records.seals.problems(office.records.photo_files)).to be_empty
  end
end
