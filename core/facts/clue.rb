# frozen_string_literal: true

module Munimen
  module Facts
    # What of a visit tells something of the heater that its record may not know yet. One file for
    # each subject in core/facts/clues/.
    #
    #   Clue.define :pan do
    #     seen :pan, sound: :yes, no_drain: :yes, no_pan: :no
    #   end
    class Clue
      include Saying

      # What was found out: value as the record keeps it; because: what shows it; at, by: of the
      # entry.
      Told = Struct.new(:field, :value, :because, :at, :by, keyword_init: true)

      @all = []
      class << self
        attr_reader :all

        # field: of Heater::Fields.
        def define(field, &block)
          all << new(field).tap { |clue| clue.instance_eval(&block) }
        end
      end

      # Those declared, and what readings and operations say of the record by themselves: `fact` of
      # a reading, `record` of an operation.
      def self.every
        @every ||= begin
          facts = Visit::ReadingInput.facts.to_a
          renewed = Work::Operation.all.flat_map { |one| one.record.invert.to_a }
          all + (facts + renewed).map do |name, field|
            new(field).tap { |clue| clue.read(name, except: %i[cannot_tell]) }
          end
        end
      end

      attr_reader :field

      def initialize(field)
        @field = field
        @seen = {}
        @read = {}
        @done = {}
      end

      # -- declaration --------------------
      # What an answer of the look-over means: answer => value.
      def seen(item, answers) = @seen[item] = answers
      # What is read is the value, unless the word says nothing.
      def read(name, except: []) = @read[name] = except
      # What an operation, once done, means: a value, or :today.
      def done(operation, value) = @done[operation] = value

      # -- use --------------------
      # [Told] by a visit, the last entry last.
      def told(visit)
        (observations(visit) + readings(visit) + steps(visit)).sort_by.with_index do |one, index|
          [one.at.to_s, index]
        end
      end

      private

      def observations(visit)
        @seen.filter_map do |item, answers|
          one = visit.observation(item)
          value = one && answers[one.finding] or next
          look = Inspection::InspectionItem[item]
          said = look.findings[one.finding]&.text || answer(look, one.finding)
          because = msg("{ask}: {answer}", ask: look.ask, answer: said)
          Told.new(field:, value:, because:, at: one.at, by: one.by)
        end
      end

      def answer(look, finding) = finding == :sound ? look.sound : finding.to_s.tr("_", " ")

      def readings(visit)
        @read.filter_map do |name, except|
          one = visit.reading(name) or next
          value = one.quantity || one.choice
          next if except.include?(value)

          because = msg("{ask}: {answer}", ask: Visit::ReadingInput.known.fetch(name).ask,
                                           answer: one.typed.tr("_", " "))
          Told.new(field:, value:, because:, at: one.at, by: one.by)
        end
      end

      def steps(visit)
        @done.filter_map do |operation, value|
          step = visit.standing.reverse.find { |one| one.operation == operation && one.done? }
          next unless step

          value = step.at.to_date.iso8601 if value == :today
          because = Work::Operation[operation].title
          Told.new(field:, value:, because:, at: step.at, by: step.by)
        end
      end
    end
  end
end
