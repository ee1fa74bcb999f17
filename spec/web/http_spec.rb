# frozen_string_literal: true

require "office_helper"

# What HTTP itself asks of an API (RFC 9110), and a log whose columns are pointed at.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods

  define_method(:app) { @app ||= described_class::Stack.build(office.config) }

  def ask(verb, path, body = nil, type: "application/json")
    header "X-CSRF-Token", JSON.parse(get("/api/session").body)["csrf"]
    header "Content-Type", type
    send(verb, path, body)
    last_response
  end

  before { ask(:post, "/auth/login", JSON.generate(login: "plumber@example.test", password: Office::PASSWORD)) }

  it "answers HEAD as GET without its body, names what a path takes, and what a body must be" do
    expect(ask(:head, "/api/today").then { |answer| [answer.status, answer.body] }).to eq([200, ""])
    refused = ask(:delete, "/api/today", "{}")
    expect([refused.status, refused.headers["allow"]]).to eq([405, "GET, HEAD"])
    expect(ask(:post, "/api/customers", "{}", type: "text/plain").status).to eq(415)
    expect(ask(:get, "/api/heater-form?units=si").status).to eq(422)
  end

  it "tells by an ETag whether anything has changed" do
    visit = office.start
    first = ask(:get, "/api/visits/#{visit}/report")
    header "If-None-Match", first.headers["etag"]
    expect(get("/api/visits/#{visit}/report").status).to eq(304)
    office.read(visit, :static_pressure, "61")
    expect(get("/api/visits/#{visit}/report").status).to eq(200)
  end

  it "hands its contract out" do
    answer = ask(:get, "/openapi.yaml")
    expect([answer.status, answer.headers["content-type"]]).to eq([200, "application/yaml"])
    expect(answer.body).to eq(File.binread(Munimen::Web::Contract::PATH))
  end

  it "takes a pressure log whose columns and unit are pointed at" do
    log = office.uuid
    rows = Array.new(60) { |index| "9,#{index * 60},#{60 + (index % 2)}" }
    path = "/api/heaters/#{office.heater}/pressure-logs?log=#{log}&name=a.csv"
    ask(:post, "#{path}&unit=psi&time=zeit&pressure=druck", ["nr,zeit,druck", *rows].join("\n"),
        type: "text/csv")
    told = 100.times.lazy.map { JSON.parse(ask(:get, "/api/pressure-logs/#{log}").body) }
              .find { |one| one["log"] || one["problem"] || !sleep(0.1) }
    expect(told).to include("problem" => nil, "log" => include("name" => "a.csv"))
    expect(told["log"].to_s).to match(/6[01] psi/)
  end
end
