# frozen_string_literal: true

# The fault finder against the simulated heater: every cause that can be simulated is put on it,
# and the finder drives tests through the instruments until it stops.
RSpec.describe Munimen::Faults::Finder do
  # [[kind, symptom, cause, tests taken, causes left], …]
  def cases
    Build::KINDS.flat_map do |kind, given|
      units = kind.start_with?("unvented") ? :england : :us
      heater = Munimen::Heater::Installation.from(
        units == :us ? given.merge(regulator: "yes") : given,
        units:
      )
      Munimen::Faults::Symptom
        .all
        .select { |symptom| symptom.of?(heater) }
        .flat_map do |symptom|
          symptom.causes(heater).filter_map { |cause| drive(heater, symptom.id, cause) }
        end
    end
  end

  # nil where the cause cannot be simulated.
  def drive(heater, symptom, cause)
    return unless Munimen::Rig::Fault.names.include?(cause.id)

    taken = []
    bench = Munimen::Rig::Probe::Bench.new(heater, { cause.id => 1.0 })
    finder = follow(heater, symptom, bench) { |test| taken << test }
    [heater.kind, symptom, cause.id, taken.size, finder.left.map { |one| one.cause.id }]
  end

  # Takes the tests that the finder proposes until it proposes none: the finder. Yields each test
  # that had an outcome.
  def follow(heater, symptom, bench)
    evidence = {}
    skip = []
    60.times do
      finder = described_class.new(heater, symptom, evidence, skip:)
      test = finder.next_tests.first&.test or return finder
      outcome = shown(test.id, bench)
      outcome ? (evidence[test.id] = outcome) && (yield test if block_given?) : skip << test.id
    end
    raise "#{symptom}: the finder does not stop"
  end

  # What a test shows on a bench; the same heater with the same faults shows the same.
  shown = {}
  define_method(:shown) do |test, bench|
    shown.fetch([bench.heater.to_h, bench.faults, test]) do |key|
      shown[key] = Munimen::Rig::Probe.take(test, bench)
    end
  end

  # The confusion table, a line for each heater and complaint: cases, named alone, tests in the
  # middle and at most, and what was taken for what.
  def table(runs)
    lines = runs.group_by { |run| run.first(2) }.map do |(kind, symptom), same|
      tests = same.map { |run| run[3] }.sort
      mixed = same.reject { |run| run[4] == [run[2]] }
      mixed = mixed.map { |run| "#{run[2]} → #{run[4].join(" or ")}" }
      format(
        "%-18<kind>s %-20<symptom>s %3<cases>d cases %3<alone>d alone %3<middle>d tests, at most " \
        "%2<most>d  %<mixed>s",
        kind:,
        symptom:,
        cases: same.size,
        alone: same.size - mixed.size,
        middle: tests[tests.size / 2],
        most: tests.last,
        mixed: mixed.join("; ")
      )
    end
    ["", *lines].join("\n")
  end

  it "names the true cause in every case, alone in 85 %, in a median of at most 5 tests", :long do
    runs = cases
    lost = runs.reject { |run| run[4].include?(run[2]) }
    expect(lost).to be_empty
    alone = runs.count { |run| run[4].size == 1 }
    tests = runs.map { |run| run[3] }.sort
    causes = runs.map { |run| run[2] }.uniq.size
    RSpec.configuration.reporter.message(
      "on the rig: #{runs.size} cases of #{causes} causes, #{alone} alone, " \
      "#{tests[tests.size / 2]} tests in the middle, #{tests.last} at most"
    )
    RSpec.configuration.reporter.message(table(runs))
    expect(alone).to be >= runs.size * 0.85
    expect(tests[tests.size / 2]).to be <= 5
    expect(causes).to be >= 35
  end

  # Two faults at once: the finder is followed to what it settles on, or to its likeliest, that is
  # repaired, and the heater tested anew; three rounds. [named, the first to be condemned]
  def repaired(heater, symptom, causes)
    present = causes.to_h { |cause| [cause.id, 1.0] }
    condemned = []
    3.times do
      break if present.empty?

      named = condemn(heater, symptom, present) or break
      condemned << named
      present = present.except(named)
    end
    [causes.map(&:id) - present.keys, condemned.first]
  end

  def condemn(heater, symptom, faults)
    finder = follow(heater, symptom, Munimen::Rig::Probe::Bench.new(heater, faults))
    (finder.settled || finder.left.first&.cause)&.id
  end

  def twos(random)
    Build::KINDS.flat_map do |kind, given|
      units = kind.start_with?("unvented") ? :england : :us
      heater = Munimen::Heater::Installation.from(
        units == :us ? given.merge(regulator: "yes") : given,
        units:
      )
      Munimen::Faults::Symptom.all.select { |one| one.of?(heater) }.flat_map do |symptom|
        can = symptom.causes(heater).select { |one| Munimen::Rig::Fault.names.include?(one.id) }
        Munimen::Faults::Hypothesis.pairs(can).map { |pair| [heater, symptom.id, pair.causes] }
      end
    end.sample(20 * TRIES, random:)
  end

  # Handbook §24: two things are often wrong at once. 20 pairs here, 200 by `bin/bench many 10`.
  it "names both of seeded pairs within three repairs, and condemns what is sound first in " \
     "few of them", :long do
    runs = twos(Random.new(24)).map do |heater, symptom, causes|
      named, first = repaired(heater, symptom, causes)
      [heater.kind, symptom, causes.map(&:id), named, first]
    end
    missed = runs.reject { |run| run[2].size == run[3].size }
    wrong = runs.reject { |run| run[2].include?(run[4]) }
    RSpec.configuration.reporter.message(
      "#{runs.size} pairs: both named in #{runs.size - missed.size}, sound condemned first in " \
      "#{wrong.size}"
    )
    tell = ->(list) { list.map { |run| run.join(" ") }.join("\n") }
    expect(missed.size).to be <= runs.size * 0.05, tell[missed]
    expect(wrong.size).to be <= runs.size * 0.05, tell[wrong]
  end

  # As follow, but one answer that was only looked at is wrong, until it is asked once more because
  # the conclusion hangs on it, or does not go with the others. [settled cause or nil, whether told]
  def misled(heater, symptom, bench, random)
    evidence = {}
    skip = []
    wrong = nil
    60.times do
      finder = described_class.new(heater, symptom, evidence, skip:)
      test = finder.next_tests.first&.test
      unless test
        again = (finder.hangs_on + finder.contradiction).map { |one, _| one.id }
        return [finder.settled, wrong] unless again.include?(wrong)

        evidence[wrong] = shown(wrong, bench)
        return [described_class.new(heater, symptom, evidence, skip:).settled, wrong]
      end
      outcome = shown(test.id, bench)
      next skip << test.id unless outcome

      told = wrong.nil? && random.rand < 0.5 ? untrue(test, outcome, random) : outcome
      wrong = test.id unless told == outcome
      evidence[test.id] = told
    end
  end

  # Another answer to what is only looked at.
  def untrue(test, outcome, random)
    return outcome unless test.depth == :look

    (test.outcomes.keys - [outcome]).sample(random:) || outcome
  end

  # 100 cases here, 400 by `TRIES=4`.
  it "settles on a sound part in at most 5 % of cases with one wrong answer", :long do
    random = Random.new(26)
    all = Build::KINDS.flat_map do |kind, given|
      units = kind.start_with?("unvented") ? :england : :us
      heater = Munimen::Heater::Installation.from(
        units == :us ? given.merge(regulator: "yes") : given, units:
      )
      Munimen::Faults::Symptom.all.select { |one| one.of?(heater) }.flat_map do |symptom|
        can = symptom.causes(heater).select { |one| Munimen::Rig::Fault.names.include?(one.id) }
        can.map { |cause| [heater, symptom.id, cause] }
      end
    end
    runs = all.sample(100 * TRIES, random:).filter_map do |heater, symptom, cause|
      bench = Munimen::Rig::Probe::Bench.new(heater, { cause.id => 1.0 })
      settled, wrong = misled(heater, symptom, bench, random)
      [heater.kind, symptom, cause.id, wrong, settled&.id] if wrong
    end
    sound = runs.reject { |run| run[4].nil? || run[4] == run[2] }
    RSpec.configuration.reporter.message(
      "#{runs.size} cases with one wrong answer: #{sound.size} settle on what is sound"
    )
    expect(runs.size).to be > 50
    expect(sound.size).to be <= runs.size * 0.05, sound.map { |run| run.join(" ") }.join("\n")
  end

  it "can take every test that such a drive needs, with an outcome that the test knows" do
    Munimen::Rig::Probe.names.each { |name| expect(Munimen::Faults::Test[name].id).to eq(name) }
    bench = Munimen::Rig::Probe::Bench.new(heater(:electric_storage), {})
    %i[
      static_pressure
      upper_ohms
      lower_earth
      supply
      high_limit
      tap_temperature
      night_creep
      charge
    ].each do |name|
      test = Munimen::Faults::Test[name]
      # a sound heater is sound in every test
      expect(Munimen::Rig::Probe.take(name, bench)).to eq(test.normal), name.to_s
    end
  end
end
