# frozen_string_literal: true

require "office_helper"
require "pdf-reader"

# What the firm says about itself reaches its pages; its rulebook reaches its sites; what changes
# people is written down.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods

  define_method(:app) { @app ||= described_class::Stack.build(office.config) }

  def send_json(verb, path, body = {})
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", JSON.parse(get("/api/session").body)["csrf"]
    public_send(verb, path, JSON.generate(body))
    last_response.status
  end

  def answer = JSON.parse(last_response.body)

  before do
    get "/api/session"
    send_json(:post, "/auth/login", { login: "owner@example.test", password: Office::PASSWORD })
  end

  def pdf_of(visit)
    get "/api/visits/#{visit}/report.pdf"
    PDF::Reader.new(StringIO.new(last_response.body)).pages.map { |page| page.text.squeeze(" ") }
  end

  it "keeps the hours of the day, its rest and where the vans start, and plans by them" do
    visits = Array.new(2) do
      office.start.tap do |id|
        office.records.visits.update(id, status: "booked", account_id: office.person("owner")[:id])
      end
    end
    office.records.visits.update(
      visits.last, window_from: "2026-11-23T10:00:00Z", window_to: "2026-11-23T10:05:00Z"
    )
    office.records.customers.update(office.customer, phone: "555-0100")
    plan = lambda do
      Munimen::Desk::DayPlan.new(office.context("owner"), from: Date.new(2026, 11, 23)).call
    end
    starts = ->(told) { told[:rounds].flat_map { |one| one[:stops].map { |stop| stop[:start] } } }
    day = { starts: "10:00", ends: "16:30", rest: "10:30", rest_minutes: 45, lat: 45.1, lng: -70.2 }
    office.now = Time.utc(2026, 11, 22, 9)
    expect(send_json(:put, "/api/settings/firm", { name: "Lind", **day.except(:rest) })).to eq(200)
    before = plan.call
    expect(send_json(:put, "/api/settings/firm", day)).to eq(200)
    expect(answer.transform_keys(&:to_sym)).to include(day)
    after = plan.call
    gained = [before, after].map { |told| Time.iso8601(starts[told].last) }.reduce(:-)
    # a quarter of an hour's drive to a place that is not known
    expect([starts[after].first, gained.abs]).to eq(["2026-11-23T10:15:00.000Z", 45 * 60.0])
    broken = after[:rounds].flat_map { |one| one[:stops].flat_map { |stop| stop[:breaks] } }
    expect(broken.join).to include("Ring Ada Brook, 555-0100")
    # where another house of the street lies, this one does
    site = office.records.customers.site(office.site)
    Munimen::Desk::AddSite.new(office.context).call(
      id: other = office.uuid, customer_id: office.customer, address: "77b #{site[:address][/\D+/]}"
    )
    office.records.customers.update_site(other, { lat: 45.1, lng: -70.2 })
    expect(starts[plan.call].first).to eq("2026-11-23T10:00:00.000Z")
    wrong = [{ starts: "18:00" }, { ends: "noon" }, { lat: 91 }].map do |given|
      send_json(:put, "/api/settings/firm", given) && answer["field"]
    end
    expect(wrong).to eq(%w[ends ends lat])
  end

  it "puts registration and foot on every page that is signed from then on, on none before" do
    before = office.walk
    send_json(
      :put, "/api/settings/firm",
      { name: "Lind Heating", address: "3 Weir Lane", registration: "Reg. 4711",
        foot: "Complaints to the guild of Harrowmere" }
    )
    after = pdf_of(office.walk)
    expect(after.first).to include("Lind Heating").and include("Reg. 4711")
    expect(after).to all(include("Complaints to the guild of Harrowmere"))
    expect(pdf_of(before).join).not_to include("Reg. 4711")
  end

  it "says in words and in the drawing how a heater was left" do
    visit = office.start
    office.read(visit, :relief_lever, "will_not_lift")
    office.step(visit, :turn_gas_off, "done")
    page = Munimen::Desk::ReportPage.new(office.context).for_firm(visit)
    expect(page[:stands]).to include(match(/burner.*off/))
    roles = page[:section][:shapes].map { |shape| shape.values_at(:part, :role) }
    expect(roles).to include(%i[burner flame_out])
    expect(roles).not_to include(%i[burner flame], %i[gas_cock shut])
  end

  it "gives a site the firm's rulebook where none is named" do
    send_json(:put, "/api/settings/firm", { name: "Lind Heating", code_profile: "england_g3" })
    id = office.uuid
    path = "/api/customers/#{office.customer}/sites"
    expect(send_json(:post, path, { id:, address: "4 Mill Row" })).to eq(201)
    expect(office.records.customers.site(id)[:code_profile]).to eq("england_g3")
    expect(send_json(:put, "/api/settings/firm", { code_profile: "moon" })).to eq(422)
    expect(answer["field"]).to eq("code_profile")
  end

  it "writes down who was invited, closed and let in by a link, without the link" do
    send_json(:post, "/api/people", { name: "Ada", email: "ada@example.test", role: "office" })
    token = answer["token"]
    send_json(:post, "/api/join/#{token}", { password: "a good long phrase" })
    id = office.records.people.by_email("ada@example.test")[:id]
    send_json(:post, "/api/people/#{id}/close")
    get "/api/security-log"
    lines = answer["lines"].first(3).map { |one| one.values_at("event", "about") }
    expect(lines.map(&:first)).to eq(%w[people_changed password_set_by_link people_changed])
    expect(lines.map(&:last).join).not_to include(token)
  end

  it "ends a device for its owner or for the firm's owner, and for nobody else" do
    devices = { "plumber" => office.uuid, "office" => office.uuid }
    devices.each do |role, id|
      Munimen::Desk::Devices.new(office.context(role)).add(id:, name: "Chromium, Linux")
    end
    expect(Munimen::Desk::Devices.new(office.context("plumber")).list.size).to eq(1)
    expect do
      Munimen::Desk::Devices.new(office.context("plumber")).close(devices["office"])
    end.to raise_error(Munimen::NotFound)
    get "/api/devices"
    expect(answer.map { |one| one["id"] }).to match_array(devices.values)
    expect(send_json(:post, "/api/devices/#{devices["office"]}/end")).to eq(200)
    ended = devices.values.map do |id|
      JSON.parse(get("/api/session?device=#{id}").body)["device_ended"]
    end
    expect(ended).to eq([false, true])
    # Whoever asks from an ended device is signed out with it.
    expect(get("/api/today").status).to eq(401)
  end
end
