# frozen_string_literal: true

class PlanReader
  # The heater as a bystander sees it: what each act does, and what must hold before it.
  module Tank
    USES_HEAT = [*CYCLES, :heat_tank_up, :read_tap_temperature, :clock_gas_meter].freeze
    FULL = %i[exercise_relief_valve exercise_new_relief_valve exercise_expansion_relief check_joints
              prove_thermostat test_controls lay_paper].freeze
    ZERO = (AT_ZERO - %i[shut_house_supply thaw lower_supply fit_vessel]).freeze

    # What must hold for some acts: {ids => [rule, holds]}.
    BEFORE = {
      USES_HEAT => ["§26.4 the first heat after a repair is for its proof",
                    proc { @dangers.none? { |one| one[:mended] && !one[:gone] } }],
      ON => ["§22 looked at before it is given heat",
             proc { index(:look_over).nil? || index(:look_over) < @at }],
      [*GAS_OPENED, :connect_manometer] => ["§22 gas opened with its cock open", proc { !@cock }],
      LEAVES => ["§24.2 left with an opening", proc { @out.empty? || @id == :leave_drained }],
      %i[refill_tank] => ["§22 refilled with an opening",
                          proc { @out.empty? && !@drain && !@open_lever }],
      FULL => ["§22 nobody tests on a part-filled tank", proc { @level == 4 }],
      INSIDE => ["§22 hands in an enclosure that is not proved dead", proc { @dead }],
      ZERO => ["§22 zero pressure", proc { @pressure == :zero || charge_under_way? }]
    }.freeze
    # What an act does: {id => what}.
    DOES = {
      shut_heater_supply: proc { @supply = false },
      shut_house_supply: proc { @house_supply = false },
      open_house_supply: proc { @house_supply = true },
      let_pressure_down: proc { (@pressure = :zero).then { @air = true } },
      refill_tank: proc { fill },
      open_heater_supply: proc { water(:flowing) },
      run_taps: proc { water(:flowing) },
      reopen_supply: proc { water(:live) },
      open_supply_on_bubble: proc { water(:live) },
      shut_taps: proc { water(:live) },
      purge_air: proc { water(:live) },
      shut_drain: proc { @drain = false },
      let_it_cool: proc { @hot = false },
      prove_dead: proc { (@dead = true).then { @covers = false } },
      measure_elements: proc { @leads = !elements? },
      take_leads_off: proc { @leads = !elements? },
      mend_wiring: proc { @leads = !elements? },
      land_leads: proc { @leads = true },
      close_covers: proc { @covers = true },
      ask_consent: proc { @consent = true },
      check_discharge_pipe: proc { @pipe_seen = true },
      see_discharge_run: proc { @pipe_seen = true },
      fit_hose: proc { @hose = true },
      remove_hose: proc { @hose = false },
      take_discharge_pipe_off: proc { @pipe = false },
      refit_discharge_pipe: proc { @pipe = true },
      shut_gas_cock: proc { @cock = false },
      open_gas_cock: proc { @cock = true },
      check_joints: proc { @joints = true },
      prove_gas_joints: proc { @gas_joints = true },
      prove_lit_joints: proc { @lit_joints = true },
      open_relief_for_air: proc { @open_lever = true },
      shut_relief_after_air: proc { (@open_lever = false).then { @watch = @id } },
      watch_relief_drip: proc { @watch = nil },
      watch_expansion_drip: proc { @watch = nil },
      replace_relief_valve: proc { @watch = nil },
      renew_bubble: proc { @watch = @id },
      inspect_anode: proc { @out |= [:anode] },
      refit_anode: proc { @out -= [:anode] },
      replace_anode: proc { @out -= [:anode] },
      descale_elements: proc { @out |= [:element] },
      refit_elements: proc { @out -= [:element] },
      replace_elements: proc { @out -= [:element] }
    }.freeze

    private

    def as_it_stands(safe)
      @level = 4
      @pressure = :live
      @supply = @house_supply = @pipe = @covers = @leads = true
      @joints = @gas_joints = @lit_joints = true
      @open_lever = @drain = @hose = @air = @dead = @pipe_seen = false
      @on = @hot = !safe
      @cock = !safe || !gas?
      @out = []
    end

    def before
      BEFORE.each { |ids, (rule, holds)| must(rule, instance_exec(&holds)) if ids.include?(@id) }
      lever if LEVERS.include?(@id) || @id == :renew_bubble
      drain if DRAINS.key?(@id)
      opened if DRAINED_FOR.key?(@id) && @id != :flush_bursts
      heat if ON.include?(@id) || @id == :relight_pilot
    end

    # Read with the taps open, as the house rule has it.
    def charge_under_way?
      @house[:charge_method] == :taps_open &&
        %i[read_vessel_charge test_air_valve].include?(@id)
    end

    def lever
      must("§26.2 consent before the first lift", @consent)
      must("§24.7 discharge seen safe before a lift", @pipe_seen && @pipe)
      must("§24.7 each lift has its own watch", @watch.nil? || @pressure == :zero)
      must("§26.2 never a lever of a bad valve, of a hot tank, or into a bad discharge",
           of_another_valve? || standing(:no_lever).empty?)
      zero = %i[open_relief_for_air renew_bubble].include?(@id)
      must("§26.2 exercised full and live", zero || (@level == 4 && @pressure == :live))
      return unless @id == :open_relief_for_air

      must("§26.2 for air only at zero pressure", @pressure == :zero)
      must("§26.2 never for air while a tap gives it", @house[:drain_air] == :relief_valve)
    end

    def of_another_valve?
      %i[exercise_expansion_relief exercise_new_relief_valve].include?(@id)
    end

    def drain
      must("§22 drained with heat on", !@on)
      must("§22 drained without hose", @hose)
      must("§22 drained with the supply open", !@supply)
      must("§22 drained under pressure", @pressure == :zero)
      must("§26.9 an electric tank is drained after every feed is proved dead",
           @dead || !elements?)
    end

    def opened
      leaving = @id == :leave_drained
      must("§22 opened above its level", @level <= DRAINED_FOR[@id] || leaving)
      must("§22 opened with the supply open", !@supply)
      must("§22 opened with the drain running", !@drain || leaving)
    end

    def heat
      must("§22 heat on a tank not full", @level == 4 && !@air)
      must("§22 heat with an opening", @out.empty? && @pipe)
      must("§22 heat with the supply shut", @supply && !@drain)
      must("§22 heat before the water joints are proved", @joints)
      must("§24.1 heat with a danger standing", standing.empty?)
      if POWERED.include?(@id)
        must("§22 power with covers or leads off", @covers && @leads)
      elsif gas?
        must("§22 flame with the cock shut", @cock)
        must("§22 flame before the gas joints are proved", @gas_joints)
      end
    end

    def happens
      instance_exec(&DOES[@id]) if DOES.key?(@id)
      drained if DRAINS.key?(@id)
      heated
      mend
      @joints = false if WATER_OPENED.include?(@id)
      @gas_joints = @lit_joints = false if GAS_OPENED.include?(@id)
      @watch = @id if (LEVERS - [:open_relief_for_air]).include?(@id)
    end

    def heated
      @on = false if OFF.include?(@id)
      @on = true if ON.include?(@id)
      @hot = true if %i[heat_tank_up watch_first_heat_up].include?(@id)
      @dead = false if POWERED.include?(@id)
    end

    def drained
      @level = [@level, DRAINS[@id]].min
      @drain = true
      @hot = false
    end

    def water(pressure)
      @supply = true
      @pressure = pressure
      @air = false if pressure == :live
    end

    def fill
      water(:flowing)
      @level = 4
      @air = true
      @hot = false
    end

    def mend
      @dangers.each do |one|
        one[:mended] = true if one[:mend].include?(@id)
        one[:gone] = true if one[:mended] && one[:prove].include?(@id)
      end
    end
  end
end
