# frozen_string_literal: true

class PlanReader
  # Which order the handbook demands over a whole plan, and which proofs are owed.
  module OrderOfWork
    # {work => proofs owed after it}: §24.5, §26.4, §26.6.
    OWED = {
      replace_relief_valve: [%i[exercise_new_relief_valve watch_relief_drip], "a new valve is
                             exercised once, full and live, and watched (§26.2)"],
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

    # Where the heater has one of two, either will do.
    EITHER = %i[lower_supply clean_burner mend_flue fit_cut_out mend_controls].freeze

    # Found-readings before what changes them: §26.11, §26.4.
    CHANGES = %i[set_vessel_charge replace_vessel fit_vessel lower_supply replace_inlet_group
                 replace_gas_control renew_bubble drain_empty drain_below_relief_port
                 drain_below_upper_element].freeze

    FIRST_HEAT = { mend_flue: %i[test_draught prove_flue test_combustion],
                   clean_burner: %i[test_draught prove_flue test_combustion],
                   replace_gas_control: %i[read_operating_pressure],
                   mend_controls: %i[test_controls prove_thermostat],
                   fit_cylinder_thermostat: %i[test_controls] }.freeze

    private

    def order
      @at = @ids.size - 1
      @id = @ids.last
      proofs
      found_first
      service_of_what_goes
      gas_order
      at_the_end
    end

    def proofs
      in_service = @ids.last == :leave_site
      OWED.each do |work, (owed, why)|
        next unless index(work) && in_service

        needed = alternatives(work, owed)
        needed.each do |one|
          seen = one.any? { |id| (last(id) || -1) > index(work) }
          @id = work
          must("#{why.squeeze(" ").delete("\n")}: #{one.join(" or ")}", seen)
        end
      end
    end

    def alternatives(work, owed) = EITHER.include?(work) ? [owed] : owed.map { |one| [one] }

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

    def gas_order
      FIRST_HEAT.each { |work, proofs| first_heat(work, proofs) if index(work) }
      lit_at_once(index(:replace_gas_control)) if index(:replace_gas_control)
    end

    # From the first heat after some work to its proof the heat serves nothing else.
    def first_heat(work, proofs)
      lit = after(index(work), ON) or return
      proof = after(lit, proofs) or return
      used = @ids[lit..proof] & [*CYCLES, :heat_tank_up, :read_tap_temperature]
      @id = work
      must("§26.4 the first heat is for the proof alone: #{used.first}", used.empty?)
    end

    # A new control: the manometer is on it before it is lit, and leak fluid comes at once.
    def lit_at_once(control)
      lit = after(control, [:relight_pilot, *LIT]) or return
      @id = :replace_gas_control
      fitted = @ids[control..lit].include?(:connect_manometer)
      must("§26.4 manometer fitted before lighting", fitted || !index(:read_operating_pressure))
      burning = after(control, LIT) or return
      must("§26.4 leak fluid on lit joints at once",
           @ids[burning + 1, 3].include?(:prove_lit_joints))
    end

    def after(place, ids)
      @ids.each_index.find { |at| at > place && ids.include?(@ids[at]) }
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
  end
end
