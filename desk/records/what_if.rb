# frozen_string_literal: true

module Munimen
  module Desk
    # What a heater on record would do if one protection after another failed: from its own
    # configuration and the mains last measured.
    class WhatIf
      def initialize(context) = @context = context

      # {pressure: {stages:, picture:}, temperature: {…}}
      def call(heater_id)
        row = @context.records.heaters.with_place(heater_id)
        @units = row[:book].units
        @words = Words[@units]
        heater = row[:heater]
        last = @context.records.visits.last_quantities(heater_id)
        mains = (
          last[:mains_pressure] ||
            (last[:static_pressure] if heater.regulator == :no && !heater.unvented?)
        )&.si
        what = Rig::WhatIf.new(heater, mains:)
        {
          mains: mains && say(:pressure, mains),
          pressure: shown(what.pressure, :pressure, reliefs(heater)),
          temperature:
            shown(
              what.temperature,
              :temperature,
              [[@words.say("{relief_valve}"), heater.relief_temperature]]
            )
        }
      end

      private

      def say(kind, value) = Measure::Quantity.new(kind, value).format(@units)

      def reliefs(heater)
        list = [[@words.say("{relief_valve}"), heater.relief_pressure]]
        unless heater.expansion_relief == :no
          list << [
            @words.say("{expansion_relief}"),
            heater.expansion_relief_pressure || Heater::Installation::EXPANSION_RELIEF_PRESSURE
          ]
        end
        list
      end

      # Stages one after another on one axis of time.
      def shown(stages, kind, levels)
        unit = Measure::Kind[kind].unit(@units)
        from = 0.0
        series = stages.each_with_index.map do |stage, index|
          points = stage.samples.map do |time, value|
            [((from + time) / 60).round(1), Measure::Quantity.new(kind, value).in(unit).round(2)]
          end
          from += stage.samples.last[0]
          { name: @words.say(stage.title), points:, main: index.even? }
        end
        {
          stages:
            stages.map do |stage|
              {
                title: @words.say(stage.title),
                text: @words.say(stage.text),
                acts: !stage.acts.nil?,
                peak: say(kind, stage.peak)
              }
            end,
          picture: {
            kind: :lines,
            x: {
              label: "Time",
              unit: "min"
            },
            y: {
              label: kind.to_s.capitalize,
              unit: unit.label,
              log: false
            },
            series:,
            point: nil,
            levels:
              levels.map do |label, quantity|
                { label:, at: quantity.in(unit).round(2), text: quantity.format(@units) }
              end
          }
        }
      end
    end
  end
end
