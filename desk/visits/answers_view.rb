# frozen_string_literal: true

module Munimen
  module Desk
    # The answers that stand in a visit, each as it was asked, with what hangs on it: what a screen
    # needs to show them once more and to take one back.
    class AnswersView
      def initialize(context, visit)
        @context = context
        @visit = visit
      end

      # [{id:, name:, ask:, text:, operation:, by:, at:, checks:, decisive:}], in the order in which
      # they were given. operation: where it is asked; checks: verdicts that it takes part in;
      # decisive: whether one touch decided what the page says.
      def list
        entries.map { |one| of(one) } + decided
      end

      # What was taken back, which stays in the record: [{id:, ask:, text:, who:, reason:}].
      def struck
        reasons = @visit.decisions.taken_back
        @visit.taken_back.map do |one|
          { id: one.id, ask: ask(one), text: text(one), who: name(one.by),
            reason: reasons[one.id].to_s }
        end
      end

      # Answers that cannot both be true: [{text:, answers: [id]}].
      def contradictions
        Judgement::Contradiction.in(@visit).map do |one|
          answers = one.readings.map { |name| @visit.reading(name) } +
                    one.items.map { |item| @visit.observation(item) }
          { text: @visit.words.say(one.text), answers: answers.map(&:id) }
        end
      end

      # Entries that met another account, with both: [{id:, mine:, theirs:, why:, kind:}].
      def apart
        @visit.unanswered.map do |one|
          told = one.apart
          { id: one.id, kind: one.class.name.split("::").last.downcase, ask: ask(one),
            mine: { who: name(one.by), text: text(one), at: time(one.at) },
            theirs: theirs(told[:id]), why: told[:text] }
        end
      end

      private

      # The other account's entry as it says itself, or nil where a need is what differs.
      def theirs(id)
        other = (@visit.readings + @visit.all_observations).find { |one| one.id == id } or return
        { who: name(other.by), text: text(other), at: time(other.at) }
      end

      def entries
        all = @visit.readings.reject(&:superseded) + @visit.observations + @visit.notes
        all.each_with_index.sort_by { |one, index| [one.seq || 0, index] }.map(&:first)
      end

      def of(one)
        fixed = @visit.memory.given([:answer, one.id], one, @visit.units) do
          { id: one.id, name: subject(one), ask: ask(one), text: text(one),
            by: one.by, at: time(one.at), checks: checks(one), touched: touched?(one) }
        end
        decisive = fixed[:touched] && decides?(fixed[:checks])
        fixed.except(:touched).merge(operation: operation(one), decisive:)
      end

      # What one touch says; what was typed was looked at digit by digit.
      def touched?(one)
        one.is_a?(Visit::Reading) ? !one.choice.nil? : one.is_a?(Visit::Observation) && !sound?(one)
      end

      def sound?(one) = Inspection::InspectionItem[one.item].findings[one.finding].nil?

      def decides?(checks)
        @told ||= Judgement::Judge.of(@visit).verdicts
          .reject { |one| one.grade == :not_tested }.map(&:check)
        @told.intersect?(checks)
      end

      def decided
        @visit.decisions.to_h.filter_map do |name, value|
          operation = asking[name.to_sym] if value != ""
          next unless operation

          { id: name, name:, ask: @visit.words.say(operation.title), text: word_of(value),
            operation: operation.id, by: nil, at: nil, checks: [], decisive: false }
        end
      end

      # {decision => the operation that asks for it}
      def asking
        @asking ||= Work::Operation.all.select(&:decides).to_h { |one| [one.decides, one] }
      end

      def subject(one)
        case one
        when Visit::Reading then one.name
        when Visit::Observation then one.item
        else one.entry
        end
      end

      def ask(one)
        case one
        when Visit::Reading
          StepView.question(Visit::ReadingInput.known.fetch(one.name), @visit.words)
        when Visit::Observation then @visit.words.say(Inspection::InspectionItem[one.item].ask)
        when Visit::Step then @visit.words.say(Work::Operation[one.operation].title)
        else @visit.words.say(Inspection::Catalogue[one.entry].text)
        end
      end

      def text(one)
        case one
        when Visit::Reading
          one.quantity ? one.quantity.format(@visit.units) : word_of(one.choice)
        when Visit::Observation then finding(one.item, one.finding)
        when Visit::Step then word_of(one.outcome)
        else [one.place, one.text].compact.join(" – ")
        end
      end

      def finding(item, finding)
        @visit.words.say(Inspection::InspectionItem[item].said(finding))
      end

      def word_of(symbol) = symbol.to_s.tr("_", " ").capitalize

      def operation(one)
        case one
        when Visit::Reading then reading_in(one.name)
        when Visit::Observation
          Work::Operation.that_look(Inspection::InspectionItem[one.item].group).first&.id
        end
      end

      # The operation that reads it: one that was done, where several do.
      def reading_in(name)
        all = Work::Operation.that_read(name)
        (all.find { |one| @visit.done?(one.id) } || all.first)&.id
      end

      def checks(one)
        return [one.entry] if one.is_a?(Visit::Note)

        name = subject(one)
        own = one.is_a?(Visit::Reading) ? Judgement::Check.using(name).map(&:id) : [name]
        own + Hazards::Hazard.shown_by(name).map(&:variable)
      end

      def name(id) = @context.records.people.find(id)&.fetch(:name)
      def time(at) = at.is_a?(Time) ? @context.stamp(at) : at
    end
  end
end
