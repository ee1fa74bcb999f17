# frozen_string_literal: true

module Munimen
  module Desk
    # May this operation be marked as done now? Its needs, policy, readings and answers must be
    # there.
    class Readiness
      # way: NextStepFinder of the visit, where many are asked about.
      def initialize(visit, operation, way: NextStepFinder.new(visit))
        @visit = visit
        @operation = operation
        @way = way
        @space = Work::StateSpace.new(visit.heater)
      end

      # Raises Refused naming what is missing; `found_so` skips the needs of something found
      # already done; `override`, a reason, passes over needs of convenience and of waiting, never
      # those that protect.
      def check!(found_so: false, override: nil)
        not_on_this_heater
        return FoundSo.new(@visit, @operation).check! if found_so

        forbidden
        unmet(override)
        disturbance
        readings
        answers
      end

      # [{name:, text:, met:, soft:, waiting:, step:}] – each need, whether it holds, whether it
      # may be passed over with a reason, what runs that will make it true, and else the step that
      # does.
      def needs
        @visit.terms.needs(@operation).map do |name, values|
          met = values.include?(@visit.state[name])
          wait = met ? nil : running_maker(name, values)
          {
            name:,
            text: @visit.words.say(Work::StateWords.need(name, values)),
            met:,
            soft: @visit.terms.soft?(@operation, name),
            waiting: wait && @visit.words.say(wait.label),
            step: met || wait ? nil : @way.to(name, values)
          }
        end
      end

      # Why what was read does not count here: its needs did not hold at that time; nil where it
      # counts, or was not read.
      def early(read)
        reading = @visit.reading(read.name) or return
        then_so = reading.state.empty? ? @visit.state : @visit.state.merge(reading.state)
        wrong = @visit.terms.unmet(@operation, then_so).except(*@operation.makes.keys)
          .reject { |name, _| Hazards::Hazard.of(name) }
        return if wrong.empty?

        unmet = wrong.map { |name, values| Work::StateWords.need(name, values) }.join("; ")
        @visit.words.say(
          Message.of("{ask} was read when this was not yet true: {unmet}. Read it again.",
                     ask: read.ask, unmet:)
        )
      end

      private

      def running_maker(name, values)
        @visit.running_waits.find do |wait|
          (@space.expand(Work::Operation[wait.operation].wait.makes)[name] || []).intersect?(values)
        end
      end

      def not_on_this_heater
        return if @operation.applies?(@visit.heater)

        raise Refused.new("This is not done on this heater.", code: :not_applicable)
      end

      def forbidden
        because = @operation.forbidden_because(@visit) or return
        raise Refused.new(@visit.words.say(because), code: :forbidden_here)
      end

      def unmet(override)
        own = @visit.history.shown_by(@operation).map(&:variable)
        missing = needs.reject { |need| need[:met] || own.include?(need[:name]) }
        return if missing.empty?

        soft = missing.all? { |need| need[:soft] }
        return if override && soft
        if override
          raise Refused.new(
            Message.of("This is never passed over: {needs}.",
                       needs: Message.join(missing.map { |need| need[:text] }, "; ")),
            code: :never_overridden,
            details: {
              needs: missing
            }
          )
        end

        refuse(missing, soft)
      end

      def refuse(missing, soft)
        first = missing.first
        offer = first[:step] && Work::Operation[first[:step]]
        text = Message.of("First it must be true: {needs}.",
                          needs: Message.join(missing.map { |need| need[:text] }, "; "))
        way = offer && Message.of("Next step on the way there: “{step}”.",
                                  step: @visit.words.say(offer.title))
        text = Message.join([text, way])
        raise Refused.new(
          text,
          code: :need_unmet,
          details: {
            needs: missing,
            step: first[:step],
            soft:
          }
        )
      end

      # What would spoil a wait that is still running has to wait with it.
      def disturbance
        wait = @visit.history.disturbed_by(@operation).first or return
        raise Refused.new(
          @visit.words.say(
            Message.of("“{label}” still runs for {minutes} min, and this would spoil it. " \
                       "Wait, or say that it is over.",
                       label: wait.label, minutes: (wait.seconds_left / 60.0).ceil)
          ),
          code: :spoils_wait,
          details: {
            operation: wait.operation
          }
        )
      end

      def readings
        @operation.reads.each do |read|
          reading = @visit.reading(read.name)
          next if reading.nil? && !read.wanted?(@visit)
          unless reading
            raise Refused.new(
              @visit.words.say(Message.of("Still to read: {ask}.", ask: read.ask)),
              field: read.name,
              code: :reading_missing
            )
          end

          again(read)
          text = early(read) and
            raise Refused.new(text, field: read.name, code: :read_in_wrong_state)
        end
      end

      # What can be done again is read again.
      def again(read)
        return unless @visit.outdated?(@operation, read.name)

        raise Refused.new(
          @visit.words.say(Message.of("{ask}: that is from the time before. Read it again.",
                                      ask: read.ask)),
          field: read.name,
          code: :read_again
        )
      end

      def answers
        if @operation.decides && @visit.decision(@operation.decides).nil?
          raise Refused.new(
            "Note the answer first.",
            field: @operation.decides,
            code: :decision_missing
          )
        end
        return unless @operation.looks

        open =
          Inspection::InspectionItem
            .for(@visit, @operation.looks)
            .select { |look| @visit.observation(look.id).nil? }
        return if open.empty?

        what = Message.join(open.map(&:ask).first(3), ", ")
        raise Refused.new(
          @visit.words.say(
            if open.size > 3
              Message.of("Still to answer: {what} and {n} more.", what:, n: open.size - 3)
            else
              Message.of("Still to answer: {what}.", what:)
            end
          ),
          field: open.first.id,
          code: :answers_missing,
          details: {
            items: open.map(&:id)
          }
        )
      end
    end
  end
end
