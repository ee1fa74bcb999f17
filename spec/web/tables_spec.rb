# frozen_string_literal: true

require "office_helper"

# Tables that are taken over in the background, through HTTP, while somebody asks how far it is.
RSpec.describe Munimen::Desk::RunningImports do
  include Rack::Test::Methods

  define_method(:app) { @app ||= Munimen::Web::Stack.build(office.config) }

  def csrf = JSON.parse(get("/api/session").body)["csrf"]

  def sign_in(role)
    clear_cookies
    header "Content-Type", "application/json"
    header "X-CSRF-Token", csrf
    post "/auth/login", JSON.generate(login: "#{role}@example.test", password: Office::PASSWORD)
  end

  def import(text, what)
    id = office.uuid
    header "Content-Type", "text/csv"
    header "X-CSRF-Token", csrf
    post "/api/tables/customers/imports/#{id}?what=#{what}", text
    id
  end

  # What comes of it, in the end.
  def told(id)
    200.times do
      answer = JSON.parse(get("/api/table-imports/#{id}").body)
      return answer if answer["fates"] || answer["problem"]

      expect(answer["share"]).to be_between(0, 1)
      sleep 0.05
    end
  end

  it "looks first and then takes over, says what is wrong, and tells nobody else" do
    sign_in("office")
    rows = "name\n#{Array.new(60) { |number| "Customer #{number}" }.join("\n")}"
    id = import(rows, "preview")
    expect(told(id)["fates"]["counts"]).to include("new" => 60, "wrong" => 0)
    expect(office.records.customers.list(search: "Customer").size).to eq(0)
    expect(told(import(rows, "import"))["fates"]["counts"]).to include("new" => 60)
    expect(office.records.customers.list(search: "Customer").size).to eq(60)
    wrong = told(import("name,email\n,x", "import"))["problem"]
    expect(wrong).to include("code" => "bad_row", "status" => 409)
    sign_in("owner")
    expect(get("/api/table-imports/#{id}").status).to eq(404)
  end
end
