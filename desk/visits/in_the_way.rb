# frozen_string_literal: true

module Munimen
  module Desk
    # What is met at a heater again and again (Work::Hindrance), for whoever comes next.
    class InTheWay
      def initialize(context) = @context = context

      # What may be in the way at a visit's heater: [{id:, text:, minutes:, brings:}].
      def all(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        told(Work::Hindrance.for(visit.heater), visit.words)
      end

      # What was said to be, and not to be gone, by every visit to a heater so far; the same shape.
      def met(heater_id, words)
        told(Work::Hindrance.standing(@context.records.visits.in_the_way(heater_id)), words)
      end

      private

      def told(list, words)
        list.map do |one|
          { id: one.id, text: words.say(one.text), minutes: one.minutes,
            brings: one.brings.map { |name| words.say(name) } }
        end
      end
    end
  end
end
