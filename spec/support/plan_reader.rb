# frozen_string_literal: true

# A plan read step by step as a master plumber reads it, with the handbook and nothing else: what
# each act does to the heater, which order §§22, 24 and 26 demand, and what is done for nothing.
# It knows no need, no effect and no job of the product; each rule names its sentence.
class PlanReader
  # -- what an act is, by hand ------------------------------------------------------------
  DRAINS = { drain_below_relief_port: 3, drain_below_upper_element: 2, drain_empty: 0 }.freeze
  LEVERS = %i[open_relief_for_air exercise_relief_valve exercise_new_relief_valve
              exercise_expansion_relief].freeze
  WATCHES = %i[watch_relief_drip watch_expansion_drip].freeze
  # The tank's own heat is taken away, and given back.
  OFF = %i[turn_gas_off switch_burner_off turn_burner_to_pilot lock_off_power lock_off_immersion
           stop_boiler_heat].freeze
  LIT = %i[restore_burner].freeze
  ON = %i[restore_burner restore_power restore_immersion restore_boiler_heat].freeze
  POWERED = %i[restore_power restore_immersion restore_boiler_heat].freeze
  INSIDE = %i[prove_earth measure_elements take_leads_off land_leads replace_elements refit_elements
              descale_elements fit_cut_out mend_wiring test_cut_out press_high_limit
              fit_cylinder_thermostat].freeze
  CONTROLS = %i[mend_controls set_tiers].freeze # inside, where there is power
  GAS_OPENED = %i[clean_burner replace_thermocouple replace_gas_control mend_gas_escape
                  disconnect_manometer].freeze
  WATER_OPENED = %i[replace_relief_valve replace_drain_valve replace_elements refit_elements
                    refit_anode replace_anode replace_vessel fit_vessel replace_inlet_group
                    clean_strainer clean_coil replace_gas_control lower_supply thaw].freeze
  # What wants the tank drained, and to where (4 full … 0 empty).
  DRAINED_FOR = { replace_relief_valve: 3, inspect_anode: 3, refit_anode: 3, replace_anode: 3,
                  replace_elements: 0, refit_elements: 0, descale_elements: 0,
                  replace_drain_valve: 0, replace_gas_control: 0, clean_coil: 0,
                  flush_bursts: 0, leave_drained: 0 }.freeze
  AT_ZERO = %i[read_vessel_charge test_air_valve set_vessel_charge replace_vessel fit_vessel
               renew_bubble clean_strainer replace_inlet_group replace_expansion_relief
               mend_discharge take_discharge_pipe_off
               open_relief_for_air shut_house_supply thaw lower_supply].freeze
  CYCLES = %i[start_found_cycle start_final_cycle watch_first_heat_up].freeze
  LEAVES = %i[leave_site leave_made_safe leave_drained evacuate leave_in_use].freeze
  # What wants hot water in the tank.
  HOT = %i[exercise_relief_valve read_tap_temperature start_found_cycle start_final_cycle
           prove_thermostat].freeze
  # Used by what follows it, until it is undone: {act => [what needs it, what undoes it]}.
  USED = {
    fit_gauge: [%i[read_static_pressure read_flowing_pressure read_hot_peak_found
                   read_hot_peak_after], %i[remove_gauge]],
    reset_max_hand: [%i[read_hot_peak_found read_hot_peak_after], %i[remove_gauge]],
    connect_manometer: [%i[read_line_pressure read_operating_pressure],
                        %i[disconnect_manometer replace_gas_control]],
    fit_hose: [[*DRAINS.keys, :flush_bursts], %i[remove_hose]],
    let_pressure_down: [[*AT_ZERO, *DRAINS.keys, :leave_drained], %i[refill_tank]],
    take_discharge_pipe_off: [%i[replace_relief_valve], %i[refit_discharge_pipe]],
    shut_house_supply: [%i[replace_inlet_group lower_supply read_vessel_charge test_air_valve
                           set_vessel_charge replace_vessel], %i[open_house_supply]],
    run_taps: [%i[read_vessel_charge test_air_valve], %i[shut_taps]],
    ask_consent: [[*LEVERS, :renew_bubble], []],
    heat_tank_up: [[*HOT, :leave_in_use], %i[drain_empty]],
    start_found_cycle: [%i[read_hot_peak_found], []],
    start_final_cycle: [%i[read_hot_peak_after], []],
    watch_first_heat_up: [%i[read_hot_peak_after exercise_relief_valve read_tap_temperature
                             prove_thermostat], []],
    prove_dead: [[*INSIDE, *CONTROLS, *DRAINS.keys, :leave_drained, :leave_made_safe], POWERED],
    take_leads_off: [%i[measure_elements replace_elements refit_elements descale_elements],
                     %i[land_leads]],
    turn_burner_to_pilot: [[*AT_ZERO, *DRAINS.keys, :flush_bursts, :shut_heater_supply,
                            :test_pilot], %i[turn_gas_off restore_burner]],
    shut_gas_cock: [[*GAS_OPENED, :connect_manometer, :replace_gas_control, :make_safe,
                     :mend_flue, :mend_gas_supply, *CONTROLS, :return_when_cleared, :leave_made_safe,
                     :leave_drained, :evacuate], %i[open_gas_cock]],
    stop_recirculation: [%i[let_pressure_down], %i[restore_recirculation]],
    isolate_coil_loop: [%i[clean_coil leave_made_safe leave_drained make_safe],
                        %i[purge_coil_loop]]
  }.freeze
  # Only once in a plan, unless something of the second list comes between.
  ONCE = {
    shut_heater_supply: %i[exercise_new_relief_valve exercise_relief_valve
                           exercise_expansion_relief read_static_pressure],
    refill_tank: [], refill_top: [], fit_hose: %i[replace_drain_valve], fit_gauge: [], let_pressure_down: %i[
                                                                                         exercise_new_relief_valve exercise_relief_valve exercise_expansion_relief
                                                                                         read_static_pressure
                                                                                       ],
    connect_manometer: %i[replace_gas_control], heat_tank_up: %i[refill_tank],
    prove_dead: [*POWERED], relight_pilot: %i[disconnect_manometer], ask_consent: [], make_safe: [],
    exercise_relief_valve: [], exercise_new_relief_valve: [], turn_gas_off: %i[restore_burner
                                                                               relight_pilot],
    lock_off_power: %i[restore_power], shut_gas_cock: %i[prove_gas_joints open_gas_cock]
  }.freeze
  # Not served where the same visit replaces it: §24.6, §26.3.
  REPLACED = {
    replace_relief_valve: %i[exercise_relief_valve open_relief_for_air],
    replace_elements: %i[descale_elements refit_elements],
    replace_anode: %i[inspect_anode refit_anode],
    replace_vessel: %i[set_vessel_charge test_air_valve],
    replace_inlet_group: %i[clean_strainer]
  }.freeze

  Fault = Struct.new(:kind, :rule, :at, :act)

  # heater: an Installation; house: the school of a question; jobs: their ids (to know what was
  # asked for); dangers: {name => {sources:, …}} seen before the plan begins; state: what is
  # already so.
  def initialize(heater, house: ->(_) {}, consent: false, safe: false, dangers: [])
    @heater = heater
    @house = house
    @consent = consent
    @safe = safe
    @dangers = dangers
  end

  # [Fault] of a plan: ids in their order.
  def read(ids)
    @ids = ids
    @faults = []
    begin_with
    ids.each_with_index do |id, at|
      @at = at
      @id = id
      before
      happens
    end
    order
    idle
    @faults
  end

  private

  def broken(rule) = @faults << Fault.new(:broken, rule, @at, @id)
  def senseless(rule, at = @at) = @faults << Fault.new(:senseless, rule, at, @ids[at])
  def must(rule, holds) = holds || broken(rule)
  def index(id) = @ids.index(id)
  def at(*ids) = ids.filter_map { |id| index(id) }.min
  def last(*ids) = ids.filter_map { |id| @ids.rindex(id) }.max
  def electric? = %i[electric_storage unvented_direct].include?(@heater.kind)
  def gas? = @heater.kind == :gas_storage

  def elements? = electric? || immersion?

  def immersion?
    @heater.kind == :unvented_indirect && @heater.backup_immersion == :yes
  end

  def begin_with
    @level = 4
    @supply = @house_supply = @pipe = @cock = @covers = @leads = true
    @pressure = :live
    @hot = true
    @flame = @heater.kind == :gas_storage
    @on = true
    @dead = @lock = @open_lever = @drain = @hose = @air = @manometer = @safe
    @open_lever = @drain = @hose = @air = @manometer = false
    @dead = false
    @joints = @gas_joints = @lit_joints = true
    @out = []
    @watch = nil
    @pipe_seen = false
    return unless @safe

    @on = @flame = false
    @cock = false if gas?
    @hot = false
  end

  # -- before an act ----------------------------------------------------------------------
  def before
    must("§26.4 the first heat after a repair is for its proof", @dangers.none? do |one|
      one[:mended] && !one[:gone] && !one[:cold]
    end) if [*CYCLES, :heat_tank_up, :read_tap_temperature, :clock_gas_meter].include?(@id)
    must("§22 looked at before it is given heat", index(:look_over).to_i < @at) if
      ON.include?(@id) && index(:look_over)
    lever if LEVERS.include?(@id) || @id == :renew_bubble
    drain if DRAINS.key?(@id)
    zero if (AT_ZERO - %i[shut_house_supply thaw lower_supply fit_vessel]).include?(@id)
    inside if INSIDE.include?(@id)
    opened if DRAINED_FOR.key?(@id)
    heat if ON.include?(@id) || @id == :relight_pilot
    must("§22 gas opened with its cock open", !@cock) if
      GAS_OPENED.include?(@id) || @id == :connect_manometer
    must("§24.2 left", @out.empty? || @id == :leave_drained) if LEAVES.include?(@id)
    must("§22 refilled with an opening", @out.empty? && !@drain && !@open_lever) if
      @id == :refill_tank
    must("§22 nobody tests on a part-filled tank", @level == 4) if %i[
      exercise_relief_valve exercise_new_relief_valve exercise_expansion_relief check_joints
      prove_thermostat test_controls lay_paper
    ].include?(@id)
  end

  def lever
    must("§26.2 consent before the first lift", @consent)
    must("§24.7 discharge seen safe before a lift", @pipe_seen && @pipe)
    must("§26.2 for air only at zero pressure", @pressure == :zero || @id != :open_relief_for_air)
    must("§26.2 exercised full and live",
         (@level == 4 && @pressure == :live) || %i[open_relief_for_air renew_bubble].include?(@id))
    must("§24.7 each lift has its own watch", @watch.nil? || @pressure == :zero)
    bad = %i[exercise_expansion_relief
             exercise_new_relief_valve].include?(@id) ? [] : @dangers.reject { |one|
                                                               one[:mended]
                                                             }.select { |one|
                                                               one[:no_lever]
                                                             }
    must("§26.2 never a lever of a bad valve, of a hot tank, or into a bad discharge", bad.empty?)
    return unless @id == :open_relief_for_air

    must("§26.2 never for air while a tap gives it", @house[:drain_air] == :relief_valve)
  end

  def drain
    must("§22 drained with heat on", !@on)
    must("§22 drained without hose", @hose)
    must("§22 drained with the supply open", !@supply)
    must("§22 drained under pressure", @pressure == :zero)
    must("§26.9 an electric tank is drained after every feed is proved dead", @dead) if
      electric? || immersion?
  end

  def zero
    allowed = @house[:charge_method] == :taps_open &&
              %i[read_vessel_charge test_air_valve].include?(@id)
    must("§22 zero pressure", @pressure == :zero || allowed)
  end

  def inside = must("§22 hands in an enclosure that is not proved dead", @dead)

  def opened
    return if @id == :flush_bursts

    must("§22 opened above its level", @level <= DRAINED_FOR[@id] || @id == :leave_drained)
    must("§22 opened with the supply open", !@supply)
    must("§22 opened with the drain running", !@drain || @id == :leave_drained)
  end

  def heat
    must("§22 heat on a tank not full", @level == 4)
    must("§22 heat with air in the pipes", !@air)
    must("§22 heat with an opening", @out.empty? && @pipe)
    must("§22 heat with the supply shut", @supply)
    must("§22 heat with the drain open", !@drain)
    must("§22 heat before the water joints are proved", @joints)
    if POWERED.include?(@id)
      must("§22 power with covers or leads off", @covers && @leads)
    elsif gas?
      must("§22 flame with the cock shut", @cock)
      must("§22 flame before the gas joints are proved", @gas_joints)
    end
    dangers = @dangers.reject { |one| one[:mended] }
    must("§24.1 heat with a danger standing", dangers.empty?)
  end

  # -- what an act does -------------------------------------------------------------------
  def happens
    change_water
    change_heat
    mend
    @out -= %i[anode element]  if %i[refit_anode replace_anode refit_elements
                                     replace_elements].include?(@id)
    @out |= [:anode] if @id == :inspect_anode
    @out |= [:element] if @id == :descale_elements
    @joints = false if WATER_OPENED.include?(@id)
    @gas_joints = @lit_joints = false if GAS_OPENED.include?(@id)
    opens_and_shuts
  end

  def change_water
    case @id
    when :shut_heater_supply then @supply = false
    when :shut_house_supply then @house_supply = false
    when :open_house_supply then @house_supply = true
    when :let_pressure_down then (@pressure = :zero).then { @air = true }
    when :refill_tank
      @level = 4
      @supply = @air = true
      @pressure = :flowing
      @hot = false
    when :open_heater_supply, :run_taps then (@supply = true).then { @pressure = :flowing }
    when :reopen_supply, :open_supply_on_bubble, :shut_taps
      @supply = true
      @pressure = :live
      @air = false
    when :purge_air then (@air = false).then { @pressure = :live }
    when *DRAINS.keys
      @level = [@level, DRAINS[@id]].min
      @drain = true
      @hot = false
    when :shut_drain then @drain = false
    end
  end

  def change_heat
    @on = false if OFF.include?(@id)
    @flame = false if %i[turn_gas_off switch_burner_off].include?(@id)
    @on = true if ON.include?(@id)
    @hot = false if @id == :let_it_cool
    @hot = true if %i[heat_tank_up watch_first_heat_up].include?(@id)
    @dead = true if @id == :prove_dead
    @covers = false if @id == :prove_dead
    @dead = false if POWERED.include?(@id)
    @leads = false if elements? && %i[measure_elements take_leads_off mend_wiring].include?(@id)
    @leads = true if @id == :land_leads
    @covers = true if @id == :close_covers
    @lit_at = @at if ON.include?(@id) || @id == :relight_pilot
  end

  def opens_and_shuts
    case @id
    when :ask_consent then @consent = true
    when :check_discharge_pipe, :see_discharge_run then @pipe_seen = true
    when :fit_hose then @hose = true
    when :remove_hose then @hose = false
    when :take_discharge_pipe_off then @pipe = false
    when :refit_discharge_pipe then @pipe = true
    when :shut_gas_cock then @cock = false
    when :open_gas_cock then @cock = true
    when :check_joints then @joints = true
    when :prove_gas_joints then @gas_joints = true
    when :prove_lit_joints then @lit_joints = true
    when :open_relief_for_air then @open_lever = true
    when :shut_relief_after_air then @open_lever = false
    when *WATCHES, :replace_relief_valve then @watch = nil
    end
    @watch = @id if (LEVERS - [:open_relief_for_air]).include?(@id) || @id == :renew_bubble
    @watch = @id if @id == :shut_relief_after_air
  end

  def mend
    @dangers.each do |one|
      one[:mended] = true if one[:mend].include?(@id)
      one[:gone] = true if one[:mended] && one[:prove].include?(@id)
    end
  end

  # -- order over the whole plan ----------------------------------------------------------
  def order
    @at = @ids.size - 1
    @id = @ids.last
    proofs
    found_first
    service_of_what_goes
    gas_order
    at_the_end
  end

  # {work => proofs owed after it}: §24.5, §26.4, §26.6.
  OWED = {
    replace_relief_valve: [%i[exercise_new_relief_valve watch_relief_drip], "a new valve is
                           exercised once, full and live, and watched (§26.2)"],
    replace_vessel: [%i[read_hot_peak_after], nil],
    fit_vessel: [%i[read_hot_peak_after], nil],
    replace_elements: [%i[measure_elements], "new element: ohms and insulation (§24.5)"],
    clean_burner: [%i[test_draught prove_flue], "burner cleaned, then draught (§26.4)"],
    mend_flue: [%i[test_draught prove_flue], "flue mended, then its proof (§24.1)"],
    replace_gas_control: [%i[prove_gas_joints read_operating_pressure prove_lit_joints],
                          "control replaced: tightness, pressures, lit joints (§26.4)"],
    replace_thermocouple: [%i[test_pilot], "new thermocouple: its generator (§24.5)"],
    replace_inlet_group: [%i[exercise_expansion_relief watch_expansion_drip
                             read_static_pressure], "new group: relief, pressures (§24.5)"],
    replace_expansion_relief: [%i[exercise_expansion_relief watch_expansion_drip],
                               "new expansion relief: exercised, watched (§26.6)"],
    clean_strainer: [%i[read_flowing_pressure], "strainer: flow again (§24.5)"],
    mend_wiring: [%i[prove_earth], "wiring mended: earth (§24.1)"],
    mend_discharge: [%i[see_discharge_run], "discharge mended: run seen (§24.1)"],
    mend_gas_escape: [%i[prove_gas_joints], "escape mended: tightness (§24.1)"],
    mend_gas_supply: [%i[read_line_pressure], "supply mended: pressure (§24.1)"],
    lower_supply: [%i[read_static_left read_static_pressure],
                   "supply lowered: read again (§24.1)"],
    fit_cut_out: [%i[test_cut_out press_high_limit], "cut-out fitted: proved (§24.1)"],
    mend_controls: [%i[test_controls prove_thermostat], "controls mended: proved (§24.1)"]
  }.freeze

  def proofs
    in_service = @ids.last == :leave_site
    OWED.each do |work, (owed, why)|
      next unless why && index(work) && in_service

      needed = alternatives(work, owed)
      needed.each do |one|
        seen = one.any? { |id| (last(id) || -1) > index(work) }
        @id = work
        must("#{why.squeeze(" ").delete("\n")}: #{one.join(" or ")}", seen)
      end
    end
  end

  # Where the heater has one of two, either will do.
  EITHER = %i[lower_supply clean_burner mend_flue fit_cut_out mend_controls].freeze
  def alternatives(work, owed) = EITHER.include?(work) ? [owed] : owed.map { |one| [one] }

  # Found-readings before what changes them: §26.11, §26.4.
  CHANGES = %i[set_vessel_charge replace_vessel fit_vessel lower_supply replace_inlet_group
               replace_gas_control renew_bubble drain_empty drain_below_relief_port
               drain_below_upper_element].freeze

  def found_first
    %i[read_hot_peak_found].each do |id|
      next unless index(id) && at(*CHANGES)

      @id = id
      must("§26.11 as found before changes", index(id) < at(*CHANGES))
    end
    lifts = at(*LEVERS)
    return unless lifts && index(:read_hot_peak_found) && @dangers.empty?

    must("§6 peak as found before a lever", index(:read_hot_peak_found) < lifts)
  end

  def service_of_what_goes
    REPLACED.each do |work, spared|
      next unless index(work)

      spared.each do |one|
        @id = one
        must("§24.6 nothing is serviced that the visit replaces: #{one}, #{work}", !index(one)) if
          one != :refit_anode
      end
    end
    return unless index(:replace_gas_control)

    # one connection on the new control; on the old one none
    before = @ids.first(index(:replace_gas_control))
    @id = :replace_gas_control
    must("§26.3 manometer on a control that goes", !before.include?(:connect_manometer))
  end

  FIRST_HEAT = { mend_flue: %i[test_draught prove_flue test_combustion],
                 clean_burner: %i[test_draught prove_flue test_combustion],
                 replace_gas_control: %i[read_operating_pressure],
                 mend_controls: %i[test_controls prove_thermostat],
                 fit_cylinder_thermostat: %i[test_controls] }.freeze

  def gas_order
    FIRST_HEAT.each do |work, proofs|
      next unless index(work)

      lit = @ids.each_index.find { |i| i > index(work) && ON.include?(@ids[i]) } or next
      proof = @ids.each_index.find { |i| i > lit && proofs.include?(@ids[i]) } or next
      used = @ids[lit..proof] & [*CYCLES, :heat_tank_up, :read_tap_temperature]
      @id = work
      must("§26.4 the first heat is for the proof alone: #{used.first}", used.empty?)
    end
    return unless (control = index(:replace_gas_control))

    lit = @ids.each_index.find { |i| i > control && @ids[i] == :relight_pilot }
    lit ||= @ids.each_index.find { |i| i > control && LIT.include?(@ids[i]) } or return
    @id = :replace_gas_control
    fitted = @ids[control..lit].include?(:connect_manometer)
    must("§26.4 manometer fitted before lighting", fitted || !index(:read_operating_pressure))
    # leak fluid on lit joints at once
    burning = @ids.each_index.find { |i| i > control && LIT.include?(@ids[i]) }
    soon = burning && @ids[burning + 1, 3].include?(:prove_lit_joints)
    must("§26.4 leak fluid on lit joints at once", soon) if burning
  end

  def at_the_end
    @id = @ids.last
    must("§24.7 every lift is watched", @watch.nil? || @id != :leave_site)
    paper = index(:lay_paper)
    wet = last(*WATER_OPENED, *DRAINS.keys, :flush_bursts, :remove_hose)
    must("§24.6 paper after the last wet work", paper > wet) if paper && wet
    leave_in_service if @id == :leave_site
  end

  def leave_in_service
    bubble = last(:renew_bubble)
    must("§26.3 a bubble renewed before a drain", bubble > (last(*DRAINS.keys) || -1)) if bubble
    must("§22 left full and live", @level == 4 && @pressure == :live && !@air)
    must("§22 left with water or gas shut", @supply && @house_supply && (@cock || !gas?))
    must("§22 left with hose or pipe off", !@hose && @pipe && !@drain)
    must("§22 left with joints unproved", @joints && @gas_joints && @lit_joints)
    must("§22 left with covers or leads off", @covers && @leads)
    must("§22 left without heat", @on)
    open = @dangers.reject { |one| one[:gone] }
    must("§24.3 in service with a danger standing", open.empty?)
  end

  # -- nothing idle: §26.3 ----------------------------------------------------------------
  def idle
    @ids.each_index do |at|
      used(at)
      drained_for_nothing(at) if DRAINS.key?(@ids[at])
      lifted_for_nothing(at) if @ids[at] == :open_relief_for_air
      cooled_for_nothing(at) if @ids[at] == :let_it_cool
    end
    once
    pilot_then_off
  end

  def used(at)
    needs, ends = USED[@ids[at]]
    return unless needs

    return if @ids[at] == :prove_dead && @ids.first(at).include?(:find_isolator)

    rest = @ids[(at + 1)..]
    stop = rest.index { |id| ends.include?(id) } || rest.size
    senseless("§26.3 #{@ids[at]} for nothing", at) unless rest.first(stop + 1).intersect?(needs)
  end

  def drained_for_nothing(at)
    rest = @ids[(at + 1)..]
    stop = rest.index(:refill_tank) || rest.size
    senseless("§26.3 drained for nothing", at) unless
      rest.first(stop).any? { |id| DRAINED_FOR.key?(id) && DRAINED_FOR[id] >= DRAINS[@ids[at]] }
  end

  def lifted_for_nothing(at)
    rest = @ids[(at + 1)..]
    stop = rest.index(:shut_relief_after_air) || rest.size
    senseless("§26.3 lifted for nothing", at) unless rest.first(stop).intersect?(DRAINS.keys)
  end

  def cooled_for_nothing(at)
    hot = @dangers.any? { |one| one[:hot] }
    wanted = @ids[(at + 1)..].intersect?([*DRAINS.keys, *LEVERS, :shut_heater_supply,
                                          :watch_first_heat_up])
    senseless("§26.3 cooled for nothing", at) unless hot && wanted
  end

  def once
    ONCE.each do |id, between|
      places = @ids.each_index.select { |at| @ids[at] == id }
      places.each_cons(2) do |one, two|
        senseless("§26.3 #{id} twice", two) unless @ids[one..two].intersect?(between)
      end
    end
    drains = @ids.each_index.select { |at| DRAINS.key?(@ids[at]) }
    senseless("§26.3 drained twice", drains[1]) if
      drains.size > 1 && @ids[drains[0]..drains[1]].include?(:refill_tank)
  end

  def pilot_then_off
    pilot = index(:turn_burner_to_pilot) or return
    off = @ids.each_index.find { |at| at > pilot && @ids[at] == :turn_gas_off } or return
    return if @ids[pilot..off].intersect?([*AT_ZERO, *DRAINS.keys, :test_pilot, :flush_bursts])

    senseless("§26.3 PILOT, then OFF", pilot)
  end
end
