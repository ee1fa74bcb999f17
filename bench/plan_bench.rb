# frozen_string_literal: true

module Munimen
  module Bench
    # Plans of random heaters, sets of jobs and house rules, from a fixed seed: how long they take
    # by number of jobs, how many are proved shortest, and that none breaks what a plan must keep.
    class PlanBench
      include Timing

      HEATERS = [
        {
          kind: "gas_storage",
          capacity: "50 gal",
          input: "40000 Btu/h",
          vessel: "external",
          vessel_volume: "2 gal",
          ignition: "pilot_thermocouple"
        },
        {
          kind: "electric_storage",
          capacity: "50 gal",
          element_upper: "4500 W",
          element_lower: "4500 W",
          vessel: "external",
          vessel_volume: "2 gal"
        },
        {
          kind: "boiler_coil",
          capacity: "40 gal",
          coil_power: "80000 Btu/h",
          vessel: "external",
          vessel_volume: "2 gal",
          coil_control: "two_port"
        },
        {
          kind: "unvented_indirect",
          capacity: "210 L",
          coil_power: "20 kW",
          backup_immersion: "yes",
          immersion_power: "3 kW",
          vessel: "external",
          vessel_volume: "18 L"
        },
        {
          kind: "unvented_direct",
          capacity: "150 L",
          element_lower: "3 kW",
          element_upper: "3 kW",
          vessel: "bubble"
        }
      ].freeze
      HOUSE = %i[drain_air drain_at_pilot relief_when charge_method].freeze

      # ms: by the clock; cpu: of this process's CPU.
      Case = Struct.new(:jobs, :ms, :proved, :problem, :cpu)

      def initialize(seed: 2026) = @random = Random.new(seed)

      # [Case] of so many plans with a number of jobs.
      def run(jobs, count) = Array.new(count) { one(jobs) }

      private

      def one(number)
        given = HEATERS.sample(random: @random)
        units = given[:kind].start_with?("unvented") ? :england : :us
        heater = Heater::Installation.from(given, units:)
        jobs = Work::Job.fitting(heater).map(&:id).sample(number, random: @random)
        visit = Visit.new(
          heater:,
          rules: Rules::EffectiveRules.new(units == :us ? :us_irc : :england_g3, firm: house),
          jobs:,
          date: Date.new(2026, 11, 23)
        )
        start = clock
        cpu = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
        plan = Planning::Planner.new(visit).plan(jobs)
        cpu = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - cpu
        Case.new(number, (clock - start) * 1000, !plan.bounded?, problem(plan, visit), cpu * 1000)
      end

      def house = HOUSE.to_h { |id| [id, Rules::Question[id].options.keys.sample(random: @random)] }

      # The first rule that a plan breaks, in words, or nil.
      def problem(plan, visit)
        terms = visit.terms
        space = terms.space
        state = space.arrival.dup
        free = 0
        plan.steps.each do |step|
          operation = step.operation
          unmet = terms.unmet(operation, state)
          unless unmet.empty?
            return "#{visit.jobs}: #{operation.id} runs with #{unmet.keys.join(", ")} unmet"
          end
          return "#{visit.jobs}: the person is needed twice at #{operation.id}" if step.start < free

          free = step.finish
          [terms.makes(operation), operation.wait&.makes || {}].each do |effects|
            space.expand(effects).each { |name, values| state[name] = values.first }
          end
        end
        left = terms.unmet(Work::Operation[:leave_site], state)
        return if left.empty? || plan.impossible.any?

        "#{visit.jobs}: left with #{left.keys.join(", ")}"
      end
    end
  end
end
