# frozen_string_literal: true

require "office_helper"

# Every route by every role, as the contract declares who may (x-route): a route that lets in others
# than it says, or a use case that does, shows here.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods
  include Routes

  roles = %w[owner office plumber inspector]
  allowed = described_class::Operations.all.transform_values do |one|
    who = one.narrowed || one.ability
    who ? Munimen::Desk::Abilities::ROLES.fetch(who).map(&:to_s) : roles
  end

  define_method(:app) { @app ||= described_class::Stack.build(office.config, one_of: 12) }

  def token = JSON.parse(get("/api/session").body)["csrf"]

  def request(verb, path, body, csrf: token)
    type, text = body ? written(body) : ["application/json", nil]
    header "Content-Type", type
    header "X-CSRF-Token", csrf
    text ? public_send(verb, path, text) : public_send(verb, path)
  end

  roles.each do |role|
    it "lets the #{role} do what that role may, and nothing else" do
      clear_cookies
      request(:post, "/auth/login", { login: "#{role}@example.test", password: Office::PASSWORD })
      wrong = examples.filter_map do |operation, (verb, path, body)|
        answer = request(verb, path, body)
        refused = answer.status == 403 && JSON.parse(answer.body)["code"] == "forbidden"
        if refused == allowed.fetch(operation).include?(role) ||
           (answer.status >= 500 && answer.status != 503)
          "#{operation}: #{answer.status}"
        end
      end
      expect(wrong).to eq([])
    end
  end

  it "opens with a link or a feed only what they are for, and with one's own token nothing of " \
     "another kind" do
    sent = examples
    clear_cookies
    share, feed = sent.values_at(:shared, :feed).map { |_, path| path.split("/").last }
    expect(
      [get("/api/shared/#{feed}"), get("/api/feeds/#{share}"), get("/api/shared/#{share}x")].map(
        &:status
      )
    ).to eq([404, 404, 404])
    expect(get("/api/shared/#{share}/report.pdf").status).to eq(200)
    sent
      .except(*open)
      .each do |operation, (verb, path, body)|
        expect(
          request(verb, "#{path}#{path.include?("?") ? "&" : "?"}token=#{share}", body).status
        ).to eq(401),
        operation.to_s
      end
  end

  # A write without the session's token, with another session's, and a session that was not given
  # by the server (OWASP, from memory).
  it "takes no write without the session's own token, and no session from outside" do
    request(:post, "/auth/login", { login: "owner@example.test", password: Office::PASSWORD })
    others = token
    writes =
      examples.reject { |operation, (verb)| verb == :get || open.include?(operation) }
    ["", "x", others.reverse].each do |wrong|
      writes.each do |operation, (verb, path, body)|
        expect(request(verb, path, body, csrf: wrong).status).to eq(403), operation.to_s
      end
    end
    before = rack_mock_session.cookie_jar["munimen"]
    clear_cookies
    set_cookie "munimen=fixed-by-somebody"
    request(:post, "/auth/login", { login: "owner@example.test", password: Office::PASSWORD })
    expect(rack_mock_session.cookie_jar["munimen"]).not_to eq("fixed-by-somebody")
    clear_cookies
    set_cookie "munimen=#{before}"
    request(:post, "/auth/logout", {})
    set_cookie "munimen=#{before}"
    expect(get("/api/today").status).to eq(401)
  end
end
