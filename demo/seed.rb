# frozen_string_literal: true

require_relative "truth"
require_relative "walk"

module Munimen
  module Demo
    # The demo firm: invented people, places, makers and numbers; two years of visits made by the physics,
    # always up to today. The same seed gives the same data on the same day.
    class Seed
      PASSWORD = "copper-kettle-demo"
      PEOPLE = [["owner@tallowreed.example", "Orla Tallow", "owner"], ["plumber@tallowreed.example", "Sam Reed", "plumber"],
                ["office@tallowreed.example", "Bea Lindqvist-Moor", "office"], ["inspector@tallowreed.example", "Ivo Castellane", "inspector"]].freeze
      FIRM = { name: "Tallow & Reed Plumbing", address: "14 Cooper's Lane, Harrowmere", phone: "555-0142" }.freeze

      GAS = { kind: "gas_storage", hood: "open", ignition: "pilot_thermocouple", working_pressure: "150", relief_set_pressure: "150", relief_rating: "105000", regulator: "yes",
              backflow: "no", vessel: "external", vessel_volume: "2", anode: "separate", pan: "no" }.freeze
      ELECTRIC = { kind: "electric_storage", element_upper: "4500", element_lower: "4500", element_voltage: "240", working_pressure: "150", relief_set_pressure: "150",
                   relief_rating: "25000", regulator: "yes", backflow: "no", vessel: "external", vessel_volume: "2", anode: "separate", pan: "yes" }.freeze

      # customer, phone, address, access; heaters: label, installation, truth now, findings
      CUSTOMERS = [
        ["Wren Abernathy-Cole", "555-0117", "3 Saltmarsh Row, Harrowmere", "Key with the neighbor at no. 5.", [
          ["Basement", GAS.merge(maker: "Korvane", model: "KG-50", serial: "KV50-20417", capacity: "50", input: "40000", location: "basement", discharge_ends: "floor",
                                 manufactured: "2019-03", installed: "2019-06", relief_history: "exercised_yearly", set_point: "120"), { static: 62, charge: 44, tap: 119 }, {}]
        ]],
        ["Dario Quillfeather", "555-0164", "28 Lantern Hill, Harrowmere", nil, [
          ["Garage", GAS.merge(maker: "Bellisk", model: "Hearth 40", serial: "BH-77120", capacity: "40", input: "36000", location: "garage", vessel: "none", backflow: "no", regulator: "no",
                               discharge_ends: "outdoors", manufactured: "2017-09", installed: "2018-01", set_point: "125").except(:vessel_volume), { static: 71, charge: 0, tap: 126 }, { trim_rings: :rippled }],
          ["Guest house closet", ELECTRIC.merge(maker: "Odrun", model: "E30", serial: "OD-30-5518", capacity: "30", element_upper: "3800", element_lower: "3800", location: "closet",
                                                discharge_ends: "pan", manufactured: "2021-02", installed: "2021-05", set_point: "120"), { static: 71, charge: 70, tap: 119 }, {}]
        ]],
        ["Harrowmere Rowing Club", "555-0120", "Boathouse, 1 Ferry Steps", "Ring the bell twice; caretaker in the loft.", [
          ["Changing rooms", GAS.merge(maker: "Korvane", model: "KG-75", serial: "KV75-00932", capacity: "75", input: "75100", location: "utility_room", ignition: "pilot_thermopile",
                                       vessel_volume: "4.5", discharge_ends: "receptor", manufactured: "2020-10", installed: "2021-01", relief_history: "exercised_yearly", set_point: "130"),
           { static: 58, charge: 57, tap: 131 }, {}]
        ]],
        ["Noor & Pim Vandersloot", "555-0188", "9 Quarry Bend, Low Harrow", nil, [
          ["Utility room", ELECTRIC.merge(maker: "Odrun", model: "E50", serial: "OD-50-1187", capacity: "50", location: "utility_room", discharge_ends: "pan", mixing_valve: "yes",
                                          manufactured: "2022-06", installed: "2022-08", relief_history: "exercised_yearly", set_point: "140"), { static: 66, charge: 39, tap: 122 }, {}]
        ]],
        ["Tobias Emberly", "555-0133", "41 Mill Race, Low Harrow", "Dog in the yard.", [
          ["Cellar", GAS.merge(maker: "Bellisk", model: "Hearth 50", serial: "BH-50144", capacity: "50", input: "38000", location: "basement", regulator: "no", backflow: "no", vessel: "none", discharge_ends: "floor", manufactured: "2014-04", installed: "2014-07", set_point: "125").except(:vessel_volume),
           { static: 74, charge: 0, tap: 127, relief: :seized }, { discharge_thread: :threaded, service_tag: :none }]
        ]],
        ["Lark Street Bakery", "555-0109", "77 Lark Street, Harrowmere", "Not between 4 and 9 in the morning.", [
          ["Back kitchen", ELECTRIC.merge(maker: "Odrun", model: "E80", serial: "OD-80-2203", capacity: "80", element_upper: "5500", element_lower: "5500", vessel_volume: "4.5",
                                          location: "utility_room", discharge_ends: "floor", recirculation: "yes", manufactured: "2018-11", installed: "2019-02", set_point: "140"),
           { static: 84, charge: 80, tap: 138, street: 110 }, {}],
          ["Flat above", ELECTRIC.merge(maker: "Korvane", model: "KE-40", serial: "KE40-7781", capacity: "40", location: "closet", discharge_ends: "pan", manufactured: "2020-01",
                                        installed: "2020-03", set_point: "120"), { static: 60, charge: 58, tap: 120, relief: :drips }, { insulation: :bare }]
        ]]
      ].freeze

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
        @heaters = CUSTOMERS.flat_map { |customer| customer(*customer) }
        past
        today
        File.write(File.join(@config.folder, "demo-accounts.json"),
                   JSON.generate(PEOPLE.map { |email, _, role| { email:, password: PASSWORD, role: } }))
      end

      def uuid = @random.bytes(16).unpack1("H*").then { |h| [h[0, 8], h[8, 4], "4#{h[13, 3]}", "8#{h[17, 3]}", h[20, 12]].join("-") }
      def person(role) = @records.people.all.find { |row| row[:role] == role }

      def people
        PEOPLE.each { |email, name, role| @records.people.create(email:, name:, role:, password: PASSWORD) }
        @plumber = person("plumber")
        @desk = Desk::Context.new(@records, person: person("owner"), clock: -> { @now - (800 * 86_400) })
      end

      def customer(name, phone, address, access, heaters)
        id = uuid
        site = uuid
        Desk::AddCustomer.new(@desk).call(id:, name:, phone:)
        Desk::AddSite.new(@desk).call(id: site, customer_id: id, address:, access:)
        heaters.map do |label, installation, truth, findings|
          heater = uuid
          Desk::KeepHeater.new(@desk).add(id: heater, site_id: site, label:, installation:)
          { id: heater, truth:, findings:, label: }
        end
      end

      # One visit two years ago and one last year for each; the vessel loses charge, the valve ages.
      def past
        @heaters.each_with_index do |heater, index|
          truth = heater[:truth]
          truth = truth.merge(relief: :good)
          first = 730 - (index * 6)
          second = 352 - (index * 6)
          walk(heater, days: first, truth: truth.merge(charge: truth[:static] - 20, static: truth[:static] - 3))
          walk(heater, days: first - 8, truth: truth.merge(charge: truth[:static] - 3, static: truth[:static] - 3), jobs: [:charge_recheck]) if truth[:charge].positive?
          walk(heater, days: second, truth: truth.merge(charge: truth[:static] - 9, static: truth[:static] - 1))
          walk(heater, days: second - 7, truth: truth.merge(charge: truth[:static] - 1, static: truth[:static] - 1), jobs: [:charge_recheck]) if truth[:charge].positive?
        end
        water_company_fits_a_check
        walk(@heaters[4], days: 9, truth: @heaters[4][:truth])
        walk(@heaters[5], days: 2, truth: @heaters[5][:truth], refused: "Wants a second opinion first")
      end

      # Since the last visit the meter has a check valve: the garage heater's system has become closed.
      def water_company_fits_a_check
        row = @records.heaters.find(@heaters[1][:id])
        Desk::KeepHeater.new(@desk).change(row[:id], label: row[:label], installation: JSON.parse(row[:installation]).merge("backflow" => "yes"))
      end

      def walk(heater, days:, truth:, refused: nil, **more)
        at = Time.utc(@now.year, @now.month, @now.day, 9 + @random.rand(0..5), @random.rand(0..59)) - (days * 86_400)
        Walk.new(@records, person: @plumber, at:, truth: Truth.new(**truth), random: @random, findings: heater[:findings], refused:)
            .call(heater[:id], **more)
      end

      # Today: one visit half done, two booked.
      def today
        half = Walk.new(@records, person: @plumber, at: @now - 1500, truth: Truth.new(**@heaters[0][:truth]), random: @random)
        half.call(@heaters[0][:id], limit: 8, sign: false)
        [[1, 2], [3, 4], [6, 6]].each do |index, hours|
          Desk::StartVisit.new(@desk).book(id: uuid, heater_id: @heaters[index][:id], jobs: [:annual_safety], account_id: @plumber[:id],
                                           planned_for: (@now + (hours * 3600)).strftime("%Y-%m-%dT%H:00:00.000Z"))
        end
      end
    end
  end
end
