# frozen_string_literal: true

module Munimen
  class Visit
    # What was worked out from a visit, with all that was asked of the visit for it: as long as a
    # later state of the same visit answers the same, it is still right, and is not worked out
    # again. So a reading makes only those verdicts anew that look at it.
    #
    #   memory.of(:ladder, visit) { |asked| Drawing::Ladder.new(asked).to_h }
    #
    # The block asks nothing but `asked`, which answers as the visit does.
    class Memory
      ALIKE = 2 # what is kept of one name: as found and as left ask in turn

      # An answer, with what was given, and what was asked for it: {[method, *arguments] => value}.
      Kept = Struct.new(:given, :questions, :answer) do
        def holds?(visit, values)
          given == values &&
            questions.all? { |(name, *asked), value| visit.public_send(name, *asked) == value }
        end
      end

      def initialize
        @kept = {}
      end

      # The answer that was kept for this name, where it still holds, else the block's. values: what
      # it hangs on besides.
      def of(name, visit, *values)
        known = @kept[name] || []
        found = known.find { |one| one.holds?(visit, values) }
        return found.answer if found

        asked = Asked.new(visit)
        answer = yield asked
        @kept[name] = [Kept.new(values, Asked.questions(asked), answer), *known.first(ALIKE - 1)]
        answer
      end

      # The same for what hangs on a few values alone.
      def given(name, *values)
        known = @kept[name]
        unless known && known.first == values
          return yield.tap { |answer| @kept[name] = [values, answer] }
        end

        known[0] = values # the very same are compared at once
        known.last
      end

      # Answers as a visit does, and remembers what it was asked. What it cannot compare later –
      # an object that is made anew each time – is never the same, so that nothing that hangs on it
      # is kept.
      class Asked < BasicObject
        def self.questions(asked) = asked.__send__(:instance_exec) { @questions }

        def initialize(visit)
          @visit = visit
          @questions = {}
        end

        private

        def method_missing(name, *given, **more, &block)
          if block || more.any?
            @questions[[:itself]] = ::Object.new # nothing is like it
            return @visit.public_send(name, *given, **more, &block)
          end

          question = [name, *given]
          @questions.fetch(question) do
            @questions[question] = @visit.public_send(name, *given)
          end
        end

        def respond_to_missing?(name, _all = false) = @visit.respond_to?(name)
        def instance_exec(&) = ::Object.instance_method(:instance_exec).bind_call(self, &)
      end
    end
  end
end
