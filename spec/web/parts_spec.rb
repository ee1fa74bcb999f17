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

  it "has no part that the firm has not listed, then the firm's own, and none again" do
    sign_in("office")
    get "/api/parts"
    expect(answer).to include("own" => false, "count" => 0,
                              "csv" => start_with("kind,maker,model,price,"))
    send_json(:put, "/api/parts", { csv: own })
    expect(answer).to include("own" => true, "count" => 1, "csv" => own.strip)
    get "/api/visits/#{office.start}/parts/relief_valve"
    expect(answer["matches"].map { |one| one["name"] }).to eq(["Own RV1"])
    rating = answer["matches"].first["criteria"].find { |one| one["name"] == "rating" }
    expect(rating).to include("fits" => true, "picture" => { "offered" => 1.0, "wanted" => 0.8 })
    send_json(:put, "/api/parts", { csv: "" })
    expect(answer.values_at("own", "count")).to eq([false, 0])
  end

  # ANSI Z21.22, from memory: rated for the input, set no higher than the tank's rating.
  it "says what a new part must be, and of the one in the hand whether it is, without any list" do
    sign_in("plumber")
    kinds = "/api/visits/#{office.start}/parts"
    get kinds
    expect(answer.map { |one| one["id"] }).to eq(%w[anode relief_valve thermocouple vessel])
    get card = "#{kinds}/relief_valve"
    wanted = answer["card"].to_h { |one| one.values_at("name", "wanted") }
    expect(wanted).to include("rating" => "40,000 Btu/h", "set pressure" => "150 psi",
                              "thread" => nil)
    expect(answer.values_at("held", "matches")).to eq([nil, []])
    expect(answer["fields"]).to include("name" => "rating", "text" => "rating", "unit" => "Btu/h")
    fits = lambda do |**held|
      get(card, held.transform_keys { |key| "held_#{key}" })
      answer["held"]["criteria"].to_h { |one| one.values_at("name", "fits") }
                                .merge("all" => answer["held"]["fits"])
    end
    expect(fits[rating: "30000", set_pressure: "150"]).to include("rating" => false, "all" => false,
                                                                  "set pressure" => true)
    expect(fits[rating: "15 kW"]).to include("rating" => true, "thread" => nil, "all" => nil)
    get card, held_rating: "strong"
    expect([last_response.status, answer["field"]]).to eq([422, "rating"])
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
