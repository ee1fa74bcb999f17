# frozen_string_literal: true

module Munimen
  module Heater
    # One source of heat, in core/heater/sources/: what it is fed by, which fields of the record are
    # its own, and what each of these is missing on a heater without it.
    #
    #   HeatSource.define :burner do
    #     fed_by :gas
    #     field :input, "has no gas input; give its elements or its coil"
    #   end
    class HeatSource
      FEEDS = %i[gas electricity boiler].freeze

      @all = {}
      class << self
        def define(id, &block)
          @all[id] = new(id).tap { |source| source.instance_eval(&block) }.declared
        end

        def all = @all.values
        def ids = @all.keys
        def [](id) = @all.fetch(id)

        # Ids of those that stand in the water and are electric: elements, whatever they are called.
        def elements
          @elements ||= all.select do |one|
            one.fed_by == :electricity && one.in_the_water?
          end.map(&:id)
        end
      end

      attr_reader :id, :fields

      def initialize(id)
        @id = id
        @fields = {}
      end

      # -- declaration: with an argument these set, without one they tell --------------------
      def fed_by(what = nil) = what ? @fed_by = what : @fed_by
      # What it is called among others of its heater.
      def short(text = nil) = text ? @short = text : @short || id.to_s
      # Nothing of it is taken out of the tank, and none of it can be dry.
      def outside_the_water = @outside = true
      def in_the_water? = !@outside
      # A field that only a heater with this source has; because: why another has not, after its
      # name.
      def field(name, because) = @fields[name] = because

      # Raises ArgumentError where it is not said what feeds it.
      def declared
        return freeze if FEEDS.include?(fed_by)

        raise ArgumentError, "#{id}: fed_by is one of #{FEEDS.join(", ")}"
      end
    end
  end
end
