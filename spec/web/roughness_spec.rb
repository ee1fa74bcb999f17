# frozen_string_literal: true

require "office_helper"
require "open3"

# Rough handling: what comes in wrong must go out as a clear problem, never as a 500.
RSpec.describe Munimen::Web::App do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  def post_json(path, body)
    @token ||= get("/api/session") && answer["csrf"]
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", @token
    post path, body.is_a?(String) ? body : JSON.generate(body)
  end

  before do
    post_json("/auth/login", { login: "plumber@example.test", password: Office::PASSWORD })
    @token = nil
  end

  it "answers what is no text, too large or of no day with what would be right" do
    visit = office.start
    plan = "/api/heaters/#{office.heater}/visits"
    book = { id: office.uuid, jobs: ["annual_safety"], planned_for: "2026-12-01T10:00:00Z" }
    note = { id: office.uuid, entry: "discharge_fall.trap" }
    %w[%FF %00 %C3%28].each do |text|
      expect(get("/api/customers?search=#{text}").status).to eq(422)
    end
    expect(get("/api/customers?search=%25").status).to eq(200)
    {
      [plan, book.merge(planned_for: "-2026-01-01T10:00:00Z")] => 422,
      [plan, book.merge(account_id: 999_999)] => 404,
      ["/api/visits/#{visit}/notes", note.merge(text: "a\u0000b")] => 422,
      ["/api/customers", "{\"id\":\"#{office.uuid}\",\"name\":\"\xFF\"}"] => 422,
      ["/api/customers", "[" * 100_000] => 413,
      ["/api/customers", "{\"name\":\"#{"x" * 70_000}\"}"] => 413,
      # a file is no JSON, however large it may be; a photograph is, and may be large
      ["/api/restore", "{\"a\":\"#{"x" * 70_000}\"}"] => 413,
      ["/api/tables/customers", "{\"a\":\"#{"x" * 70_000}\"}"] => 413,
      ["/api/visits/#{visit}/photos", "{\"a\":\"#{"x" * 3_000_000}\"}"] => 422
    }.each do |(path, body), status|
      post_json(path, body)
      expect([path, last_response.status]).to eq([path, status])
    end
  end

  # Nobody locks a firm out from elsewhere, and nobody learns which addresses there are.
  it "holds up who tries passwords, by address and source, in the same words for everything" do
    try = lambda do |login, from, password = "wrong"|
      header "Content-Type", "application/json"
      header "X-CSRF-Token", JSON.parse(get("/api/session").body)["csrf"]
      body = JSON.generate(login:, password:)
      post("/auth/login", body, "REMOTE_ADDR" => from)
      [last_response.status, last_response.body]
    end
    post_json("/auth/logout", {})
    wrong = Array.new(10) { try["owner@example.test", "192.0.2.7"] }
    unknown = try["nobody@example.test", "192.0.2.7"]
    expect(([unknown] + wrong).uniq.size).to eq(1)
    expect(try["owner@example.test", "192.0.2.7", Office::PASSWORD]).to eq(unknown)
    expect(try["owner@example.test", "192.0.2.8", Office::PASSWORD].first).to eq(200)
  end

  # Behind a proxy that appends the peer, only what it appended counts: a client may write what it
  # likes into Forwarded and before it.
  it "asks whose request it is of the proxy that is named, and of nobody else" do
    allow(ENV).to receive(:[]).and_call_original
    allow(ENV).to receive(:[]).with("MUNIMEN_PROXY").and_return("127.0.0.1")
    peer = lambda do |from, **headers|
      env = headers.transform_keys { |name| "HTTP_#{name.upcase}" }
      Munimen::Web::Limits.peer({ "REMOTE_ADDR" => from, **env })
    end
    lies = { forwarded: "for=203.0.113.9", x_real_ip: "203.0.113.9" }
    expect(peer["127.0.0.1", x_forwarded_for: "203.0.113.9, 198.51.100.4", **lies]).to eq(
      "198.51.100.4"
    )
    expect(peer["127.0.0.1", **lies]).to eq("127.0.0.1")
    expect(peer["127.0.0.1", x_forwarded_for: "nobody"]).to eq("127.0.0.1")
    expect(peer["198.51.100.4", x_forwarded_for: "203.0.113.9", **lies]).to eq("198.51.100.4")
    metrics = Rack::MockRequest.new(Munimen::Web::Stack.build(office.config))
    asked = ->(env) { metrics.get("/metrics", "REMOTE_ADDR" => "::1", **env).status }
    expect([{}, { "HTTP_VIA" => "1.1 proxy" }].map(&asked)).to eq([200, 404])
  end

  it "keeps to HTTPS, its own host and a cookie of that host alone, where the operator says so" do
    allow(ENV).to receive(:[]).and_call_original
    allow(ENV).to receive(:[]).with("MUNIMEN_HTTPS").and_return("1")
    allow(ENV).to receive(:fetch).and_call_original
    allow(ENV).to receive(:fetch).with("MUNIMEN_HOSTS", "").and_return("heaters.example")
    server = Rack::MockRequest.new(Munimen::Web::Stack.build(office.config))
    get_from = lambda do |host|
      server.get("https://#{host}/api/session", "HTTP_HOST" => host)
    end
    here = get_from["heaters.example"]
    expect(here.headers["strict-transport-security"]).to include("max-age")
    expect(here.headers["set-cookie"].to_s).to match(/__Host-munimen=.*secure/i)
    expect(get_from["elsewhere.example"].status).to eq(403)
  end

  it "takes an e-mail address without regard to case" do
    post_json("/auth/login", { login: " Owner@Example.TEST", password: Office::PASSWORD })
    expect(last_response.status).to eq(200)
  end

  it "takes an id in capitals for the same id" do
    visit = office.start
    id = office.uuid
    [id, id.upcase].each do |one|
      post_json("/api/visits/#{visit.upcase}/notes", { id: one, entry: "discharge_fall.trap" })
      expect(last_response.status).to be_between(200, 204)
    end
    expect(office.records.visits.rows(:notes, visit).map { |row| row[:id] }).to eq([id])
  end

  it "answers 300 seeded odd readings with 200 or 422, keeps only what it could read, and shows " \
     "no trace" do
    visit = office.start
    random = Random.new(77)
    names =
      Munimen::Visit::ReadingInput.known.keys.map(&:to_s) +
      ["nonsense", "", "__proto__", "static_pressure; DROP TABLE readings"]
    values = [
      "62",
      "3.6 bar",
      "-1",
      "1e309",
      "NaN",
      "",
      "lifts",
      "dry",
      "<script>alert(1)</script>",
      "' OR 1=1",
      "62 furlongs",
      "۶۲",
      "9" * 61,
      "62\n63",
      "\u0000",
      "{\"a\":1}"
    ]
    300.times do
      post_json(
        "/api/visits/#{visit}/readings",
        { id: SecureRandom.uuid, name: names.sample(random:), value: values.sample(random:) }
      )
      expect(last_response.status).to be_in([200, 422]), last_response.body
      expect(last_response.body).not_to match(/\.rb|SQLite|Sequel/)
    end
    expect(
      office.records.visits.rows(:readings, visit).map { |row| row[:si] || row[:choice] }
    ).to all(be_truthy)
    get "/api/visits/#{visit}"
    expect(last_response.status).to eq(200)
  end

  RSpec::Matchers.define(:be_in) { |list| match { |actual| list.include?(actual) } }

  it "answers odd bodies for every write of a visit with a problem document" do
    visit = office.start
    odd = [
      "",
      "[]",
      "null",
      "{}",
      "{\"id\":1}",
      "not json",
      "{\"id\":\"#{SecureRandom.uuid}\"}",
      "\"text\"",
      "{" * 200
    ]
    %w[readings observations steps undo decisions notes signatures].each do |write|
      odd.each do |body|
        post_json("/api/visits/#{visit}/#{write}", body)
        expect(last_response.status).to be_in([400, 409, 422]).or(eq(200)),
        "#{write} #{body}: #{last_response.status}"
        expect(answer).to include("title") unless last_response.status == 200
      end
    end
  end

  it "keeps a script in a name as text, and gives it back as data" do
    id = office.uuid
    post_json("/api/customers", { id:, name: "<script>alert(1)</script>" })
    get "/api/customers/#{id}"
    expect(answer["name"]).to eq("<script>alert(1)</script>")
    expect(last_response.headers["content-type"]).to include("application/json")
  end

  it "lets each role do what it may, and no more" do
    visit = office.start
    reading = lambda do
      [
        "/api/visits/#{visit}/readings",
        { id: SecureRandom.uuid, name: "static_pressure", value: "62" }
      ]
    end
    customer = -> { ["/api/customers", { id: SecureRandom.uuid, name: "Bo" }] }
    booking = lambda do
      [
        "/api/heaters/#{office.heater}/visits",
        { id: SecureRandom.uuid, jobs: ["annual_safety"], planned_for: "2026-11-24T09:00:00Z" }
      ]
    end
    allowed = {
      "owner" => [true, true, true],
      "office" => [false, true, true],
      "plumber" => [true, true, true],
      "inspector" => [true, false, false]
    }
    allowed.each do |role, expected|
      clear_cookies
      @token = nil
      post_json("/auth/login", { login: "#{role}@example.test", password: Office::PASSWORD })
      @token = nil
      got = [reading, customer, booking].map do |request|
        post_json(*request.call) && last_response.status
      end
      done = [200, 201, 201]
      expect(got).to eq(expected.zip(done).map { |may, status| may ? status : 403 }), role
    end
  end

  it "counts as one a write that is sent again after a lost answer" do
    visit = office.start
    body = { id: SecureRandom.uuid, name: "static_pressure", value: "62" }
    first = post_json("/api/visits/#{visit}/readings", body) && answer["reading"]["id"]
    expect(post_json("/api/visits/#{visit}/readings", body) && answer["reading"]["id"]).to eq(first)
    step = { id: SecureRandom.uuid, operation: "fit_gauge", outcome: "already_so" }
    2.times { post_json("/api/visits/#{visit}/steps", step) }
    expect(answer["done"].size).to eq(1)
    items = [{ id: SecureRandom.uuid, item: "leak", finding: "sound" }]
    2.times { post_json("/api/visits/#{visit}/observations", { items: }) }
    expect(office.records.visits.rows(:observations, visit).size).to eq(1)
  end

  it "gives the interface's page for its own addresses, and nothing outside its folder" do
    %w[/ /visits/abc /customers].each do |path|
      get path
      expect(last_response.status).to eq(200)
      expect(last_response.body).to include("<div id=\"app\">")
    end
    ["/../Gemfile", "/assets/../../../Gemfile", "/%2e%2e/Gemfile"].each do |path|
      get path
      expect(last_response.body).not_to include("rubygems")
    end
  end

  it "says in one line that the port is taken, and which is free to try" do
    TCPServer.open("127.0.0.1", 0) do |server|
      port = server.addr[1]
      output, status = Open3.capture2e(File.join(Munimen::ROOT, "bin/demo"), port.to_s)
      expect(status.exitstatus).to eq(1)
      expect(output.lines.size).to eq(1)
      expect(output).to include("Port #{port} is taken").and include("bin/demo #{port + 1}")
    end
    output, status = Open3.capture2e(File.join(Munimen::ROOT, "bin/demo"), "abc")
    expect([status.exitstatus, output]).to eq([2, "✗ The port must be a number; got " \
                                                  "“abc”.\n"])
  end
end

RSpec.describe Munimen::Web::MemoryCache do
  it "counts within a period, and forgets after it" do
    now = 0.0
    cache = described_class.new(clock: -> { now })
    expect(Array.new(3) { cache.increment("a", 1, expires_in: 60) }).to eq([1, 2, 3])
    now = 59
    expect(cache.increment("a", 1, expires_in: 60)).to eq(4)
    now = 61
    expect(cache.increment("a", 1, expires_in: 60)).to eq(1)
    cache.write("b", 5)
    expect(cache.read("b")).to eq(5)
    cache.delete("b")
    expect(cache.read("b")).to be_nil
  end
end
