# frozen_string_literal: true

require_relative "../support/shadow"

# Plans carried out step by step, dangers and all, watched by a bystander who knows the handbook
# (spec/support/shadow.rb) and nothing of how plans are made. Handbook §22 and §24.
RSpec.describe Shadow, :long do
  plans = 20 # of each seed; bin/bench safety 3000 goes through as many seeds as that takes
  electric = %i[element upper_element lower_element immersion]
  # What is seen or read in the middle: evidence, what must be off, which works mend and which one
  # proves, what the proof reads where it was read; firing: heat may be tried once it is mended.
  dangers = {
    relief_valve: { seen: %i[relief_present plugged], mend: %i[replace_relief_valve],
                    prove: %i[exercise_new_relief_valve] },
    relief_runs_on: { read: [:relief_closes, "runs_on"], mend: %i[replace_relief_valve],
                      prove: %i[exercise_new_relief_valve] },
    flue: { seen: %i[flue disconnected], sources: %i[burner], mend: %i[mend_flue],
            prove: %i[test_draught], firing: true },
    carbon_monoxide: { read: [:room_co, "35 ppm"], out: true, mend: %i[mend_flue],
                       prove: %i[test_draught], then: "2 ppm", firing: true },
    gas_control: { seen: %i[never_relight flood], sources: %i[burner],
                   mend: %i[replace_gas_control], prove: %i[prove_gas_joints] },
    gas_smell: { seen: %i[gas_smell_seen smell], out: true, mend: %i[mend_gas_escape],
                 prove: %i[prove_gas_joints] },
    gas_joint: { as: :gas_tightness, read: [:gas_joint_test, "bubbles"], sources: %i[burner],
                 mend: %i[mend_gas_escape], prove: %i[prove_gas_joints], then: "no_bubbles" },
    gas_pressure: { read: [:gas_line, "15 inH2O"], sources: %i[burner],
                    mend: %i[mend_gas_supply], prove: %i[read_line_pressure], then: "7 inH2O" },
    discharge: { seen: %i[discharge_open capped], mend: %i[mend_discharge],
                 prove: %i[see_discharge_run] },
    inlet_group: { seen: %i[expansion_relief_seen plugged], mend: %i[replace_inlet_group],
                   or_by: :replace_expansion_relief, prove: %i[exercise_expansion_relief] },
    cut_out: { seen: %i[cut_out_seen bridged], mend: %i[fit_cut_out], prove: %i[test_cut_out],
               firing: true },
    two_port: { seen: %i[two_port_seen missing], mend: %i[mend_controls],
                prove: %i[test_controls], firing: true },
    hot_drip: { read: [:relief_drip_hot, "hot"], as: :over_temperature, mend: %i[mend_controls],
                prove: %i[test_controls prove_thermostat], firing: true, hot: true },
    covers: { seen: %i[covers scorched], as: :wiring, sources: electric, mend: %i[mend_wiring],
              prove: %i[prove_earth] },
    element_to_earth: { read: [:element_earth, "0.01 Mohm"], as: :wiring, sources: electric,
                        mend: %i[replace_elements], prove: %i[measure_elements], then: "OL" },
    pressure: { read: [:static_pressure, "14 bar"], mend: %i[lower_supply],
                prove: %i[read_static_pressure], then: "3 bar" },
    tank_leak: { seen: %i[leak running], mend: [], prove: [] }
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

  def done(visit, id, now, outcome = :done)
    Munimen::Visit::Step.new(
      id: "s#{visit.steps.size}",
      operation: id,
      outcome:,
      reason: ("It was in the way" unless outcome == :done),
      at: now,
      made: {},
      seq: visit.steps.size * 2
    )
  end

  # What shows the danger, in a visit that has come so far.
  def showing(visit, trouble)
    seq = (visit.steps.size * 2) - 1
    return read(visit, *trouble[:read]) if trouble[:read]

    item, finding = trouble[:seen]
    seen = Munimen::Visit::Observation.new(id: "o", item:, finding:, at: visit.now, seq:)
    visit.with(observations: [seen])
  end

  def read(visit, name, value)
    seq = (visit.steps.size * 2) - 1
    visit.with_reading(
      Munimen::Visit::ReadingInput.read(
        name, value, units: :us, id: "r#{visit.readings.size}", at: visit.now, seq:,
        state: visit.state
      )
    )
  end

  # Works through a visit to its end; trouble: a danger that is seen after so many steps, if any.
  def work(visit, shadow, trouble, random, gives_up)
    plan = []
    150.times do |count|
      seen_now = count == trouble[:at]
      visit = meet(visit, shadow, trouble) if seen_now
      plan = planned(visit) if seen_now || plan.empty? || visit.state[:left] == :evacuated
      return visit if plan.empty? && count >= trouble[:at]

      step = plan.shift or next
      if gives_up && random.rand < 0.05 && may_be_given_up?(step.operation)
        # what hung on it is planned otherwise
        visit = give_up(visit, step).tap { plan = [] }
      else
        visit = carry_out(visit, step, shadow, trouble)
        learn(shadow, trouble, step.operation.id)
        # what is spared for it is over
        plan = [] if %i[make_safe confirm_mended].include?(step.operation.id)
      end
    end
    raise "no end: #{visit.jobs} #{trouble} #{visit.steps.last(9).map(&:operation)}"
  end

  def planned(visit) = Munimen::Planning::Planner.new(visit).plan(visit.jobs).steps.dup

  # Ways to leave, and what makes safe, are never given up (handbook §24).
  def may_be_given_up?(operation) = operation.way_to_leave.nil? && operation.id != :make_safe

  def give_up(visit, step)
    visit.with(
      steps: visit.steps + [done(visit, step.operation.id, visit.now, :not_tested)]
    )
  end

  def meet(visit, shadow, trouble)
    shadow.danger(
      trouble[:name],
      sources: Shadow::ALL,
      **trouble.slice(*%i[sources out firing hot])
    )
    showing(visit, trouble).with(decisions: visit.decisions.to_h.merge(mending(visit, trouble)))
  end

  # Asked for besides the jobs, where somebody mends it in this visit.
  def mending(visit, danger)
    return {} unless danger[:mends]

    back = danger[:out] ? %i[return_when_cleared] : []
    asked = (danger[:mend] + danger[:prove]).select do |id|
      Munimen::Work::Operation[id].applies?(visit.heater)
    end
    (back + asked).to_h { |id| ["also.#{id}", "yes"] }
  end

  def learn(shadow, trouble, id)
    danger = shadow.dangers[trouble[:name]] or return
    shadow.cleared(trouble[:name]) if trouble[:prove].include?(id) && danger[:mended]
    by_others = id == :confirm_mended && since(trouble) == "mended"
    shadow.mended(trouble[:name]) if [*trouble[:mend], trouble[:or_by]].include?(id) || by_others
  end

  # Waits until it can be done, and does it; raises where it never can.
  def carry_out(visit, step, shadow, trouble)
    operation = step.operation
    10.times do
      break if ready?(visit, operation)

      wait = visit.running_waits.map(&:seconds_left).min or
        raise "cannot be carried out: #{operation.id} of #{visit.jobs}: " \
              "#{visit.terms.unmet(operation, visit.state)}"
      visit = visit.with(now: visit.now + wait)
    end
    visit = read(visit, trouble[:read].first, trouble[:then]) if proves?(shadow, trouble, operation)
    visit = read(visit, :mended_since, since(trouble)) if operation.id == :confirm_mended
    now = visit.now + operation.hands_on
    now += step.wait.seconds if step.wait&.manner == :attended
    shadow.act(operation.id)
    visit.with(now:, steps: visit.steps + [done(visit, operation.id, now)])
  end

  # What is said of what the last visit left.
  def since(trouble) = trouble[:at] == -1 && trouble[:mends] ? "mended" : "as_it_was"

  # Whether it reads well now what was read badly.
  def proves?(shadow, trouble, operation)
    return false unless trouble[:then] && trouble[:prove].include?(operation.id)

    shadow.dangers.dig(trouble[:name], :mended)
  end

  def ready?(visit, operation)
    visit.terms.unmet(operation, visit.state).empty? &&
      visit.history.disturbed_by(operation).empty?
  end

  # Whether a danger can be on a heater at all.
  def possible?(visit, danger)
    if danger[:seen]
      item = Munimen::Inspection::InspectionItem[danger[:seen].first]
      return item.applies?(visit.heater, visit.rules)
    end
    Munimen::Work::Operation.all.any? do |operation|
      operation.applies?(visit.heater) &&
        operation.reads.any? { |one| one.name == danger[:read].first && one.asked?(visit) }
    end
  end

  # The last visit left it off, made safe, for that danger.
  def made_safe_before(visit, shadow, trouble)
    hazard = :"hazard.#{trouble[:as] || trouble[:name]}"
    off = { heat: :off, feed: :off, lock: :on, cock: :shut, coil_loop: :isolated,
            pilot_flame: :out, dial: :changed, hazard => :secured }
    space = Munimen::Work::StateSpace.new(visit.heater)
    shadow.arrives_made_safe
    shadow.danger(trouble[:name], sources: Shadow::ALL, **trouble.slice(*%i[sources firing]))
    visit.with(
      arrival: space.expand(off).transform_values(&:first),
      decisions: visit.decisions.to_h.merge(mending(visit, trouble))
    )
  end

  # One visit, worked through: [its shadow, its jobs and what came in between].
  define_method(:one_visit) do |random|
    visit = chance(random)
    shadow = described_class.new(visit.heater)
    name = (dangers.keys + ([nil] * 5)).sample(random:)
    name = nil if name && !possible?(visit, dangers[name])
    at = random.rand(0..25)
    trouble = name ? { name:, at:, mends: random.rand < 0.5, **dangers[name] } : { at: -1 }
    before = random.rand < 0.25
    if before && name && !trouble[:out]
      visit = made_safe_before(visit, shadow, trouble)
      trouble[:at] = -1
    end
    ended = work(visit, shadow, trouble, random, random.rand < 0.1)
    # who has not even looked cannot sign how it is left
    seen = ended.steps.select(&:given_up?).none? { |one| Shadow::LOOKS.include?(one.operation) }
    raise "not left: #{visit.jobs} #{trouble}" unless shadow.left || !seen

    [shadow, "#{visit.heater.kind} #{visit.jobs} #{trouble.slice(*%i[name at mends])}"]
  end

  (4 * TRIES).times do |seed|
    it "finds no unsafe state in #{plans} plans, and none that cannot be carried out, " \
       "seed #{seed}" do
      random = Random.new(20_261_126 + seed)
      breaches = Hash.new(0)
      ways = Hash.new(0)
      told = []
      plans.times do |number|
        shadow, what = one_visit(random)
        ways[shadow.left] += 1
        shadow.breaches.each { |rule, count| breaches[rule] += count }
        told += shadow.told.map { |one| "#{number} #{what}: #{one}" }
      end
      expect(breaches).to eq({}), told.first(6).join("\n")
      expect(ways.keys - [nil, :in_service, :made_safe, :evacuated]).to eq([])
    end
  end
end
