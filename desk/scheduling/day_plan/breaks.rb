# frozen_string_literal: true

module Munimen
  module Desk
    class DayPlan
      # What breaks, in a sentence.
      module Breaks
        module_function

        def text(what, leg, round, name, facts, units)
          case what
          when :window
            Message.of("Begins {start}; promised by {promised}.",
                       start: Day.clock(leg.start, units),
                       promised: Day.clock(leg.stop.window[1], units))
          when :hours
            Message.of("Ends {leave}; the day ends {ends}.",
                       leave: Day.clock(leg.leave, units), ends: Day.clock(round.ends, units))
          when :trade
            Message.of("{name} does not hold: {trades}.",
                       name:, trades: (leg.stop.trades - round.trades).join(", "))
          when :person
            "Somebody else has begun it."
          when :date
            Message.of("Promised for {date}.", date: leg.stop.date.iso8601)
          else
            Message.of("It would be left half done: {what}.",
                       what: Message.join(facts[:holds].first(3), ", "))
          end
        end
      end
    end
  end
end
