# frozen_string_literal: true

module Munimen
  module Desk
    # Operations, readings and verdicts as plain data for a screen, in the visit's words and units.
    class StepView
      def self.reading(reading, units)
        {
          id: reading.id,
          by: reading.by,
          name: reading.name,
          typed: reading.typed,
          text:
            reading.quantity ? reading.quantity.format(units) : reading.choice.to_s.tr("_", " "),
          value: reading.quantity&.then { |one| one.in(one.kind.unit(units)).round(4) },
          choice: reading.choice,
          at: reading.at,
          state: reading.pressure_state
        }
      end

      # What is read, with its part where that is not the usual one.
      def self.question(read, words)
        [(words.part(read.of) if read.of), words.say(read.ask)].compact.join(" – ")
      end

      def self.verdict(verdict, visit)
        verdict.in_words(visit.words)
      end

      # person: account row, for what is outside the person's competence.
      # instruments: the firm's, as Instruments#briefly gives them.
      def initialize(visit, person, instruments = [])
        @instruments = instruments
        @visit = visit
        @words = visit.words
        @competence = Work::Competence.new(visit, Store::Values.qualifications(person))
      end

      def planned(step)
        operation = step.operation
        brief(operation).merge(words(operation)).merge(
          start: step.start,
          hands_on: step.hands_on,
          why: @words.say(step.why),
          needs: readiness(operation).needs,
          **asks(operation).slice(:reads),
          looks: looks(operation),
          recalls: recalls(operation),
          wants: wants(operation),
          decides: operation.decides,
          hand_over: @competence.missing(operation)&.fetch(:text),
          guide: operation.guide,
          guide_facts: operation.guide_facts(@visit),
          fits: operation.part_kind,
          photographs: @words.say(operation.photographs),
          claim_first: claim_first(operation),
          kept: kept?(operation),
          together: together(operation),
          found_so: FoundSo.new(@visit, operation).may?,
          takes_apart: !operation.apart.empty?,
          house_rules: house_rules(operation),
          calculators: calculators(operation),
          wait: wait(step.wait)
        )
      end

      # {operation:, reads:}: what is read in an operation, as it is asked now.
      def asks(operation)
        reads = operation.reads.select { |read| read.applies?(@visit.heater) }
        {
          operation: operation.id,
          reads: reads.map { |read| read_field(read).merge(again(operation, read)) }
        }
      end

      # Whether what was read counts no more, or not yet, and why.
      def again(operation, read)
        early = readiness(operation).early(read)
        { stale: !early.nil? || @visit.outdated?(operation, read.name), again: early }
      end

      # since: Time of the step before, or of the start: with it, what the step took beside what
      # was reckoned.
      def past(step, since = nil)
        operation = Work::Operation[step.operation]
        attended =
          operation.wait&.manner == :attended ? operation.wait.seconds.call(@visit.heater) : 0
        brief(operation).merge(
          step: step.id,
          outcome: step.outcome,
          reason: step.reason,
          together: step.together || false,
          at: step.at.utc.iso8601(3),
          by: step.by,
          reckoned: operation.hands_on + attended,
          took: since && (step.at - since).round
        )
      end

      def left(left)
        brief(Work::Operation[left.operation]).merge(because: @words.say(left.because))
      end

      private

      def readiness(operation)
        Readiness.new(@visit, operation, way: @way ||= NextStepFinder.new(@visit))
      end

      def words(operation)
        {
          tools: operation.tools.map { |one| @words.say(one) },
          materials: operation.materials.map { |one| @words.say(one) },
          because: @words.say(danger(operation) || operation.because),
          how: @words.say(operation.how),
          instrument: @words.sentence(operation.instrument),
          cautions:
            Words::Cautions.lines(operation.cautions, @visit.heater).map { |line| @words.say(line) }
        }
      end

      # What takes the heat away, or leaves it so, is done for the danger that stands.
      def danger(operation)
        hazards = @visit.hazards
        safe = operation.secures? || operation.id == :make_safe
        return unless hazards.any? && (operation.way_to_leave || (safe && standing?))

        Message.of("Danger: {dangers}.", dangers: Message.join(hazards.map(&:title), "; "))
      end

      # Whether it is never given up.
      def kept?(operation)
        !operation.way_to_leave.nil? || operation.id == :make_safe ||
          (operation.secures? && standing?)
      end

      # What is said besides where it is said together with others: [{name:, value:, text:}]; nil
      # where it is said by itself.
      def together(operation)
        return if !operation.plain_act? || standing?

        reads = operation.reads.to_h { |read| [read.name, read] }
        operation.says.map do |name, word|
          choice = read_field(reads.fetch(name))[:choices].find { |one| one[:id] == word }
          { name:, value: word, text: choice[:label] }
        end
      end

      def standing? = @visit.terms.standing.any?

      def claim_first(operation)
        return unless operation.warranty_first?

        Heater::Warranty.claim_first(@visit.heater, on: @visit.date)
      end

      def wait(wait)
        wait && { seconds: wait.seconds, manner: wait.manner, label: wait.label, start: wait.start }
      end

      def brief(operation)
        {
          operation: operation.id,
          title: @words.say(operation.title),
          part: operation.part,
          place: operation.place
        }
      end

      def calculators(operation)
        known = Visit::CalculationInputs.new(@visit)
        operation.calculators.filter_map do |id, gives|
          calculation = Calculations::Calculation[id]
          from, reading = gives.first
          if calculation.systems.include?(@visit.units) && fits?(id)
            { id:, title: calculation.title, inputs: known.inputs(calculation), reading:, from: }
          end
        end
      end

      # Two of them are about one country's pipes or one kind of heater.
      def fits?(id)
        {
          discharge_pipe_england: @visit.rules.book.is?(:england_g3),
          combustion_air: @visit.heater.gas?
        }.fetch(id, true)
      end

      def house_rules(operation)
        operation.house_rules.map do |id|
          question = Rules::Question[id]
          level, choice = @visit.rules.chain(id).last
          {
            id:,
            ask: @words.say(question.ask),
            choice: @words.say(question.options.fetch(choice).label),
            level:
          }
        end
      end

      # Fields of the record that matter here and are not known.
      def wants(operation)
        because = operation.wants
        fields = Heater::Fields.unknown(@visit.recorded_heater, because.keys, @visit.units)
        fields.map { |field| { field:, because: @words.say(because[field].to_s) } }
      end

      def read_field(read)
        unit = read.kind == :choice ? nil : Measure::Kind[read.kind].unit(@visit.units)
        {
          name: read.name,
          ask: StepView.question(read, @words),
          kind: read.kind,
          unit: unit&.label,
          optional: read.optional || false,
          adjusted: read.adjusted || false,
          aim: aim(read, unit),
          wanted: read.wanted?(@visit),
          shown: read.asked?(@visit),
          instruments: instruments(read),
          choices:
            read.choices&.map do |choice|
              { id: choice, label: choice.to_s.tr("_", " ").capitalize }
            end
        }
      end

      # The band that it is set to, in the unit that is typed, and which way is turned; nil where it
      # is only read.
      def aim(read, unit)
        given = unit && Work::Aim.of(read.name, @visit) or return
        numbers = [given.target, *given.band].map { |one| one&.in(unit)&.round(3) }
        turns = given.to_h.slice(:up, :down, :coarse, :fine, :settle)
        { target: numbers[0], least: numbers[1], most: numbers[2],
          **turns.transform_values { |text| @words.say(text) } }
      end

      # Ids of the firm's instruments that read this, where they are connected.
      def instruments(read)
        fitting = @instruments.select do |one|
          one[:reads].to_s == read.kind.to_s && read.at?(one[:point])
        end
        fitting.map { |one| one[:id] }
      end

      def looks(operation)
        return unless operation.looks

        Inspection::InspectionItem.for(@visit, operation.looks).map do |look|
          {
            id: look.id,
            ask: @words.say(look.ask),
            part: look.part,
            place: look.place,
            place_name: @words.place(look.place),
            sound: @words.say(look.sound),
            doubt: doubt(look),
            findings: findings(look)
          }
        end
      end

      # What was written down before and is wanted again here: [{ask:, text:}].
      def recalls(operation)
        operation.recalls.filter_map do |name|
          reading = @visit.reading(name) or next
          { ask: @words.say(Visit::ReadingInput.known.fetch(name).ask),
            text: self.class.reading(reading, @visit.units)[:text] }
        end
      end

      # What says whether it is there at all, where that is not known.
      def doubt(look)
        field, there, none = look.doubt(@visit.heater)
        field && { field:, there:, none: }
      end

      def findings(look)
        known = look.findings.values.select { |one| one.under?(@visit.rules.book) }
        known.map { |one| { id: one.id, text: @words.say(one.text), grade: one.grade } }
      end
    end
  end
end
