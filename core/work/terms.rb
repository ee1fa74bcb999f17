# frozen_string_literal: true

module Munimen
  module Work
    # What operations need and make on one visit: as declared, under its house rules, and under
    # the dangers that stand. The planner, readiness, leaving and signing all ask here.
    #
    #   terms = Terms.new(heater:, rules:, state:, look_only: false)
    #   terms.needs(Operation[:relight_pilot]) # => {level: [:full], …, "hazard.flue": [:none]}
    class Terms
      ANY = nil
      # What a danger spares whoever takes the heat away.
      SPARED = %i[identified looked ignition drip_watch].freeze

      attr_reader :rules, :space

      # state: {variable => value} as it stands. look_only: nothing is operated on this visit.
      # broken_off: the visit ends with the heater off, whatever has been looked at.
      # circumstances: ids of Circumstances that the visit is in.
      # left_before: ids of the hazards that an earlier visit left and nobody has seen today.
      def initialize(heater:, rules:, state:, look_only: false, broken_off: false,
                     circumstances: [], left_before: [])
        @in = circumstances
        @left_before = left_before
        @rules = rules
        @state = state
        @look_only = look_only
        @broken_off = broken_off
        @space = StateSpace.new(heater)
        @needs = {}
        @makes = {}
      end

      # Hazards that are not cleared, [Hazards::Hazard].
      def hazards
        @hazards ||= Hazards::Hazard.all.reject { |hazard| value(hazard) == :none }
      end

      # :none, :standing, :secured or :mended.
      def value(hazard) = @state.fetch(hazard.variable, :none)
      def standing = hazards.select { |hazard| value(hazard) == :standing }

      # What needs and effects hang on besides heater, rules and state.
      def circumstances = [@look_only, @broken_off, @in, @left_before]

      # Whether an operation puts a danger right: by work, or by the word of whoever did it since
      # the last visit – which never covers what is seen today.
      def mends?(id, hazard)
        hazard.repaired_by.include?(id) ||
          (id == :confirm_mended && @left_before.include?(hazard.id))
      end

      # Whether the day goes its usual way: no danger, not broken off.
      def calm? = hazards.empty? && !@broken_off

      # Whether everybody has to be out before anything else.
      def evacuation? = standing.any?(&:evacuates?)

      # What must be true for an operation: {variable => [values]} of this heater.
      def needs(operation)
        @needs[operation.id] ||= calm? ? declared(operation) : under_hazards(operation)
      end

      # What it makes true when its hands-on time is over: {variable => [values]}.
      def makes(operation)
        @makes[operation.id] ||= begin
          made = @space.expand(operation.makes)
          more = hazard_effects(operation)
          more.empty? ? made : made.merge(more)
        end
      end

      # Which needs of an operation a state does not meet.
      def unmet(operation, state)
        needs(operation).reject { |name, values| values.include?(state[name]) }
      end

      # Whether a need of an operation may be passed over with a reason.
      def soft?(operation, name)
        Interlocks.soft?([name]) && needs(operation)[name] == declared(operation)[name]
      end

      # The dangers that keep an operation from being done until they are cleared.
      def barred_by(operation)
        hazards.select { |hazard| [[:none], %i[none mended]].include?(allowed(operation, hazard)) }
      end

      # Values of a hazard's variable with which an operation may be done; ANY of them.
      def allowed(operation, hazard)
        return whether_it_leaves(operation, hazard) if operation.way_to_leave
        return ANY if operation.whatever_stands?
        return hazard.evacuates? ? settled : ANY if operation.id == :make_safe

        work(operation, hazard)
      end

      private

      def settled = %i[none secured mended]

      def declared(operation)
        needs = operation.needs_under(@rules, @space.heater)
        more = operation.needs_when.slice(*@in)
        return @space.expand(needs) if more.empty?

        @space.expand(more.values.reduce(needs, :merge))
      end

      def under_hazards(operation)
        needs = declared(operation).dup
        spared(operation).each { |name| needs.delete(name) }
        needs[:temperature] = [:cold] if hazards.any? { |one| hot?(operation, one) }
        needs = merged([needs, *standing.flat_map { |one| conditions(one) }]) if
          operation.id == :make_safe
        hazards.each do |hazard|
          values = allowed(operation, hazard)
          needs[hazard.variable] = values if values
        end
        needs
      end

      # A watch that runs does not keep anybody from shutting off; one that is yet to come does.
      def spared(operation)
        return [] unless operation.secures? && (standing.any? || @broken_off)

        @state[:drip_watch] == :finished ? SPARED - [:drip_watch] : SPARED
      end

      def hot?(operation, hazard)
        bars = hazard.bars_while_hot
        barred = bars.include?(operation.id) ||
                 (bars.include?(:letting_out) && operation.lets_hot_out?)
        barred && value(hazard) != :mended
      end

      def conditions(hazard)
        return [] if hazard.evacuates?

        [@space.expand(hazard.safe), hot_and_full? ? @space.expand(hazard.at_first) : {}]
      end

      # What cools the tank counts while there is something to cool.
      def hot_and_full? = @state[:temperature] == :hot && @state[:level] == :full

      # Of two that contradict each other the first holds.
      def merged(list)
        list.reduce do |all, more|
          all.merge(more) { |_, one, other| one.intersect?(other) ? one & other : one }
        end
      end

      def whether_it_leaves(operation, _hazard)
        case operation.way_to_leave
        when :in_service then [:none]
        when :made_safe then settled
        end
      end

      def work(operation, hazard)
        id = operation.id
        return [:none] if hazard.bars.include?(id)
        return settled if hazard.repaired_by.include?(id) || id == :confirm_mended
        return %i[none mended] if hazard.cleared_by.include?(id)

        undone = undone(operation, hazard)
        return released?(operation, hazard, undone) ? %i[none mended] : [:none] if undone.any?
        return ANY if operation.secures? || (@look_only && !operation.operates?)

        settled
      end

      # Variables of what keeps a danger safe that an operation needs or makes otherwise.
      def undone(operation, hazard)
        made = [@space.expand(operation.makes), @space.expand(operation.makes_during),
                @space.expand(operation.wait&.makes || {})]
        wanted = declared(operation)
        @space.expand(hazard.safe).filter_map do |name, values|
          sets = made.filter_map { |one| one[name] }
          out = sets.any? { |one| (one - values).any? } ||
                (sets.empty? && wanted[name] && !wanted[name].intersect?(values))
          name if out
        end
      end

      # Whether that is what the proof needs, once the work has been done.
      def released?(operation, hazard, undone)
        return false unless operation.helper? || proves_besides?(operation, hazard)
        return false if operation.uses_heat? &&
                        hazard.cleared_by.none? { |id| Operation[id].uses_heat? }
        return true if hazard.test_firing?

        proofs = hazard.cleared_by.map { |id| Operation[id] }
        undone.all? do |name|
          safe = @space.expand(hazard.safe)[name]
          proofs.any? { |proof| declared(proof)[name]&.difference(safe)&.any? }
        end
      end

      # Of two proofs that are owed, each would wait for the other's. What drove everybody out is
      # proved first.
      def proves_besides?(operation, hazard)
        !hazard.evacuates? && (hazards.any? { |one| one.cleared_by.include?(operation.id) } ||
                               owed_proofs.include?(operation.id))
      end

      def owed_proofs
        @owed_proofs ||= Operation.all.flat_map { |one| one.owed(@rules) }.uniq
      end

      # A repair leaves a proof owed, a proof clears, making safe secures what stands.
      def hazard_effects(operation)
        hazards.each_with_object({}) do |hazard, made|
          to = effect(operation.id, hazard) and made[hazard.variable] = [to]
        end
      end

      def effect(id, hazard)
        return :secured if id == :make_safe && value(hazard) == :standing && !hazard.evacuates?
        return :secured if hazard.evacuates? && Operation[id].comes_back?
        return :none if hazard.cleared_by.include?(id)

        :mended if mends?(id, hazard)
      end
    end
  end
end
