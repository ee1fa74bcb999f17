# frozen_string_literal: true

module Munimen
  class Rig
    # A fault that can be set on a rig: its name is that of the cause in core/faults, and `set`
    # gets the rig and how bad it is, 0 to 1. Declared in core/rig/faults/.
    #
    #   Fault.define(:vessel_flat) { |rig, _| … }
    class Fault
      @all = {}
      class << self
        def define(name, &block) = @all[name] = new(name, block)
        def all = @all.values
        def names = @all.keys

        def [](name)
          @all.fetch(name.to_sym) do
            raise NotFound.new(
              Message.of("No fault “{name}” can be simulated; there are: {known}.",
                         name:, known: @all.keys.join(", ")),
              field: :fault
            )
          end
        end
      end

      attr_reader :name

      def initialize(name, block)
        @name = name
        @block = block
      end

      # Raises Error where the rig has not got what would fail.
      def set(rig, severity)
        @block.call(rig, severity)
      rescue NoMethodError => e
        raise unless e.receiver.nil? # of a part that this heater has not got

        raise Error.new(
          Message.of("{name} cannot happen on a {kind}.", name:, kind: rig.heater.kind),
          field: :fault,
          code: :not_applicable
        )
      end
    end
  end
end
