# frozen_string_literal: true

module Munimen
  module Work
    # The state of the heater, in words that a person reads while working.
    module StateWords
      extend Saying

      NAMES = {
        house_supply: "house supply",
        heater_supply: "supply",
        house_pressure: "house pressure",
        heater_pressure: "pressure",
        air_in_pipes: "air in the pipes",
        air_path: "air path",
        water_joints: "water joints",
        gas_joints: "gas joints",
        lit_joints: "joints after the control",
        left: "left",
        drip_watch: "drip watch",
        max_hand: "maximum hand",
        as_found: "as found",
        since_gas: "time since gas",
        test_points: "test points",
        burner_door: "burner door",
        pilot_flame: "pilot",
        discharge: "discharge pipe",
        discharge_pipe: "discharge pipe",
        static: "static pressure",
        charge: "charge",
        air_valve: "air valve",
        cycle: "heating cycle",
        two_port: "{two_port}",
        programmer: "programmer",
        coil_loop: "coil loop",
        inlet_group: "inlet group",
        looked: "looked over",
        on_site: "on site",
        dial: "dial"
      }.freeze
      MEMBERS = {
        "heating_controls" => "{controls}",
        "upper_element" => "upper {element}",
        "lower_element" => "lower {element}",
        "element" => "{element}",
        "high_limit" => "{high_limit}",
        "off_peak" => "off-peak"
      }.freeze
      # What would read badly as name and value.
      YES_NO = {
        [:identified, [:yes]] => "the {heater} identified",
        [:ignition, [:known]] => "how the burner is lit is known",
        [:looked, [:yes]] => "looked over",
        [:as_found, [:yes]] => "all still as found",
        [:air_in_pipes, [:no]] => "no air in the pipes",
        [:air_in_pipes, [:yes]] => "air in the pipes",
        [:static, [:known]] => "static pressure read",
        [:charge, [:known]] => "charge read",
        [:air_valve, [:tested]] => "air valve tested",
        [:consent, [:given]] => "consent given"
      }.freeze
      GROUPS = { "cut_out" => "cut-out" }.freeze
      VALUES = {
        below_relief_port: "below the relief port",
        below_upper_element: "below the upper element",
        below_lower_element: "below the lower element",
        proved_dead: "proved dead",
        seen_safe: "seen and safe",
        tap: "{tap}",
        relief: "relief valve",
        as_found: "as found",
        unasked: "not asked",
        found: "seen as found",
        final: "seen as left"
      }.freeze
      # What is on view all the time, in this order.
      SHOWN = %i[
        heat
        feed
        lock
        heater_supply
        heater_pressure
        level
        opening
        air_in_pipes
        air_path
        dial
        drip_watch
        max_hand
        gauge
      ].freeze

      module_function

      # "pressure zero", "heat off or pilot".
      def need(name, values) = ((@needs ||= {})[name] ||= {})[values] ||= said(name, Array(values))

      def said(name, values)
        return YES_NO.fetch([name, values]) if YES_NO.key?([name, values])

        hazard = Hazards::Hazard.of(name)
        return danger(hazard, values) if hazard
        return "#{member(name)} #{values == [:removed] ? "out" : "in place"}" if
          name.start_with?("opening.")

        words = "#{name(name)} #{values.map { |value| value(value) }.join(" or ")}"
        return words if values.one?

        Message.new(words, parts: values.map { |value| need(name, [value]) }, between: " or ")
      end

      # "no danger (Gas is escaping)"; the strictest of what will do.
      def danger(hazard, values)
        known = {
          [:none] => "cleared",
          %i[none mended] => "put right",
          [:standing] => "stands",
          [:mended] => "put right, not proved"
        }
        state = known.fetch(values, "made safe")
        msg("danger {state} ({hazard})", state:, hazard: hazard.title)
      end

      def name(name)
        group, member = name.to_s.split(".")
        if member
          return "#{member(name)} #{GROUPS.fetch(group) { group }}".sub("heater feed", "feed").sub(
            "heater lock",
            "lock"
          )
        end

        NAMES.fetch(name) { name.to_s.tr("_", " ") }
      end

      def member(name)
        name.to_s.split(".").last.then { |member| MEMBERS.fetch(member) { member.tr("_", " ") } }
      end

      def value(value) = VALUES.fetch(value) { value.to_s.tr("_", " ") }

      # The line on view: [{name, text, normal}], one for each variable that matters to the person.
      def line(space, state)
        arrival = space.arrival
        dangers = state.filter_map do |name, value|
          hazard = Hazards::Hazard.of(name)
          { name:, text: danger(hazard, [value]), normal: false } if hazard && value != :none
        end
        dangers + things(state, arrival)
      end

      # What is not as it usually is, dangers aside: [text].
      def unusual(space, state)
        things(state, space.arrival).reject { |one| one[:normal] }.map { |one| one[:text] }
      end

      def things(state, arrival)
        shown = SHOWN.flat_map do |name|
          if StateSpace::GROUPS.key?(name)
            state.keys.select { |key| key.start_with?("#{name}.") }
          else
            [name]
          end
        end
        shown.select { |name| state.key?(name) }.filter_map do |name|
          normal = state[name] == arrival[name] || %i[restored reset fitted].include?(state[name])
          if normal && %i[air_in_pipes air_path dial drip_watch max_hand gauge].include?(name) &&
             state[name] == arrival[name]
            next
          end
          next if name.start_with?("lock.", "opening.") && normal

          { name:, text: need(name, state[name]), normal: }
        end
      end
    end
  end
end
