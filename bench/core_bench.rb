# frozen_string_literal: true

module Munimen
  module Bench
    # The trade's rules by themselves: calculations, plans, the simulated heater, judgement.
    class CoreBench
      include Timing

      READINGS = [
        %w[static_pressure 62],
        %w[tap_temperature 121],
        %w[hot_peak_found 84],
        %w[vessel_charge 44],
        %w[air_valve_emits air],
        %w[charge_set 62],
        %w[hot_peak_after 66],
        %w[relief_lever lifts],
        %w[relief_flow full_bore],
        %w[relief_closes shuts],
        %w[relief_drip dry]
      ].freeze

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def core
        inputs = {
          volume: "50",
          power: "25000",
          cold: "45",
          hot: "110",
          supply_pressure: "60",
          vessel_volume: "4.5"
        }
        run = Calculations::Calculation[:closed_system]
        minutes = run.call(inputs).outputs[:series].last[:time].in("min")
        @row.call(
          "closed_system, #{minutes.round} min series, median",
          median(40) { run.call(inputs) },
          "ms",
          "< 20"
        )
        visit = Visit.new(
          heater:,
          rules: Rules::EffectiveRules.new(:us_irc),
          jobs: [:annual_safety]
        )
        planner = -> { Planning::Planner.new(visit).plan([:annual_safety]) }
        @row.call(
          "plan of the annual visit (#{planner.call.steps.size} steps), median",
          median(40, &planner),
          "ms",
          "< 50"
        )
      end

      # Simulated seconds for each second, over eight hours with draws; and one step of the fault
      # finder.
      def rig
        heater = Heater::Installation.from(PlanBench::HEATERS.first)
        hours = lambda do
          rig = Rig.new(heater, start: 293.15)
          8.times do
            [[3000, 0.0], [300, 1.5e-4], [300, 0.0]].each do |seconds, flow|
              (rig.running = flow) && rig.run(seconds)
            end
          end
        end
        ms = median(5, &hours)
        @row.call("8 h of the simulated heater", ms, "ms", "< 500")
        @row.call("simulated seconds a second", (8 * 3600 * 1000 / ms).round, "", "")
        step = lambda do
          Faults::Finder.new(heater, :relief_drips, { drip_temperature: :cold }).next_tests
        end
        @row.call("fault finder, one step", median(40, &step), "ms", "< 30")
      end

      def plans(count)
        bench = PlanBench.new
        all = [1, 2, 3, 4, 6, 8, 10, 12].flat_map do |jobs|
          cases = bench.run(jobs, count)
          times = cases.map(&:ms)
          @row.call(
            "plan of #{jobs} jobs, median of #{count} (p95 #{percentile(times, 0.95).round})",
            percentile(times, 0.5),
            "ms",
            jobs == 12 ? "< 300" : ""
          )
          cases
        end
        (1..12).each { |jobs| share(all.select { |one| one.jobs == jobs }, jobs) }
        problems = all.filter_map(&:problem)
        @row.call("plans that break a rule, of #{all.size}", problems.size, "", "0")
        problems.first(5).each { |problem| warn problem }
      end

      def judgement
        readings = Array.new(120) do |i|
          name, value = READINGS[i % READINGS.size]
          Visit::ReadingInput.read(
            name,
            value,
            units: :us,
            id: i.to_s,
            state: {
              heater_pressure: :zero
            },
            superseded: i < 109 ? (i + 11).to_s : nil
          )
        end
        observations = Inspection::InspectionItem.all.map do |look|
          Visit::Observation.new(
            id: look.id.to_s,
            item: look.id,
            finding: look.findings.keys.first
          )
        end
        ms = median(40) do
          visit = Visit.new(
            heater:,
            rules: Rules::EffectiveRules.new(:us_irc),
            jobs: [:annual_safety],
            date: Date.today,
            readings:,
            observations:
          )
          Judgement::Judge.new(visit).deficiencies
        end
        told = "judgement of a visit of 120 readings, everything seen wrong, median"
        @row.call(told, ms, "ms", "< 15")
      end

      private

      def heater
        @heater ||= Heater::Installation.from(
          {
            kind: "gas_storage",
            capacity: "50",
            input: "40000",
            vessel: "external",
            vessel_volume: "2",
            ignition: "pilot_thermocouple"
          }
        )
      end

      def share(cases, jobs)
        return if cases.empty?

        @row.call(
          "plans of #{jobs} jobs proved shortest",
          cases.count(&:proved) * 100 / cases.size,
          "%",
          ""
        )
      end

      # A visit with 120 readings, most of them corrected, as a long day leaves it.
    end
  end
end
