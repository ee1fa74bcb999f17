# frozen_string_literal: true

require "office_helper"

# Who may do what with rules, people and findings: each route by each role.
RSpec.describe Munimen::Web::App do
  include Rack::Test::Methods

  def app = @app ||= Munimen::Web::Stack.build(office.config)
  def answer = JSON.parse(last_response.body)

  def send_json(verb, path, body)
    get "/api/session"
    token = answer["csrf"]
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", token
    public_send(verb, path, JSON.generate(body))
    last_response.status
  end

  def as(role)
    clear_cookies
    send_json(:post, "/auth/login", { login: "#{role}@example.test", password: Office::PASSWORD })
    yield
  end

  roles = %w[owner office plumber inspector]

  def allowed(roles)
    roles.select { |role| as(role) { yield == 200 } }
  end

  it "lets only the owner set the firm's house rules and what people are qualified for" do
    expect(
      allowed(roles) do
        send_json(:put, "/api/settings/house-rules", { rules: { lever_hold: "one_second" } })
      end
    ).to eq(%w[owner])
    expect(
      allowed(roles) { send_json(:put, "/api/people/1/qualifications", { qualifications: [] }) }
    ).to eq(%w[owner])
  end

  it "lets owner and plumber set the rules of a site and of a visit" do
    visit = office.start
    expect(
      allowed(roles) do
        send_json(:put, "/api/sites/#{office.site}/house-rules", { rules: { lever_hold: nil } })
      end
    ).to eq(%w[owner plumber])
    expect(
      allowed(roles) do
        send_json(:put, "/api/visits/#{visit}/house-rules", { rules: { lever_hold: "one_second" } })
      end
    ).to eq(%w[owner plumber])
  end

  it "lets the office read settings, calculators and reasons, but no reading or photo be written " \
     "by it" do
    visit = office.start
    office.read(visit, :static_pressure, "90")
    as("office") do
      [
        "/api/settings",
        "/api/calculations?units=england",
        "/api/visits/#{visit}/why?check=static_pressure"
      ].each do |path|
        get path
        expect(last_response.status).to eq(200), path
      end
      expect(
        send_json(
          :post,
          "/api/visits/#{visit}/readings",
          { id: office.uuid, name: "static_pressure", value: "62" }
        )
      ).to eq(403)
      expect(
        send_json(
          :post,
          "/api/visits/#{visit}/photos",
          { id: office.uuid, subject: "leak", data: "AAAA" }
        )
      ).to eq(403)
    end
  end

  it "says which field is wrong in settings, and keeps what was there" do
    as("owner") do
      expect(
        send_json(:put, "/api/settings/house-rules", { rules: { relief_life: "forever" } })
      ).to eq(422)
      expect(answer).to include("field" => "relief_life")
      expect(
        send_json(:put, "/api/people/1/qualifications", { qualifications: [{ trade: "magic" }] })
      ).to eq(422)
      expect(answer).to include("field" => "trade")
      expect(
        send_json(
          :put,
          "/api/people/1/qualifications",
          { qualifications: [{ trade: "gas", expires: "soon" }] }
        )
      ).to eq(422)
      expect(answer).to include("field" => "expires")
    end
    expect(office.records.settings.house_rules).to eq({})
  end

  it "refuses a photo that is none, by its content, whatever it calls itself" do
    visit = office.start
    as("plumber") do
      expect(
        send_json(
          :post,
          "/api/visits/#{visit}/photos",
          { id: office.uuid, subject: "leak", data: ["<svg onload=alert(1)>"].pack("m0") }
        )
      ).to eq(422)
      expect(answer).to include("field" => "data", "code" => "not_a_photo")
    end
    expect(office.records.database[:photos].count).to eq(0)
  end

  it "takes a photo in parts, goes on where the line broke, and no part twice" do
    visit = office.start
    id = office.uuid
    bytes = Photographs.jpeg
    part = ->(from, to) { { from:, data: [bytes[from...to]].pack("m0") } }
    send_part = lambda do |body|
      send_json(:post, "/api/photos/#{id}/parts", body)
      answer["have"]
    end
    as("plumber") do
      expect(send_json(:post, "/api/visits/#{visit}/photos", { id:, subject: "leak" })).to eq(422)
      expect(answer).to include("field" => "data")
      sizes = [part[0, 50], part[0, 50], part[90, bytes.size], { from: 0, data: "" },
               part[50, bytes.size]].map(&send_part)
      expect(sizes).to eq([50, 50, 50, 50, bytes.size])
      2.times do
        expect(send_json(:post, "/api/visits/#{visit}/photos", { id:, subject: "leak" })).to eq(200)
      end
    end
    expect(office.records.photos.find(id)[:data]).to eq(
      Munimen::Formats::Photograph.read(bytes).bytes
    )
    expect(Dir[File.join(office.config.folder, "uploads/*")]).to eq([])
  end

  it "takes a photo once, however often it is sent" do
    visit = office.start
    body = { id: office.uuid, subject: "leak", data: [Photographs.jpeg].pack("m0") }
    as("plumber") do
      3.times { expect(send_json(:post, "/api/visits/#{visit}/photos", body)).to eq(200) }
      get "/api/photos/#{body[:id]}"
      expect([last_response.status, last_response.headers["content-type"]]).to eq(
        [200, "image/jpeg"]
      )
      expect(last_response.body.b).not_to include("GPS")
    end
    expect(office.records.database[:photos].count).to eq(1)
  end
end
