# frozen_string_literal: true

require "office_helper"

# Seeded requests and files of every wrong kind (480 here, tens of thousands by `bin/bench many` and
# `bin/bench fuzz`): no 500, no trace shown, none that hangs, memory bounded.
RSpec.describe Munimen::Web do
  include Rack::Test::Methods
  include Routes

  define_method(:app) { @app ||= described_class::Stack.build(office.config) }

  words = [
    nil,
    true,
    -1,
    0,
    1e308,
    10**30,
    "",
    " ",
    "x" * 5000,
    "\u0000",
    "‮🙂",
    "../../etc/passwd",
    "' OR 1=1 --",
    "<script>alert(1)</script>",
    "=cmd|' /C calc'!A0",
    "%00",
    "{{7*7}}",
    [],
    {},
    [[]],
    { "a" => { "b" => [] } },
    "2026-13-45",
    "9999-99-99T99:99:99Z",
    "NaN",
    "1e999",
    "00000000-0000-4000-8000-000000000000",
    "\xFF\xFE"
  ]

  # A good value with something wrong put in at one place.
  def spoilt(value, random, words)
    case value
    when Hash
      return value.merge(words.sample(random:).to_s => 1) if value.empty? || random.rand < 0.1
      return value.except(value.keys.sample(random:)) if random.rand < 0.1

      key = value.keys.sample(random:)
      value.merge(
        key => random.rand < 0.6 ? words.sample(random:) : spoilt(value[key], random, words)
      )
    when Array
      value.empty? ? words.sample(2, random:) : [spoilt(value.first, random, words), *value.drop(1)]
    when String
      if random.rand < 0.5
        words.sample(random:)
      else
        value
          .chars
          .tap { |chars| chars[random.rand(chars.size + 1)] = words.sample(random:).to_s[0, 3] }
          .join
      end
    else
      words.sample(random:)
    end
  end

  def encoded(value)
    JSON.generate(value)
  rescue JSON::GeneratorError, Encoding::UndefinedConversionError
    value.inspect
  end

  def memory = File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024

  # An error of the server, or an answer that shows its inside.
  def harmed?(answer)
    (answer.status >= 500 && answer.status != 503) ||
      (
        answer.status >= 400 &&
          answer.body.match?(%r{\.rb:\d+|/vendor/|Sequel::|SQLite3::|backtrace})
      )
  end

  (3 * TRIES).times do |seed|
    it "answers spoilt requests of every route, path and query with a clear refusal, " \
       "seed #{seed}" do
      random = Random.new(20_261_124 + seed)
      Munimen::Web::Limits.set_up(logins: 100_000, requests: 1_000_000)
      token = -> { JSON.parse(get("/api/session").body)["csrf"] }
      header "X-CSRF-Token", token.call
      header "Content-Type", "application/json"
      post "/auth/login", JSON.generate(login: "owner@example.test", password: Office::PASSWORD)
      header "X-CSRF-Token", token.call
      routes = examples.except(:events, :trace, :restore, :backup, :bundle).to_a
      before = memory
      slowest = 0
      wrong = []
      100.times do |number|
        operation, (verb, path, body) = routes.sample(random:)
        if random.rand < 0.25
          path = path.sub(%r{[^/?=]+\z}) { Rack::Utils.escape(words.sample(random:).to_s.scrub) }
        end
        text =
          body.is_a?(Hash) ? encoded(spoilt(body, random, words)) : spoilt(body, random, words).to_s
        text = text.b[0, random.rand(text.bytesize + 1)] if random.rand < 0.1
        header "Content-Type", body.is_a?(String) ? "text/csv" : "application/json"
        start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        answer = body ? public_send(verb, path, text) : get(path)
        slowest = [slowest, Process.clock_gettime(Process::CLOCK_MONOTONIC) - start].max
        if harmed?(answer)
          wrong << "#{number} #{operation} #{path[0, 120]} #{text.to_s.b[0, 200].inspect}"
        end
      end
      expect(wrong).to eq([])
      expect(slowest).to be < 15
      expect(memory - before).to be < 400
    ensure
      Munimen::Web::Limits.set_up
    end
  end

  (2 * TRIES).times do |seed|
    it "reads spoilt CSVs, logs, pictures and zips without harm, seed #{seed}" do
      random = Random.new(7 + seed)
      backup =
        Munimen::Desk::Backup.new(office.records, office.config.folder).write(
          File.join(office.config.folder, "b.zip")
        )[
          :path
        ]
      minutes = Array.new(40) { |i| "2026-11-20 10:#{format("%02d", i)}:00,#{60 + i}" }
      good = {
        csv: "id,name,phone\n,Ada,555\n,\"Bo, x\",1\n",
        log: ["Time,psi", *minutes].join("\n"),
        jpeg: Photographs.jpeg,
        png: Photographs.png,
        zip: File.binread(backup)[0, 4000]
      }
      read = {
        csv: lambda do |text|
          Munimen::Desk::Tables.new(office.context("owner")).preview("customers", text)
        end,
        log: ->(text) { Munimen::Formats::PressureLogCsv.new(StringIO.new(text)).read },
        jpeg: ->(text) { Munimen::Formats::Photograph.read(text) },
        png: ->(text) { Munimen::Formats::Photograph.read(text) },
        zip:
          lambda do |text|
            File.binwrite(path = File.join(office.config.folder, "x.zip"), text)
            Munimen::Desk::Backup.new(office.records, office.config.folder).restore(path)
          end
      }
      before = memory
      counts = Hash.new(0)
      150.times do
        kind = good.keys.sample(random:)
        bytes = good[kind].b
        (1 + random.rand(6)).times do
          bytes[random.rand(bytes.bytesize)] = [random.rand(256)].pack("C")
        end
        bytes = bytes[0, random.rand(bytes.bytesize)] if random.rand < 0.2
        bytes = bytes.force_encoding(Encoding::UTF_8) if %i[csv log].include?(kind)
        read[kind].call(bytes)
        counts[:read] += 1
      rescue Munimen::Error
        counts[:refused] += 1
      end
      expect(counts.values.sum).to eq(150)
      expect(counts[:refused]).to be > 25
      expect(memory - before).to be < 300
      expect(office.records.customers.list.map { |one| one[:name] }).to eq(["Ada Brook"])
    end
  end

  # A script in a name comes back as text: the answer is JSON with nosniff, the policy allows no
  # inline script, and PDF and mail carry it as words.
  it "keeps a stored script a text everywhere, and takes no picture larger than its bounds" do
    script = "<script>alert(1)</script>"
    Munimen::Desk::AddCustomer.new(office.context).call(id: customer = office.uuid, name: script)
    header "Content-Type", "application/json"
    header "X-CSRF-Token", JSON.parse(get("/api/session").body)["csrf"]
    post "/auth/login", JSON.generate(login: "owner@example.test", password: Office::PASSWORD)
    answer = get("/api/customers/#{customer}")
    expect(answer.headers).to include(
      "content-type" => "application/json",
      "x-content-type-options" => "nosniff"
    )
    expect(answer.headers["content-security-policy"]).to include("script-src 'self'").and include(
      "object-src 'none'"
    )
    expect(JSON.parse(answer.body)["name"]).to eq(script)
    expect do
      Munimen::Formats::Photograph.read(Photographs.png(wide: 60_000, high: 60_000))
    end.to raise_error(Munimen::Error)
    expect do
      Munimen::Desk::AddPhoto.new(office.context).call(
        office.start,
        id: office.uuid,
        subject: "../../x",
        data: [Photographs.jpeg].pack("m0")
      )
    end.not_to raise_error
    expect(Dir[File.join(office.config.folder, "**/*")].grep(/\.\./)).to be_empty
  end
end
