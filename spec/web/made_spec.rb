# frozen_string_literal: true

require "office_helper"

# When a thing was done, for what a device sends later.
RSpec.describe Munimen::Web::Made do
  include Rack::Test::Methods

  define_method(:app) { @app ||= Munimen::Web::Stack.build(office.config) }

  def send_json(path, body)
    header "Content-Type", "application/json"
    header "X-CSRF-Token", JSON.parse(get("/api/session").body)["csrf"]
    post path, JSON.generate(body)
  end

  def written(at, offset: 0)
    header "X-Made-At", at.iso8601
    header "X-Clock-Offset", offset.to_s
    send_json("/api/visits/#{@visit}/decisions",
{ id: office.uuid, name: "water_by", value: "Noon" })
    expect(last_response.status).to eq(200), last_response.body
    Time.iso8601(office.records.visits.rows(:decisions, @visit).last[:at])
  end

  it "is taken from the device by its clock's error, never as later than now, and not at all " \
     "where " \
     "it cannot be" do
    office.now = Time.now.utc - 7200
    @visit = office.start
    send_json("/auth/login", { login: "plumber@example.test", password: Office::PASSWORD })
    now = Time.now.utc
    {
      [now - 1800, 0] => now - 1800,
      [now + (5 * 3600) - 600, -5 * 3600] => now - 600,
      [now + 900, 0] => now,
      [now - (90 * 86_400), 0] => now
    }.each do |(at, offset), wanted|
      expect(written(at, offset:)).to be_within(5).of(wanted)
    end
    order = office.records.visits.rows(:decisions, @visit).map { |row| row[:seq] }
    expect(order).to eq(order.sort)
    expect(last_response.headers["date"]).to match(/GMT\z/)
  end

  # spec/support/earlier/writes.json is what the version of 27 November 2026 left unsent on a
  # device: it is never changed. A version that cannot take one of them any more translates it.
  it "takes every kind of write that the version before left unsent, and each once" do
    send_json("/auth/login", { login: "plumber@example.test", password: Office::PASSWORD })
    ids = %w[CUSTOMER SITE HEATER VISIT].to_h { |name| [name, office.uuid] }
    file = File.join(Munimen::ROOT, "spec/support/earlier/writes.json")
    writes = JSON.parse(File.read(file).gsub(/CUSTOMER|SITE|HEATER|VISIT/, ids))
    2.times do
      writes.each do |path, body|
        send_json(path, body)
        expect(last_response).to be_successful, "#{path}: #{last_response.body[0, 300]}"
      end
    end
    kept = %i[readings observations steps notes photos].to_h do |table|
      [table, office.records.database[table].count]
    end
    expect(kept).to eq(readings: 1, observations: 3, steps: 2, notes: 1, photos: 1)
    expect(office.records.visits.find(ids["VISIT"])[:jobs]).to eq([:annual_safety])
  end
end
