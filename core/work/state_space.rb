# frozen_string_literal: true

module Munimen
  module Work
    # The variables that describe a heater during a visit, the values each may take, and how a
    # heater is presumed to be on arrival. Sources of heat, feeds and openings have one variable
    # each, written "heat.burner", "feed.heater"; naming the group ("heat") in a need or an effect
    # means all of them.
    #
    #   space = StateSpace.new(heater)
    #   space.expand(heat: :off) # => { :"heat.burner" => [:off] }
    class StateSpace
      GROUPS = {
        heat: [%i[on pilot off], lambda(&:heat_sources)],
        feed: [%i[live off proved_dead], lambda(&:feeds)],
        lock: [%i[off on], lambda(&:feeds)],
        leads: [%i[landed off], lambda(&:electric_sources)],
        hazard: [Hazards::Hazard::VALUES, ->(_) { Hazards::Hazard.ids }],
        cut_out: [%i[reset tripped], lambda { |h|
          next h.heat_sources if h.unvented?

          h.electric? ? [:high_limit] : []
        }],
        opening: [%i[fitted removed], lambda { |h|
          [
            :relief,
            :drain_valve,
            (:anode unless h.anode == :none),
            (:gas_control if h.gas?),
            *h.type.openings,
            (:expansion_relief if h.unvented?),
            *h.electric_sources
          ].compact
        }]
      }.freeze

      # What the members of a group may be called.
      MEMBERS = %i[
        burner
        upper_element
        lower_element
        element
        coil
        compressor
        immersion
        heater
        heating_controls
        off_peak
        boost
        high_limit
        relief
        expansion_relief
        drain_valve
        anode
        gas_control
      ].freeze

      ALWAYS = ->(_) { true }
      GAS = :gas?.to_proc
      FED = ->(heater) { !heater.feeds.empty? }
      COIL = :coil?.to_proc
      UNVENTED = :unvented?.to_proc
      VESSEL = :vessel?.to_proc
      RECIRCULATION = ->(heater) { heater.recirculation == :yes }

      # variable: [values, the first being that on arrival; when it applies]
      VARIABLES = {
        covers: [%i[on off], FED],
        dial: [%i[as_found changed restored], ALWAYS],
        programmer: [%i[as_found changed restored], COIL],
        cock: [%i[open shut], GAS],
        union: [%i[made broken], GAS],
        burner_door: [%i[sealed open], GAS],
        pilot_flame: [%i[lit out], :may_have_pilot?.to_proc],
        since_gas: [%i[clear waiting], GAS],
        test_points: [%i[shut open], GAS],
        manometer: [%i[off connected], GAS],
        house_supply: [%i[open shut], ALWAYS],
        heater_supply: [%i[open shut], ALWAYS],
        house_pressure: [%i[live flowing zero], ALWAYS],
        heater_pressure: [%i[live flowing zero], ALWAYS],
        level: [
          %i[full below_relief_port below_upper_element below_lower_element empty falling],
          ALWAYS
        ],
        air_path: [%i[shut tap relief], ALWAYS],
        hose: [%i[off fitted], ALWAYS],
        drain: [%i[shut open], ALWAYS],
        air_in_pipes: [%i[no yes], ALWAYS],
        temperature: [%i[hot cold], ALWAYS],
        recirculation: [%i[as_found off], RECIRCULATION],
        coil_loop: [%i[live isolated drained air], COIL],
        # of the compressor, the air through it and the condensate under it
        heat_pump_run: [%i[none settled], :heat_pump?.to_proc],
        bubble: [%i[unknown renewed], ->(heater) { heater.vessel == :bubble }],
        relief: [%i[shut open], ALWAYS],
        discharge_pipe: [%i[on off], ALWAYS],
        vessel: [%i[fitted off], VESSEL],
        charge: [%i[unknown known set], VESSEL],
        air_valve: [%i[untested tested], VESSEL],
        strainer: [%i[in out], UNVENTED],
        inlet_group: [%i[in out], UNVENTED],
        two_port: [%i[auto manual], COIL],
        water_joints: [%i[proven disturbed], ALWAYS],
        gas_joints: [%i[proven disturbed], GAS],
        # those after the control, which hold gas only while it burns
        lit_joints: [%i[proven disturbed], GAS],
        controls: [%i[proven disturbed], ALWAYS],
        drip_watch: [%i[finished running expansion], ALWAYS],
        # what is known so far, and what the gauge with the maximum hand has seen
        identified: [%i[no yes], ALWAYS],
        ignition: [%i[unknown known], ->(heater) { heater.gas? && heater.ignition == :unknown }],
        looked: [%i[no yes], ALWAYS],
        discharge: [%i[unseen seen_safe unsafe], ALWAYS],
        consent: [%i[unasked given refused], ALWAYS],
        gauge: [%i[off fitted], ALWAYS],
        max_hand: [%i[none reset spoiled], ALWAYS],
        as_found: [%i[yes no], ALWAYS],
        cycle: [%i[none found final], ALWAYS],
        static: [%i[unknown known], ALWAYS],
        on_site: [%i[yes no], ALWAYS],
        left: [%i[no in_service made_safe evacuated against_advice], ALWAYS]
      }.freeze

      attr_reader :heater

      # A heater's space is always the same: made once for each.
      def self.new(heater) = (@spaces ||= ObjectSpace::WeakMap.new)[heater] ||= super

      def initialize(heater)
        @heater = heater
        @domains = VARIABLES.each_with_object({}) do |(name, (values, applies)), all|
          all[name] = values if applies.call(heater)
        end
        GROUPS.each do |group, (values, members)|
          members.call(heater).each { |member| @domains[:"#{group}.#{member}"] = values }
        end
        @domains.freeze
      end

      # variable => its values
      attr_reader :domains

      # The state presumed on arrival: everything in normal operation.
      def arrival = @arrival ||= @domains.transform_values(&:first).freeze

      # Conditions or effects as {variable => [values]}; groups become all their members, and a
      # variable that this heater has not got falls away.
      def expand(conditions)
        return expanded(conditions) unless conditions.frozen?

        @expanded ||= {}.compare_by_identity
        @expanded[conditions] ||= expanded(conditions).freeze
      end

      # Which of some conditions a state does not meet: {variable => [values]}.
      def unmet(conditions, state)
        expand(conditions).reject { |name, values| values.include?(state[name]) }
      end

      # The values that a variable, or every one of a group, may take, the first being the usual.
      def self.values(name)
        VARIABLES[name]&.first || GROUPS.fetch(name.to_s.split(".").first.to_sym).first
      end

      def self.member?(name) = MEMBERS.include?(name) || Hazards::Hazard.ids.include?(name)
      private_class_method :member?

      # Mistakes in a declaration: names or values that no heater has.
      def self.problems(conditions)
        conditions.flat_map do |name, values|
          group, member = name.to_s.split(".")
          known =
            VARIABLES[name]&.first ||
            (GROUPS[group.to_sym]&.first if member.nil? || member?(member.to_sym))
          if known
            (Array(values) - known).map { |value| "#{name} cannot be #{value}" }
          else
            ["no variable #{name}"]
          end
        end
      end

      private

      def expanded(conditions)
        conditions.each_with_object({}) do |(name, values), all|
          members =
            GROUPS.key?(name) ? @domains.keys.select { |key| key.start_with?("#{name}.") } : [name]
          members.each { |member| all[member] = Array(values) if @domains.key?(member) }
        end
      end
    end
  end
end
