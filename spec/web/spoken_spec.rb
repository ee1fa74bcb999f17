# frozen_string_literal: true

require "office_helper"

# The tool speaks the language of whoever works with it: what the rules say in English leaves in
# theirs, and what anybody typed as it was typed.
RSpec.describe Munimen::Words::Interpreter do
  include Rack::Test::Methods
  include Routes

  def app = @app ||= Munimen::Web::Stack.build(office.config, one_of: 12)
  def answer = JSON.parse(last_response.body, symbolize_names: true)

  def send_json(verb, path, body, **more)
    get "/api/session"
    header "X-CSRF-Token", answer[:csrf]
    type, text = written(body)
    header "Content-Type", type
    more.each { |name, value| header name.to_s.tr("_", "-"), value }
    public_send(verb, path, text)
  end

  def sign_in(role = "owner", password: Office::PASSWORD)
    send_json(:post, "/auth/login", { login: "#{role}@example.test", password: })
    send_json(:put, "/api/me", { language: "es" })
  end

  # Notes what it has no words for, beside answering.
  recorder = Class.new(described_class) do
    attr_reader :missing

    def answer(value, name = nil, of = nil)
      @missing ||= []
      pieces(value).each { |one| @missing << [name, one] if ours?(one, value, name, of) }
      super
    end

    private

    def pieces(value)
      return [] unless value.is_a?(String) && !value.is_a?(Munimen::Typed)
      return [value] unless value.is_a?(Munimen::Message)

      (value.parts || [value.template, *value.with.values]).flat_map { |one| pieces(one) }
    end

    def ours?(text, whole, name, of)
      return false unless whole.is_a?(Munimen::Message) || read?(name, of)
      return false unless text.gsub(Munimen::Message::NAME, "").match?(/[[:alpha:]]{3}/)

      plain(text) == text && !@language.knows?(text) &&
        !@language.knows?(text.sub(/\A./, &:swapcase))
    end
  end

  # Names of rules, clauses, units, ids, and what the invented office typed.
  citation = /\A(?:[A-Z]{2,}|P\d|G3|G\d|ANSI|HSE|IRC|reg\.|regulations?\b|schedule|section|National|
               Approved|Building|Water\ Supply|Gas\ Safety|Moritz|Renting|NIOSH|Domestic)/x
  number = %r{\A[\d.,–± -]+ ?[\w°/Ω ]+\z}
  id = /\A[a-z_]+\z/
  invented = ["The year", "Photo of the new straps", "Basement", "Cellar", "Attic", "Loft", "Owner",
              "Gauge", "Static", /Bo |Ada |Mill Row|Weir Lane/, /calibrated 2/, /Straps missing/,
              "[{criterion, state, text}]"]

  it "has words for all that any route of the contract says, but names and what was typed" do
    spoken = recorder.new(Munimen::Words::Language[:es])
    allow(described_class).to receive(:for).and_return(spoken)
    sign_in
    examples.each_value do |verb, path, body|
      body ? send_json(verb, path, body) : public_send(verb, path)
    end
    get "/api/calculations?units=england"
    missing = spoken.missing.uniq.reject do |_, text|
      [citation, number, id].any? { |one| text.match?(one) } ||
        invented.any? { |one| one.is_a?(Regexp) ? text.match?(one) : one == text }
    end
    expect(missing).to eq([])
  end

  it "says a visit in it, step and reason" do
    visit = office.start
    sign_in("plumber")
    get "/api/visits/#{visit}"
    expect(answer[:plan][:steps].first.values_at(:title, :because)).to eq(
      ["Identificar el calentador",
       "Todos los límites que siguen dependen de lo que sea este calentador."]
    )
  end

  # Letter for letter one of our own texts, typed wherever a person types.
  it "leaves what was typed, whatever it looks like" do
    ours = "Replace the valve."
    visit = office.start
    office.records.database[:customers].update(name: ours, note: ours)
    office.records.database[:sites].update(address: ours, access: ours)
    office.records.database[:heaters].update(label: ours)
    sign_in("plumber")
    { notes: { id: office.uuid, entry: "straps.missing", place: ours, text: ours },
      decisions: { id: office.uuid, name: "told.relief_valve", value: ours },
      "not-done": { id: office.uuid, operation: "identify", reason: "policy", note: ours } }
      .each { |path, body| send_json(:post, "/api/visits/#{visit}/#{path}", body) }
    %W[visits/#{visit} heaters/#{office.heater} customers/#{office.customer} customers today owed
       visits/#{visit}/report day-plan?date=2026-11-23].each do |path|
      get "/api/#{path}"
      expect(last_response.body.scan(/.{60}Cambiar la válvula\./)).to eq([])
    end
    get "/api/visits/#{visit}"
    expect(last_response.body.scan(ours).size).to be > 3
  end

  it "says a message in the words of the place where it was said, on its own and among others" do
    england, us = %i[england us].map { |one| Munimen::Words[one] }
    told = Munimen::Message.of("{gas_emergency}")
    spanish = described_class.for("es")
    [told, Munimen::Message.join([told, told])].each do |message|
      { england => "0800 111 999", us => "911" }.each do |words, number|
        said = spanish.say(words.say(message))
        expect(said.scan(/0800 111 999|911/).uniq).to eq([number])
      end
    end
  end

  it "refuses in it, before and after signing in" do
    send_json(:post, "/auth/login", { login: "owner@example.test", password: "wrong" },
              Accept_Language: "es-MX,es;q=0.9")
    expect(answer[:"field-error"].last).to start_with("La dirección o la contraseña no es correcta")
    sign_in
    get "/api/visits/#{office.uuid}"
    expect(answer[:title]).to eq("No existe esa visita.")
    send_json(:put, "/api/me", { language: "xx" })
    expect(answer[:title]).to eq("language debe ser uno de: en, es.")
  end
end
