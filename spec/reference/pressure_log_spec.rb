# frozen_string_literal: true

require_relative "../../demo/logged"

# Logs of the simulated heater, whose events are known to the second, told from rows as a logger
# writes them.
RSpec.describe Munimen::PressureLog do
  psi = 6894.757293168361
  least = { heating: 3, creep: 3, dip: 8, hammer: 8 }
  none = { vessel: "none", vessel_volume: nil, backflow: "yes" }
  systems = {
    "no vessel" => [:gas_storage, :us, none, {}],
    "vessel as set" => [:electric_storage, :us, { backflow: "yes" }, {}],
    "flat vessel" => [:gas_storage, :us, { backflow: "yes" }, { faults: { vessel_flat: 1 } }],
    "regulator that passes" => [
      :gas_storage,
      :us,
      { backflow: "yes" },
      { faults: { regulator_creep: 0.3 } }
    ],
    "main that falls" => [:gas_storage, :us, { regulator: "no" }, { dips: 3 }],
    "lost bubble" => [:unvented_direct, :england, {}, { faults: { bubble_lost: 1 } }]
  }

  # What rows so far apart can show of the truth; a hair inside its bounds either way does not
  # count.
  resolvable = lambda do |(kind, from, to, height), log|
    shortest = [
      log.interval * described_class::RESOLVES,
      kind == :creep ? described_class::Rises::CREEPS : 0
    ].max * 1.1
    next described_class::Hammer.shows?(log.interval) if kind == :hammer

    to - from >= shortest && height >= least[kind] * 1.2 * psi &&
      (kind != :dip || height > log.static * 0.13)
  end
  meets = lambda do |event, (kind, from, to)|
    event.kind == kind && [event.to, to].min - [event.from, from].max > -1.5
  end

  define_method(:logged) do |name, interval, days|
    kind, units, plate, more = systems.fetch(name)
    made = (@made ||= {})[[name, days]] ||= Munimen::Demo::Logged.new(
      heater(kind, units:, **plate),
      days:,
      seed: 7,
      bangs: 0.6,
      **more
    )
    [
      made,
      described_class.new(*made.rows(interval).transpose, heater: heater(kind, units:, **plate))
    ]
  end

  it "finds at least 95 % of what happened, and at least 95 % of what it finds happened, from 10 " \
     "s to 15 min", :long do
    counts = Hash.new { |all, kind| all[kind] = { hit: 0, missed: [], real: 0, made_up: [] } }
    systems
      .keys
      .product([10, 60, 300, 900])
      .each do |name, interval|
        made, log = logged(name, interval, 2)
        made
          .truth
          .select { |one| resolvable[one, log] }
          .each do |one|
            if log.events.any? { |event| meets[event, one] }
              counts[one[0]][:hit] += 1
            else
              counts[one[0]][:missed] << [name, interval, one]
            end
          end
        log.events.each do |event|
          if made.truth.any? { |one| meets[event, one] }
            counts[event.kind][:real] += 1
          else
            counts[event.kind][:made_up] << [name, interval, event]
          end
        end
        if interval <= 300
          expect(log.static).to be_within(3 * psi).of(made.static), "#{name} at #{interval} s"
        end
      end
    expect(counts.keys).to contain_exactly(:heating, :creep, :dip)
    counts.each do |kind, count|
      expect(count[:hit]).to be >= 10, kind.to_s
      expect(count[:missed].size).to be <= (0.05 * (count[:hit] + count[:missed].size)),
      "#{kind} missed #{count[:missed]}"
      expect(count[:made_up].size).to be <= (0.05 * (count[:real] + count[:made_up].size)),
      "#{kind} made up #{count[:made_up]}"
    end
  end

  it "finds each bang from rows of 0.1 s, says that slower rows cannot show them, and makes none " \
     "up", :long do
    made, log = logged("no vessel", 0.1, 1)
    bangs = made.truth.select { |kind,| kind == :hammer }
    found = log.events.select { |event| event.kind == :hammer }
    expect(bangs.size).to be >= 5
    expect(found.size).to eq(bangs.size)
    expect(found.map(&:from)).to match(bangs.map { |_, at| be_within(0.3).of(at) })
    _, slow = logged("no vessel", 1, 1)
    expect(slow.events.map(&:kind)).not_to include(:hammer)
    told = described_class::Interpretation.new(
      slow,
      Munimen::Rules::EffectiveRules.new(:us_irc)
    ).findings
    expect(told.last).to have_attributes(grade: :not_tested, text: include("water hammer"))
  end

  it "adds up the hours above a limit, knows a lifted relief valve, and grades by the rule in " \
     "force" do
    made, log = logged("no vessel", 10, 1)
    expect(log.seconds_above(80 * psi)).to be_within(300).of(made.seconds_above(80 * psi))
    expect(made.spilt).to be > 0.5
    expect(log.events.count { |event| event.lifted == :yes }).to be >= 5
    told = described_class::Interpretation.new(log, Munimen::Rules::EffectiveRules.new(:us_irc))
    expect(told.findings.to_h { |one| [one.kind, one.grade] }).to include(
      heating: :danger,
      above: :defect,
      static: :sound
    )
    expect(told.findings.find { |one| one.kind == :above }.source).to include("P2903.3.1")
    lifting, others = log.events.select { |event| event.kind == :heating }.partition(&:lifted)
    expect(lifting.map { |event| told.verdict(event) }).to all(be(:danger))
    expect(
      others.map { |event| [event.extreme > 80 * psi, told.verdict(event)] } -
        [[true, :defect], [true, :danger], [false, :sound]]
    ).to be_empty
  end

  # Curves by formula, with their cause known: three days, noise of 0.15 psi, rows of 10 s to 5 min.
  day = 86_400
  curves = {
    # Handbook §19: a level is what the system stands at; a dip of eight minutes a day is none.
    "a dip of the supply each day" => [60, { dip: 3 }, lambda { |t|
      (t % day).between?(30_000, 30_480) ? 40 : 60
    }],
    # What passes a seat goes towards the main's pressure by the difference that is left.
    "a seat that passes at night" => [60, { creep: 2 }, lambda do |t|
      since = (t - 82_800) % day
      since < 7 * 3600 ? 60 + (35 * (1 - Math.exp(-since / 1800.0))) : 60
    end],
    "a main that swings, with draws" => [nil, {}, lambda do |t|
      60 + (10 * Math.sin(2 * Math::PI * t / day)) - (t % 3600 < 120 ? 6 : 0)
    end],
    "a heating that a draw parts" => [60, { heating: 6 }, lambda do |t|
      since = (t % (day / 2)) - 3600.0
      next 60 if since.negative? || since > 7200
      next 60 + (since / 50) if since < 900
      next 55 if since < 960

      60 + (([since, 2400].min - 960) / 50)
    end]
  }
  curves.each do |name, (level, events, curve)|
    it "tells #{name}" do
      noise = Random.new(3)
      [10, 60, 300].each do |step|
        times = (0...(3 * day)).step(step).to_a
        log = described_class.new(
          times.map(&:to_f), times.map { |t| (curve[t] + noise.rand(-0.15..0.15)) * psi }
        )
        expect(log.static / psi).to be_within(1).of(level) if level
        next if step == 300 && events.key?(:dip) # slower rows do not show it

        expect(log.events.map(&:kind).tally).to eq(events), "every #{step} s"
      end
    end
  end
end
