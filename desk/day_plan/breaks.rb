# frozen_string_literal: true

module Munimen
  module Desk
    class DayPlan
      # What breaks, in a sentence.
      module Breaks
        module_function

        def text(what, leg, round, name, facts, units)
          case what
          when :window then "Begins #{Day.clock(leg.start, units)}; promised by #{Day.clock(leg.stop.window[1], units)}."
          when :hours then "Ends #{Day.clock(leg.leave, units)}; the day ends #{Day.clock(round.ends, units)}."
          when :trade then "#{name} does not hold: #{(leg.stop.trades - round.trades).join(', ')}."
          when :person then "Somebody else has begun it."
          when :date then "Promised for #{leg.stop.date.iso8601}."
          else "It would be left half done: #{facts[:holds].first(3).join(', ')}."
          end
        end
      end
    end
  end
end
