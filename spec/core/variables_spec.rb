# frozen_string_literal: true

# The state model is whole: handbook §22 and §24, “a state variable that no operation changes is a
# fault of the model”.
RSpec.describe Munimen::Work::StateSpace do
  heaters = Build::KINDS.keys.flat_map do |kind|
    units = kind.start_with?("unvented") ? :england : :us
    [{}, { recirculation: "yes", anode: "separate" },
     { vessel: "none", vessel_volume: nil }].map do |more|
      Munimen::Heater::Installation.from(Build::KINDS.fetch(kind).merge(more).compact, units:)
    end
  end

  # What readings bring about, and what the look-over finds, is changed by those.
  read = %i[discharge consent since_gas]

  def operations(heater) = Munimen::Work::Operation.all.select { |one| one.applies?(heater) }

  # {variable => values} that operations of a heater make.
  def made(space)
    operations(space.heater).each_with_object(Hash.new { |all, name| all[name] = [] }) do |one, all|
      [one.makes, one.makes_during, one.wait&.makes || {}].each do |effects|
        space.expand(effects).each { |name, values| all[name] |= values }
      end
    end
  end

  it "has for every variable of every heater an operation that changes it" do
    stuck = heaters.flat_map do |heater|
      space = described_class.new(heater)
      made = made(space)
      space.domains.reject { |name, _| name.start_with?("hazard.") || read.include?(name) }
        .select { |name, values| (made[name] - [values.first]).empty? }
        .map { |name, _| "#{heater.kind}: #{name}" }
    end
    expect(stuck.uniq).to eq([])
  end

  # What opens a joint takes something apart, and says what: only what fits a thing besides, or
  # puts back what another took out, does not.
  it "has no operation that takes a part out without a state for it" do
    besides = %i[
      fit_gauge remove_gauge refit_anode refit_elements fit_vessel mend_gas_escape lower_supply thaw
      connect_manometer disconnect_manometer
    ]
    joints = %i[water_joints gas_joints lit_joints]
    nameless = Munimen::Work::Operation.all.select do |one|
      one.makes.slice(*joints).value?(:disturbed) && one.apart.empty? &&
        one.makes.keys.none? { |name| name.start_with?("opening.") }
    end
    expect(nameless.map(&:id) - besides).to eq([])
    heater = heater(:gas_storage)
    Munimen::Work::Operation.all.each do |one|
      expect(described_class.problems(one.apart)).to eq([]), one.id.to_s
      next if one.apart.empty? || !one.applies?(heater)

      leaving = Munimen::Work::Operation[:leave_site]
      unmet = described_class.new(heater).unmet(leaving.needs, one.apart)
      expect(unmet.keys & described_class.new(heater).expand(one.apart).keys).not_to be_empty
    end
  end

  # Broken off in the midst: the part is out, and nothing is in service without it.
  it "leaves a part out that was taken apart, drained, and puts it back on another visit" do
    visit = visit(jobs: [:replace_relief_valve], decisions: { "consent" => "given" })
    planned = ->(one) { Munimen::Planning::Planner.new(one).plan(one.jobs).steps.map(&:operation) }
    plan = planned[visit].map(&:id)
    before = plan.take_while { |id| id != :replace_relief_valve }
    steps = (before + [:replace_relief_valve]).map.with_index do |id, index|
      Munimen::Visit::Step.new(
        id: "s#{index}",
        operation: id,
        outcome: id == :replace_relief_valve ? :left_apart : :done,
        reason: "its thread is torn",
        made: {},
        seq: index
      )
    end
    apart = visit.with(steps:)
    expect(apart.state).to include("opening.relief": :removed, water_joints: :disturbed)
    rest = Munimen::Planning::Planner.new(apart).plan(apart.jobs)
    ids = rest.steps.map { |one| one.operation.id }
    expect(ids.last).to eq(:leave_drained)
    expect(ids & %i[refill_tank restore_burner relight_pilot leave_site]).to eq([])
    again = visit(jobs: [:pressure_check], arrival: apart.state.slice(*apart.history.recorded.keys))
    ids = planned[again].map(&:id)
    expect(ids).to include(:replace_relief_valve, :refill_tank, :leave_site)
  end
end
