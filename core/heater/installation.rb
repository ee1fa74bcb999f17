# frozen_string_literal: true

module Munimen
  module Heater
    # One heater as it is installed: what the data plate says and what stands around it.
    # Immutable; made from the open form (a Hash with text, numbers or words) and turned back into
    # it. Anything not known is `:unknown` or nil, and lowers no guard.
    #
    #   heater = Installation.from({ "kind" => "gas_storage", "capacity" => "50 gal" }, units: :us)
    #   heater.heat_sources # => [:burner]
    class Installation
      KINDS = Fields::KINDS
      FIELDS = Fields::ALL
      # Taken where the valve's plate is not recorded: US and English T&P (the lower of the two
      # usual English settings), and the English expansion relief. From memory.
      RELIEF_PRESSURE = Measure::Quantity.of(150, "psi", :pressure)
      RELIEF_TEMPERATURE = Measure::Quantity.of(210, "degF", :temperature)
      ENGLISH_RELIEF_PRESSURE = Measure::Quantity.of(7, "bar", :pressure)
      ENGLISH_RELIEF_TEMPERATURE = Measure::Quantity.of(90, "degC", :temperature)
      EXPANSION_RELIEF_PRESSURE = Measure::Quantity.of(6, "bar", :pressure)
      ENGLISH_SET_POINT = Measure::Quantity.of(60, "degC", :temperature)
      SET_POINT = Measure::Quantity.of(120, "degF", :temperature)
      GAS_EFFICIENCY = 0.8 # into the water; from memory
      SLENDERNESS = 2.5 # height of a tank over its diameter; common practice

      attr_reader(*FIELDS)

      # Raises Error naming the field that is wrong, or that is missing and cannot be done without.
      def self.from(hash, units: :us)
        given = hash.to_h.transform_keys(&:to_sym).reject { |_, value| value.nil? || value == "" }
        unknown = given.keys - FIELDS
        unless unknown.empty?
          raise Error.new(
            Message.of("A heater has no “{unknown}”; it has: {known}.",
                       unknown: unknown.first, known: FIELDS.join(", ")),
            field: unknown.first,
            code: :unknown_input
          )
        end

        new(read(given, units)).tap { |heater| Impossible.new(heater, given.keys).check! }
      end

      def self.read(given, units)
        values = Fields::QUANTITIES.to_h do |name, kind|
          [
            name,
            given[name] && Measure::Quantity.parse(given[name], kind, system: units, field: name)
          ]
        end
        values[:kind] = word(:kind, given[:kind], KINDS)
        Fields::WORDS.except(:kind).each do |name, choices|
          values[name] = (
            if given[name]
              word(name, given[name], choices)
            else
              Fields.presumed(values[:kind], name)
            end
          )
        end
        Fields::TEXTS.each { |name| values[name] = given[name] && given[name].to_s.strip[0, 200] }
        values
      end

      def self.word(name, given, choices)
        choices.find { |choice| choice.to_s == given.to_s } or
          raise Error.one_of(choices, field: name, given:)
      end
      private_class_method :read, :word

      def initialize(values)
        FIELDS.each { |name| instance_variable_set(:"@#{name}", values[name]) }
        freeze
      end

      # This heater with some fields otherwise (values as they are kept); a word that is not known
      # is :unknown.
      def with(**changes)
        changes.each_with_object(dup) do |(name, value), other|
          value = :unknown if value.nil? && Fields::WORDS.key?(name)
          other.instance_variable_set(:"@#{name}", value)
        end.freeze
      end

      # The open form: quantities as text with unit in `units`; fields that the kind has not are
      # left out.
      def to_h(units: :us)
        FIELDS.each_with_object({}) do |name, hash|
          value = public_send(name)
          next if value.nil? || !Fields.of?(kind, name)

          hash[name] = value.is_a?(Measure::Quantity) ? written(value, units) : value.to_s
        end
      end

      # What is known of it beyond its kind and what is presumed of that, as in the open form.
      def known(units: :us)
        to_h(units:).reject do |name, value|
          name == :kind || (Fields::WORDS.key?(name) && value.to_sym == Fields.presumed(kind, name))
        end
      end

      # The Kind that it is.
      def type = Kind[kind]

      def gas? = type.heated_by?(:burner)
      # With elements under one high limit.
      def electric? = type.high_limit?
      def unvented? = type.unvented?
      def coil? = type.heated_by?(:coil)
      # Heated by elements of its own, alone or beside a compressor.
      def elements? = type.heated_by?(:element)
      def elements_alone? = (heat_sources - HeatSource.elements).empty?
      def two_elements? = elements_alone? && !element_upper.nil? && !element_lower.nil?
      def heat_pump? = type.heated_by?(:compressor)
      def fed? = feeds.any?
      def wired? = electric_sources.any?
      def cut_out? = unvented? || electric?
      def without_vessel? = vessel == :none
      def immersion? = heat_sources.include?(:immersion)

      # Each source of heat, with a state of its own.
      def heat_sources = type.sources(self)

      # The elements among them.
      def electric_sources = heat_sources & HeatSource.elements

      # Each incoming electrical feed, with a state of its own; so have the heating controls.
      def feeds = type.feeds(self)

      # W into the water at one time; nil when the plate does not say.
      def heating_power = type.power(self)

      # The most heat that can go in at one time, as the plates say, held against the relief
      # valve's rating; nil when they do not.
      def heat_input
        watts = type.most(self)
        watts&.positive? ? Measure::Quantity.new(:power, watts) : nil
      end

      # Voltage of the supply where no plate says it, by the country of its words.
      USUAL_VOLTAGE = { us: 240.0, england: 230.0, si: 230.0 }.freeze

      # Volts that its elements are made for: by the plate, else as usual under some words.
      def volts(units = unvented? ? :england : :us)
        element_voltage&.si || Measure::System.pick(USUAL_VOLTAGE, units)
      end

      # The setting of the temperature and pressure relief valve, the last protection.
      # Manifold, Pa, 3.5 and 10 in. w.c. (handbook §25): what is usual of a fuel.
      USUAL_MANIFOLD = { natural_gas: 872.0, lp: 2491.0, butane: 2491.0 }.freeze

      # Pa of its plate, or what is usual of its fuel; nil where neither is known.
      def usual_manifold = manifold_pressure&.si || USUAL_MANIFOLD[fuel]

      # At what the tier behind the thermostat opens: as on the plate, or what is usual (common
      # practice, from memory: 180 °F of a high limit by hand, 82.5 °C of an unvented cylinder's
      # cut-out).
      HIGH_LIMIT = Measure::Quantity.of(180, "degF", :temperature)
      CUT_OUT = Measure::Quantity.of(82.5, "degC", :temperature)
      def second_tier = cut_out_temperature || (unvented? ? CUT_OUT : HIGH_LIMIT)

      # What stops the heat, first to last, at each of its sources: [[[name, temperature or nil]]].
      def heat_tiers
        last = ["{relief_valve}", relief_set_temperature]
        tank = ["{cut_out}", cut_out_temperature]
        [
          [["thermostat", set_point], tank, last],
          [["upper thermostat", set_point_upper], tank, last],
          [["{element}'s thermostat", immersion_set_point],
           ["{element}'s {cut_out}", immersion_cut_out], last]
        ]
      end

      # What the tank is designed for, where that is known: only this is held against a relief
      # valve's setting. A cylinder's plate with one pressure may give what it works at.
      def design_pressure
        working_pressure if !unvented? || plate_pressure == :design
      end

      # The highest pressure that the tank may stand at, as far as its plate says.
      def rated_pressure = plate_pressure == :operating ? nil : working_pressure

      def relief_pressure
        relief_set_pressure || (unvented? ? ENGLISH_RELIEF_PRESSURE : RELIEF_PRESSURE)
      end

      def relief_temperature
        relief_set_temperature || (unvented? ? ENGLISH_RELIEF_TEMPERATURE : RELIEF_TEMPERATURE)
      end

      # The pressure at which water first leaves: the expansion relief's where there is one.
      def first_relief_pressure
        return relief_pressure if expansion_relief == :no

        [expansion_relief_pressure || EXPANSION_RELIEF_PRESSURE, relief_pressure].min
      end

      # Which valve opens first as pressure climbs: :expansion_relief, or :relief where there is
      # none or its setting is not the lower one.
      def first_relief
        return :relief if expansion_relief == :no

        first_relief_pressure < relief_pressure ? :expansion_relief : :relief
      end

      # m, of a tank of so many m3.
      def self.diameter_of(volume) = (4 * volume / (Math::PI * SLENDERNESS))**(1 / 3.0)

      # Diameter and height of the tank, m, from its capacity.
      def tank_diameter = self.class.diameter_of(capacity.si)
      def tank_height = tank_diameter * SLENDERNESS

      def usual_set_point = set_point || (unvented? ? ENGLISH_SET_POINT : SET_POINT)
      def standing_pilot? = gas? && %i[pilot_thermocouple pilot_thermopile].include?(ignition)
      # Where how it is lit is not known, a pilot is reckoned with.
      def may_have_pilot? = gas? && ignition != :intermittent

      # Whether there is, or may be, a vessel that can be charged.
      def vessel? = %i[external unknown].include?(vessel)

      # :yes, :no or :unknown – can heated water not push back into the main?
      def closed_system
        return :yes if unvented? || [regulator, backflow].include?(:yes)
        return :no if water_supply == :well && backflow == :no

        [regulator, backflow].all?(:no) ? :no : :unknown
      end

      private

      # As it was typed where a unit was typed with it, else the number with the system's unit.
      def written(quantity, units)
        return quantity.typed if quantity.typed.to_s.match?(/[[:alpha:]°"'%]/)

        unit = quantity.kind.unit(units)
        number = quantity.in(unit).round(4)
        "#{number == number.to_i ? number.to_i : number} #{unit.symbol.delete_prefix("1")}".strip
      end
    end
  end
end
