# frozen_string_literal: true

require "office_helper"
require "rotp"
require "webauthn/fake_client"

# One's account, through HTTP: second factor (RFC 6238, by an independent library), password, where
# one is signed in; and what the owner can look up afterwards.
RSpec.describe Munimen::Web::Auth do
  include Rack::Test::Methods

  define_method(:app) { @app ||= Munimen::Web::Stack.build(office.config) }

  def session = JSON.parse(get("/api/session").body)

  def send_json(path, body = {}, verb: :post)
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", session["csrf"]
    public_send(verb, path, JSON.generate(body))
    JSON.parse(last_response.body)
  rescue JSON::ParserError
    {}
  end

  def sign_in(role = "owner", password: Office::PASSWORD)
    send_json("/auth/login", { login: "#{role}@example.test", password: })
    last_response.status
  end

  def code(secret, at: Time.now) = ROTP::TOTP.new(secret).at(at)
  def events = JSON.parse(get("/api/security-log").body)["lines"].map { |one| one["event"] }

  # Sets the second factor up and returns its secret.
  def second_factor
    setup = send_json("/auth/otp-setup")
    secrets = setup.slice("otp_secret", "otp_raw_secret")
    expect(setup["otp_qr"]).to include("<svg")
    send_json(
      "/auth/otp-setup",
      secrets.merge(otp: code(secrets["otp_secret"], at: Time.now - 30), password: Office::PASSWORD)
    )
    expect(last_response.status).to eq(200), last_response.body
    secrets["otp_secret"]
  end

  it "lets nobody in with the password alone once a second factor is on, and each recovery code " \
     "once" do
    sign_in
    secret = second_factor
    codes = send_json("/auth/recovery-codes", { password: Office::PASSWORD })["codes"]
    send_json("/auth/logout")
    office.records.database[:account_otp_keys].update(last_use: "2026-01-01 00:00:00")
    expect(sign_in).to eq(200)
    expect(session.values_at("person", "second_factor")).to eq([nil, "wanted"])
    expect(get("/api/today").status).to eq(401)
    send_json("/auth/otp-auth", { otp: "000000" })
    expect(session["person"]).to be_nil
    send_json("/auth/otp-auth", { otp: code(secret) })
    expect(session["second_factor"]).to eq("given")
    who = Array.new(2) do
      send_json("/auth/logout")
      sign_in
      send_json("/auth/recovery-auth", { "recovery-code" => codes.first })
      session["person"]&.fetch("role")
    end
    expect(who).to eq(["owner", nil])
  end

  it "takes a passkey as the second factor (WebAuthn, by an independent client), tells its owner " \
     "by " \
     "mail, and lets it be removed" do
    device = WebAuthn::FakeClient.new("http://example.org")
    ask = lambda do |path, name, more = {}, &answer|
      asked = send_json(path, more)
      send_json(path, more.merge(asked.slice("#{name}_challenge", "#{name}_challenge_hmac"),
                                 name => answer.call(asked["#{name}_challenge"])))
      last_response.status
    end
    sign_in
    added = ask.call("/auth/webauthn-setup", "webauthn_setup",
{ password: Office::PASSWORD }) do |c|
      device.create(challenge: c)
    end
    expect([added,
            session.values_at("factors", "second_factor")]).to eq([200, [["passkey"], "given"]])
    send_json("/auth/logout")
    sign_in
    expect([session["person"], session["factors"], get("/api/today").status]).to eq(
      [nil, ["passkey"], 401]
    )
    stranger = WebAuthn::FakeClient.new("http://elsewhere.test")
    tries = [stranger, device].map do |one|
      ask.call("/auth/webauthn-auth", "webauthn_auth") { |c| one.get(challenge: c) }
    rescue RuntimeError
      422 # a stranger's device holds no key to sign with
    end
    expect([tries, get("/api/today").status]).to eq([[422, 200], 200])
    keys = JSON.parse(get("/api/passkeys").body)
    send_json(
      "/auth/webauthn-remove", { webauthn_remove: keys.first["id"], password: Office::PASSWORD }
    )
    expect(session.values_at("factors", "second_factor")).to eq([[], "none"])
    mails = []
    50.times do # they are written beside the answer
      mails = office.records.database[:messages].where(kind: "account").select_map(:subject)
      mails.size < 2 ? sleep(0.1) : break
    end
    expect(mails).to contain_exactly(/passkey was added/, /passkey was removed/)
  end

  it "lets an owner do nothing but set up the second factor that the firm asks for" do
    sign_in
    send_json("/api/settings/sign-in", { second_factor: "owners" }, verb: :put)
    expect(session["second_factor"]).to eq("due")
    expect(JSON.parse(get("/api/today").body)["code"]).to eq("second_factor_wanted")
    events = get("/api/visits/#{office.start}/events")
    expect([events.status, JSON.parse(events.body)["code"]]).to eq([403, "second_factor_wanted"])
    second_factor
    expect([get("/api/today").status, session["second_factor"]]).to eq([200, "given"])
    clear_cookies
    sign_in("plumber")
    expect(get("/api/today").status).to eq(200)
  end

  it "wants the password again for what opens everything, when it was not given lately" do
    sign_in
    expect(get("/api/backup.zip").status).to eq(200)
    later = Time.now + 660
    allow(Time).to receive(:now).and_return(later)
    expect(JSON.parse(get("/api/backup.zip").body)["code"]).to eq("fresh_sign_in")
    send_json("/auth/confirm-password", { password: "not this one at all" })
    expect(get("/api/backup.zip").status).to eq(403)
    send_json("/auth/confirm-password", { password: Office::PASSWORD })
    expect(get("/api/backup.zip").status).to eq(200)
    expect(events.first(6)).to eq(
      %w[backup_taken password_confirmed refused confirmation_failed refused backup_taken]
    )
  end

  it "refuses passwords that everybody tries, and a change ends other sessions and the feed" do
    sign_in
    elsewhere = rack_mock_session.cookie_jar.to_hash.dup
    feed = send_json("/api/calendar/feed")["url"][/feeds.*/]
    clear_cookies
    sign_in
    mine = JSON.parse(get("/api/sessions").body)
    expect(mine.map { |one| one["current"] }).to contain_exactly(true, false)
    ["short one", "password1234", "qwertyqwerty"].each do |weak|
      send_json("/auth/change-password", { password: Office::PASSWORD, "new-password" => weak })
      expect(last_response.status).to eq(422), weak
    end
    new = "seven brass unions"
    send_json("/auth/change-password", { password: Office::PASSWORD, "new-password" => new })
    expect(last_response.status).to eq(200)
    expect(get("/api/sessions").status).to eq(200)
    expect(get("/api/#{feed}").status).to eq(404)
    clear_cookies
    elsewhere.each { |name, value| set_cookie("#{name}=#{value}") }
    expect(get("/api/today").status).to eq(401)
    clear_cookies
    expect([sign_in, sign_in(password: new)]).to eq([401, 200])
  end

  it "ends a session after a day without a word, on a device that is locked after a week" do
    days = 0
    real = Time.method(:now)
    allow(Time).to receive(:now) { real.call + (days * 86_400) }
    person = ->(more = "") { JSON.parse(get("/api/session#{more}").body)["person"] }
    sign_in("plumber")
    days = 0.9
    expect(person.call).not_to be_nil
    days = 2
    expect(person.call).to be_nil
    sign_in("plumber")
    send_json("/api/devices", { id: device = office.uuid })
    days = 5
    expect(person.call).not_to be_nil
    days = 9.5
    expect(person.call).to be_nil
    sign_in("plumber")
    expect(person.call("?device=#{device}")).not_to be_nil
    days = 14
    expect(person.call).not_to be_nil
    office.records.devices.close(device, at: office.now.iso8601)
    expect(person.call("?device=#{device}")).to be_nil
    expect(office.records.devices.in_use?(device, office.person[:id])).to be(false)
  end

  it "ends one session from another, and shows nobody else's" do
    sign_in("plumber")
    jar = rack_mock_session.cookie_jar.to_hash.dup
    clear_cookies
    sign_in
    foreign = office.records.people.sessions(office.person[:id]).first[:session_id][0, 16]
    send_json("/api/sessions/#{foreign}/end")
    expect(last_response.status).to eq(404)
    clear_cookies
    sign_in("plumber")
    other = JSON.parse(get("/api/sessions").body).find { |one| !one["current"] }
    send_json("/api/sessions/#{other["id"]}/end")
    clear_cookies
    jar.each { |name, value| set_cookie("#{name}=#{value}") }
    expect(get("/api/today").status).to eq(401)
  end

  it "shows mails to their author, to office and owner only, and hides the server's password " \
     "even from who reads the database" do
    visit = office.walk
    sign_in("plumber")
    id = office.uuid
    send_json("/api/outbox/reports", { id:, visit:, recipient: "ada@example.test" })
    expect(get("/api/outbox/#{id}/message.eml").status).to eq(200)
    clear_cookies
    sign_in("inspector")
    expect(get("/api/outbox/#{id}/message.eml").status).to eq(404)
    expect(JSON.parse(get("/api/outbox").body)["messages"]).to eq([])
    clear_cookies
    sign_in
    expect(get("/api/outbox/#{id}/message.eml").status).to eq(200)
    send_json("/api/settings/mail", { host: "mail.example.test", user: "firm", password: "hush" },
              verb: :put)
    kept = office.records.settings[:smtp]["password"]
    expect(kept).not_to include("hush")
    expect(office.records.secret_box.open(kept)).to eq("hush")
  end

  it "hands out all that is kept of a customer, and erases it but for what was signed, which it " \
     "says" do
    signed = office.walk
    open = office.start
    Munimen::Desk::AddPhoto.new(office.context).call(
      open, id: office.uuid, subject: "leak", data: [Photographs.jpeg].pack("m0")
    )
    hash = office.records.database[:photos].where(visit_id: open).get(:hash)
    file = office.records.photo_files.path(hash)
    sign_in
    get "/api/customers/#{office.customer}/export.json"
    told = JSON.parse(last_response.body)["tables"]
    expect(told["visits"].map { |one| one["id"] }).to contain_exactly(signed, open)
    expect(told["customers"].first["name"]).to eq("Ada Brook")
    answer = send_json("/api/customers/#{office.customer}/erase")
    expect(answer["erased"]).to include("visits" => 1, "photos" => 1)
    expect(answer["kept"]).to include("record of safety")
    expect(File.exist?(file)).to be(false)
    rest = JSON.parse(get("/api/customers/#{office.customer}").body)
    expect(rest).to include("name" => /Erased/, "phone" => nil, "email" => nil)
    expect(get("/api/visits/#{signed}/report").status).to eq(200)
    expect(office.records.seals.problems(office.records.photo_files)).to eq([])
  end

  it "erases what was signed as well once the time has passed for which the firm keeps it, and " \
     "the " \
     "chain of seals stays whole" do
    signed = office.walk
    report = office.records.reports.path(office.records.seals.of(signed)[:file])
    sign_in
    send_json("/api/settings/retention", { years: 1 }, verb: :put)
    expect(last_response.status).to eq(422)
    expect(send_json("/api/settings/retention", { years: 2 }, verb: :put)["past"]).to eq([])
    allow(Time).to receive(:now).and_return(Time.utc(2028, 12, 1))
    clear_cookies
    sign_in
    past = JSON.parse(get("/api/retention").body)["past"]
    expect(past.map { |one| one["id"] }).to eq([office.customer])
    expect(send_json("/api/customers/#{office.customer}/erase")["kept"]).to be_nil
    expect(get("/api/customers/#{office.customer}").status).to eq(404)
    expect([File.exist?(report), office.records.database[:visits].count]).to eq([false, 0])
    expect(office.records.seals.problems(office.records.photo_files)).to eq([])
    expect(office.records.seals.size).to eq(1)
    expect([get("/api/backup.zip").status, get("/api/bundle.zip").status]).to eq([200, 200])
  end

  it "erases a customer of whom nothing was signed wholly" do
    office.read(office.start, :static_pressure, "62")
    sign_in
    expect(send_json("/api/customers/#{office.customer}/erase")["kept"]).to be_nil
    expect(get("/api/customers/#{office.customer}").status).to eq(404)
    expect(office.records.database.fetch("PRAGMA foreign_key_check").all).to eq([])
    expect(events.first).to eq("customer_erased")
  end
end
