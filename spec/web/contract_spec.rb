# frozen_string_literal: true

require "office_helper"
require "yaml"

RSpec.describe Munimen::Web do
  include Rack::Test::Methods
  include Routes

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  def token
    get "/api/session"
    answer["csrf"]
  end

  def send_json(verb, path, body, csrf: token)
    type, text = written(body)
    header "Content-Type", type
    header "Accept", "application/json"
    header "X-CSRF-Token", csrf
    public_send(verb, path, text)
  end

  def sign_in(role = "plumber", password: Office::PASSWORD)
    send_json(:post, "/auth/login", { login: "#{role}@example.test", password: })
  end

  # Ruby's YAML takes a bare on, off, yes or no for true and false.
  it "requires properties by their names" do
    lists = File.read(described_class::Contract::PATH).scan(/required:\s*\[([^\]]*)\]/m).flatten
    expect(lists.size).to be > 100
    expect(lists.grep(/(?<![\w"'])(on|off|yes|no)(?![\w"'])/)).to eq([])
  end

  it "has an answer for each route that it declares, but the streams, which no resource is" do
    routes = described_class::Routes
    answered = routes.constants.flat_map { |name| routes.const_get(name).answers.keys }
    declared = described_class::Operations.all.reject { |_, one| one.streamed }.keys
    expect(answered.tally.values.uniq).to eq([1])
    expect(answered).to match_array(declared)
  end

  # One good example for each route of the contract: [path, body]. Answers are held to the
  # contract by the stack itself, which raises here when one breaks it.
  it "answers every route of the contract as the contract says" do
    sign_in("owner")
    described = YAML.load_file(Munimen::Web::Contract::PATH)["paths"].values.flat_map do |path|
      path.values.map { |operation| operation["operationId"].to_sym }
    end
    sent = examples
    expect(sent.keys).to match_array(described)
    sent.each do |id, (verb, path, body)|
      body ? send_json(verb, path, body) : public_send(verb, path)
      expect(last_response.status).to eq(Routes::OTHERWISE.fetch(id, 200)),
      "#{id}: #{last_response.status} #{last_response.body[0, 300]}"
    end
  end

  # A comma in an unquoted text of a {…} begins another key, which then has no value.
  it "says nothing that YAML takes for a key without a value" do
    empty = lambda do |node, at|
      case node
      when Hash
        node.flat_map do |key, value|
          value.nil? ? [[*at, key].join("/")] : empty[value, [*at, key]]
        end
      when Array then node.each_with_index.flat_map { |value, index| empty[value, [*at, index]] }
      else []
      end
    end
    expect(empty[YAML.load_file(File.join(Munimen::ROOT, "web/openapi.yaml")), []]).to eq([])
  end

  it "keeps a signed page of every grade to the contract" do
    signed = office.walk(
      findings: {
        insulation: :bare,
        trim_rings: :melted,
        straps: :missing,
        shut_off: :not_visible
      },
      relief: :drips
    )
    sign_in
    get "/api/visits/#{signed}/report"
    expect(last_response.status).to eq(200)
    expect(
      answer["page"]["deficiencies"].to_h { |one| one.values_at("state", "by") }.keys
    ).to include("danger", "defect", "advice")
    expect(answer["page"]["deficiencies"].find { |one| one["state"] == "advice" }["by"]).to be_nil
  end

  it "answers nobody who has not signed in, but the session and what a token opens" do
    examples.except(*open).each do |id, (verb, path, body)|
      body ? send_json(verb, path, body) : public_send(verb, path)
      expect(last_response.status).to eq(401), id.to_s
      expect(answer).to include("code" => "not_signed_in", "status" => 401)
    end
  end

  it "refuses writes without the session's token" do
    sign_in
    send_json(:post, "/api/customers", { id: office.uuid, name: "X" }, csrf: "wrong")
    expect(last_response.status).to eq(403)
    expect(answer["code"]).to eq("bad_token")
  end

  it "holds requests to the contract and names the field" do
    sign_in
    visit = office.start
    send_json(
      :post,
      "/api/visits/#{visit}/readings",
      { id: "no uuid", name: "static_pressure", value: "62" }
    )
    expect(answer).to include("status" => 422, "code" => "contract", "field" => "id")
    send_json(
      :post,
      "/api/visits/#{visit}/readings",
      { id: office.uuid, name: "static_pressure", value: "62", extra: 1 }
    )
    expect(last_response.status).to eq(422)
    send_json(
      :post,
      "/api/visits/#{visit}/readings",
      { id: office.uuid, name: "static_pressure", value: "52 degF" }
    )
    expect(answer).to include("field" => "static_pressure", "code" => "wrong_unit")
    header "Content-Type", "application/json"
    post "/api/visits/#{visit}/readings", "{not json"
    expect(last_response.status).to be_between(400, 422)
  end

  it "knows unknown things as unknown, without a trace" do
    sign_in
    [
      "/api/visits/#{office.uuid}",
      "/api/heaters/#{office.uuid}",
      "/api/nothing",
      "/api/visits/not-an-id"
    ].each do |path|
      get path
      expect(last_response.status).to be_between(404, 422)
      expect(last_response.body).not_to match(/\.rb|backtrace/)
    end
  end

  it "gives no sign which of address or password was wrong, and locks an account after repeated " \
     "failures" do
    sign_in("nobody")
    unknown = answer["field-error"].last
    sign_in("plumber", password: "wrong")
    expect(answer["field-error"].last).to eq(unknown)
    8.times { sign_in("plumber", password: "wrong") }
    sign_in("plumber")
    expect(last_response.status).to be_between(400, 403)
    get "/api/today"
    expect(last_response.status).to eq(401)
  end

  it "limits how often an address may try to sign in" do
    # Twenty a minute; the minute may turn among the first.
    refused = Array.new(42).each_index.find do |i|
      sign_in("nobody#{i}")
      last_response.status == 429
    end
    expect(refused).to be >= 20
    expect(answer["title"]).to include("Too many")
  end

  it "ends the session on sign-out, on the server too" do
    sign_in
    cookie = rack_mock_session.cookie_jar["munimen"]
    send_json(:post, "/auth/logout", {})
    rack_mock_session.cookie_jar["munimen"] = cookie
    get "/api/today"
    expect(last_response.status).to eq(401)
  end

  it "sends a strict policy with every answer, and the cookie only to this site" do
    get "/api/session"
    expect(last_response.headers["content-security-policy"]).to include(
      "default-src 'self'",
      "script-src 'self'",
      "frame-ancestors 'none'"
    )
    expect(last_response.headers["x-content-type-options"]).to eq("nosniff")
    expect(last_response.headers["set-cookie"].to_s.downcase).to include(
      "samesite=strict",
      "httponly"
    )
  end

  it "keeps people signed in when the secret is changed, and no longer than the old one is kept" do
    sign_in
    cookie = last_response.headers["set-cookie"][/\A[^;]+/]
    secret = File.join(office.config.folder, "session.secret")
    status = lambda do
      stack = Munimen::Web::Stack.build(Munimen::Web::Config.new(office.config.folder))
      Rack::MockRequest.new(stack).get("/api/today", "HTTP_COOKIE" => cookie).status
    end
    expect(status.call).to eq(200)
    File.rename(secret, "#{secret}.old")
    expect(status.call).to eq(200)
    File.delete("#{secret}.old")
    expect(status.call).to eq(401)
  end

  it "keeps passwords by Argon2 only" do
    hashes = office.records.database[:account_password_hashes].select_map(:password_hash)
    expect(hashes).to all(start_with("$argon2id$"))
  end
end

RSpec.describe Munimen::Store::Database do
  # A statement left open at its first row would show its connection an old state, and lock its
  # next write.
  it "shows every connection what the others have written, also after a prepared lookup" do
    records = office.records
    visit = office.start
    lookups = {
      person: -> { records.people.find(1) },
      visit: -> { records.visits.load(visit, now: office.now) },
      session: lambda do
        Munimen::Web::Auth::SessionLookup.for(office.config).new(->(_) { [200, {}, []] }).call(
          "PATH_INFO" => "/api/session",
          "rack.session" => { "account_id" => 1, "active_session_id" => "x" }
        )
      end
    }
    lookups.each do |name, lookup|
      records.database.synchronize do
        lookup.call
        Thread.new { records.settings[name] = "written" }.join
        expect(records.database[:settings].where(name: name.to_s).get(:value)).to eq('"written"'),
        name.to_s
        expect do
          records.database[:settings].where(name: name.to_s).update(value: '"again"')
        end.not_to raise_error
      end
    end
  end

  # What is sent in has a length: no expression and no page is fed with text without end.
  it "bounds every string that is sent in" do
    contract = YAML.load_file(File.join(Munimen::ROOT, "web/openapi.yaml"), aliases: true)
    loose = []
    look = lambda do |schema, path, seen|
      next unless schema.is_a?(Hash)

      name = schema["$ref"]&.split("/")&.last
      schema = contract["components"]["schemas"][name] if name
      next if name && seen.include?(name)

      text = Array(schema["type"]).include?("string")
      loose << path if text && !schema.keys.intersect?(%w[maxLength enum pattern])
      inner = schema.fetch("properties", {}).to_a
      inner += [["[]", schema["items"]], ["*", schema["additionalProperties"]]]
      inner += %w[oneOf anyOf allOf].flat_map do |key|
        schema.fetch(key, []).map do |one|
          [key, one]
        end
      end
      inner.each { |key, one| look[one, "#{path}.#{key}", seen + [name].compact] }
    end
    operations = contract["paths"].flat_map do |path, all|
      all.map do |verb, one|
        [path, verb, one]
      end
    end
    operations.each do |path, verb, one|
      one.fetch("parameters", []).each { |given| look[given["schema"], "#{verb} #{path}", []] }
      json = one.dig("requestBody", "content", "application/json", "schema")
      look[json, "#{verb} #{path}", []] if json
    end
    expect(loose).to eq([])
  end

  it "keeps strict tables, foreign keys and a write-ahead log" do
    database = office.records.database
    expect(database.fetch("PRAGMA journal_mode").single_value).to eq("wal")
    expect(database.fetch("PRAGMA foreign_keys").single_value).to eq(1)
    tables = database.fetch(
      "SELECT name, strict FROM pragma_table_list WHERE type = 'table' AND schema = 'main' AND " \
      "name NOT LIKE 'sqlite_%'"
    ).all
    expect(
      tables.reject { |table| table[:name] == "schema_info" }.map { |table| table[:strict] }
    ).to all(eq(1))
    expect do
      database[:sites].insert(
        id: "x",
        customer_id: "nobody",
        address: "a",
        code_profile: "us_irc",
        created_at: "now"
      )
    end.to raise_error(Sequel::ForeignKeyConstraintViolation)
  end
end
