# frozen_string_literal: true

require_relative "build"
require_relative "plan_reader"

# Visits as they come: any kind, book, fuel, jobs and house rules; on some a danger is seen or read
# today, on some an earlier visit left one made safe. Each is planned and the plan is read.
class PlanCases
  include Build

  Read = Struct.new(:visit, :plan, :faults, :dangers) do
    def ids = plan.steps.map { |step| step.operation.id }
    def kinds = faults.map(&:kind).uniq
  end

  UK = Munimen::Rules::Book.all.select { |book| book.is?(:england_g3) }.map(&:id).freeze
  BOOKS = {
    gas_storage: %i[us_irc us_upc canada_npc],
    electric_storage: %i[us_irc us_upc canada_npc],
    boiler_coil: %i[us_irc us_upc canada_npc],
    unvented_indirect: UK,
    unvented_direct: UK,
    heat_pump: %i[us_irc us_upc canada_npc],
    unvented_heat_pump: UK
  }.freeze
  HOUSE = %i[drain_air drain_at_pilot relief_when charge_method].freeze
  ALL = BOOKS.keys
  UNVENTED = %i[unvented_indirect unvented_direct unvented_heat_pump].freeze
  ELECTRIC = %i[electric_storage unvented_direct heat_pump unvented_heat_pump].freeze
  GAS = %i[gas_storage].freeze

  # hazard => what shows it (item and finding, or reading and value), what mends it and what proves
  # that; hot: nothing is let out before it has cooled; no_lever: no lever of the valve is lifted.
  DANGERS = {
    relief_runs_on: { read: [:relief_closes, "runs_on"], mend: %i[replace_relief_valve],
                      prove: %i[exercise_new_relief_valve], kinds: ALL, no_lever: true },
    relief_valve: { seen: %i[relief_present plugged], mend: %i[replace_relief_valve],
                    prove: %i[exercise_new_relief_valve], kinds: ALL, no_lever: true },
    over_temperature: { read: [:tap_temperature, "190 degF"], kinds: ALL,
                        mend: %i[mend_controls fit_cylinder_thermostat replace_gas_control],
                        prove: %i[test_controls prove_thermostat], hot: true, no_lever: true },
    pressure: { read: [:static_pressure, "14 bar"], mend: %i[lower_supply],
                prove: %i[read_static_left read_static_pressure], kinds: ALL },
    discharge: { seen: %i[discharge_open capped], mend: %i[mend_discharge],
                 prove: %i[see_discharge_run], kinds: ALL, no_lever: true },
    gas_pressure: { read: [:gas_line, "15 inH2O"], mend: %i[mend_gas_supply],
                    prove: %i[read_line_pressure], kinds: GAS },
    gas_tightness: { read: [:gas_joint_test, "bubbles"], mend: %i[mend_gas_escape],
                     prove: %i[prove_gas_joints], kinds: GAS },
    gas_control: { seen: %i[never_relight flood], mend: %i[replace_gas_control],
                   prove: %i[prove_gas_joints], kinds: GAS },
    flue: { seen: %i[flue disconnected], mend: %i[mend_flue], prove: %i[test_draught prove_flue],
            kinds: GAS },
    element_insulation: { read: [:element_earth, "0.01 Mohm"], mend: %i[replace_elements],
                          prove: %i[measure_elements], kinds: ELECTRIC },
    wiring: { seen: %i[covers scorched], mend: %i[mend_wiring],
              prove: %i[prove_earth], kinds: ELECTRIC + %i[unvented_indirect] },
    cut_out: { seen: %i[cut_out_seen bridged], mend: %i[fit_cut_out],
               prove: %i[test_cut_out press_high_limit], kinds: UNVENTED },
    two_port: { seen: %i[two_port_seen missing], mend: %i[mend_controls],
                prove: %i[test_controls], kinds: %i[unvented_indirect], hot: true,
                no_lever: true },
    inlet_group: { seen: %i[expansion_relief_seen plugged],
                   mend: %i[replace_inlet_group replace_expansion_relief],
                   prove: %i[exercise_expansion_relief], kinds: UNVENTED }
  }.freeze

  def initialize(seed) = @random = Random.new(seed)

  # [Read] of so many plans.
  def take(count) = Array.new(count) { one }

  private

  def chance?(share) = @random.rand < share
  def any(list) = list.sample(random: @random)

  def one
    @kind = any(ALL)
    book = any(BOOKS[@kind])
    house = chance?(0.5) ? {} : HOUSE.to_h { |id| [id, any(schools(id)).to_s] }
    @rules = Munimen::Rules::EffectiveRules.new(book, firm: house)
    @heater = heater(@kind, units: @rules.units, **fitted_with)
    @jobs = any_jobs
    @decisions = chance?(0.5) ? { "consent" => "given" } : {}
    consent = @decisions.any?
    visit, dangers, safe = with_danger
    plan = Munimen::Planning::Planner.new(visit).plan(@jobs)
    reader = PlanReader.new(@heater, house: @rules.method(:choice), consent:, safe:, dangers:)
    ids = plan.steps.map { |step| step.operation.id }
    Read.new(visit, plan, reader.read(ids), dangers.map { |one| one[:name] })
  end

  def schools(id) = Munimen::Rules::Question[id].options.keys

  def fitted_with
    more = {}
    if @kind == :gas_storage
      more = { ignition: any(%w[pilot_thermocouple intermittent pilot_thermopile]),
               hood: any(%w[open sealed]), fuel: any(%w[natural_gas lp]) }
    end
    more.update(vessel: "none", vessel_volume: nil) if
      %i[gas_storage electric_storage].include?(@kind) && chance?(0.1)
    more.update(backup_immersion: "no", immersion_power: nil) if
      @kind == :unvented_indirect && chance?(0.3)
    more[:recirculation] = "yes" if chance?(0.15)
    more
  end

  def any_jobs
    fitting = Munimen::Work::Job.fitting(@heater).map(&:id)
    fitting.sample(1 + @random.rand(chance?(0.7) ? 2 : 4), random: @random)
  end

  # [visit, dangers as the reader has them, whether it was left made safe]
  def with_danger
    style = @random.rand
    return [visit, [], false] if style.between?(0.2, 0.85)

    name, danger = any(DANGERS.select { |_, one| one[:kinds].include?(@kind) }.to_a)
    asked = danger[:mend].first(1) + danger[:prove]
    asked.select! { |id| Munimen::Work::Operation[id].applies?(@heater) }
    found_today = style < 0.2
    return [seen_today(danger, asked), [danger.merge(name:)], false] if found_today

    left_before(name, danger, asked)
  end

  def seen_today(danger, asked)
    ask(asked) if chance?(0.7)
    now = visit
    return now.with_reading(reading(now, *danger[:read])) if danger[:read]

    item, finding = danger[:seen]
    now.with(observations: [
               Munimen::Visit::Observation.new(id: "o", item:, finding:, at: now.now, seq: 0)
             ])
  end

  def reading(visit, name, value)
    Munimen::Visit::ReadingInput.read(name, value, units: :us, id: "r", at: visit.now, seq: 0,
                                                   state: visit.state)
  end

  def left_before(name, danger, asked)
    how = @random.rand
    @jobs |= [:confirm_mended] if how < 0.4
    ask(asked) if how.between?(0.4, 0.8)
    space = Munimen::Work::StateSpace.new(@heater)
    safe = space.expand(heat: :off, cock: :shut, lock: :on, feed: :off, coil_loop: :isolated,
                        pilot_flame: :out)
    arrival = safe.transform_values(&:first).merge("hazard.#{name}": :secured)
    mend = danger[:mend] + [:confirm_mended]
    [visit(arrival:), [danger.merge(name:, mend:)], true]
  end

  def ask(ids) = ids.each { |id| @decisions["also.#{id}"] = "yes" }

  def visit(**more)
    Munimen::Visit.new(heater: @heater, rules: @rules, jobs: @jobs, date: Date.new(2026, 11, 23),
                       now: Time.utc(2026, 11, 23, 9), decisions: @decisions, **more)
  end
end
