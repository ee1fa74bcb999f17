# frozen_string_literal: true

module Munimen
  module Physics
    # Why a relief valve drips, by when it begins after heating has begun, how fast it drips and
    # whether the drops are warm, set against the climb that the tank must make. It weighs and
    # condemns nothing. The shares are common practice, put in numbers by us. SI; Pa gauge.
    #
    #   Drip.new(volume: 0.19, power: 9_400, cold: 290, hot: 322, supply: 4e5, relief: 1e6,
    #            opens_at: 372, first: 360, drops: 900).chances # => {expansion: 0.9, …}
    class Drip
      DROP = 5e-8 # m3: twenty of them make a millilitre; common practice
      STREAM = 500.0 # drops a minute that no longer can be counted

      # How often it turns out to be it, before anything was timed; common practice.
      PRIORS = { expansion: 6.0, seat: 3.0, supply: 2.0, over_temperature: 1.0 }.freeze
      # How likely it drips before heat has come on, or when it is not heating.
      BEFORE = { expansion: 0.03, seat: 0.6, supply: 0.1, over_temperature: 0.05 }.freeze
      HIGH = 0.8 # of the relief's setting, from which a static pressure lifts it by itself
      LIFTS = 0.9 # how likely it then drips without heat
      # How likely not one drop comes in a whole heating.
      NEVER = { expansion: 0.1, seat: 0.15, supply: 0.4, over_temperature: 0.3 }.freeze
      NEAR = 1.4   # times by which the time that is reckoned may be missed
      SLACK = 3.0  # times by which a rate that is reckoned may be missed
      WARM = { over_temperature: 0.95 }.tap { |all| all.default = 0.5 }.freeze

      # volume: m3; power: W into the water; cold, hot: K at the start and where it ends; supply,
      # relief: Pa; opens_at: K at which the valve opens by temperature, or nil; vessel: Vessel as
      # recorded, or nil. first: s from the start of heating to the first drop, :before where it
      # drips without heat, or nil where none came. drops: a minute, or nil; warm: whether they are,
      # or nil.
      def initialize(volume:, power:, cold:, hot:, supply:, relief:, opens_at: nil, vessel: nil,
                     first: nil, drops: nil, warm: nil)
        @volume = volume
        @power = power
        @cold = cold
        @hot = hot
        @supply = supply
        @relief = relief
        @opens_at = opens_at
        @vessel = vessel
        @first = first
        @drops = drops
        @warm = warm
      end

      # {cause => share}, before anything was timed and after.
      def before = shares(PRIORS)
      def chances = shares(PRIORS.to_h { |cause, share| [cause, share * likely(cause)] })

      # s from the start at which the relief opens by expansion: with the vessel as recorded, flat,
      # and none; nil where the water is hot before.
      def opens
        @opens ||= Vessel.cases(@vessel).transform_values do |vessel|
          along(vessel).find { |point| point.pressure >= @relief }&.time
        end
      end

      # s at which it opens by temperature, were nothing to stop the heat, or nil.
      def too_hot
        return unless @opens_at

        HeatUp.seconds(volume: @volume, power: @power, cold: @cold, hot: @opens_at)
      end

      # Drops a minute that growing water gives once nothing else takes it up.
      def growing
        points = along(nil)
        last = points.last
        before = points[-2]
        return 0.0 unless before

        (last.expanded - before.expanded) / (last.time - before.time) / DROP * 60
      end

      private

      def shares(weights)
        whole = weights.values.sum
        weights.transform_values { |weight| weight / whole }
      end

      def likely(cause) = onset(cause) * rate(cause) * warmth(cause)

      def onset(cause)
        return NEVER.fetch(cause) if @first.nil?
        return without_heat(cause) if @first == :before

        within = 1 - BEFORE.fetch(cause) - NEVER.fetch(cause)
        case cause
        when :expansion then within * expanding
        when :over_temperature then within * (near?(too_hot) ? 1.0 : 0.1)
        else within * 0.3 # at any time, and so seldom just then
        end
      end

      # What no longer heats no longer grows.
      def expanding
        return 1.0 if near?(*opens.values)

        hot = HeatUp.seconds(volume: @volume, power: @power, cold: @cold, hot: @hot)
        @first > hot * NEAR ? 0.01 : 0.15
      end

      # A static pressure that is measured low does it by itself at night only.
      def without_heat(cause)
        cause == :supply && @supply >= @relief * HIGH ? LIFTS : BEFORE.fetch(cause)
      end

      def near?(*times)
        times.compact.any? { |time| @first.between?(time / NEAR, time * NEAR) }
      end

      def rate(cause)
        return 1.0 unless @drops&.positive?

        case cause
        when :expansion then as_growing? ? 0.7 : 0.3
        when :over_temperature then @drops >= STREAM ? 0.8 : 0.2
        else 0.5
        end
      end

      # Part of it may go elsewhere; more than all of it cannot come of growing.
      def as_growing? = @drops.between?(growing / (SLACK * SLACK), growing * SLACK)

      def warmth(cause)
        return 1.0 if @warm.nil?

        @warm ? WARM[cause] : 1 - WARM[cause]
      end

      def along(vessel)
        ClosedSystem.new(volume: @volume, supply: @supply, vessel:)
                    .course(power: @power, cold: @cold, hot: @hot, step: 15.0)
      end
    end
  end
end
