# frozen_string_literal: true

require_relative "../support/judged"
require "office_helper"
require "open3"
require "tmpdir"
require_relative "../support/demo_folder"

# The Ruby that runs in the browser, run here in Node: the same letters as from the server's, for
# the visits of the invented firm, for calculators, and for a visit that is done in it.
RSpec.describe Munimen::Pocket::Office do
  now = "2026-11-27T09:30:00.000Z"

  # Answers of this Ruby to calls: [verb, path, query, body, now, answer].
  def answered(office, calls, now)
    calls.map do |verb, path, query = {}, body = nil|
      texts = [verb, path, JSON.generate(query), body ? JSON.generate(body) : "", now]
      [*texts, office.text(*texts.first(4), now:)]
    end
  end

  judged = File.join(__dir__, "../support/judged.rb")
  stories = Dir[File.join(__dir__, "../reference/{stories,visits}/*.json")].map do |file|
    JSON.parse(File.read(file)).except("story", "expected")
  end

  # The same visit gone another way: other numbers, other findings, steps left out.
  otherwise = lambda do |story, random|
    other = JSON.parse(JSON.generate(story))
    other["readings"]&.each do |one|
      number = one["value"].to_s
      next unless number.match?(/\A\d/)

      one["value"] = number.sub(/[\d.]+/) do |text|
        (text.to_f * random.rand(0.3..2.2)).round(2).to_s
      end
    end
    other["observations"]&.each do |one|
      item = Munimen::Inspection::InspectionItem[one["item"].to_sym]
      one["finding"] = ["sound", *item.findings.keys.map(&:to_s)].sample(random:)
    end
    other["steps"]&.reject! { random.rand < 0.2 }
    other
  end

  define_method(:in_the_browser) do |pack, calls, texts|
    Dir.mktmpdir do |folder|
      path = File.join(folder, "cases.json")
      File.write(path, JSON.generate({ pack:, calls:, judge: File.read(judged), texts: }))
      out, status = Open3.capture2(
        "node", "offline/same.mjs", "../tmp/offline", path, chdir: File.join(Munimen::ROOT, "ui")
      )
      expect(status).to be_success
      JSON.parse(out)
    end
  end

  def looks(records)
    visits = records.database[:visits].select_order_map(:id).each_slice(2).map(&:first)
    heaters = records.database[:heaters].select_order_map(:id)
    visits.flat_map { |id| ["", "/report"].map { |what| ["GET", "/api/visits/#{id}#{what}"] } } +
      heaters.flat_map do |id|
        ["", "/trends", "/what-if"].map { |what| ["GET", "/api/heaters/#{id}#{what}"] }
      end
  end

  typed = { pressure: "60 psi", volume: "50 gal", temperature: "120 F", power: "4500 W",
            length: "12 ft", flow: "5 gpm", voltage: "240 V", resistance: "12.8 ohm",
            time: "20 min", mass: "40 lb", current: "18.75 A" }.freeze

  # Every calculator, in one system of units after the other (in both by `bin/bench many`); where
  # what is typed is wrong, the error.
  define_method(:sums) do
    Munimen::Calculations::Calculation.all.each_with_index.flat_map do |one, index|
      %i[us england].rotate(index).first(TRIES > 1 ? 2 : 1).map do |units|
        inputs = one.inputs.to_h do |input|
          usual = input.default.is_a?(Hash) ? input.default[units] : input.default
          [input.name, usual || typed[input.kind] || input.choices&.first || "2"]
        end
        ["POST", "/api/calculations/#{one.id}", {}, { inputs:, units: }]
      end
    end
  end

  # A visit that is booked without a signal.
  def booked(records)
    heater = records.database[:heaters].get(:id)
    [["POST", "/api/heaters/#{heater}/visits", {},
      { id: SecureRandom.uuid, jobs: ["annual_safety"], planned_for: "2026-12-05T09:00:00Z" }]]
  end

  others = [
    ["GET", "/api/today"], ["GET", "/api/me"], ["GET", "/api/customers", { search: "a" }],
    ["GET", "/api/calculations"], ["GET", "/api/jobs"], ["GET", "/api/heater-form"],
    ["GET", "/api/symptoms", { kind: "gas_storage" }],
    ["GET", "/api/catalogue", { search: "pan" }]
  ]

  define_method(:same_as_the_server) do |&asked|
    DemoFolder.open do |config|
      records = config.records
      person = records.people.by_email("plumber@tallowreed.example")
      heaters = records.database[:heaters].select_map(:id)
      tables = Munimen::Store::Pack.new(records).rows(heaters, own: person[:id])
      pack = JSON.generate({ person: person[:id], tables: })
      calls = answered(described_class.new(pack), asked.call(records), now)
      expect(calls.size).to be > 40
      expect(in_the_browser(pack, calls, [])).to eq({ "same" => calls.size, "different" => [] })
    end
  end

  it "says the same of every visit and page of the invented firm" do
    same_as_the_server { |records| looks(records).reject { |_, path| path.include?("/heaters/") } }
  end

  # Every third heater here, all of them by `bin/bench many`.
  it "says the same of its heaters and lists, and in every sum" do
    same_as_the_server do |records|
      heaters = looks(records).select { |_, path| path.include?("/heaters/") }
      heaters.each_slice(3).flat_map { |three| three.first(TRIES) } + others + sums +
        booked(records)
    end
  end

  # Every third one, and 8 by chance, here; all of them, and 80 by chance, by `bin/bench many 20`.
  told = stories.each_slice(3).flat_map { |three| three.first(TRIES) }
  told.each_slice((told.size / 2) + 1).with_index do |some, part|
    it "says the same of stories, and of visits that went otherwise, part #{part}" do
      random = Random.new(20 + part)
      visits = some + Array.new(4 * TRIES) { otherwise.call(stories.sample(random:), random) }
      texts = visits.map { |one| JSON.generate(one) }.map { |text| [text, Judged.call(text)] }
      expect(texts.count { |_, said| said.start_with?("refused") }).to be < texts.size / 5
      person = office.person[:id]
      tables = Munimen::Store::Pack.new(office.records).rows([], own: person)
      pack = JSON.generate({ person:, tables: })
      expect(in_the_browser(pack, [], texts)).to eq({ "same" => texts.size, "different" => [] })
    end
  end
end
