# frozen_string_literal: true

require "office_helper"
require "puma"
require "puma/server"
require "net/http"

# What somebody at the door, at an open session or with an old backup might do; and a disk that is
# full.
RSpec.describe Munimen::Web::BodyGate do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)
  def records = office.records

  def send_json(path, body = {}, verb: :post)
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", JSON.parse(get("/api/session").body)["csrf"]
    public_send(verb, path, JSON.generate(body))
    last_response.status
  end

  def sign_in(role = "owner", password: Office::PASSWORD)
    send_json("/auth/login", { login: "#{role}@example.test", password: })
  end

  describe "a body that is larger than a form" do
    around do |example|
      described_class.open(described_class.by(office.config))
      server = Puma::Server.new(app, nil, { min_threads: 1, max_threads: 2 })
      @port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
      server.run
      example.run
    ensure
      server&.stop(true)
      described_class.open(nil)
    end

    # The status of an answer that comes before the body has been sent.
    def asked(path, bytes, cookie = nil)
      Socket.tcp("127.0.0.1", @port) do |io|
        io.write("POST #{path} HTTP/1.1\r\nHost: x\r\nContent-Type: application/zip\r\n" \
                 "Content-Length: #{bytes}\r\n#{"Cookie: #{cookie}\r\n" if cookie}\r\nPK")
        io.wait_readable(2) ? io.readpartial(2000)[/\AHTTP\S+ (\d+)/, 1].to_i : :read_on
      end
    end

    def cookie(role)
      http = Net::HTTP.new("127.0.0.1", @port)
      first = http.get("/api/session")
      mine = first["set-cookie"][/[^;]+/]
      body = JSON.generate(login: "#{role}@example.test", password: Office::PASSWORD)
      given = http.post("/auth/login", body, {
                          "Content-Type" => "application/json", "Accept" => "application/json",
                          "Cookie" => mine, "X-CSRF-Token" => JSON.parse(first.body)["csrf"]
                        })
      given["set-cookie"][/[^;]+/]
    end

    it "leaves a large answer every header that a small one has" do
      stub_const("Munimen::Web::LargeAnswers::LARGE", 100)
      got = Net::HTTP.new("127.0.0.1", @port).get("/api/session")
      expect(got["connection"]).to eq("close") # it went its own way
      expect(got.to_hash.keys).to include("x-munimen", "content-security-policy", "cache-control",
                                          "x-content-type-options")
    end

    it "is read from whom it may come; the others are answered at its first bytes" do
      expect(asked("/api/restore", 1_000_000_000)).to eq(401)
      expect(asked("/api/tables/customers", 20_000_000, "munimen=made-up")).to eq(401)
      expect(asked("/api/customers", 20_000_000)).to eq(413)
      expect(asked("/api/restore", 1_000_000_000, cookie("plumber"))).to eq(403)
      owner = cookie("owner")
      expect(asked("/api/restore", 5_000_000_000, owner)).to eq(413)
      expect(asked("/api/restore", 1_000_000_000, owner)).to eq(:read_on)
    end
  end

  it "shows out who tries passwords at an open session, and lets nobody go on by a token after a " \
     "changed password" do
    sign_in
    statuses = Array.new(8) { send_json("/auth/confirm-password", { password: "wrong" }) }
    expect(statuses.uniq).to eq([401])
    expect(get("/api/today").status).to eq(401)
    expect(send_json("/auth/confirm-password", { password: Office::PASSWORD })).to eq(401)

    sign_in("plumber")
    send_json("/auth/confirm-password", { password: Office::PASSWORD })
    send_json("/api/tokens", { id: office.uuid, name: "Van", scope: "read", days: 3 })
    token = answer["token"]
    asked = -> { get("/api/today", {}, "HTTP_AUTHORIZATION" => "Bearer #{token}").status }
    expect(asked.call).to eq(200)
    send_json("/auth/change-password",
{ password: Office::PASSWORD, "new-password": "three copper elbows" })
    expect(last_response.status).to eq(200)
    clear_cookies
    expect(asked.call).to eq(401)
    told = -> { records.database[:messages].where(kind: "account").select_map(:subject) }
    50.times { told.call.size < 2 ? sleep(0.1) : break }
    expect(told.call).to include(/token was made/)
  end

  # Who left, what was ended and whose data were erased stays so when an older backup comes back.
  it "brings back nobody and nothing that was ended since" do
    people = records.people
    plumber = office.person("plumber")
    account_id = office.person("office")[:id]
    token = records.api_tokens.make(office.uuid, account_id:, name: "Van", scope: "read",
                                                 at: "2026-11-01", expires_at: "2027-01-01")
    gone = office.uuid
    Munimen::Desk::AddCustomer.new(office.context).call(id: gone, name: "Wants to be forgotten")
    path = File.join(office.config.folder, "old.zip")
    Munimen::Desk::Backup.new(records, office.config.folder).write(path)

    people.close(plumber[:id])
    people.set_password(office.person("office")[:id], "three copper elbows")
    Munimen::Desk::EraseCustomer.new(office.context("owner")).call(gone)
    ended = Munimen::Desk::Backup.new(records, office.config.folder).restore(path)

    expect(ended).to eq(people: ["Plumber"], tokens: 1, links: 0, customers: 1)
    expect(people.open?(plumber[:id])).to be(false)
    expect(records.api_tokens.good(token, at: "2026-11-30")).to be_nil
    expect(records.customers.list.map { |one| one[:id] }).not_to include(gone)
    expect(sign_in("plumber")).to eq(401)
    expect(sign_in("office")).to eq(401)
    expect(sign_in("office", password: "three copper elbows")).to eq(200)
  end

  it "says that the disk is full, and leaves nothing of what could not be written" do
    sign_in
    send_json("/auth/confirm-password", { password: Office::PASSWORD })
    allow(Munimen::Formats::ZipArchive).to receive(:write) do |place, _|
      File.write(place, "half")
      raise Errno::ENOSPC
    end
    expect(get("/api/backup.zip").status).to eq(503)
    expect(answer.values_at("code", "title")).to match(["disk_full", /disk is full/])
    expect(Dir[File.join(office.config.folder, "**/*{.part,download,munimen-backup}*")]).to be_empty
    busy = Munimen::Web::Mishaps.new(->(_) { raise Munimen::Busy })
    expect(busy.call({}).first).to eq(503)
  end

  it "keeps what is no one line out of the mail server's name, and photographs out of caches" do
    sign_in
    ["smtp.firm.example\r\nRCPT TO: x", "two words"].each do |host|
      expect(send_json("/api/settings/mail", { host: }, verb: :put)).to eq(422), host
    end
    visit = office.start
    id = office.uuid
    Munimen::Desk::AddPhoto.new(office.context).call(visit, id:, subject: "t_p_valve",
data: [Photographs.jpeg].pack("m0"))
    expect(get("/api/photos/#{id}").status).to eq(200)
    expect(last_response["cache-control"]).to eq("no-store")
  end

  it "keeps of one person's refusals the latest only, and everything else" do
    log = records.security_log
    log.add(:backup_taken, at: "2026-11-01", account_id: office.person("owner")[:id])
    plumber = office.person[:id]
    700.times { |n| log.add(:refused, at: "2026-11-02", account_id: plumber, about: n.to_s) }
    kept = log.list(limit: 1_000)
    expect(kept.count { |one| one[:event] == "refused" }).to be_between(300, 350)
    expect(kept.first[:about]).to eq("699")
    expect(kept.last[:event]).to eq("backup_taken")
  end

  it "lets an inspector add to what they signed, and no further" do
    visit = office.start(jobs: ["inspection"])
    signed = { status: "signed", signed_at: office.now.iso8601 }
    records.database[:visits].where(id: visit).update(signed)
    amend = lambda do |role|
      Munimen::Desk::Amend.new(office.context(role))
        .call(visit, id: office.uuid, reason: "a", text: "b")
    end
    expect { amend["inspector"] }.to raise_error(Munimen::Refused, /role/)
    expect { amend["plumber"] }.not_to raise_error
    records.visits.write(
      :signatures, id: office.uuid, visit_id: visit, signer: "plumber", name: "Ivo",
                   strokes: [[[0.1, 0.2]]], at: office.now.iso8601,
                   account_id: office.person("inspector")[:id]
    )
    expect { amend["inspector"] }.not_to raise_error
  end
end
