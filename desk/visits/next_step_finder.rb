# frozen_string_literal: true

module Munimen
  module Desk
    # Finds the next operation on the way to what must be true, for one visit as it stands.
    class NextStepFinder
      def initialize(visit)
        @visit = visit
        @terms = visit.terms
        @space = @terms.space
        @allowed = {}
        @found = {}
        @unmet = {}
      end

      # Id of the next operation on the way to a need (a name of the state and the values that
      # will do): the one that makes it true, is nearest and changes least, or what that one needs
      # first; nil when there is none.
      def to(name, values)
        @found.fetch([name, values]) { |need| @found[need] = maker(name, values, []) }
      end

      # Id of the operation that makes it true in the end, whatever must come before it.
      def end_of(name, values) = nearest(makers(name, values, []))&.id

      private

      def nearest(list)
        list.min_by { |operation| [unmet_needs(operation).size, operation.makes.size] }
      end

      def maker(name, values, seen)
        found = nearest(makers(name, values, seen)) or return
        before = unmet_needs(found).first
        (before && maker(before.first, before.last, seen + [found.id])) || found.id
      end

      def makers(name, values, seen)
        (effects[name] || []).filter_map do |operation, made|
          if made.intersect?(values) && !seen.include?(operation.id) && allowed?(operation)
            operation
          end
        end
      end

      # By name of the state, each operation with the values that it makes true.
      def effects
        @effects ||= Work::Operation.all.each_with_object({}) do |operation, found|
          [@terms.makes(operation), @space.expand(operation.wait&.makes || {})].each do |makes|
            makes.each { |name, made| (found[name] ||= []) << [operation, made] }
          end
        end
      end

      def allowed?(operation)
        @allowed.fetch(operation.id) do |id|
          @allowed[id] = operation.applies?(@visit.heater) &&
                         operation.superfluous_because(@visit).nil? &&
                         operation.forbidden_because(@visit).nil?
        end
      end

      def unmet_needs(operation)
        @unmet[operation.id] ||= @terms.unmet(operation, @visit.state)
      end
    end
  end
end
