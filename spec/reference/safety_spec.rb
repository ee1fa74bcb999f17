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

  # Works through a visit to its end; trouble: nil, or a danger that is seen after so many steps.
  def work(visit, shadow, trouble)
    plan = []
    150.times do |count|
      seen_now = trouble && count == trouble[:at]
      visit = meet(visit, shadow, trouble) if seen_now
      plan = planned(visit) if seen_now || plan.empty? || visit.state[:left] == :evacuated
      return visit if plan.empty? && (trouble.nil? || count >= trouble[:at])

      step = plan.shift or next
      visit = carry_out(visit, step, shadow)
      learn(shadow, trouble, step.operation.id) if trouble
      plan = [] if step.operation.id == :make_safe # what is spared for it is over
    end
    raise "no end: #{visit.jobs} #{trouble} #{visit.steps.last(9).map(&:operation)}"
  end

  def planned(visit) = Munimen::Planning::Planner.new(visit).plan(visit.jobs).steps.dup

  def meet(visit, shadow, trouble)
    shadow.danger(trouble[:name], sources: Shadow::ALL, **trouble.slice(*%i[sources out
                                                                            firing]))
    also = trouble[:mends] ? mending(trouble) : {}
    visit.with(
      observations: [seen(visit, trouble)],
      decisions: visit.decisions.to_h.merge(also)
    )
  end

  def mending(danger)
    back = danger[:out] ? %i[return_when_cleared] : []
    (back + [danger[:mend], danger[:prove]]).to_h { |id| ["also.#{id}", "yes"] }
  end

  def learn(shadow, trouble, id)
    danger = shadow.dangers[trouble[:name]] or return
    shadow.cleared(trouble[:name]) if id == trouble[:prove] && danger[:mended]
    shadow.mended(trouble[:name]) if id == trouble[:mend]
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
      at = random.rand(0..25)
      mends = random.rand < 0.5
      visit = work(visit, shadow, name && { name:, at:, mends:, **dangers[name] })
      ways[shadow.left] += 1
      shadow.breaches.each { |rule, count| breaches[rule] += count }
      told += shadow.told.map { |one| "#{number} #{visit.jobs}: #{one}" }
    end
    puts "#{plans} plans carried out: left #{ways}; breaches by rule: #{breaches}"
    expect(breaches).to eq({}), told.first(6).join("\n")
    expect(ways.keys - %i[in_service made_safe evacuated]).to eq([])
  end
end
