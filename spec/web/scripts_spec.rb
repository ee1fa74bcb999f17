# frozen_string_literal: true

require "office_helper"

# What another program finds: tokens for scripts, ids that stand for one write, what has changed.
RSpec.describe Munimen::Web::Tokens do
  include Rack::Test::Methods

  define_method(:app) { @app ||= Munimen::Web::Stack.build(office.config) }

  def token(scope, days: 30, role: "office")
    Munimen::Desk::Tokens.new(office.context(role))
                         .make(id: office.uuid, name: "Books", scope:, days:)[:token]
  end

  def ask(verb, path, body = nil, by: nil)
    clear_cookies
    header "Content-Type", "application/json"
    header "Authorization", by && "Bearer #{by}"
    public_send(verb, path, body && JSON.generate(body))
    [last_response.status, JSON.parse(last_response.body)]
  end

  before { office.now = Time.now.utc }

  it "lets a script in as who made it, as far as its scope goes, until it ends" do
    reads = token("read")
    writes = token("write")
    customer = { id: office.uuid, name: "Bo Ash" }
    expect(ask(:get, "/api/customers")).to match([401, include("code" => "not_signed_in")])
    expect(ask(:get, "/api/customers", by: reads)).to match([200, [include("name" => "Ada Brook")]])
    expect(ask(:post, "/api/customers", customer, by: reads)).to match(
      [403, include("title" => /only reads/)]
    )
    expect(ask(:post, "/api/customers", customer, by: writes).first).to eq(201)
    expect(last_response["location"]).to eq("/api/customers/#{customer[:id]}")
    expect(ask(:get, "/api/security-log", by: writes).first).to eq(403)
    expect(ask(:get, "/api/tables/customers/export.csv", by: writes).last["code"]).to eq(
      "fresh_sign_in"
    )
    clear_cookies
    header "Authorization", "Bearer #{token("tables")}"
    expect(get("/api/tables/customers/export.csv").body).to include("Ada Brook")
    kept = Munimen::Desk::Tokens.new(office.context("office"))
    expect(kept.list.to_h { |one| [one[:scope], one[:used_at].class] }).to eq(
      %w[read tables write].to_h { |scope| [scope, String] }
    )
    expect(JSON.generate(office.records.database[:api_tokens].all)).not_to include(reads, writes)
    kept.close(kept.list.find { |one| one[:scope] == "read" }[:id])
    expect(ask(:get, "/api/customers", by: reads).first).to eq(401)
    office.records.people.close(office.person("office")[:id])
    expect(ask(:get, "/api/customers", by: writes).first).to eq(401)
    office.now -= 40 * 86_400
    expect(ask(:get, "/api/customers", by: token("read", role: "plumber")).first).to eq(401)
  end

  it "refuses what a query names and the contract does not" do
    reads = token("read")
    expect(ask(:get, "/api/customers?serach=Ada", by: reads)).to match(
      [422, include("code" => "unknown_query", "title" => /serach.*takes search, after/)]
    )
    expect(ask(:get, "/api/customers?search=Ada", by: reads).first).to eq(200)
  end

  it "takes a write that comes twice once, and one under a used id not at all" do
    writes = token("write")
    sent = { id: office.uuid, name: "Bo Ash" }
    2.times { expect(ask(:post, "/api/customers", sent, by: writes).first).to eq(201) }
    expect(ask(:post, "/api/customers", { name: "Bo Ash", id: sent[:id] },
      by: writes).first).to eq(201)
    expect(ask(:post, "/api/customers", sent.merge(name: "Cy"), by: writes)).to match(
      [409, include("code" => "id_taken")]
    )
    expect(office.records.customers.find(sent[:id])[:name]).to eq("Bo Ash")
    # what was refused has used up no id
    wrong = { id: office.uuid, name: " " }
    expect(ask(:post, "/api/customers", wrong, by: writes).first).to eq(422)
    expect(ask(:post, "/api/customers", wrong.merge(name: "Cy"), by: writes).first).to eq(201)
  end

  # The text format of Prometheus, 0.0.4: a line of type, then name{label="value"} number.
  it "says whether it can work to anybody, and its numbers to the machine itself only" do
    expect(ask(:get, "/health")).to eq([200, { "status" => "ok" }])
    expect(last_response.headers).not_to include("set-cookie")
    2.times { get("/api/today") }
    office.walk
    told = get("/metrics").body
    line = /\A(# TYPE munimen_\w+ (counter|gauge)|munimen_\w+(\{\w+="\w+"\})? [\d.]+)\n\z/
    expect(told.lines).to all(match(line))
    expect(told).to include('munimen_requests_total{class="4xx"} 2').and include(
      'munimen_visits{status="signed"} 1'
    ).and include("munimen_seals 1")
    expect(told).not_to include("backup_age")
    expect(get("/metrics", {}, "HTTP_X_FORWARDED_FOR" => "10.0.0.9").status).to eq(404)
    office.records.database.disconnect
    File.chmod(0o000, office.config.folder)
    FileUtils.mv(office.config.folder, "#{office.config.folder}-gone")
    expect(ask(:get, "/health")).to eq([503, { "status" => "failing" }])
  ensure
    gone = "#{office.config.folder}-gone"
    FileUtils.mv(gone, office.config.folder) if File.exist?(gone)
    File.chmod(0o700, office.config.folder)
  end

  it "tells what has changed since a number, each thing once" do
    reads = token("read")
    all = ask(:get, "/api/changes", by: reads).last
    expect(all["changes"].map { |one| one.values_at("kind", "id", "gone") }).to contain_exactly(
      ["customer", office.customer, false], ["site", office.site, false],
      ["heater", office.heater, false]
    )
    visit = office.start
    2.times { office.read(visit, :static_pressure, "62") }
    Munimen::Desk::ChangeCustomer.new(office.context).call(office.customer, phone: "555-9")
    later = ask(:get, "/api/changes?after=#{all["last"]}", by: reads).last
    expect(later["changes"].map { |one| one.values_at("kind", "id") }).to eq(
      [["visit", visit], ["customer", office.customer]]
    )
    one = ask(:get, "/api/changes?after=#{all["last"]}&limit=1", by: reads).last
    expect(one).to include("more" => true, "last" => later["changes"].first["seq"])
    expect(ask(:get, "/api/changes?after=#{later["last"]}", by: reads).last).to eq(
      "changes" => [], "last" => later["last"], "more" => false
    )
  end
end
