# frozen_string_literal: true

module Munimen
  module Demo
    # What a pressure logger on a simulated heater would have written, and what really happened:
    # days of draws, dips of the main and bangs of quick taps, by a seed.
    #
    #   logged = Logged.new(heater, days: 2, faults: { no_expansion_control: 1 })
    #   logged.rows(10) # => [[s, Pa], …], a row every 10 s
    #   logged.truth  # => [[:heating, from, to, Pa], …]
    class Logged
      PSI = 6894.757293168361
      Moment = Struct.new(:time, :pressure, :power, :running)

      # dips: how often a day the main falls; bangs: share of draws that end with a bang. noise,
      # digit: Pa of the logger.
      def initialize(
        heater,
        days:,
        faults: {},
        seed: 1,
        dips: 0,
        bangs: 0.0,
        noise: 0.2 * PSI,
        digit: 0.1 * PSI
      )
        @random = Random.new(seed)
        @heater = heater
        @rig = Rig.new(heater, faults:, seed:)
        @noise = noise
        @digit = digit
        @fine = []
        @dips = []
        @bangs = []
        live(days, dips, bangs)
      end

      # What a logger that writes every so many seconds wrote.
      def rows(interval)
        ends = @fine.last.time
        index = 0
        Array.new((ends / interval).floor) do |n|
          time = n * interval
          index += 1 while index < @fine.size - 2 && @fine[index + 1].time <= time
          [
            time,
            shown(
              between(@fine[index], @fine[index + 1], time) + ringing(time) +
                (@noise * ((2 * @random.rand) - 1))
            )
          ]
        end
      end

      # [[kind, from, to, height in Pa], …]
      def truth
        rises(:heating) { |moment| moment.power > 500 } +
          rises(:creep) { |moment| moment.power < 500 } + dips +
          @bangs.map { |at, height| [:hammer, at, at + 2, height] }
      end

      def static = @rig.water.static

      # Seconds above a pressure, by the steps of the rig.
      def seconds_above(limit)
        @fine
          .each_cons(2)
          .sum { |before, after| before.pressure > limit ? after.time - before.time : 0 }
      end

      # kg that the relief valves let go.
      def spilt = @rig.relief_spilt

      private

      # Most water is used in the morning and the evening, little at night.
      def live(days, dips, bangs)
        @rig.run(3600)
        @start = @rig.time
        note(@rig.sample)
        plan = Array.new(days) { |day| draws(day) + troughs(day, dips) }.flatten(1).sort_by(&:first)
        plan.each do |at, what, seconds, size|
          go_to(at)
          what == :draw ? draw(seconds, size, bangs) : trough(seconds, size)
        end
        go_to(days * 86_400)
      end

      def draws(day)
        hours =
          Array.new(6) { 6 + (@random.rand * 3.5) } + Array.new(3) { 11 + (@random.rand * 5) } +
          Array.new(6) { 17.5 + (@random.rand * 5) }
        hours.map do |hour|
          [
            (day * 86_400) + (hour * 3600),
            :draw,
            20 + (@random.rand * 420),
            4e-5 + (@random.rand * 1.6e-4)
          ]
        end
      end

      def troughs(day, count)
        Array.new(count) do
          [
            (day * 86_400) + (@random.rand * 86_400),
            :trough,
            300 + (@random.rand * 2400),
            0.4 + (@random.rand * 0.3)
          ]
        end
      end

      def go_to(at) = at > @rig.time - @start ? run(at - (@rig.time - @start)) : nil
      def run(seconds) = @rig.run(seconds) { |sample| note(sample) }

      def note(sample)
        @fine << Moment.new(
          sample.time - @start,
          sample.pressure,
          sample.power,
          @rig.running.positive?
        )
      end

      def draw(seconds, flow, bangs)
        @rig.running = flow
        run(seconds)
        @rig.running = 0.0
        @bangs << [@rig.time - @start, (15 + (@random.rand * 45)) * PSI] if @random.rand < bangs
      end

      def trough(seconds, share)
        before = @rig.water.mains
        from = @rig.time - @start
        @rig.water.mains = before * share
        run(seconds)
        @dips << [from, @rig.time - @start]
        @rig.water.mains = before
        run(1)
      end

      def between(before, after, time)
        share = ((time - before.time) / (after.time - before.time)).clamp(0, 1)
        before.pressure + ((after.pressure - before.pressure) * share)
      end

      # Of a bang: a swing of 0.4 s that dies away in about half a second.
      def ringing(time)
        at, height = @bangs.find { |start, _| time.between?(start, start + 3) }
        if at
          height * Math.exp(-(time - at) / 0.6) * Math.cos(2 * Math::PI * (time - at) / 0.4)
        else
          0.0
        end
      end

      def shown(pressure) = [(pressure / @digit).round * @digit, 0].max

      # Spans without a draw in which the pressure rose while the heat was on, or off.
      def rises(kind)
        spans = @fine.slice_when do |before, after|
          yield(before) != yield(after) || before.running != after.running ||
            after.pressure < before.pressure - (12 * PSI)
        end
        spans.filter_map do |span|
          next if span.first.running || !yield(span.first)

          low = span.min_by(&:pressure)
          high =
            span.find { |moment| moment.pressure >= @heater.first_relief_pressure.si * 0.94 } ||
            span.max_by(&:pressure)
          if high.time > low.time
            [kind, low.time, high.time, high.pressure - [low.pressure, static].max]
          end
        end
      end

      def dips
        @dips.map do |from, to|
          [
            :dip,
            from,
            to,
            static - @fine.select { |moment| moment.time.between?(from, to) }.map(&:pressure).min
          ]
        end
      end
    end
  end
end
