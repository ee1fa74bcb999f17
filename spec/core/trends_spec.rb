# frozen_string_literal: true

# What readings say over the years.
RSpec.describe Munimen::Trends::Trend do
  today = Date.new(2026, 11, 23)

  def past(on, readings, *done)
    steps = done.map do |id|
      Munimen::Visit::Step.new(
        id: id.to_s,
        operation: id,
        outcome: :done,
        at: Time.utc(2026, 1, 1)
      )
    end
    taken = readings.map do |name, (value, state)|
      Munimen::Visit::ReadingInput.read(
        name,
        value,
        units: :us,
        id: name.to_s,
        state: state || {}
      )
    end
    Munimen::Visit.new(heater: gas, rules:, date: on, readings: taken, steps:)
  end

  define_method(:trend) { |line, visits| described_class.new(Munimen::Trends::Line[line], visits) }

  # Theil 1950 and Sen 1968, from memory: the median of the pairs' slopes; up to 29 % of the
  # points may be anything.
  it "is turned by no single wrong reading, and says which stands apart" do
    found = Munimen::Physics::RobustLine.of(
      [(0..6).map { |x| [x.to_f, x == 3 ? 500.0 : 10 - (2.0 * x)] }],
      error: 0.1
    )
    expect(found.slope).to be_within(0.01).of(-2)
    expect(found.apart).to eq([[3.0, 500.0]])
    visits = (0..5).map do |n|
      past(today - (365 * (5 - n)), { static_pressure: n == 2 ? "20" : (60 + (3 * n)).to_s })
    end
    line = trend(:static_pressure, visits)
    expect(line.text(:us)).to match(/\AGains 3\.\d psi a year/).and include(
      "20 psi on #{(today - (365 * 3)).iso8601} stands apart"
    )
    expect(line.forecast.bound.format(:us)).to eq("80 psi")
    # 75 psi now, 3 a year, to 80
    expect(line.forecast.likely).to be_between(today + 365, today + (3 * 365))
    expect(line.text(:us, today: today + (4 * 365))).to include(
      "Will have come to 80 psi"
    ).and include("look again now")
    expect(line.forecast.earliest).to be < line.forecast.likely
  end

  # The interval is meant to hold in about two thirds of cases: counted on made lines with known
  # noise.
  it "states an uncertainty that holds about as often as it should" do
    random = Random.new(20_26)
    noise = -> { Array.new(12) { random.rand }.sum - 6 } # normal, by the central limit
    held = Array.new(400) do
      found =
        Munimen::Physics::RobustLine.of([(0..7).map { |x| [x.to_f, 50 - (1.5 * x) + noise.call] }])
      (found.slope + 1.5).abs <= found.within
    end
    expect(held.count(true) / 400.0).to be_between(0.55, 0.85)
  end

  it "begins a new line after a top-up: what was set counts as its start, and the loss is that " \
     "between them" do
    visits = (0..3).map do |n|
      past(
        today - (365 * (3 - n)),
        { vessel_charge: [n.zero? ? "60" : "56", zero], charge_set: "60" },
        :set_vessel_charge
      )
    end
    line = trend(:charge, visits)
    expect(line.points.map(&:piece)).to eq([0, 1, 1, 2, 2, 3, 3, 4])
    expect(line.text(:us)).to match(/\ALoses 4\.0 psi a year/)
    expect(
      trend(:charge, [past(today, { vessel_charge: ["12", { heater_pressure: :live }] })])
    ).to be_empty
  end

  it "agrees with `anode_life` on when an anode is due, and begins anew with a new one" do
    visits = [[1.0, 1095], [0.8, 730], [0.61, 365], [0.4, 0]].map do |left, days|
      past(today - days, { anode_remaining: left.to_s })
    end
    line = trend(:anode, visits)
    list = visits.map do |visit|
      { date: visit.date.iso8601, remaining: visit.quantity(:anode_remaining).si }
    end
    likely = calc(:anode_life, inspections: list).outputs[:replace_by][:likely]
    expect((line.forecast.likely - Date.iso8601(likely.to_s)).abs).to be < 60
    renewed = trend(:anode, visits + [past(today + 1, {}, :replace_anode)])
    expect(renewed.forecast&.likely).to be > line.forecast.likely
  end

  # Band by IEC 60335-1 10.1 (−5/+11 %, from memory): 4 500 W at 240 V is 12.8 Ω, sound to 14.2.
  it "says of an element by how much it has risen, and when it leaves its band" do
    visits = (0..3).map do |n|
      reading = Munimen::Visit::ReadingInput.read(
        "element_resistance",
        format("%.2f", 12.8 + (0.26 * n)),
        units: :us,
        id: n.to_s
      )
      Munimen::Visit.new(
        heater: heater(:electric_storage, element_upper: "4500 W", element_voltage: "240 V"),
        rules:,
        date: today - (365 * (3 - n)),
        readings: [reading]
      )
    end
    line = trend(:element_resistance, visits)
    expect(line.text(:us)).to include("6 % up since 2023.")
    expect(line.points.last.limit.to_text(:us)).to eq("12.2–14.2 ohm")
    expect(line.forecast.likely.year).to be_between(2028, 2029) # 0.64 Ω more at 0.26 a year
    few = [past(today - 365, { generator_open: "26 mV" }), past(today, { generator_open: "24 mV" })]
    expect(trend(:generator, few).points.map { |point| point.limit.at_least.format(:us) }).to all(
      eq("20 mV")
    )
  end

  it "tells nothing that the readings could not show" do
    visits =
      (0..3).map { |n| past(today - (365 * (3 - n)), { tap_temperature: %w[120 121 120 121][n] }) }
    line = trend(:tap_temperature, visits)
    expect([line.text(:us), line.forecast]).to eq(["No change that the readings could show.", nil])
    expect(trend(:tap_temperature, visits.first(1)).text(:us)).to eq("One reading so far.")
  end
end
