# frozen_string_literal: true

require "office_helper"

# The first morning of a firm: its name, and a second person, from the owner's account alone.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods

  define_method(:app) { @app ||= described_class::Stack.build(office.config) }

  def token = JSON.parse(get("/api/session").body)["csrf"]

  def send_json(verb, path, body = {})
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    header "X-CSRF-Token", token
    public_send(verb, path, JSON.generate(body))
    last_response.status
  end

  def answer = JSON.parse(last_response.body)

  def sign_in(email, password = Office::PASSWORD)
    clear_cookies
    token
    send_json(:post, "/auth/login", { login: email, password: })
  end

  def invite(name, role)
    send_json(:post, "/api/people", { name:, email: "#{name.downcase}@example.test", role: })
    answer["token"]
  end

  it "names the firm on its pages, and lets somebody in by a link that works once" do
    sign_in("owner@example.test")
    expect(send_json(:put, "/api/settings/firm", { name: " " })).to eq(422)
    expect(answer["field"]).to eq("name")
    expect(
      send_json(:put, "/api/settings/firm", { name: "Roe & Roe", registration: "L 1234" })
    ).to eq(200)
    link = invite("Ada", "plumber")
    expect(sign_in("ada@example.test", "a good long phrase")).to eq(401)

    expect(JSON.parse(get("/api/join/#{link}").body)).to include(
      "name" => "Ada", "firm" => "Roe & Roe"
    )
    expect(send_json(:post, "/api/join/#{link}", { password: "short" })).to eq(422)
    expect(answer["field"]).to eq("password")
    expect(send_json(:post, "/api/join/#{link}", { password: "a good long phrase" })).to eq(200)
    expect(send_json(:post, "/api/join/#{link}", { password: "another long phrase" })).to eq(404)
    expect(sign_in("ada@example.test", "a good long phrase")).to eq(200)
    expect(JSON.parse(get("/api/session").body)["person"]).to include("role" => "plumber")
    page = Munimen::Desk::ReportPage.new(office.context).for_firm(office.walk)
    expect(page[:firm]).to include(name: "Roe & Roe", registration: "L 1234")
  end

  it "forgets a link after seven days, and the one before a new one" do
    sign_in("owner@example.test")
    first = invite("Ada", "plumber")
    id = office.records.people.by_email("ada@example.test")[:id]
    send_json(:post, "/api/people/#{id}/link")
    second = answer["token"]
    get "/api/join/#{first}"
    expect(last_response.status).to eq(404)
    get "/api/join/#{second}"
    expect(last_response.status).to eq(200)
    office.records.database[:invitations].update(expires_at: "2026-01-01T00:00:00.000Z")
    expect(send_json(:post, "/api/join/#{second}", { password: "a good long phrase" })).to eq(404)
  end

  it "tells a person by mail that a link has set their password anew, and not that it was the " \
     "first" do
    sign_in("owner@example.test")
    send_json(:post, "/api/people/#{office.person[:id]}/link")
    again = answer["token"]
    first = invite("Ada", "plumber")
    [first, again].each do |link|
      expect(send_json(:post, "/api/join/#{link}", { password: "a good long phrase" })).to eq(200)
    end
    mails = []
    50.times do
      mails = office.records.database[:messages].select_map(%i[recipient subject])
      mails.empty? ? sleep(0.1) : break
    end
    expect(mails).to contain_exactly([office.person[:email], /set anew by a link/])
  end

  it "shuts whoever is closed out at once, keeps their name, and always has an owner" do
    sign_in("plumber@example.test")
    get "/api/today"
    expect(last_response.status).to eq(200)
    id = office.person[:id]
    Munimen::Desk::Staff.new(office.context("owner")).close(id)
    get "/api/today"
    expect(last_response.status).to eq(401)
    expect(sign_in("plumber@example.test")).to eq(401)
    expect(office.records.people.find(id)[:name]).to eq("Plumber")

    sign_in("owner@example.test")
    owner = office.person("owner")[:id]
    expect(send_json(:post, "/api/people/#{owner}/close")).to eq(409)
    expect(send_json(:put, "/api/people/#{owner}", { role: "office" })).to eq(409)
    expect(send_json(:post, "/api/people/#{id}/open")).to eq(200)
    expect(sign_in("plumber@example.test")).to eq(200)
  end

  it "lets whoever is paused in nowhere, and gives them back what they had" do
    sign_in("plumber@example.test")
    id = office.person[:id]
    made = Munimen::Desk::Tokens.new(office.context).make(
      id: office.uuid, name: "van", scope: "read", days: 30
    )
    by_token = lambda do
      clear_cookies
      get("/api/today", {}, "HTTP_AUTHORIZATION" => "Bearer #{made[:token]}").status
    end
    staff = Munimen::Desk::Staff.new(office.context("owner"))
    get "/api/today"
    feed = Munimen::Desk::CalendarFeed.new(office.context).create
    link = staff.new_link(id)[:token]
    staff.pause(id)
    clear_cookies
    expect(get("/api/feeds/#{feed}").status).to eq(404)
    expect { staff.join(link, password: "another long one 7") }.to raise_error(Munimen::NotFound)
    expect { staff.new_link(id) }.to raise_error(Munimen::Refused, /Let them in/)
    expect(get("/api/today").status).to eq(401)
    expect(sign_in("plumber@example.test")).to eq(401)
    expect(by_token.call).to eq(401)
    expect(staff.list.find { |one| one[:id] == id }[:state]).to eq("paused")
    expect { staff.pause(id) }.to raise_error(Munimen::Refused)
    expect { staff.pause(office.person("owner")[:id]) }.to raise_error(Munimen::Refused, /owner/)
    staff.reopen(id)
    expect(get("/api/feeds/#{feed}").status).to eq(200)
    expect(by_token.call).to eq(200)
    expect(sign_in("plumber@example.test")).to eq(200)
  end

  # The smallest PNG there is, one point of colour.
  dot = "data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9Q" \
        "DwADhgGAWjR9awAAAABJRU5ErkJggg=="

  it "prints the firm's logo on every page, and takes no picture that cannot be printed" do
    sign_in("owner@example.test")
    signed = office.walk
    expect(send_json(:put, "/api/settings/firm", { name: "Roe", logo: dot })).to eq(200)
    [dot.sub("png", "gif"), "#{dot[0, 60]}AAAA", "data:image/png;base64,AAAA"].each do |wrong|
      expect(send_json(:put, "/api/settings/firm", { logo: wrong })).to eq(422)
      expect(answer["field"]).to eq("logo")
    end
    page = Munimen::Desk::ReportPage.new(office.context).call(signed)
    expect(page[:logo]).to eq(dot)
    drawn = Munimen::Formats::ReportPdf.new(page).render
    expect(drawn).to include("/Subtype /Image")
    expect(office.records.visits.page(signed)).not_to include(:logo)
    send_json(:put, "/api/settings/firm", { phone: "555-0100" })
    expect(answer["logo"]).to eq(dot)
    send_json(:put, "/api/settings/firm", { logo: nil })
    expect(answer["logo"]).to be_nil
  end

  it "keeps one's own name and signature, and nobody else's" do
    sign_in("plumber@example.test")
    strokes = [[[0.1, 0.5], [0.4, 0.2], [0.9, 0.5]]]
    expect(send_json(:put, "/api/me", { name: "Ada Lind", signature: strokes })).to eq(200)
    expect(answer).to include("name" => "Ada Lind", "signature" => strokes)
    expect(send_json(:put, "/api/me", { name: " " })).to eq(422)
    expect(send_json(:put, "/api/me", { role: "owner" })).to eq(422)
    expect(send_json(:put, "/api/me", { signature: [] })).to eq(200)
    expect(answer).to include("name" => "Ada Lind", "signature" => nil)
    expect(office.records.people.find(office.person("owner")[:id])[:signature]).to be_nil
  end

  describe "an empty folder" do
    let(:config) { Munimen::Web::Config.new(Dir.mktmpdir("munimen-new")) }

    define_method(:app) { @app ||= described_class::Stack.build(config) }

    it "begins by the code that was printed, once, and by nothing else" do
      mine = { name: "Bo Lind", email: "bo@lind.example", password: "a good long phrase",
               firm: "Lind Heating", code_profile: "england_g3" }
      expect(send_json(:post, "/api/begin/another", mine)).to eq(404)
      code = config.begin_code
      expect(send_json(:post, "/api/begin/#{code}", mine.merge(password: "short"))).to eq(422)
      expect([answer["field"], config.records.people.any?]).to eq(["password", false])
      expect(send_json(:post, "/api/begin/#{code}", mine.merge(code_profile: "moon"))).to eq(422)
      expect([answer["field"], config.records.people.any?]).to eq(["code_profile", false])
      expect(send_json(:post, "/api/begin/#{code}", mine)).to eq(200)
      expect(send_json(:post, "/api/begin/#{code}", mine.merge(email: "x@y.example"))).to eq(404)
      expect(sign_in("bo@lind.example", "a good long phrase")).to eq(200)
      expect(JSON.parse(get("/api/session").body)).to include(
        "firm" => "Lind Heating", "units" => "england", "person" => include("role" => "owner")
      )
    end
  end
end
