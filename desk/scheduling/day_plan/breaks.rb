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
            "Begins #{Day.clock(leg.start, units)}; promised by " \
            "#{Day.clock(leg.stop.window[1], units)}."
          when :hours
            "Ends #{Day.clock(leg.leave, units)}; the day ends #{Day.clock(round.ends, units)}."
          when :trade
            "#{name} does not hold: #{(leg.stop.trades - round.trades).join(", ")}."
          when :person
            "Somebody else has begun it."
          when :date
            "Promised for #{leg.stop.date.iso8601}."
          else
            "It would be left half done: #{facts[:holds].first(3).join(", ")}."
          end
        end
      end
    end
  end
end
