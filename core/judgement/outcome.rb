# frozen_string_literal: true

module Munimen
  module Judgement
    # In what condition the heater should be left, proposed from what stands at the end of a visit.
    #
    #   Outcome.new(visit, deficiencies).proposed # => :in_service_with_limits
    class Outcome
      STATES = Visit::Decisions::ALONE[:outcome].map(&:to_sym).freeze
      WORDS = { in_service: "In service", in_service_with_limits: "In service, with limits",
                left_off: "Left off, made safe" }.freeze

      def initialize(visit, deficiencies)
        @visit = visit
        @deficiencies = deficiencies
      end

      # Danger: left off. Defects or untested relief valve: with limits. Else in service.
      def proposed
        grades = @deficiencies.map(&:grade)
        return :left_off if grades.include?(:danger)
        return :in_service_with_limits if grades.include?(:defect) || relief_untested?

        :in_service
      end

      def because
        danger = @deficiencies.find { |verdict| verdict.grade == :danger }
        return danger.text if danger

        defects = @deficiencies.count { |verdict| verdict.grade == :defect }
        if defects.positive?
          return "#{defects == 1 ? "One defect stands" : "#{defects} defects stand"} and must be " \
                 "put right by the dates given."
        end
        return "The relief valve was not tested." if relief_untested?

        "Everything tested is sound."
      end

      # The outcome that counts: as decided, or as proposed.
      def chosen = @visit.decision(:outcome)&.to_sym || proposed

      # One sentence for the customer.
      def sentence(words)
        open = @deficiencies.size
        text =
          case chosen
          when :left_off
            "The {heater} is switched off and made safe; it must not be used until it is put right."
          when :in_service_with_limits
            "The {heater} is in service, but #{things(open)} put right by the dates below."
          else
            if open.zero?
              "The {heater} is in service, and everything tested is sound."
            else
              "The {heater} is in service; a few points are worth watching."
            end
          end
        words.say(text)
      end

      private

      def things(count)
        return "its relief valve was not tested and must be" if count.zero?

        count == 1 ? "one thing must be" : "#{count} things must be"
      end

      def relief_untested?
        @visit.jobs.include?(:annual_safety) &&
          @visit.not_tested.any? { |step| step.operation == :exercise_relief_valve }
      end
    end
  end
end
