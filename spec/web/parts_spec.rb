# frozen_string_literal: true

require "office_helper"

# The firm's own catalogue of parts, through the API, and who may change it.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  def send_json(verb, path, body)
    get "/api/session"
    header "X-CSRF-Token", answer["csrf"]
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    public_send(verb, path, JSON.generate(body))
  end

  def sign_in(role)
    send_json(:post, "/auth/login", { login: "#{role}@example.test", password: Office::PASSWORD })
  end

  own =
    "kind,maker,model,price,set_pressure,set_temperature,rating\nrelief_valve,Own,RV1,12.50,150 " \
    "psi,210 degF,50000 Btu/h\n"

  it "puts the firm's own catalogue in place of the shipped one, and back" do
    sign_in("office")
    get "/api/parts"
    expect(answer).to include("own" => false, "count" => be > 20)
    send_json(:put, "/api/parts", { csv: own })
    expect(answer).to include("own" => true, "count" => 1, "csv" => own.strip)
    get "/api/visits/#{office.start}/parts/relief_valve"
    expect(answer["matches"].map { |one| one["name"] }).to eq(["Own RV1"])
    rating = answer["matches"].first["criteria"].find { |one| one["name"] == "rating" }
    expect(rating).to include("fits" => true, "picture" => { "offered" => 1.0, "wanted" => 0.8 })
    send_json(:put, "/api/parts", { csv: "" })
    expect(answer["own"]).to be(false)
  end

  it "keeps the old one when a line cannot be read, and names the line" do
    sign_in("owner")
    send_json(:put, "/api/parts", { csv: own })
    send_json(:put, "/api/parts", { csv: "#{own}relief_valve,Own,RV2,1,strong\n" })
    expect(last_response.status).to eq(422)
    expect(answer["title"]).to start_with("Line 3, set_pressure")
    get "/api/parts"
    expect(answer["count"]).to eq(1)
  end

  it "lets a plumber look, but not change; and knows no other kind of part" do
    sign_in("plumber")
    send_json(:put, "/api/parts", { csv: own })
    expect([last_response.status, answer["code"]]).to eq([403, "forbidden"])
    get "/api/visits/#{office.start}/parts/wheel"
    expect([last_response.status, answer["title"]]).to match([404, /relief_valve/])
  end
end
