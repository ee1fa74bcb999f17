# frozen_string_literal: true

module Munimen
  class Rig
    # One protection after another taken away on a simulated heater of these parts: what the
    # pressure, or the temperature, does then, and what acts next. Each stage has all the failures
    # of those before it.
    #
    #   WhatIf.new(heater, mains: 7e5).pressure.map(&:text)
    class WhatIf
      include Saying

      MINUTES = 40
      FLOW = 1.5e-4 # m3/s of the draw that makes the heat come on
      SHARE = 0.5   # of the tank that is drawn

      # samples: [[s from its start, Pa or K], …]; acts: what let go or switched off, or nil.
      Stage = Struct.new(:title, :text, :samples, :peak, :acts, keyword_init: true)

      # mains: Pa on the street's side, as measured; common practice takes 7 bar where it is not
      # known.
      def initialize(heater, mains: nil)
        @heater = heater
        @mains = mains || 700_000.0
      end

      # The pressure tiers: regulator, vessel, expansion relief, T&P.
      def pressure
        stages = [["As it should be", []]]
        stages << ["The {regulator} is lost", [regulated]] if regulated
        if %i[external bubble].include?(@heater.vessel)
          stages << ["The {vessel} is lost as well", [:membrane_failed]]
        end
        unless @heater.expansion_relief == :no
          stages << ["The {expansion_relief} does not move either", [:expansion_relief_stuck]]
        end
        build(stages, :pressure) { |rig| relieved(rig) }
      end

      # The temperature tiers: thermostat, cut-out or high limit, T&P.
      def temperature
        build(
          [["As it should be", []], ["The thermostat does not open", [:thermostat_stuck]]],
          :top,
          minutes: 240
        ) { |rig| switched_off(rig) || by_heat(rig) }
      end

      private

      def regulated
        return :reducer_failed if @heater.unvented?

        :regulator_failed if @heater.regulator == :yes
      end

      def build(stages, what, minutes: MINUTES)
        faults = []
        stages.map do |title, more|
          faults += more
          rig = rig(faults)
          samples = [[rig.time, rig.public_send(what)]]
          acts = nil
          rig.run(minutes * 60) do |sample|
            if sample.time - samples.last[0] >= minutes
              samples << [sample.time, sample.public_send(what)]
            end
            next if acts || !(acts = yield(rig))

            samples << [sample.time, lifts_at(rig)] if what == :pressure && !by_heat(rig)
          end
          peak = samples.map(&:last).max
          Stage.new(title:, samples: shifted(samples), peak:, acts:, text: text(acts))
        end
      end

      # A rig that has just had water drawn, so that it heats.
      def rig(faults)
        rig = Rig.new(@heater, mains: @mains, faults: faults.to_h { |name| [name, 1.0] })
        rig.water.mains = @mains
        rig.running = FLOW
        rig.run(@heater.capacity.si * SHARE / FLOW)
        rig.running = 0.0
        rig.water.reliefs.each { |relief| relief.spilt = 0.0 }
        rig
      end

      def shifted(samples) = samples.map { |time, value| [time - samples.first[0], value] }

      # Which relief valve has let go of more than a drop, the last protection first.
      def relieved(rig)
        return "{relief_valve}" if rig.relief_valve.spilt > 0.02

        "{expansion_relief}" if rig.expansion_relief && rig.expansion_relief.spilt > 0.02
      end

      # The pressure at which the valve that has let go lifts: after the step it has shut already,
      # a little below.
      def lifts_at(rig)
        rig.water.reliefs.select { |relief| relief.spilt > 0.02 }.map(&:pressure).max
      end

      def by_heat(rig)
        rig.relief_valve.lifted && rig.top >= rig.relief_valve.temperature ? "{relief_valve}" : nil
      end

      def switched_off(rig)
        return "energy cut-off" if rig.gas && !rig.gas.eco
        return "{high_limit}" if rig.elements&.high_limit&.tripped

        "cut-out" if rig.coil&.cut_out&.tripped
      end

      def text(acts) = acts ? msg("The {acts} acts.", acts:) : "Nothing has to act."
    end
  end
end
