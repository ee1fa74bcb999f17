# frozen_string_literal: true

require "tmpdir"
require "fileutils"
require "rack/test"

# A data folder with one account of each role, a customer, a site, a heater, and a clock.
class Office
  PASSWORD = "a long enough password"
  attr_reader :config, :customer, :site, :heater
  attr_accessor :now

  # A folder with the accounts only, made once: Argon2 takes its time on purpose.
  def self.template
    @template ||= Dir.mktmpdir("munimen-template").tap do |folder|
      at_exit { FileUtils.rm_rf(folder) }
      config = Munimen::Web::Config.new(folder)
      Munimen::Store::People::ROLES.each do |role|
        config.records.people.create(
          email: "#{role}@example.test",
          name: role.capitalize,
          role:,
          password: PASSWORD
        )
      end
      config.secret
      config.records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
      config.records.database.disconnect
    end
  end

  def initialize(installation: Build::GAS)
    @folder = Dir.mktmpdir("munimen")
    FileUtils.cp(Dir[File.join(self.class.template, "{munimen.sqlite3,session.secret}")], @folder)
    @config = Munimen::Web::Config.new(@folder)
    @now = Time.utc(2026, 11, 23, 9)
    furnish(installation)
  end

  def records = @config.records
  def person(role = "plumber") = records.people.by_email("#{role}@example.test")

  def context(role = "plumber")
    Munimen::Desk::Context.new(records, person: person(role), clock: -> { @now })
  end

  def pass(seconds) = @now += seconds
  def uuid = SecureRandom.uuid

  def start(jobs: ["annual_safety"])
    desk = Munimen::Desk::StartVisit.new(context)
    visit = desk.book(id: uuid, heater_id: heater, jobs:, planned_for: now.iso8601)[:id]
    desk.start(visit)
    visit
  end

  def read(visit, name, value, **more)
    Munimen::Desk::TakeReading.new(context).call(
      visit,
      id: uuid,
      name: name.to_s,
      value: value.to_s,
      **more
    )
  end

  def step(visit, operation, outcome = "done", **more)
    Munimen::Desk::DoStep.new(context).call(
      visit,
      id: uuid,
      operation: operation.to_s,
      outcome:,
      **more
    )
  end

  # Answers every line of a group: sound, but for what is said to be wrong.
  def look(visit, group, **wrong)
    items = Munimen::Inspection::InspectionItem.for(records.visits.load(visit, now:), group)
    Munimen::Desk::RecordObservations.new(context).call(
      visit,
      items:
        items.map do |item|
          { id: uuid, item: item.id.to_s, finding: (wrong[item.id] || :sound).to_s }
        end
    )
  end

  # Identified and looked over, all sound.
  def looked_over(visit)
    { plate: :identify, visible: :look_over }.each do |group, operation|
      look(visit, group)
      step(visit, operation)
    end
  end

  def view(visit) = Munimen::Desk::ViewVisit.new(context).call(visit)

  # Does the whole visit with the demo's own walker, and signs it; returns its id.
  def walk(findings: {}, sign: true, **truth)
    require_relative "../../demo/walk"
    require_relative "../../demo/truth"
    facts = Munimen::Demo::Truth.new(static: 62, charge: 44, tap: 119, **truth)
    walker = Munimen::Demo::Walk.new(
      records,
      person: person,
      at: now,
      truth: facts,
      random: Random.new(@walks = @walks.to_i + 1),
      findings:
    )
    walker.call(heater, sign:).tap { @now = walker.context.now }
  end

  # Signed by both, as it stands.
  def signed(visit)
    desk = Munimen::Desk::Sign.new(context)
    desk.call(visit, id: uuid, signer: "customer", name: "Ada Brook", typed: true)
    desk.call(visit, id: uuid, signer: "plumber", strokes: [])
  end

  def close
    records.database.disconnect
    FileUtils.rm_rf(@folder)
  end

  private

  def furnish(installation)
    @customer, @site, @heater = Array.new(3) { uuid }
    Munimen::Desk::AddCustomer.new(context).call(id: customer, name: "Ada Brook")
    Munimen::Desk::AddSite.new(context).call(
      id: site,
      customer_id: customer,
      address: "1 Weir Lane"
    )
    Munimen::Desk::KeepHeater.new(context).add(
      id: heater,
      site_id: site,
      label: "Basement",
      installation:
    )
  end
end

RSpec.configure do |config|
  config.include(Module.new do
    def office = @office ||= Office.new
  end)
  # After every other hook: a browser has left by then.
  config.append_after { @office&.close }
end
