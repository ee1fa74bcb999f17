# frozen_string_literal: true

module Munimen
  module Planning
    # What a visit still has to do: the goals that are open, those that policy, consent or a danger
    # forbids, those that need not be done any more, how the heater is to be left, and which
    # operations may be used on the way.
    #
    #   Agenda.new(visit, %i[annual_safety]).goals # => [:identify, :look_over, …]
    class Agenda
      include Saying

      REPLACED = "It is replaced on this visit."
      IN_VAIN = "It was done twice on this visit, and the danger stands: make it safe, and come " \
                "back."
      TRIES = 2 # at a repair that does not help, before it is left to another day

      OUT = "Everybody is out until the emergency service has cleared it."

      # What leaves the water or the gas of a heater open at a part taken out.
      OPEN = {
        "opening" => :removed,
        "vessel" => :off,
        "strainer" => :out,
        "inlet_group" => :out,
        "union" => :broken
      }.freeze

      attr_reader :visit, :goals, :impossible, :superfluous

      # visit: a Visit. jobs: ids of its jobs; operations asked for besides are taken in.
      def initialize(visit, jobs)
        @visit = visit
        @terms = visit.terms
        @asked = visit.asked(jobs)
        open = (@asked - visit.settled_operations) | owed
        work = open.reject { |id| leaving?(id) }
        @impossible = left_out(work) { |operation| why_not(operation) }
        rest = work - ids(@impossible)
        @superfluous = left_out(rest) { |operation| why_no_more(operation) }
        @work = rest - ids(@superfluous)
        @goals = (@work | @work.flat_map { |id| proofs_of(id) }) + way
      end

      # Goals without one that cannot be done, and without the proofs that only it would owe.
      def without(goals, id)
        left = goals - [id]
        others = left.flat_map { |one| proofs_of(one) }
        left - (proofs_of(id) - @work - others)
      end

      # Ids of all that a plan for it goes by: goals, the proofs that each owes, what was asked for
      # of them, what is left out, what may be used, and how it is left instead.
      def ground
        [goals, goals.map { |id| proofs_of(id) }, @work, ids(impossible), ids(superfluous),
         ids_of(usable), instead]
      end

      # [Plan::Left] of all that is not planned.
      def left = impossible + superfluous

      # Operations that this visit leaves to be used unasked; they stay the same while it is
      # planned.
      def usable
        @usable ||= visit.memory.of(:usable, visit, @terms, @goals, leaving) do |asked|
          all = Work::Operation.all.select { |operation| usable?(operation, asked) }
          kept = all.reject { |operation| given_up?(operation, asked) && !leads_out?(operation) }
          kept.size == all.size || leaves_with?(kept) ? kept : all
        end
      end

      # Nobody operates anything on a visit that only looks: a danger is told and labelled.
      def made_safe
        return :leave_in_use if visit.look_only?

        open = visit.state.any? { |name, value| OPEN[name.to_s.split(".").first]&.== value }
        leaks = @terms.value(Hazards::Hazard[:tank_leak]) != :none
        open || leaks ? :leave_drained : :leave_made_safe
      end

      # What is left to do where it cannot be left in service after all.
      def instead
        way = Work::Operation[made_safe].way_to_leave
        visit.left?(way) ? [] : [made_safe]
      end

      private

      def ids(left) = left.map(&:operation)
      def ids_of(operations) = operations.map(&:id)
      def leaving?(id) = !Work::Operation[id].way_to_leave.nil?

      # -- dangers --------------------

      # Dangers that this visit puts right: the work is asked for, or its proof is owed.
      def mended_here
        @mended_here ||= @terms.hazards.select do |hazard|
          next false if breaks_off? || proofs(hazard).empty? || in_vain?(hazard)

          @terms.value(hazard) == :mended ||
            work_asked.any? { |id| @terms.mends?(id, hazard) }
        end
      end

      # Whether its repair has been done again and again, and it stands all the same.
      def in_vain?(hazard)
        %i[standing secured].include?(@terms.value(hazard)) && visit.standing.count do |step|
          step.done? && hazard.repaired_by.include?(step.operation)
        end >= TRIES
      end

      def work_asked = @work_asked ||= @asked.reject { |id| visit.settled_operations.include?(id) }

      def proofs(hazard)
        hazard.cleared_by.select do |id|
          operation = Work::Operation[id]
          operation.applies?(visit.heater) && operation.forbidden_because(visit).nil?
        end
      end

      # Proofs that are owed for what was, or is to be, put right, or has been renewed.
      def owed = @owed ||= breaks_off? || out? ? [] : find_owed

      def find_owed
        (mended_here.flat_map { |hazard| proofs(hazard) } + visit.columns.owed.keys).uniq
      end

      # What an operation owes on this heater, once it is done.
      def proofs_of(id)
        Work::Operation[id].owed(visit.rules).select do |proof|
          operation = Work::Operation[proof]
          operation.applies?(visit.heater) && operation.forbidden_because(visit).nil?
        end
      end

      # Why an operation is not done on this visit.
      def why_not(operation)
        return [OUT, :danger] if out?
        return [IN_VAIN, :danger] if @terms.hazards.any? do |one|
          one.repaired_by.include?(operation.id) && in_vain?(one)
        end

        operation.forbidden_because(visit) || danger(operation)
      end

      def danger(operation)
        hazard = (@terms.barred_by(operation) - mended_here).first
        return found_no_more(operation) if hazard.nil?
        return if visit.history.shown_by(operation).include?(hazard)

        [msg("Not while a danger stands: {hazard}. Put that right and prove it first.",
             hazard: hazard.title), :danger]
      end

      # What wants everything as it was found is not possible once a danger has been put right.
      def found_no_more(operation)
        hazard = mended_here.first
        return if hazard.nil? || operation.needs[:as_found] != :yes || read_as_found?(operation)

        [msg("Nothing is as it was found once that is put right: {hazard}.",
             hazard: hazard.title), :danger]
      end

      # It stands in the record as it was found, whatever has been changed since.
      def read_as_found?(operation)
        return false unless operation.needs[:as_found] == :yes && visit.state[:as_found] != :yes

        wanted = operation.reads.reject(&:optional).map(&:name)
        wanted.any? && (wanted - visit.readings.map(&:name)).empty?
      end

      def why_no_more(operation)
        return [broken_off, :danger] if breaks_off?
        return "It was read as found." if read_as_found?(operation)

        shown = visit.history.shown_by(operation).first unless owed.include?(operation.id)
        return msg("What it showed stands: {shown}.", shown: shown.title) if shown

        return REPLACED if @asked.intersect?(operation.spared_by)

        LongHeat.put_off(operation, visit) || operation.superfluous_because(visit)
      end

      # Everybody has to go, and nobody has come back cleared.
      def out? = @terms.evacuation? && !coming_back?

      def coming_back?
        visit.state[:left] == :evacuated && work_asked.any? { |id| Work::Operation[id].comes_back? }
      end

      # -- leaving --------------------

      # The plan of the day is broken off, with its reason.
      def breaks_off?
        @breaks_off = visit.decision(:outcome) == "left_off" && !reason.empty? if
          @breaks_off.nil?
        @breaks_off
      end

      def reason = visit.decision(:outcome_reason).to_s.strip
      def broken_off = msg("The visit was broken off: {reason}", reason: typed(reason))

      # Ids of how the heater is to be left, unless it has been left so.
      def way
        return [] if @asked.empty? || visit.left?(Work::Operation[leaving].way_to_leave)

        [leaving]
      end

      def leaving
        @leaving ||= if out? then :evacuate
                     elsif visit.decision(:switch_off) == "refused" && unsafe? then :leave_in_use
                     elsif unsafe? || breaks_off? || left_apart? then made_safe
                     else :leave_site
                     end
      end

      # Whether something that was taken apart on this visit stays so.
      def left_apart?
        visit.standing.any? do |step|
          step.outcome == :left_apart &&
            Work::Operation[step.operation].left_apart?(@terms.space, visit.state)
        end
      end

      # Whether a danger is left that this visit does not put right.
      def unsafe? = (@terms.hazards - mended_here).any?

      # -- what is left out, and what may be used --------------------

      def left_out(ids)
        ids.filter_map do |id|
          because, by = yield(Work::Operation[id])
          Plan::Left.new(operation: id, because:, by:) if because
        end
      end

      def usable?(operation, visit)
        return false if operation.pure? || operation.last?
        return false unless operation.helper? || put_together?(operation, visit)
        return false unless operation.applies?(visit.heater)
        return false if operation.id == :make_safe && @terms.standing.empty?

        !read_already?(operation, visit) && operation.forbidden_because(visit).nil?
      end

      # What somebody could not or would not do is not planned again on the way to something else;
      # on the way to leaving, or out of a danger, it is.
      def given_up?(operation, visit)
        visit.not_tested.any? { |step| step.operation == operation.id }
      end

      def leads_out?(operation)
        return true if operation.secures? && @terms.standing.any?

        wanted = @terms.needs(Work::Operation[leaving])
        @terms.makes(operation).any? { |name, values| values.intersect?(wanted[name] || []) }
      end

      # Whether the heater can be left as it has to be with no more than some operations.
      def leaves_with?(operations)
        goals = @goals.map { |id| Work::Operation[id] }
        Reachability.new(@terms, visit.state, operations | goals).open_needs(leaving).empty?
      end

      # What was left apart before this visit is put together on the way.
      def put_together?(operation, visit)
        !visit.settled_operations.include?(operation.id) &&
          operation.left_apart?(@terms.space, visit.state)
      end

      # What has been read once is not read again on the way to something else.
      def read_already?(operation, visit)
        operation.reads.any? { |read| !read.optional } && !operation.repeatable? &&
          visit.settled_operations.include?(operation.id)
      end
    end
  end
end
