# frozen_string_literal: true

module Munimen
  module Planning
    # The plans of visits that are worked on, kept in memory: what is left of one is the plan as
    # long as the work goes as planned. Safe to be used by several threads.
    #
    #   keeper.plan(visit) # => Plan
    class PlanKeeper
      MOST = 200 # visits

      # How often the rest of a plan served, and how often one was made anew.
      attr_reader :kept, :made

      # shelf: a PlanShelf, which all visits share.
      def initialize(shelf: PlanShelf.new)
        @shelf = shelf
        @plans = {}
        @lock = Mutex.new
        @kept = @made = 0
      end

      # The plan for the jobs of a visit; key: what tells it from others (its id).
      def plan(visit, key: visit.site[:id])
        agenda = Agenda.new(visit, visit.jobs)
        rest = @lock.synchronize { @plans[key] }&.rest(agenda)
        (rest || Planner.new(visit, shelf: @shelf).for(agenda)).tap do |plan|
          keep(key, agenda, plan, !rest.nil?)
        end
      end

      # The same for whoever only looks: nothing is kept for a next step.
      def glance(visit, key: visit.site[:id])
        agenda = Agenda.new(visit, visit.jobs)
        rest = @lock.synchronize { @plans[key] }&.rest(agenda)
        rest || Planner.new(visit, shelf: @shelf).for(agenda)
      end

      # Whether the plan of a visit is still the plan as it was, since nothing has been done and
      # nothing that it goes by has changed.
      def stands?(visit, key: visit.site[:id])
        kept = @lock.synchronize { @plans[key] }
        kept ? kept.stands?(Agenda.new(visit, visit.jobs)) : false
      end

      # The plan that was last given for a visit, or nil.
      def last(key) = @lock.synchronize { @plans[key] }&.plan

      private

      def keep(key, agenda, plan, rest)
        @lock.synchronize do
          rest ? @kept += 1 : @made += 1
          @plans.delete(key)
          @plans.shift if @plans.size >= MOST
          @plans[key] = KeptPlan.new(agenda, plan)
        end
      end
    end
  end
end
