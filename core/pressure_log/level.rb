# frozen_string_literal: true

module Munimen
  class PressureLog
    # The static level: the lowest pressure at which the system often stands still, by the time it
    # stands there or by how often it comes back to it. After a draw it is what the supply gives;
    # what stands higher was pushed up by heating or by a regulator that passes.
    module Level
      BIN = PSI / 2
      STILL = 0.4 * PSI # from one block to the next
      OFTEN = 0.04      # of the still time; from memory
      VISITS = 0.2      # of the visits to the level that is visited most; from memory

      # bins that it comes back to are under where it stands for that to count: draws bring it a
      # little lower
      FAR = 16

      module_function

      # Pa
      def of(blocks)
        steps = blocks.values.slice_when { |before, after| (after - before).abs > STILL }.to_a
        runs = steps.select { |run| run.size > 1 }
        runs = [blocks.values] if runs.sum(&:size) < 5
        still = runs.flatten
        stood = stood(still)
        come_back = come_back(runs - dips(steps))
        level = (come_back && stood - come_back > FAR ? come_back : stood) * BIN
        near = still.select { |value| (value - level).abs <= BIN * 1.5 }.sort
        near[near.size / 2]
      end

      def stood(still)
        time = still.map { |value| bin(value) }.tally
        modes(time) { |weight| weight > OFTEN * 2 * still.size }.min || time.max_by(&:last).first
      end

      def come_back(runs)
        visits = runs.map { |run| bin(middle(run)) }.tally
        return if visits.empty?

        modes(visits) { |weight| weight > [4, VISITS * weights(visits).values.max].max }.min
      end

      # Still stretches that lie between two of one level and go back to it at once: a dip of the
      # supply, or a draw that goes on. After a draw that ends, heating or a seat that passes takes
      # its time.
      def dips(steps)
        steps.each_index.filter_map do |at|
          run = steps[at]
          next if run.size < 2

          before, after = [at.downto(0), at.upto(steps.size - 1)].map { |way| level_at(steps, way) }
          next unless before && after && (before - after).abs <= BIN * 2

          run if [before, after].min - middle(run) > FAR * BIN
        end
      end

      # The level of the next still stretch, where at most one moving block lies between.
      def level_at(steps, way)
        at = way.drop(1).first(2).find { |one| steps[one].size > 1 }
        at && middle(steps[at])
      end

      def middle(run) = run.sort[run.size / 2]

      def bin(value) = (value / BIN).round

      # Bins that weigh no less than their neighbours, and enough.
      def modes(counts)
        weight = weights(counts)
        weight.default = 0
        counts.keys.select do |bin|
          weight[bin] >= [weight[bin - 1], weight[bin + 1]].max && yield(weight[bin])
        end
      end

      # A count with half of its neighbours', twice.
      def weights(counts)
        counts.to_h do |bin, count|
          [bin, counts.fetch(bin - 1, 0) + (2 * count) + counts.fetch(bin + 1, 0)]
        end
      end
    end
  end
end
