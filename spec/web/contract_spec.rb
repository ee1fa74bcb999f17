# frozen_string_literal: true

RSpec.describe Munimen::Web do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  def token
    get "/api/session"
    answer["csrf"]
  end

  # A text is sent as a table, everything else as JSON.
  def send_json(verb, path, body, csrf: token)
    header "Content-Type", body.is_a?(String) ? "text/csv" : "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", csrf
    public_send(verb, path, body.is_a?(String) ? body : JSON.generate(body))
  end

  def sign_in(role = "plumber", password: Office::PASSWORD)
    send_json(:post, "/auth/login", { login: "#{role}@example.test", password: })
  end

  # One good example for each route of the contract: [path, body]. Answers are held to the contract by the
  # stack itself, which raises here when one breaks it.
  def examples
    { **reading_routes, **visit_routes(office.start, -> { office.uuid }), **settings_routes, **records_routes }
  end

  def reading_routes
    heater = office.heater
    id = -> { office.uuid }
    { session: [:get, "/api/session"], today: [:get, "/api/today"], customers: [:get, "/api/customers?search=brook"],
      addCustomer: [:post, "/api/customers", { id: id[], name: "Bo Lindqvist" }], customer: [:get, "/api/customers/#{office.customer}"],
      addSite: [:post, "/api/customers/#{office.customer}/sites", { id: id[], address: "2 Weir Lane" }],
      addHeater: [:post, "/api/sites/#{office.site}/heaters", { id: id[], label: "Attic", installation: Build::ELECTRIC }],
      heaterForm: [:get, "/api/heater-form"], heater: [:get, "/api/heaters/#{heater}"], whatIf: [:get, "/api/heaters/#{heater}/what-if"],
      trends: [:get, "/api/heaters/#{heater}/trends"],
      changeHeater: [:put, "/api/heaters/#{heater}", { label: "Cellar", installation: Build::GAS }],
      bookVisit: [:post, "/api/heaters/#{heater}/visits", { id: id[], jobs: ["annual_safety"], planned_for: "2026-11-24T09:00:00Z" }],
      jobs: [:get, "/api/jobs"], catalogue: [:get, "/api/catalogue?search=tr"], calculations: [:get, "/api/calculations"],
      calculate: [:post, "/api/calculations/heat_up", { units: "us", inputs: { volume: "50", power: "4500 W", cold: 50, hot: "120" } }] }
  end

  def settings_routes
    records = office.records
    photo = office.uuid
    Munimen::Desk::AddPhoto.new(office.context).call(office.start, id: photo, subject: "leak", data: [Photographs.jpeg].pack("m0"))
    office.walk(findings: { straps: :missing })
    deficiency = records.deficiencies.of_heater(office.heater).find { |one| one[:check] == "straps" }[:id]
    { addPhoto: [:post, "/api/visits/#{office.start}/photos", { id: office.uuid, subject: "leak", data: [Photographs.png].pack("m0") }], photo: [:get, "/api/photos/#{photo}"],
      why: [:get, "/api/visits/#{records.database[:visits].where(status: 'signed').get(:id)}/why?check=static_pressure"],
      visitRules: [:put, "/api/visits/#{office.start}/house-rules", { rules: { lever_hold: "one_second" } }],
      closeDeficiency: [:post, "/api/deficiencies/#{deficiency}/close", { id: office.uuid, status: "rectified", evidence: "Photo of the new straps" }],
      settings: [:get, "/api/settings"], firmRules: [:put, "/api/settings/house-rules", { rules: { lever_hold: "one_second", relief_life: nil } }],
      symptoms: [:get, "/api/symptoms?kind=gas_storage"], diagnose: [:post, "/api/diagnose", { kind: "unvented_indirect", symptom: "too_hot", evidence: { dial: "usual" } }],
      instruments: [:get, "/api/instruments"],
      replaceInstruments: [:put, "/api/instruments", { instruments: [{ id: "g1", title: "Gauge", reads: "pressure", host: "127.0.0.1", port: 4020, device: "pressure_gauge",
                                                                      point: "house", calibrated: "2026-01-31" }] }],
      trace: [:get, "/api/instruments/g1/trace"], parts: [:get, "/api/parts"], replaceParts: [:put, "/api/parts", { csv: "" }],
      **training,
      siteRules: [:put, "/api/sites/#{office.site}/house-rules", { rules: { discharge_height: "three_to_six" } }],
      qualify: [:put, "/api/people/1/qualifications", { qualifications: [{ trade: "unvented", number: "U-204", expires: "2028-01-31" }] }] }
  end

  def records_routes
    heater = office.heater
    file = File.join(office.config.folder, "log.csv")
    File.write(file, "time,psi\n#{Array.new(60) { |index| "#{index * 60},#{60 + (index % 2)}" }.join("\n")}")
    log = Munimen::Desk::PressureLogs.new(office.context).take_in(heater, id: office.uuid, name: "log.csv", file:) { nil }[:id]
    due = office.uuid
    office.records.dues.add(id: due, heater_id: heater, visit_id: office.start, kind: "annual_service", on: "2026-11-20", text: "The year")
    week = { from: "2026-11-24", days: 7, offset: 60 }
    { pressureLogs: [:get, "/api/heaters/#{heater}/pressure-logs"], pressureLog: [:get, "/api/pressure-logs/#{log}"],
      addPressureLog: [:post, "/api/heaters/#{heater}/pressure-logs?log=#{office.uuid}&name=a.csv", "time,psi\n1,60"],
      owed: [:get, "/api/owed"], decideOwed: [:post, "/api/owed/#{due}/decision", { id: office.uuid, what: "snooze", reason: "Away", day: "2026-12-20" }],
      changeSite: [:put, "/api/sites/#{office.site}", { address: "1 Weir Lane", household: "at_risk", lat: 45.01, lng: -70.2 }],
      plan: [:get, "/api/plan?from=2026-11-24&days=7&offset=60"], checkPlan: [:post, "/api/plan/check", { **week, arrangement: [] }],
      proposePlan: [:post, "/api/plan/propose", week], applyPlan: [:put, "/api/plan", { **week, arrangement: [] }],
      bringInLog: [:post, "/api/pressure-logs/#{log}/visit", { id: office.uuid, visit: office.start }] }
  end

  def training
    desk = Munimen::Desk::Train.new(office.context, office.config.training_runs)
    id, over = Array.new(2) { desk.start(scenario: "turned-down")[:id] }
    desk.finish(over)
    at = "/api/training/#{id}"
    { training: [:get, "/api/training"], startTraining: [:post, "/api/training", { seed: 7 }], exercise: [:get, at], trainingClock: [:put, "#{at}/clock", { speed: 10, skip: 60 }],
      trainingTest: [:post, "#{at}/tests", { test: "dial" }], sights: [:get, "#{at}/sights?operation=watch_relief_drip"],
      nameCause: [:post, "#{at}/cause", { cause: "dip_tube_broken" }],
      endTraining: [:post, "#{at}/end"], debrief: [:get, "/api/training/#{over}/debrief"] }
  end

  def visit_routes(visit, id)
    booked = Munimen::Desk::StartVisit.new(office.context).book(id: id[], heater_id: office.heater, jobs: ["pressure_check"], planned_for: office.now.iso8601)[:id]
    { visit: [:get, "/api/visits/#{visit}"], startVisit: [:post, "/api/visits/#{booked}/start", {}],
      takeReading: [:post, "/api/visits/#{visit}/readings", { id: id[], name: "static_pressure", value: "3.6 bar" }],
      look: [:post, "/api/visits/#{visit}/observations", { items: [{ id: id[], item: "leak", finding: "fitting", note: "cold inlet" }] }],
      doStep: [:post, "/api/visits/#{visit}/steps", { id: id[], operation: "fit_gauge", outcome: "already_so" }],
      undoStep: [:post, "/api/visits/#{visit}/undo", { id: id[] }],
      decide: [:post, "/api/visits/#{visit}/decisions", { id: id[], name: "consent", value: "given" }],
      addNote: [:post, "/api/visits/#{visit}/notes", { id: id[], entry: "straps.missing", place: "left side" }],
      sign: [:post, "/api/visits/#{visit}/signatures", { id: id[], signer: "customer", refused: "Not at home" }],
      addJob: [:post, "/api/visits/#{visit}/jobs", { id: id[], job: "flush" }], putOff: [:post, "/api/visits/#{visit}/put-off", { id: id[], job: "flush", reason: "No hose" }],
      alternatives: [:get, "/api/visits/#{visit}/alternatives"], events: [:get, "/api/visits/#{visit}/events"],
      matchParts: [:get, "/api/visits/#{visit}/parts/relief_valve"],
      report: [:get, "/api/visits/#{visit}/report"], reportPdf: [:get, "/api/visits/#{visit}/report.pdf"] }
  end

  it "answers every route of the contract as the contract says" do
    sign_in("owner")
    described = YAML.load_file(Munimen::Web::Contract::PATH)["paths"].values.flat_map { |path| path.values.map { |operation| operation["operationId"].to_sym } }
    sent = examples
    expect(sent.keys).to match_array(described)
    sent.each do |id, (verb, path, body)|
      body ? send_json(verb, path, body) : public_send(verb, path)
      expect(last_response.status).to eq({ sign: 409, events: 503, trace: 503 }.fetch(id, 200)), "#{id}: #{last_response.status} #{last_response.body[0, 300]}"
    end
  end

  it "keeps a signed page of every grade to the contract" do
    signed = office.walk(findings: { insulation: :bare, trim_rings: :melted, straps: :missing, shut_off: :not_visible }, relief: :drips)
    sign_in
    get "/api/visits/#{signed}/report"
    expect(last_response.status).to eq(200)
    expect(answer["page"]["deficiencies"].to_h { |one| one.values_at("state", "by") }.keys).to include("danger", "defect", "advice")
    expect(answer["page"]["deficiencies"].find { |one| one["state"] == "advice" }["by"]).to be_nil
  end

  it "answers nobody who has not signed in, but the session route" do
    examples.except(:session).each do |id, (verb, path, body)|
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
    send_json(:post, "/api/visits/#{visit}/readings", { id: "no uuid", name: "static_pressure", value: "62" })
    expect(answer).to include("status" => 422, "code" => "contract", "field" => "id")
    send_json(:post, "/api/visits/#{visit}/readings", { id: office.uuid, name: "static_pressure", value: "62", extra: 1 })
    expect(last_response.status).to eq(422)
    send_json(:post, "/api/visits/#{visit}/readings", { id: office.uuid, name: "static_pressure", value: "52 degF" })
    expect(answer).to include("field" => "static_pressure", "code" => "wrong_unit")
    header "Content-Type", "application/json"
    post "/api/visits/#{visit}/readings", "{not json"
    expect(last_response.status).to be_between(400, 422)
  end

  it "knows unknown things as unknown, without a trace" do
    sign_in
    ["/api/visits/#{office.uuid}", "/api/heaters/#{office.uuid}", "/api/nothing", "/api/visits/not-an-id"].each do |path|
      get path
      expect(last_response.status).to be_between(404, 422)
      expect(last_response.body).not_to match(/\.rb|backtrace/)
    end
  end

  it "gives no sign which of address or password was wrong, and locks an account after repeated failures" do
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
    statuses = Array.new(22) { |i| sign_in("nobody#{i}") && last_response.status }
    expect(statuses.last).to eq(429)
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
    expect(last_response.headers["content-security-policy"]).to include("default-src 'self'", "script-src 'self'", "frame-ancestors 'none'")
    expect(last_response.headers["x-content-type-options"]).to eq("nosniff")
    expect(last_response.headers["set-cookie"].to_s.downcase).to include("samesite=strict", "httponly")
  end

  it "keeps passwords by Argon2 only" do
    hashes = office.records.database[:account_password_hashes].select_map(:password_hash)
    expect(hashes).to all(start_with("$argon2id$"))
  end
end

RSpec.describe Munimen::Store::Database do
  # A statement left open at its first row would show its connection an old state, and lock its next write.
  it "shows every connection what the others have written, also after a prepared lookup" do
    records = office.records
    visit = office.start
    lookups = { person: -> { records.people.find(1) }, visit: -> { records.visits.core(visit, now: office.now) },
                session: -> { Munimen::Web::Auth::Gate.new(->(_) { [200, {}, []] }, records.database, "secret").call("PATH_INFO" => "/", "rack.session" => { "account_id" => 1, "active_session_id" => "x" }) } }
    lookups.each do |name, lookup|
      records.database.synchronize do
        lookup.call
        Thread.new { records.settings[name] = "written" }.join
        expect(records.database[:settings].where(name: name.to_s).get(:value)).to eq('"written"'), name.to_s
        expect { records.database[:settings].where(name: name.to_s).update(value: '"again"') }.not_to raise_error
      end
    end
  end

  it "keeps strict tables, foreign keys, a write-ahead log and a busy timeout" do
    database = office.records.database
    expect(database.fetch("PRAGMA journal_mode").single_value).to eq("wal")
    expect(database.fetch("PRAGMA foreign_keys").single_value).to eq(1)
    expect(database.fetch("PRAGMA busy_timeout").single_value).to eq(5000)
    tables = database.fetch("SELECT name, strict FROM pragma_table_list WHERE type = 'table' AND schema = 'main' AND name NOT LIKE 'sqlite_%'").all
    expect(tables.reject { |table| table[:name] == "schema_info" }.map { |table| table[:strict] }).to all(eq(1))
    expect { database[:sites].insert(id: "x", customer_id: "nobody", address: "a", code_profile: "us_irc", created_at: "now") }.to raise_error(Sequel::ForeignKeyConstraintViolation)
  end
end
