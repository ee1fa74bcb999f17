# frozen_string_literal: true

module Munimen
  module Work
    # What a reading is brought to when something is set by it: the band in which it may lie, and
    # which way is turned how far. Declared in core/work/aims/, by the reading's name.
    #
    #   Aim.of(:charge_set, visit).band # => [Quantity, Quantity]
    class Aim
      # target: Quantity that is aimed at, or nil; band: [least, most], either may be nil; up, down:
      # what raises and what lowers it; coarse, fine: how far at a time; settle: what is waited for.
      Given = Struct.new(:target, :band, :up, :down, :coarse, :fine, :settle, keyword_init: true)

      @all = {}
      class << self
        def define(reading, &block)
          @all[reading] = new(reading).tap { |one| one.instance_eval(&block) }
        end

        def all = @all.values

        # Given of a reading at a visit, or nil where nothing says what it should be.
        def of(reading, visit) = @all[reading]&.given(visit)
      end

      attr_reader :reading

      def initialize(reading)
        @reading = reading
        @on = ->(_) { true }
        @target = ->(_) {}
        @band = ->(_) { [nil, nil] }
      end

      # -- declaration --------------------
      %i[up down coarse fine settle].each do |name|
        define_method(name) do |text = nil|
          text ? instance_variable_set(:"@#{name}", text) : instance_variable_get(:"@#{name}")
        end
      end

      def on(&block) = @on = block
      def target(&block) = @target = block
      def band(&block) = @band = block

      # -- use --------------------
      def given(visit)
        return unless @on.call(visit)

        band = @band.call(visit)
        return if band.none?

        Given.new(target: @target.call(visit), band:, up:, down:, coarse:, fine:, settle:)
      end
    end
  end
end
