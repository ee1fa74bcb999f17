# frozen_string_literal: true

require "tempfile"
require_relative "customers"
require_relative "logged"
require_relative "truth"
require_relative "walk"
require_relative "week"

module Munimen
  module Demo
    # The demo firm: invented people, places, makers and numbers; two years of visits made by the
    # physics, always up to today. The same seed gives the same data on the same day.
    class Seed
      PASSWORD = "copper-kettle-demo"
      PEOPLE = [
        ["owner@tallowreed.example", "Orla Tallow", "owner"],
        ["plumber@tallowreed.example", "Sam Reed", "plumber"],
        ["office@tallowreed.example", "Bea Lindqvist-Moor", "office"],
        ["inspector@tallowreed.example", "Ivo Castellane", "inspector"],
        ["mina@tallowreed.example", "Mina Osei", "plumber"]
      ].freeze
      # Trade, number, and in how many days it ends.
      QUALIFIED = {
        "plumber@tallowreed.example" => [["unvented", "U-4471", 400], ["gas", "G-2093", 200]],
        "owner@tallowreed.example" => [["unvented", "U-1120", 90], ["electrical", "E-77", 700]],
        "mina@tallowreed.example" => [["unvented", "U-6038", -40]]
      }.freeze
      # What somebody rang for whose visit is today, by the place among the heaters.
      RANG = { 1 => { complaint: "runs_out", complaint_words: "cold after one shower" } }.freeze
      # Simulated ones, served beside the demo (cli/demo.rb).
      INSTRUMENT_PORT = 4020
      INSTRUMENTS =
        [
          ["gauge-3", "Gauge 3", "pressure", "pressure_gauge", "house", "2026-03-12"],
          ["tire-1", "Tire gauge 1", "pressure", "tire_gauge", "air_valve", "2025-09-02"],
          ["manometer-2", "Manometer 2", "gas_pressure", "manometer", "inlet", "2026-06-30"],
          ["thermo-5", "Thermometer 5", "temperature", "thermometer", "tap", "2026-02-20"],
          [
            "meter-4",
            "Millivolt meter 4",
            "generator_voltage",
            "millivolt_meter",
            "tip",
            "2026-05-08"
          ]
        ].map do |id, title, reads, device, point, calibrated|
          {
            id:,
            title:,
            reads:,
            host: "127.0.0.1",
            port: INSTRUMENT_PORT,
            device:,
            point:,
            calibrated:
          }
        end
          .freeze
      RATES = { currency: "USD", per_hour: 9_500, call_out: 4_500, tax: "8.25", step: 15 }.freeze
      FIRM = {
        name: "Tallow & Reed Plumbing",
        address: "14 Cooper's Lane, Harrowmere",
        phone: "555-0142",
        lat: 45.0,
        lng: -70.0
      }.freeze

      def self.call(config, **options) = new(config, **options).call

      def initialize(config, now: Time.now.utc, seed: 20_261)
        @records = config.records
        @config = config
        @now = now
        @random = Random.new(seed)
      end

      # All in one write: a demo is there whole or not at all.
      def call = @records.write { fill }

      private

      def fill
        people
        @records.settings[:firm] = FIRM
        @records.settings[:first_steps] = %w[logo day rules backup mail]
        @records.settings[:instruments] = INSTRUMENTS
        @records.settings[:parts] = File.read(File.join(__dir__, "parts.csv"))
        @records.settings[:rates] = RATES
        @heaters = Customers::ALL.flat_map { |one| customer(**one) }
        past
        today
        logged
        week
        File.write(
          File.join(@config.folder, "demo-accounts.json"),
          JSON.generate(PEOPLE.map { |email, _, role| { email:, password: PASSWORD, role: } })
        )
      end

      def uuid
        @random
          .bytes(16)
          .unpack1("H*")
          .then { |h| [h[0, 8], h[8, 4], "4#{h[13, 3]}", "8#{h[17, 3]}", h[20, 12]].join("-") }
      end

      def person(role) = @records.people.all.find { |row| row[:role] == role }

      def people
        PEOPLE.each do |email, name, role|
          @records.people.create(email:, name:, role:, password: PASSWORD)
        end
        QUALIFIED.each { |email, held| qualify(@records.people.by_email(email), held) }
        @plumber = @records.people.by_email("plumber@tallowreed.example")
        @desk =
          Desk::Context.new(@records, person: person("owner"), clock: -> { @now - (1200 * 86_400) })
      end

      def qualify(person, held)
        @records.people.qualify(
          person[:id],
          held.map do |trade, number, days|
            { trade:, number:, expires: (@now.to_date + days).iso8601 }
          end
        )
      end

      def customer(name:, phone:, address:, access:, heaters:, code_profile: "us_irc")
        id = uuid
        site = uuid
        Desk::AddCustomer.new(@desk).call(
          id:,
          name:,
          phone:,
          email: "#{name.downcase.scan(/[a-z]+/).first(2).join(".")}@mail.example"
        )
        Desk::AddSite.new(@desk).call(id: site, customer_id: id, address:, access:, code_profile:)
        heaters.map do |heater|
          heater_id = uuid
          Desk::KeepHeater.new(@desk).add(
            id: heater_id,
            site_id: site,
            label: heater[:label],
            installation: heater[:installation]
          )
          heater.merge(id: heater_id)
        end
      end

      # One visit two years ago and one last year for each, three years ago for some; the vessel
      # loses charge, the valve ages.
      def past
        @heaters.each_with_index do |heater, index|
          year(heater, 1095 - (index * 6), lost: 14, lower: 2) if index < 4
          year(heater, 730 - (index * 6), lost: 20, lower: 3)
          year(heater, 352 - (index * 6), lost: 9, lower: 1)
        end
        water_company_fits_a_check
        walk(@heaters[4], days: 9, truth: @heaters[4][:truth])
        walk(
          @heaters[5],
          days: 2,
          truth: @heaters[5][:truth],
          refused: "Wants a second opinion first"
        )
      end

      # An annual visit and, where there is a vessel, its re-check a week later. The vessel has
      # lost `lost` psi, and the street stood `lower` psi under today's.
      def year(heater, days, lost:, lower:)
        scale = heater[:truth][:static] < 12 ? 0.07 : 1 # bar, or psi
        truth = heater[:truth].merge(
          relief: :good,
          static: (heater[:truth][:static] - (lower * scale)).round(1)
        )
        walk(
          heater,
          days:,
          truth: truth.merge(charge: (heater[:truth][:static] - (lost * scale)).round(1))
        )
        return unless heater[:truth][:charge].positive?

        walk(
          heater,
          days: days - 7,
          truth: truth.merge(charge: truth[:static]),
          jobs: [:charge_recheck]
        )
      end

      # Since the last visit the meter has a check valve: the garage heater's system has become
      # closed.
      def water_company_fits_a_check
        row = @records.heaters.find(@heaters[1][:id])
        Desk::KeepHeater.new(@desk).change(
          row[:id],
          label: row[:label],
          installation: row[:installation].merge(backflow: "yes")
        )
      end

      def walk(heater, days:, truth:, refused: nil, **more)
        at =
          Time.utc(@now.year, @now.month, @now.day, 9 + @random.rand(0..5), @random.rand(0..59)) -
          (days * 86_400)
        Walk.new(
          @records,
          person: @plumber,
          at:,
          truth: Truth.new(**truth),
          random: @random,
          findings: heater[:findings],
          refused:
        ).call(heater[:id], **more)
      end

      # Places, some more customers, and the week that was booked, a visit an hour of the diary.
      def week
        Week::MORE.each do |name, address, _, kind|
          customer(
            name:,
            phone: "555-01#{@random.rand(10..99)}",
            address:,
            access: nil,
            heaters: [{ label: "Water heater", truth: {}, installation: plain(kind) }]
          )
        end
        Week::PLACES
          .merge(Week::MORE.to_h { |name, _, place| [name, place] })
          .each { |name, place| place(name, *Week.degrees(place)) }
        monday = Week.monday(@now.to_date)
        Week::BOOKED.each_with_index do |(name, jobs, window), index|
          book(name, jobs, window, monday, index)
        end
      end

      def plain(kind)
        more = {
          capacity: "50",
          location: "basement",
          discharge_ends: "floor",
          manufactured: "2020-05",
          installed: "2020-08",
          set_point: "120"
        }
        serial = @random.rand(10_000..99_999)
        if kind == :gas
          Customers.gas("Korvane", "KG-50", "KV50-#{serial}", input: "40000", **more)
        else
          Customers.electric("Odrun", "E50", "OD-50-#{serial}", **more)
        end
      end

      def place(name, lat, lng)
        sites_of(name).each do |site|
          @records.customers.update_site(
            site[:id],
            lat:,
            lng:,
            household: Week::AT_RISK.include?(name) ? "at_risk" : "usual"
          )
        end
      end

      def sites_of(name)
        @records.customers.sites_of(@records.customers.list(search: name).first[:id])
      end

      def book(name, jobs, window, monday, index)
        heater = @records.heaters.at_site(sites_of(name).first[:id]).first[:id]
        day = monday + (window ? window[0] : index % 5)
        from, to = (window ? window.drop(1) : [8 + (index / 5 * 2)]).map do |hour|
          Time.utc(day.year, day.month, day.day, hour).iso8601(3)
        end
        booker = Desk::Context.new(
          @records,
          person: person("office"),
          clock: -> { @now - ((40 - index) * 3600) }
        )
        who = [@plumber, @records.people.by_email("mina@tallowreed.example"), person("owner")][
          index % 3
        ]
        Desk::StartVisit.new(booker).book(
          id: uuid,
          heater_id: heater,
          jobs:,
          account_id: who[:id],
          planned_for: from,
          window_from: (from if to),
          window_to: to
        )
      end

      # A logger hung in the garage for two days.
      def logged
        rows = Logged.new(
          Heater::Installation.from(@heaters[1][:installation].merge(backflow: "yes")),
          days: 2,
          faults: {
            no_expansion_control: 1
          },
          seed: 4
        ).rows(20)
        start = Time.utc(@now.year, @now.month, @now.day) - (4 * 86_400)
        Tempfile.create("log") do |file|
          file.puts(
            "Date,Time,Pressure (psi)",
            rows.map do |time, pressure|
              "#{(start + time).strftime("%m/%d/%Y,%H:%M:%S")},#{(pressure / Logged::PSI).round(1)}"
            end
          )
          file.flush
          Desk::PressureLogs
            .new(Desk::Context.new(@records, person: @plumber, clock: -> { @now }))
            .take_in(@heaters[1][:id], id: uuid, name: "garage-logger.csv", file: file.path) { nil }
        end
      end

      # Today: one visit half done, four booked.
      def today
        half = Walk.new(
          @records,
          person: @plumber,
          at: @now - 1500,
          truth: Truth.new(**@heaters[0][:truth]),
          random: @random
        )
        half.call(@heaters[0][:id], limit: 8, sign: false)
        [[1, 2], [3, 4], [9, 5], [6, 6]].each do |index, hours|
          Desk::StartVisit.new(@desk).book(
            id: uuid,
            heater_id: @heaters[index][:id],
            jobs: [:annual_safety],
            account_id: @plumber[:id],
            planned_for: (@now + (hours * 3600)).strftime("%Y-%m-%dT%H:00:00.000Z"),
            **RANG.fetch(index, {})
          )
        end
      end
    end
  end
end
