# frozen_string_literal: true

# What is left of a plan after its first steps were done as planned: still a plan, still by every
# rule, and no longer than the bound says beside one made anew.
RSpec.describe Munimen::Planning::PlanKeeper do
  random = Random.new(14)
  kinds = %i[gas_storage electric_storage boiler_coil unvented_indirect unvented_direct]
  start = Time.utc(2026, 11, 23, 9)
  book = ->(kind) { kind.start_with?("unvented") ? :england_g3 : :us_irc }
  jobs_of = lambda do |kind|
    units = Munimen::Rules::Book[book[kind]].units
    heater = Munimen::Heater::Installation.from(Build::KINDS.fetch(kind), units:)
    Munimen::Work::Job.fitting(heater).map(&:id)
  end

  def after(visit, now, *steps)
    Munimen::Visit.new(
      heater: visit.heater,
      rules: visit.rules,
      jobs: visit.jobs,
      date: visit.date,
      now:,
      steps: visit.steps + steps,
      site: { id: "one" }
    )
  end

  def done(visit, operation, at)
    Munimen::Visit::Step.new(
      id: "s#{visit.steps.size}",
      operation:,
      outcome: :done,
      at:,
      made: {}
    )
  end

  # Each step finds its needs met, and spoils no wait, when its time has come.
  def executable?(visit, plan)
    @space = Munimen::Work::StateSpace.new(visit.heater)
    @state = visit.state.dup
    @ends = visit.running_waits.map do |wait|
      [wait.seconds_left, Munimen::Work::Operation[wait.operation].wait]
    end
    plan.steps.all? { |step| found_ready?(step, visit.terms) }
  end

  def found_ready?(step, terms)
    over, @ends = @ends.partition { |time, _| time <= step.start }
    over.each { |one| takes_on(one.last.makes) }
    met = terms.unmet(step.operation, @state).empty?
    takes_on(terms.makes(step.operation))
    held = @ends.all? { |_, wait| @space.unmet(wait.holds, @state).empty? }
    @ends << [step.wait.finish, step.operation.wait] if step.wait
    met && held
  end

  def takes_on(effects) = @state.merge!(@space.expand(effects).transform_values(&:first))

  # Walks a visit to its end, some steps slower than planned; yields visit, what was kept, and what
  # a planner finds that knows of no plan before.
  def walk(visit, random, now)
    keeper = described_class.new
    60.times do
      plan = keeper.plan(visit)
      yield visit, plan, Munimen::Planning::Planner.new(visit).plan(visit.jobs)
      step = plan.steps.first or return keeper
      now += step.start + step.hands_on + (random.rand < 0.2 ? random.rand(600) : 0)
      now += step.wait.seconds if step.wait&.manner == :attended
      visit = after(visit, now, done(visit, step.operation.id, now))
    end
    raise "#{visit.jobs} does not come to an end"
  end

  (6 * TRIES).times do |number|
    kind = kinds[number % kinds.size]
    jobs = jobs_of.call(kind).sample(1 + (number % 3), random:)
    seed = random.rand(10_000)

    it "keeps what is left of #{jobs.join(", ")} on #{kind}" do
      visit = after(fresh(kind, book[kind], jobs:), start)
      keeper = walk(visit, Random.new(seed), start) do |now, kept, anew|
        expect(executable?(now, kept)).to be(true), kept.steps.map { |one|
          one.operation.id
        }.inspect
        gap = kept.total - kept.at_least
        expect(kept.total).to be <= anew.total + gap + 1
        open = Munimen::Planning::Agenda.new(now, now.jobs).goals - kept.impossible.map(&:operation)
        expect(open - kept.steps.map { |one| one.operation.id }).to be_empty
      end
      expect(keeper.kept).to be > keeper.made
    end
  end

  it "plans anew when a goal, a rule or the state is another than planned" do
    keeper = described_class.new
    visit = after(fresh(:gas_storage, :us_irc), start)
    first = keeper.plan(visit)
    off = done(visit, :shut_heater_supply, start)
    expect(keeper.stands?(visit)).to be(true)
    expect(keeper.stands?(after(visit, start, off))).to be(false)
    expect { keeper.plan(after(visit, start, off)) }.to change(keeper, :made).by(1)
    expect(first.steps.first.operation.id).to eq(:identify)
  end
end
