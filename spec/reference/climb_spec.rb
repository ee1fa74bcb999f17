# frozen_string_literal: true

# The climb of a heating tank, told apart on the simulated heater: sixty systems with a sound, a
# flat and no vessel, tanks of 30 to 80 gal, whose pipes give up to a fifth more or less and whose
# burners a tenth than is presumed, read each half minute as a gauge shows it (to 1 psi).
RSpec.describe Munimen::Physics::Climb do
  gives = [0.8, 0.9, 1.1, 1.2].freeze
  powers = [0.9, 1.0, 1.1].freeze

  # Readings of a rig that heats from luke-warm, [[s, Pa]], each half minute.
  define_method(:climbs) do |installation, faults, minutes:, seed:|
    rig = Munimen::Rig.new(installation, faults:, seed:, start: 308.15)
    # the house gives more or less than is presumed
    rig.water.compliance *= gives[seed % 4]
    rig.run(1)
    rig.running = 1e-4 # what stands in it is let go first
    rig.run(4)
    rig.running = 0.0
    psi = 6894.757
    read = [[0.0, (rig.pressure / psi).round * psi]]
    begun = rig.time
    start = rig.tank.top
    (minutes * 2).times do
      rig.run(30)
      read << [rig.time - begun, (rig.pressure / psi).round * psi]
    end
    [read, start, rig]
  end

  define_method(:told) do |heater, faults, minutes, seed|
    read, start, rig = climbs(heater, faults, minutes:, seed:)
    vessel = Munimen::Physics::Vessel.new(volume: heater.vessel_volume.si, charge: rig.water.static)
    described_class.new(
      volume: heater.capacity.si, power: heater.input.si * 0.8 * powers[seed % 3], cold: start,
      readings: read,
      hot: heater.usual_set_point.si, relief: heater.relief_pressure.si, vessel:
    )
  end

  it "says which of three vessels it is, in minutes, and how large it is" do
    cases = [30, 40, 50, 66, 80].product([1, 2, 3, 4]).flat_map do |gallons, seed|
      tank = heater(:gas_storage, capacity: "#{gallons} gal", input: "40000 Btu/h",
                                  vessel_volume: gallons > 50 ? "4.5 gal" : "2 gal")
      { recorded: {}, flat: { vessel_flat: 1.0 }, none: { membrane_failed: 1.0 } }
        .map { |name, faults| [tank, name, faults, seed] }
    end
    told = cases.map do |tank, name, faults, seed|
      minutes = (2..12).find { |n| told(tank, faults, n, seed).enough? }
      seen = minutes && told(tank, faults, minutes, seed)
      size = told(tank, faults, 15, seed).volume_seen / tank.vessel_volume.si
      [name, seen&.follows, minutes, size]
    end
    right = told.count { |name, follows,| follows == name }
    sound = told.select { |name,| name == :recorded }
    near = sound.count { |*, share| share && (share - 1).abs <= 0.15 }
    puts "climb: #{right} of #{told.size} right, after " \
         "#{told.filter_map { |one| one[2] }.sort[told.size / 2]} min in the middle; after 15 " \
         "min the volume of #{near} of #{sound.size} within 15 %"
    expect(right).to be >= told.size * 0.95
    expect(near).to be >= sound.size * 0.8
  end

  # 50 gal, 40 000 Btu/h, without a vessel: 10–15 psi a minute (common practice).
  it "says no vessel of a climb that is usual without one, and when the relief would open" do
    samples = [[0, 60], [60, 72], [120, 85], [180, 98]].map { |t, value| { t:, value: } }
    result = calc(:climb, volume: "50 gal", power: "40000 Btu/h", cold: "95", hot: "120",
                          readings: samples, vessel_volume: "2 gal", charge: "60")
    expect(result[:words]).to match(/no vessel/)
    expect(result[:vessel_seen].in("gal")).to be < 0.4
    expect(result[:time_to_relief].in("min")).to be_between(6, 9)
    given = { volume: "50 gal", power: "40000 Btu/h", cold: "95", hot: "120" }
    slow = [[0, 60], [120, 61], [300, 62]].map { |t, value| { t:, value: } }
    expect(calc(:climb, **given, readings: slow)[:words]).to match(/none of these/)
    soon = [[0, 60], [1, 60], [2, 60]].map { |t, value| { t:, value: } }
    expect(calc(:climb, **given, readings: soon)[:words]).to match(/read on/)
    late = [[30, 60], [60, 72], [120, 85]].map { |t, value| { t:, value: } }
    expect { calc(:climb, **given, readings: late) }.to raise_error(Munimen::Error, /begin when/)
  end
end
