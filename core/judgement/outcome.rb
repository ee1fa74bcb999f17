# frozen_string_literal: true

module Munimen
  module Judgement
    # In what condition the heater is left: as the state of the heater says once it has been left,
    # until then as what stands asks for.
    #
    #   Outcome.new(visit, deficiencies).proposed # => :in_service_with_limits
    class Outcome
      include Saying

      LEFT_OFF = "The {heater} is switched off and made safe; it must not be used until it is " \
                 "put right."
      TO_BE_OFF = "The {heater} must be switched off and made safe; it must not be used until it " \
                  "is put right."

      STATES = Visit::Decisions::ALONE[:outcome].map(&:to_sym).freeze
      WORDS = {
        in_service: "In service",
        in_service_with_limits: "In service, with limits",
        left_off: "Left off, made safe",
        against_advice: "Left in use against advice",
        evacuated: "Evacuated, handed to the emergency service"
      }.freeze
      # What the ways to leave come to.
      LEFT = { made_safe: :left_off, evacuated: :evacuated, against_advice: :against_advice }.freeze
      IN_SERVICE = %i[in_service in_service_with_limits].freeze

      def initialize(visit, deficiencies)
        @visit = visit
        @deficiencies = deficiencies
      end

      # As it was left; else: danger, left off; defects, an untested relief valve or protections
      # not tested, with limits; else in service.
      def proposed
        left = LEFT[@visit.state[:left]]
        return left if left
        return :evacuated if @visit.terms.evacuation?
        return :left_off if danger?

        limited? ? :in_service_with_limits : :in_service
      end

      def because
        danger = @deficiencies.find { |verdict| verdict.grade == :danger }
        return danger.text if danger
        return defects if defective.positive?
        return "The relief valve was not tested." if relief_untested?

        completeness.because || "Everything tested is sound."
      end

      # The outcome that counts: as decided where that may be, or as proposed.
      def chosen
        decided = @visit.decision(:outcome)&.to_sym
        decided && possible?(decided) ? decided : proposed
      end

      # Whether an outcome may be signed as things stand: in service never with a danger, left off
      # only where it was left so.
      def possible?(outcome)
        return IN_SERVICE.include?(proposed) if IN_SERVICE.include?(outcome)
        return true if outcome == :left_off && !@visit.left?

        proposed == outcome
      end

      # Whether it is said to be in service though nothing was tested: no good news.
      def untested? = chosen == :in_service && @deficiencies.empty? && completeness.nothing?

      # One sentence for the customer.
      def sentence(words) = words.say(Message.join([condition, completeness.sentence]))

      private

      def completeness = @completeness ||= Completeness.new(@visit)

      def danger?
        @visit.hazards.any? || @deficiencies.any? { |verdict| verdict.grade == :danger }
      end

      def defective = @deficiencies.count { |verdict| verdict.grade == :defect }
      def limited? = defective.positive? || relief_untested?

      def defects
        return "One defect stands and must be put right by the dates given." if defective == 1

        msg("{count} defects stand and must be put right by the dates given.", count: defective)
      end

      def condition
        case chosen
        when :left_off
          @visit.left? ? LEFT_OFF : TO_BE_OFF
        when :evacuated then evacuated
        when :against_advice
          "The {heater} is dangerous and was left in use against advice; it should be switched " \
          "off until it is put right."
        when :in_service_with_limits
          msg("The {heater} is in service, but {things} put right by the dates below.", things:)
        else
          in_service
        end
      end

      def evacuated
        done = "Everybody was asked to leave, and the emergency service was called"
        due = "Everybody must leave, and the emergency service be called from outside"
        msg("{said}; the {heater} must not be used, and nobody goes back in, until they have " \
            "cleared it.", said: @visit.left? ? done : due)
      end

      def in_service
        return "The {heater} is in service; a few points are worth watching." if
          @deficiencies.any?
        return "The {heater} is in service, and everything tested is sound." if
          completeness.complete?

        if untested?
          "The {heater} is in service."
        else
          "The {heater} is in service, and " \
            "what was tested is sound."
        end
      end

      # What must be done by a date: advice has none.
      def things
        count = @deficiencies.count { |verdict| verdict.grade != :advice }
        return "its relief valve was not tested and must be" if count.zero?

        count == 1 ? "one thing must be" : msg("{count} things must be", count:)
      end

      def relief_untested?
        @visit.jobs.include?(:annual_safety) &&
          @visit.not_tested.any? { |step| step.operation == :exercise_relief_valve }
      end
    end
  end
end
