# frozen_string_literal: true

module Munimen
  module Physics
    # Share of things that still work after a time, where some were seen to fail and others were
    # only seen to work so long: Kaplan and Meier 1958, with Greenwood's variance and the band of
    # 95 % on the scale of log(−log S), as Kalbfleisch and Prentice have it; from memory.
    #
    #   Survival.steps([[6, true], [6, false]]).first.share # => 0.5
    module Survival
      # time; at_risk: how many were still watched just before it; events: how many failed at it;
      # share that works after it, with its band (nil where nothing is left, or has failed).
      Step = Struct.new(:time, :at_risk, :events, :share, :low, :high, keyword_init: true)
      SURE = 1.959964 # standard deviations of a band of 95 %

      module_function

      # cases: [[time, whether it failed then], …], times in any unit. [Step] at each time at which
      # something failed, in order.
      def steps(cases)
        share = 1.0
        greenwood = 0.0
        cases.select(&:last).map(&:first).uniq.sort.map do |time|
          at_risk = cases.count { |one, _| one >= time }
          events = cases.count { |one, failed| failed && one == time }
          share *= 1 - events.fdiv(at_risk)
          greenwood += events.fdiv(at_risk * (at_risk - events)) unless events == at_risk
          low, high = band(share, greenwood)
          Step.new(time:, at_risk:, events:, share:, low:, high:)
        end
      end

      def band(share, greenwood)
        return [nil, nil] unless share.positive? && share < 1

        off = SURE * Math.sqrt(greenwood) / Math.log(share).abs
        [share**Math.exp(off), share**Math.exp(-off)]
      end
      private_class_method :band
    end
  end
end
