# frozen_string_literal: true

module Munimen
  module Heater
    # One heater as it is installed: what the data plate says and what stands around it. Immutable; made
    # from the open form (a Hash with text, numbers or words) and turned back into it. Anything not known
    # is `:unknown` or nil, and lowers no guard.
    #
    #   heater = Installation.from({ "kind" => "gas_storage", "capacity" => "50 gal" }, units: :us)
    #   heater.heat_sources # => [:burner]
    class Installation
      KINDS = %i[gas_storage electric_storage].freeze
      YES_NO = %i[yes no unknown].freeze

      QUANTITIES = {
        capacity: :volume, input: :power, working_pressure: :pressure, set_point: :temperature,
        element_upper: :element_power, element_lower: :element_power, element_voltage: :voltage,
        vessel_volume: :volume, regulator_setting: :pressure, relief_set_pressure: :pressure,
        relief_set_temperature: :temperature, relief_rating: :power, relief_probe: :length
      }.freeze

      WORDS = {
        kind: KINDS,
        hood: %i[open sealed unknown],
        ignition: %i[pilot_thermocouple pilot_thermopile intermittent unknown],
        vessel: %i[external none unknown],
        regulator: YES_NO, backflow: YES_NO, pan: YES_NO, mixing_valve: YES_NO, recirculation: YES_NO,
        anode: %i[separate combined none unknown],
        location: %i[basement garage closet attic utility_room unknown],
        relief_history: %i[exercised_yearly not_known],
        discharge_ends: %i[floor pan outdoors receptor none unknown]
      }.freeze

      TEXTS = %i[maker model serial relief_thread manufactured installed instructions_kept].freeze
      FIELDS = [*WORDS.keys, *QUANTITIES.keys, *TEXTS].freeze
      RELIEF_PRESSURE = Measure::Quantity.of(150, "psi", :pressure)
      RELIEF_TEMPERATURE = Measure::Quantity.of(210, "degF", :temperature)
      GAS_EFFICIENCY = 0.8

      attr_reader(*FIELDS)

      # Raises Error naming the field that is wrong, or that is missing and cannot be done without.
      def self.from(hash, units: :us)
        given = hash.to_h.transform_keys(&:to_sym)
        unknown = given.keys - FIELDS
        unless unknown.empty?
          raise Error.new("A heater has no “#{unknown.first}”; it has: #{FIELDS.join(', ')}.", field: unknown.first,
                                                                                              code: :unknown_input)
        end
        new(read(given, units)).tap(&:check)
      end

      def self.read(given, units)
        values = QUANTITIES.to_h do |name, kind|
          text = given[name]
          text = nil if text.to_s.empty?
          [name, text && Measure::Quantity.parse(text, kind, system: units, field: name)]
        end
        WORDS.each { |name, choices| values[name] = word(name, given[name], choices) }
        TEXTS.each { |name| values[name] = given[name].to_s.strip[0, 200].then { |text| text.empty? ? nil : text } }
        values
      end

      def self.word(name, given, choices)
        return choices.include?(:unknown) ? :unknown : choices.last if given.to_s.empty? && name != :kind

        choices.find { |choice| choice.to_s == given.to_s } or
          raise Error.new("#{name} cannot be “#{given}”; it must be one of: #{choices.join(', ')}.", field: name,
                                                                                                    code: :unknown_choice)
      end
      private_class_method :read, :word

      def initialize(values)
        FIELDS.each { |name| instance_variable_set(:"@#{name}", values[name]) }
        freeze
      end

      # The open form: quantities as text with unit in `units`.
      def to_h(units: :us)
        FIELDS.each_with_object({}) do |name, hash|
          value = public_send(name)
          next if value.nil?

          hash[name] = value.is_a?(Measure::Quantity) ? written(value, units) : value.to_s
        end
      end

      def gas? = kind == :gas_storage
      def electric? = kind == :electric_storage

      # Each source of heat, with a state of its own.
      def heat_sources
        return [:burner] if gas?

        [(:upper_element if element_upper), (:lower_element if element_lower)].compact.then { |all| all.empty? ? [:element] : all }
      end

      # Each incoming electrical feed, with a state of its own.
      def feeds = electric? ? [:heater] : []

      # W into the water at one time; nil when the plate does not say. Two elements never run together on
      # the usual upper-priority thermostats.
      def heating_power
        return input && (input.si * GAS_EFFICIENCY) if gas?

        [element_upper, element_lower].compact.map(&:si).max
      end

      def relief_pressure = relief_set_pressure || RELIEF_PRESSURE
      def standing_pilot? = gas? && %i[pilot_thermocouple pilot_thermopile].include?(ignition)

      # :yes, :no or :unknown – can heated water push back into the main?
      def closed_system
        return :yes if [regulator, backflow].include?(:yes)

        [regulator, backflow].all?(:no) ? :no : :unknown
      end

      # Refuses what cannot be.
      def check
        raise Error.new("capacity is missing; it stands on the data plate.", field: :capacity, code: :missing) unless capacity

        within(:capacity, capacity, Measure::Quantity.of(2, "gal", :volume), Measure::Quantity.of(150, "gal", :volume))
        refuse(:input, "An electric heater has no gas input; give its elements.") if electric? && input
        refuse(:element_upper, "A gas heater has no elements; give its input.") if gas? && (element_upper || element_lower)
        refuse(:vessel_volume, "There can be no vessel volume where there is no vessel.") if vessel == :none && vessel_volume
        refuse(:regulator_setting, "There can be no regulator setting where there is no regulator.") if regulator == :no && regulator_setting
        self
      end

      private

      # As it was typed where a unit was typed with it, else the number with the system's unit.
      def written(quantity, units)
        return quantity.typed if quantity.typed.to_s.match?(/[[:alpha:]°"'%]/)

        unit = quantity.kind.unit(units)
        number = quantity.in(unit).round(4)
        "#{number == number.to_i ? number.to_i : number} #{unit.symbol}"
      end

      def refuse(field, message) = raise(Error.new(message, field:, code: :impossible))

      def within(field, quantity, low, high)
        return if quantity.between?(low, high)

        raise Error.new("#{field} must be between #{low.format(:us)} and #{high.format(:us)} for a domestic storage heater.",
                        field:, code: :out_of_range)
      end
    end
  end
end
