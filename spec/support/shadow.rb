# frozen_string_literal: true

# A heater as a bystander with the handbook in hand sees it (§22, §24): what each act does to
# water, gas, power and parts, and what must never be. It knows nothing of planner, readiness,
# interlocks or hazards; whatever it finds wrong is a breach of one of its rules.
class Shadow
  ALL = %i[burner coil immersion upper_element lower_element element].freeze
  # What takes the tank's water out, and how far.
  DRAINS = { drain_below_relief_port: 3, drain_below_upper_element: 2, drain_empty: 0 }.freeze
  # Lifts of a lever.
  LEVERS = %i[
    exercise_relief_valve exercise_new_relief_valve exercise_expansion_relief open_relief_for_air
  ].freeze
  # Without these nobody knows what there is.
  LOOKS = %i[identify look_over].freeze
  # What lets hot water out, or takes its cold away.
  LETS_OUT = [*DRAINS.keys, *LEVERS, :run_taps, :let_pressure_down, :shut_heater_supply,
              :purge_air].freeze
  # Acts with a hand inside the electrical enclosure.
  INSIDE = %i[
    measure_elements land_leads take_leads_off replace_elements refit_elements descale_elements
    fit_cut_out mend_wiring
  ].freeze
  # Acts that open the gas side.
  GAS_OPENED = %i[
    clean_burner replace_thermocouple replace_gas_control connect_manometer mend_gas_escape
    disconnect_manometer
  ].freeze
  WATER_OPENED = %i[
    replace_relief_valve replace_drain_valve replace_elements refit_elements refit_anode
    replace_anode replace_vessel fit_vessel replace_inlet_group clean_strainer clean_coil
    replace_gas_control lower_supply thaw
  ].freeze
  ANODE = %i[inspect_anode].freeze
  # What is out while an act is begun and not finished.
  TAKEN_OUT = {
    replace_relief_valve: :relief_valve,
    replace_drain_valve: :drain_valve,
    replace_gas_control: :gas_control,
    clean_coil: :coil,
    replace_vessel: :vessel,
    clean_strainer: :strainer,
    replace_inlet_group: :inlet_group,
    clean_burner: :burner_door,
    replace_thermocouple: :burner_door
  }.freeze

  # What each act does, by hand and by eye.
  ACTS = {
    shut_heater_supply: proc { @supply = false },
    shut_house_supply: proc { @house = false },
    open_house_supply: proc { @house = true },
    let_pressure_down: proc { zero },
    open_heater_supply: proc { water(:flowing) },
    reopen_supply: proc { water(:live) },
    open_supply_on_bubble: proc { water(:live).then { @air = false } },
    refill_tank: proc { fill },
    shut_drain: proc { @drain = false },
    purge_air: proc { water(:live).then { @air = false } },
    fit_hose: proc { @hose = true },
    remove_hose: proc { @hose = false },
    run_taps: proc { @pressure = :flowing },
    shut_taps: proc { @pressure = :live },
    turn_burner_to_pilot: proc { @heat[:burner] = :pilot },
    turn_gas_off: proc { @heat[:burner] = :off },
    switch_burner_off: proc { @heat[:burner] = :off },
    return_when_cleared: proc { return_cleared },
    relight_pilot: proc { give(:burner, :pilot) },
    restore_burner: proc { give(:burner, :on) },
    shut_gas_cock: proc { @cock = false },
    open_gas_cock: proc { @cock = true },
    lock_off_power: proc { electric_off },
    lock_off_immersion: proc { off(:immersion, :immersion) },
    stop_boiler_heat: proc { off(:coil, :heating_controls) },
    let_it_cool: proc { (@hot = false).then { @cold = true } },
    restore_power: proc { electric_on },
    restore_immersion: proc { give(:immersion, :on).then { energise(:immersion) } },
    restore_boiler_heat: proc { give(:coil, :on).then { energise(:heating_controls) } },
    prove_dead: proc { (@dead = @live.values.none?).then { @covers = false } },
    close_covers: proc { @covers = true },
    measure_elements: proc { @leads = false },
    take_leads_off: proc { @leads = false },
    mend_wiring: proc { @leads = false },
    land_leads: proc { @leads = true },
    take_discharge_pipe_off: proc { @pipe = false },
    refit_discharge_pipe: proc { @pipe = true },
    inspect_anode: proc { @out |= [:anode] },
    refit_anode: proc { @out -= [:anode] },
    replace_anode: proc { @out -= [:anode] },
    descale_elements: proc { @out |= [:element] },
    refit_elements: proc { @out -= [:element] },
    replace_elements: proc { @out -= [:element] },
    fit_gauge: proc { @gauge = true },
    remove_gauge: proc { @gauge = false },
    connect_manometer: proc { @meter = true },
    disconnect_manometer: proc { @meter = false },
    check_joints: proc { @joints = true },
    prove_gas_joints: proc { @gas_joints = true },
    isolate_coil_loop: proc { @loop = false },
    purge_coil_loop: proc { @loop = true },
    open_relief_for_air: proc { @open_lever = true },
    shut_relief_after_air: proc { @open_lever = false },
    watch_relief_drip: proc { @watch = false },
    watch_expansion_drip: proc { @watch = false },
    replace_relief_valve: proc { @watch = false } # there is nothing left to watch
  }.freeze
  # What must hold where a heater is left in service, and where it is left made safe.
  IN_SERVICE = {
    left_in_service_with_danger: proc { @dangers.empty? },
    left_without_heat: proc { @heat.values.all?(:on) },
    left_not_full: proc { @level == 4 && !@air && @pressure == :live },
    left_shut: proc { @supply && @house && @cock },
    left_something_open: proc { @out.empty? && @pipe && !@drain && !@open_lever },
    left_own_things_behind: proc { !@hose && !@gauge && !@meter },
    left_unproven: proc { @joints && @gas_joints && !@watch },
    left_power_open: proc { @covers && @leads && @live.values.all? && @locked.values.none? }
  }.freeze
  MADE_SAFE = {
    made_safe_with_heat: proc { !@heat.values.intersect?(%i[on pilot]) },
    made_safe_with_gas_open: proc { !@gas || !@cock },
    made_safe_unlocked: proc { @locked.values.all? && @live.values.none? },
    made_safe_with_a_live_coil: proc { !@coil || !@loop },
    made_safe_with_live_parts: proc { @covers && @leads },
    made_safe_with_an_opening: proc { @out.empty? || (!@supply && @pressure == :zero) },
    made_safe_with_hose_on: proc { !@hose },
    made_safe_with_drain_open: proc { !@drain || @act == :leave_drained },
    made_safe_with_meter_on: proc { !@meter }
  }.freeze
  LEFT = {
    leave_site: :in_service,
    leave_made_safe: :made_safe,
    leave_drained: :made_safe,
    evacuate: :evacuated,
    leave_in_use: :against_advice
  }.freeze

  attr_reader :breaches, :heat, :left, :dangers

  def initialize(heater)
    @gas = heater.gas?
    @heat = heater.heat_sources.to_h { |source| [source, :on] }
    @live = heater.feeds.to_h { |feed| [feed, true] }
    @locked = heater.feeds.to_h { |feed| [feed, false] }
    @coil = heater.coil?
    @loop = true
    @cock = @covers = @leads = @supply = @house = @pipe = true
    @level = 4
    @pressure = :live
    @dead = @air = @drain = @hose = @gauge = @open_lever = @watch = @meter = false
    @joints = @gas_joints = true
    @out = []
    @dangers = {}
    @left = nil
    @breaches = Hash.new(0)
    @told = []
  end

  # A danger has been seen: [sources that must be off, whether everybody must be out].
  # hot: water near boiling, so that nothing that lets it out is touched before it has cooled.
  def danger(name, sources: ALL, out: false, firing: false, hot: false)
    @dangers[name] = { sources:, out:, firing:, mended: false }
    @cleared = false if out
    @hot = true if hot && @level == 4 && !@cold
  end

  # It was left so by the last visit: off, isolated, tagged.
  def arrives_made_safe
    @heat.transform_values! { :off }
    @live.transform_values! { false }
    @locked.transform_values! { true }
    @cock = !@gas
    @loop = !@coil
  end

  def mended(name) = @dangers[name] && @dangers[name][:mended] = true
  def cleared(name) = @dangers.delete(name)

  # An act; breaches of the rules are counted.
  def act(id)
    @act = id
    before(id)
    instance_exec(&ACTS[id]) if ACTS.key?(id)
    @out -= [TAKEN_OUT[id]]
    DRAINS.key?(id) && (@level = DRAINS[id]).then { @drain = true }
    @hot = false if @level.zero?
    after(id)
  end

  # Begun, and left with its part out.
  def left_apart(id)
    @act = id
    before(id)
    @out |= [TAKEN_OUT[id]].compact
    after(id)
  end

  # It was found so: nothing was done, nothing can have been done wrong.
  def found(id)
    kept = @breaches.dup
    instance_exec(&ACTS[id]) if ACTS.key?(id)
    DRAINS.key?(id) && (@level = DRAINS[id]).then { @drain = true }
    @breaches = kept
    @left = nil
  end

  # A signature under a word: the state must say the same.
  def signed(outcome)
    means = { left_off: :made_safe }.fetch(outcome, outcome.to_s.sub("_with_limits", "").to_sym)
    breach(:signed_against_the_state, means == @left)
    breach(:signed_in_service_with_danger, means != :in_service || @dangers.empty?)
  end

  def told = @told.uniq.first(5)

  private

  def breach(rule, unless_true = nil)
    return if unless_true

    @breaches[rule] += 1
    @told << "#{rule}: #{@act} #{how_it_stands}"
  end

  def how_it_stands
    { heat: @heat, level: @level, supply: @supply, pressure: @pressure, cock: @cock,
      out: @out, dangers: @dangers.keys }
  end

  def flame? = @gas && %i[on pilot].include?(@heat[:burner])
  def everybody_out? = @dangers.values.any? { |one| one[:out] && !one[:mended] }

  # What must hold for an act to be begun.
  def before(id)
    if everybody_out? && !@cleared
      may = %i[evacuate return_when_cleared].include?(id) || off?(id)
      breach(:act_inside_while_everybody_is_out, may)
    end
    breach(:charge_read_under_pressure, @pressure == :zero) if id == :set_vessel_charge
    breach(:let_out_while_hot, !@hot) if LETS_OUT.include?(id)
    lever if LEVERS.include?(id)
    drain if DRAINS.key?(id)
    breach(:hand_in_live_enclosure, @dead) if INSIDE.include?(id)
    breach(:gas_opened_with_cock_open, !@cock) if GAS_OPENED.include?(id)
    breach(:gas_opened_with_flame, !flame?) if GAS_OPENED.include?(id)
    opened(id)
  end

  def off?(id)
    %i[switch_burner_off turn_gas_off shut_gas_cock stop_boiler_heat leave_in_use
       shut_heater_supply].include?(id)
  end

  def lever
    breach(:lever_without_pipe, @pipe)
    breach(:lever_of_a_bad_valve, @act != :exercise_relief_valve || !@dangers.key?(:relief_valve))
    breach(:lever_before_the_last_watch_was_over, !@watch || @act == :open_relief_for_air)
  end

  def drain
    breach(:drained_with_heat, @heat.except(:burner).values.none?(:on) && @heat[:burner] != :on)
    breach(:drained_without_hose, @hose)
    breach(:drained_with_supply_open, !@supply)
    breach(:drained_under_pressure, @pressure == :zero)
  end

  def opened(id)
    return unless WATER_OPENED.include?(id) || ANODE.include?(id)
    return if %i[clean_strainer replace_inlet_group lower_supply thaw].include?(id)

    breach(:water_opened_under_pressure, @pressure == :zero || id == :fit_vessel)
    breach(:water_opened_with_supply_open, !@supply || id == :thaw)
    breach(:top_opened_on_a_full_tank, @level < 4) if
      %i[replace_relief_valve inspect_anode replace_anode].include?(id)
    breach(:bottom_opened_on_a_filled_tank, @level.zero?) if
      %i[replace_drain_valve replace_gas_control clean_coil].include?(id)
  end

  def zero
    @pressure = :zero
    @air = true
  end

  def water(pressure)
    @supply = true
    @pressure = pressure
  end

  def fill
    breach(:filled_with_an_opening, @out.empty?)
    breach(:filled_with_drain_open, !@drain)
    breach(:filled_with_lever_up, !@open_lever)
    water(:flowing)
    @level = 4
    @air = true
    @hot = false
    @cold = true
  end

  def electric_on
    (@heat.keys - %i[burner coil]).each { |one| give(one, :on) }
    @live.each_key { |feed| energise(feed) }
  end

  def return_cleared
    @left = nil
    @cleared = true
    return unless @gas

    @heat[:burner] = :off
    @cock = false
  end

  def electric_off
    (@heat.keys - %i[burner coil]).each { |one| @heat[one] = :off }
    @live.each_key { |feed| @live[feed] = !(@locked[feed] = true) }
  end

  def off(source, feed)
    @heat[source] = :off
    @live[feed] = false
    @locked[feed] = true
  end

  def energise(feed)
    @live[feed] = true
    @locked[feed] = false
    @dead = false
    breach(:power_with_covers_off, @covers)
    breach(:power_with_leads_off, @leads)
  end

  # Heat on a source: §22 “Restore any heat”, §24.1.
  def give(source, what)
    @heat[source] = what
    @cold = false
    breach(:heat_on_a_tank_not_full, @level == 4)
    breach(:heat_with_air_in_the_pipes, !@air)
    breach(:heat_with_an_opening, @out.empty?)
    breach(:heat_without_discharge_pipe, @pipe)
    breach(:heat_with_supply_shut, @supply)
    breach(:heat_with_drain_open, !@drain)
    breach(:heat_with_joints_not_proven, @joints)
    if source == :burner
      breach(:flame_with_cock_shut, @cock)
      breach(:flame_with_gas_joints_not_proven, @gas_joints)
    end
    @dangers.each_value do |one|
      allowed = !one[:sources].include?(source) || (one[:mended] && one[:firing])
      breach(:heat_with_a_danger_standing, allowed)
    end
  end

  def after(id)
    @watch = true if LEVERS.include?(id) && id != :open_relief_for_air
    @joints = false if WATER_OPENED.include?(id)
    # A manometer seals the test point that it is on; a plug that is put back is proved again.
    @gas_joints = false if GAS_OPENED.include?(id) && id != :connect_manometer
    return leave(id) if LEFT.key?(id)

    # Whatever is done after leaving reopens it.
    @left = nil
  end

  def leave(id)
    @left = LEFT[id]
    rules = { in_service: IN_SERVICE, made_safe: MADE_SAFE }.fetch(@left, {})
    rules.each { |rule, holds| breach(rule, instance_exec(&holds)) }
  end
end
