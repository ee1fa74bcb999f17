# frozen_string_literal: true

module Munimen
  module Desk
    # Operations, readings and verdicts as plain data for a screen, in the visit's words and units.
    class StepView
      def self.reading(reading, units)
        { id: reading.id, name: reading.name, typed: reading.typed, text: reading.quantity ? reading.quantity.format(units) : reading.choice.to_s.tr("_", " "),
          choice: reading.choice, at: reading.at, state: reading.pressure_state }
      end

      def self.verdict(verdict, visit)
        verdict.to_h.merge(place: visit.words.part(verdict.part), text: visit.words.say(verdict.text), remedy: visit.words.say(verdict.remedy),
                           explain: visit.words.say(verdict.explain))
      end

      def initialize(visit)
        @visit = visit
        @words = visit.words
      end

      def planned(step)
        operation = step.operation
        brief(operation).merge(
          start: step.start, hands_on: step.hands_on, why: @words.say(step.why), because: @words.say(operation.because), how: @words.say(operation.how),
          instrument: @words.say(operation.instrument)&.sub(/\A./, &:upcase), cautions: operation.cautions.map { |id| @words.say(Words::Cautions.text(id)) },
          needs: Readiness.new(@visit, operation).needs, reads: operation.reads.map { |read| read_field(read) }, looks: looks(operation),
          decides: operation.decides, wait: step.wait && { seconds: step.wait.seconds, manner: step.wait.manner, label: step.wait.label, start: step.wait.start }
        )
      end

      def past(step)
        brief(Work::Operation[step.operation]).merge(step: step.id, outcome: step.outcome, reason: step.reason, at: step.at.utc.iso8601(3), by: step.by)
      end

      def left(left) = brief(Work::Operation[left.operation]).merge(because: @words.say(left.because))

      private

      def brief(operation)
        { operation: operation.id, title: @words.say(operation.title), part: operation.part, place: operation.place }
      end

      def read_field(read)
        unit = read.kind == :choice ? nil : Measure::Kind[read.kind].unit(@visit.units)
        { name: read.name, ask: @words.say(read.ask), kind: read.kind, unit: unit&.label, optional: read.optional, wanted: read.wanted?(@visit),
          shown: read.only_if.nil? || read.wanted?(@visit),
          choices: read.choices&.map { |choice| { id: choice, label: choice.to_s.tr("_", " ").capitalize } } }
      end

      def looks(operation)
        return unless operation.looks

        Judgement::Look.in_group(operation.looks).select { |look| look.applies?(@visit.heater) }.map do |look|
          { id: look.id, ask: @words.say(look.ask), part: look.part, sound: look.sound,
            findings: look.findings.values.map { |finding| { id: finding.id, text: @words.say(finding.text), grade: finding.grade } } }
        end
      end
    end
  end
end
