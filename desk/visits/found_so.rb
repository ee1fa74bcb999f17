# frozen_string_literal: true

module Munimen
  module Desk
    # May an operation be marked “already so”? That states a fact about the heater: it may not be
    # one that only measuring tells, nor give heat, nor go against what was recorded in this visit.
    class FoundSo
      HEAT = %i[on pilot lit live].freeze

      def initialize(visit, operation)
        @visit = visit
        @operation = operation
      end

      # Whether it may.
      def may?
        check!
        true
      rescue Refused
        false
      end

      # Raises Refused.
      def check!
        measured
        return if over?

        never
        recorded
        shown
      end

      private

      def measured
        return if @operation.reads.reject(&:optional).empty? && @operation.looks.nil? &&
                  @operation.decides.nil?

        refuse(
          "What is read or seen cannot be “already so”: it must be read or seen now.",
          :must_be_read
        )
      end

      # Its own wait runs, and is found over.
      def over? = @visit.running_waits.any? { |wait| wait.operation == @operation.id }

      def never
        what = if @operation.way_to_leave then "Leaving"
               elsif @operation.id == :make_safe then "Making safe"
               elsif gives_heat? then "Heat"
               elsif of_a_danger? then "What puts a danger right"
               end
        what && refuse(Message.of("{what} is never “already so”: do it, and say so.",
                                  what:), :never_found_so)
      end

      def gives_heat?
        made.any? { |name, value| name.match?(/\A(heat|feed|pilot_flame)/) && HEAT.include?(value) }
      end

      def of_a_danger?
        Hazards::Hazard.all.any? do |one|
          (one.repaired_by + one.cleared_by).include?(@operation.id)
        end
      end

      def recorded
        against = made.find do |name, value|
          @visit.history.recorded.key?(name) && @visit.state[name] != value
        end
        return unless against

        now = Work::StateWords.need(against.first, @visit.state[against.first])
        refuse(
          @visit.words.say(
            Message.of("This visit has it otherwise: {now}. Undo the step that is wrong, or do " \
                       "this one.",
                       now:)
          ),
          :against_record
        )
      end

      # Zero pressure and an empty tank are shown, not said, and agree with the rest.
      def shown
        reading, agreeing = @operation.shown_by
        return unless reading

        needs = @visit.terms.unmet(@operation, @visit.state)
        name, values = needs.find { |variable, _| agreeing.include?(group(variable)) }
        if name
          text = Work::StateWords.need(name, values)
          refuse(@visit.words.say(Message.of("It is not “already so” before this is true: {text}.",
                                             text:)),
                 :against_record)
        end
        return if @visit.reading(reading)

        refuse("Say what shows it, then mark it “already so”; else do it.", :must_be_shown)
      end

      def group(variable) = variable.to_s.split(".").first.to_sym

      def made
        @made ||= Work::StateSpace.new(@visit.heater).expand(@operation.makes)
          .transform_values(&:first)
      end

      def refuse(text, code) = raise(Refused.new(text, code:))
    end
  end
end
