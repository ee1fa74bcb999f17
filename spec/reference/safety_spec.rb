# frozen_string_literal: true

# Plans carried out step by step, dangers and all, watched by a bystander who knows the handbook
# (spec/support/shadow.rb) and nothing of how plans are made. Handbook §22 and §24.
RSpec.describe Shadow, :long do
  plans = Integer(ENV.fetch("SAFETY_PLANS", "3000"))
  # What is seen or read in the middle: evidence, what must be off, which work mends, which proves.
  dangers = {
    relief_valve: {
      seen: %i[relief_present plugged],
      mend: :replace_relief_valve,
      prove: :exercise_new_relief_valve
    },
    flue: {
      seen: %i[flue disconnected],
      sources: %i[burner],
      mend: :mend_flue,
      prove: :test_draught,
      firing: true,
      gas: true
    },
    gas_control: {
      seen: %i[never_relight flood],
      sources: %i[burner],
      mend: :replace_gas_control,
      prove: :prove_gas_joints,
      gas: true
    },
    gas_smell: {
      seen: %i[gas_smell_seen smell],
      out: true,
      mend: :mend_gas_escape,
      prove: :prove_gas_joints,
      gas: true
    },
    discharge: {
      seen: %i[discharge_open capped],
      mend: :mend_discharge,
      prove: :see_discharge_run
    }
  }
  books = Hash.new(:us_irc).merge(unvented_indirect: :england_g3, unvented_direct: :england_g3)
  house = %i[drain_air drain_at_pilot relief_when charge_method relief_exercise].to_h do |id|
    [id, Munimen::Rules::Question[id].options.keys]
  end

  def start = Time.utc(2026, 11, 23, 9)

  # A visit of a random kind, with up to five jobs and random house rules.
  define_method(:chance) do |random|
    kind = Build::KINDS.keys.sample(random:)
    heater = heater(kind, units: books[kind] == :england_g3 ? :england : :us)
    jobs = Munimen::Work::Job.fitting(heater).map(&:id).sample(random.rand(1..5), random:)
    rules = house.to_h { |id, schools| [id, schools.sample(random:).to_s] }
    Munimen::Visit.new(
      heater:,
      rules: Munimen::Rules::EffectiveRules.new(books[kind], firm: rules),
      jobs:,
      date: start.to_date,
      now: start,
      decisions: { "consent" => "given" }
    )
  end

  def done(visit, id, now)
    Munimen::Visit::Step.new(
      id: "s#{visit.steps.size}",
      operation: id,
      outcome: :done,
      at: now,
      made: {},
      seq: visit.steps.size * 2
    )
  end

  def seen(visit, danger)
    item, finding = danger[:seen]
    Munimen::Visit::Observation.new(
      id: "o",
      item:,
      finding:,
      at: visit.now.iso8601,
      seq: (visit.steps.size * 2) - 1
    )
  end

  # Works through a visit; after `at` steps a danger is seen, and mended where `mends`.
  def work(visit, shadow, name: nil, danger: nil, at: 0, mends: false)
    count = 0
    steps = []
    loop do
      if danger && count == at
        shadow.danger(name, sources: danger[:sources] || Shadow::ALL, out: danger[:out] || false,
                            firing: danger[:firing] || false)
        also = mends ? mending(danger) : {}
        visit = visit.with(
          observations: [seen(visit, danger)],
          decisions: visit.decisions.to_h.merge(also)
        )
        steps = nil
      end
      if steps.nil? || steps.empty? || visit.state[:left] == :evacuated
        steps = Munimen::Planning::Planner.new(visit).plan(visit.jobs).steps.dup
        return visit if steps.empty? && (danger.nil? || count >= at)
      end
      step = steps.shift
      visit = carry_out(visit, step, shadow) if step
      learn(shadow, name, danger, step) if step && danger && count >= at
      count += 1
      raise "no end: #{visit.jobs} #{name} #{visit.steps.last(9).map(&:operation)}" if count > 150
    end
  end

  def mending(danger)
    back = danger[:out] ? %i[return_when_cleared] : []
    (back + [danger[:mend], danger[:prove]]).to_h { |id| ["also.#{id}", "yes"] }
  end

  def learn(shadow, name, danger, step)
    shadow.mended(name) if step.operation.id == danger[:mend]
    shadow.cleared(name) if step.operation.id == danger[:prove] &&
                            shadow.dangers[name]&.fetch(:mended)
  end

  # Waits until it can be done, and does it; raises where it never can.
  def carry_out(visit, step, shadow)
    operation = step.operation
    10.times do
      break if ready?(visit, operation)

      wait = visit.running_waits.map(&:seconds_left).min or
        raise "cannot be carried out: #{operation.id} of #{visit.jobs}: " \
              "#{visit.terms.unmet(operation, visit.state)}"
      visit = visit.with(now: visit.now + wait)
    end
    now = visit.now + operation.hands_on
    now += step.wait.seconds if step.wait&.manner == :attended
    shadow.act(operation.id)
    visit.with(now:, steps: visit.steps + [done(visit, operation.id, now)])
  end

  def ready?(visit, operation)
    visit.terms.unmet(operation, visit.state).empty? &&
      visit.history.disturbed_by(operation).empty?
  end

  it "finds no unsafe state in #{plans} plans, and none that cannot be carried out" do
    random = Random.new(20_261_126)
    breaches = Hash.new(0)
    ways = Hash.new(0)
    told = []
    plans.times do |number|
      visit = chance(random)
      shadow = described_class.new(visit.heater)
      name = (dangers.keys + ([nil] * 3)).sample(random:)
      name = nil if name && dangers[name][:gas] && !visit.heater.gas?
      visit = work(visit, shadow, name:, danger: name && dangers[name], at: random.rand(0..25),
                                  mends: random.rand < 0.5)
      ways[shadow.left] += 1
      shadow.breaches.each { |rule, count| breaches[rule] += count }
      told += shadow.told.map { |one| "#{number} #{visit.jobs}: #{one}" }
    end
    puts "#{plans} plans carried out: left #{ways}; breaches by rule: #{breaches}"
    expect(breaches).to eq({}), told.first(6).join("\n")
    expect(ways.keys - %i[in_service made_safe evacuated]).to eq([])
  end
end
