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

  attr_reader :breaches, :heat, :left, :dangers

  def initialize(heater)
    @gas = heater.gas?
    @pilot = heater.standing_pilot?
    @heat = heater.heat_sources.to_h { |source| [source, :on] }
    @live = heater.feeds.to_h { |feed| [feed, true] }
    @locked = heater.feeds.to_h { |feed| [feed, false] }
    @coil = heater.coil?
    @loop = true
    @cock = @covers = @leads = @supply = @house = @pipe = true
    @level = 4
    @pressure = :live
    @dead = @air = @drain = @hose = @gauge = @open_lever = @watch = @meter = false
    @joints = @gas_joints = @lit_joints = @controls = true
    @out = []
    @dangers = {}
    @left = nil
    @breaches = Hash.new(0)
    @told = []
  end

  # A danger has been seen: [sources that must be off, whether everybody must be out].
  def danger(name, sources: ALL, out: false, firing: false)
    @dangers[name] = { sources:, out:, firing:, mended: false }
  end

  def mended(name) = @dangers[name] && @dangers[name][:mended] = true
  def cleared(name) = @dangers.delete(name)

  # An act; breaches of the rules are counted.
  def act(id)
    @act = id
    before(id)
    act_water(id)
    act_heat(id)
    act_parts(id)
    after(id)
  end

  # A signature under a word: true where the state says the same.
  def signed(outcome)
    breach(:signed_against_the_state) unless { in_service: :in_service,
                                               in_service_with_limits: :in_service,
                                               left_off: :made_safe,
                                               evacuated: :evacuated,
                                               against_advice: :against_advice }[outcome] == @left
    breach(:signed_in_service_with_danger) if outcome.to_s.start_with?("in_service") &&
                                              @dangers.any?
  end

  def told = @told.uniq.first(5)

  private

  def breach(rule, unless_true = nil)
    return if unless_true

    @breaches[rule] += 1
    @told << "#{rule}: #{@act} #{instance_values}"
  end

  def instance_values
    { heat: @heat, level: @level, supply: @supply, pressure: @pressure, cock: @cock,
      out: @out, dangers: @dangers.keys }
  end

  def hot? = @heat.values.intersect?(%i[on pilot])
  def flame? = @gas && %i[on pilot].include?(@heat[:burner])
  def everybody_out? = @dangers.values.any? { |one| one[:out] && !one[:mended] }

  # What must hold for an act to be begun.
  def before(id)
    breach(:act_inside_while_everybody_is_out, %i[evacuate return_when_cleared].include?(id) ||
           off?(id)) if everybody_out? && @left != :cleared
    breach(:charge_read_under_pressure, @pressure == :zero) if id == :set_vessel_charge
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

  def act_water(id)
    case id
    when :shut_heater_supply then @supply = false
    when :shut_house_supply then @house = false
    when :open_house_supply then @house = true
    when :let_pressure_down then @pressure = :zero
                                 @air = true
    when :open_heater_supply, :open_supply_on_bubble
      @supply = true
      @pressure = id == :open_heater_supply ? :flowing : :live
      @air = false if id == :open_supply_on_bubble
    when :refill_tank
      breach(:filled_with_an_opening, @out.empty?)
      breach(:filled_with_drain_open, !@drain)
      breach(:filled_with_lever_up, !@open_lever)
      @supply = true
      @level = 4
      @air = true
      @pressure = :flowing
    when *DRAINS.keys then @level = DRAINS[id]
                           @drain = true
    when :shut_drain then @drain = false
    when :purge_air then @air = false
                         @pressure = :live
    when :fit_hose then @hose = true
    when :remove_hose then @hose = false
    when :run_taps then @pressure = :flowing
    when :shut_taps then @pressure = :live
    end
  end

  def act_heat(id)
    case id
    when :turn_burner_to_pilot then @heat[:burner] = :pilot
    when :turn_gas_off, :switch_burner_off then @heat[:burner] = :off
    when :return_when_cleared then return_cleared
    when :relight_pilot then give(:burner, :pilot)
    when :restore_burner then give(:burner, :on)
    when :shut_gas_cock then @cock = false
    when :open_gas_cock then @cock = true
    when :lock_off_power then electric_off
    when :lock_off_immersion then off(:immersion, :immersion)
    when :stop_boiler_heat then off(:coil, :heating_controls)
    when :restore_power then (@heat.keys - %i[burner coil]).each { |one| give(one, :on) }
                             @live.each_key { |feed| energise(feed) }
    when :restore_immersion then give(:immersion, :on)
                                 energise(:immersion)
    when :restore_boiler_heat then give(:coil, :on)
                                   energise(:heating_controls)
    end
  end

  def return_cleared
    @left = :cleared
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

  def act_parts(id)
    case id
    when :prove_dead then @dead = @live.values.none?
                          @covers = false
    when :close_covers then @covers = true
    when :measure_elements, :take_leads_off, :mend_wiring then @leads = false
    when :land_leads then @leads = true
    when :test_cut_out then @dead = false
    when :take_discharge_pipe_off then @pipe = false
    when :refit_discharge_pipe then @pipe = true
    when :inspect_anode then @out |= [:anode]
    when :refit_anode, :replace_anode then @out -= [:anode]
    when :descale_elements then @out |= [:element]
    when :refit_elements, :replace_elements then @out -= [:element]
    when :fit_gauge then @gauge = true
    when :remove_gauge then @gauge = false
    when :connect_manometer then @meter = true
    when :disconnect_manometer then @meter = false
    when :check_joints then @joints = true
    when :prove_gas_joints then @gas_joints = true
    when :prove_lit_joints then @lit_joints = true
    when :isolate_coil_loop, :disconnect_coil_valve then @loop = false
    when :purge_coil_loop then @loop = true
    when :open_relief_for_air then @open_lever = true
    when :shut_relief_after_air then @open_lever = false
    when :watch_relief_drip then @watch = false
    end
    @watch = true if LEVERS.include?(id) && id != :open_relief_for_air
    @joints = false if WATER_OPENED.include?(id)
    # A manometer seals the test point that it is on; a plug that is put back is proved again.
    @gas_joints = false if GAS_OPENED.include?(id) && id != :connect_manometer
  end

  def after(id)
    leave(id)
    # Whatever is done after leaving reopens it.
    @left = nil if @left && !@ways.include?(id) && @left != :cleared
  end

  def leave(id)
    @ways = %i[leave_site leave_made_safe leave_drained evacuate leave_in_use]
    return unless @ways.include?(id)

    @left = { leave_site: :in_service, leave_made_safe: :made_safe, leave_drained: :made_safe,
              evacuate: :evacuated, leave_in_use: :against_advice }[id]
    in_service if id == :leave_site
    made_safe(id) if @left == :made_safe
  end

  def in_service
    breach(:left_in_service_with_danger, @dangers.empty?)
    breach(:left_without_heat, @heat.values.all?(:on))
    breach(:left_not_full, @level == 4 && !@air && @supply && @house && @pressure == :live)
    breach(:left_something_open, @out.empty? && @pipe && !@drain && !@open_lever)
    breach(:left_own_things_behind, !@hose && !@gauge && !@meter)
    breach(:left_unproven, @joints && @gas_joints && !@watch)
    breach(:left_power_open, @covers && @leads && @live.values.all? && @locked.values.none?)
    breach(:left_gas_shut, @cock)
  end

  def made_safe(id)
    breach(:made_safe_with_heat, !hot?)
    breach(:made_safe_with_gas_open, !@gas || !@cock)
    breach(:made_safe_unlocked, @locked.values.all? && @live.values.none?)
    breach(:made_safe_with_a_live_coil, !@coil || !@loop)
    breach(:made_safe_with_live_parts, @covers && @leads)
    breach(:made_safe_with_an_opening, @out.empty? || (!@supply && @pressure == :zero))
    breach(:made_safe_with_hose_or_drain, !@hose && (id == :leave_drained || !@drain))
    breach(:made_safe_with_meter_on, !@meter)
  end
end
