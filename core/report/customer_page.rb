# frozen_string_literal: true

module Munimen
  module Report
    # What the customer is told, in which words; no layout. Works from a visit alone, so that a
    # signed page can be kept as it was.
    #
    #   CustomerPage.new(visit).to_h # => {sentence:, results: [...], deficiencies: [...], …}
    class CustomerPage
      include Saying

      CONSENT = { "given" => "The customer agreed.",
                  "refused" => "The customer refused." }.freeze
      LATE = 3600 # s after which an entry that arrives is told
      LATE_ONE = "One entry of this visit was made without a signal and reached the office " \
                 "later, the last on {date}, {time} UTC."
      LATE_MANY = "{count} entries were made without a signal and reached the office later, the " \
                  "last on {date}, {time} UTC."

      def initialize(visit)
        @visit = visit
        @judge = Judgement::Judge.of(visit)
        @words = visit.words
      end

      def to_h
        deficiencies = @judge.deficiencies
        outcome = Judgement::Outcome.new(@visit, deficiencies)
        {
          outcome: outcome.chosen,
          outcome_text: Judgement::Outcome::WORDS.fetch(outcome.chosen),
          outcome_reason: @visit.decision(:outcome_reason),
          sentence: outcome.sentence(@words),
          untested: outcome.untested?,
          rang:,
          looked_into:,
          results:,
          gas:,
          deficiencies: deficiencies.map { |verdict| deficiency(verdict) },
          rectified: @judge.rectified.map { |verdict| { text: verdict.text, by: cure(verdict) } },
          not_tested:,
          done:,
          out_of_order:,
          put_off:,
          agreed: Agreed.new(@visit).to_h,
          consent:,
          leaving:,
          papers:,
          cautions:,
          emergency:,
          next_dates:,
          glossary:,
          rulebook: @visit.rules.book.title,
          edition: @visit.rules.book.edition,
          house_rules:,
          look_only: @visit.look_only?,
          late:,
          meaning: Judgement::Meaning.new(@visit).to_h
        }
      end

      private

      def looked_into = LookedInto.new(@visit).to_a
      def emergency = @words.say(Emergency.of(@visit.heater))
      def gas = GasTable.new(@visit).to_a

      # What they rang for: its title in our words, and theirs as they were typed; or nil.
      def rang
        said = Faults::Complaint.in(@visit) or return
        { title: said.title && @words.say(said.title), words: said.words }
      end

      # What was made without a signal and got to the office later, or nil.
      def late
        entries = @visit.readings + @visit.all_observations + @visit.notes + @visit.steps
        late = entries.select { |one| one.received && one.at && waited(one) > LATE }
        return if late.empty?

        last = late.map(&:received).max
        @words.say(msg(late.size == 1 ? LATE_ONE : LATE_MANY,
                       count: late.size, date: Date.iso8601(last[0, 10]), time: last[11, 5]))
      end

      def waited(entry)
        made = entry.at.is_a?(Time) ? entry.at : Time.iso8601(entry.at)
        Time.iso8601(entry.received) - made
      end

      def results
        left = @judge.verdicts.to_h { |verdict| [verdict.check, verdict] }
        found = @judge.found.to_h { |verdict| [verdict.check, verdict] }
        Judgement::Check.told.filter_map do |told|
          check = told.id
          after = left[told.cured_by&.first]
          verdict = after || left[check] || found[check] or next
          before = after ? found[check] || left[check] : found[check]
          result(verdict.check, told.on_page.last,
verdict).merge(found: as_found(before, after || left[check]))
        end
      end

      def result(check, title, verdict)
        reason = verdict.because.first
        {
          check:,
          title: @words.say(title),
          state: verdict.grade,
          measured: reason.measured,
          limit: reason.limit,
          text: verdict.text,
          source: reason.source&.to_s
        }
      end

      # How it was found, where it was left otherwise.
      def as_found(found, left)
        return if found.nil? || left.equal?(found)
        return if left && found.grade == left.grade && found.text == left.text

        { state: found.grade, measured: found.because.first.measured, text: found.text }
      end

      def deficiency(verdict)
        {
          check: verdict.check,
          state: verdict.grade,
          place: @words.part(verdict.part),
          text: verdict.text,
          explain: @words.say(verdict.explain),
          remedy: @words.say(verdict.remedy),
          gas_situation: Judgement::GasSituation.of(verdict, @visit),
          source: verdict.because.first.source&.to_s,
          who: verdict.who,
          by: by(verdict),
          action: @visit.decisions.action(verdict.check),
          told: @visit.decisions.told(verdict.check)
        }
      end

      # Advice has no date.
      def by(verdict)
        return if @visit.date.nil? || verdict.due_in.nil? || verdict.grade == :advice

        (@visit.date + verdict.due_in).iso8601
      end

      # House rules that somebody chose, since the report must say which applied.
      def house_rules
        @visit.rules.chosen.map do |id, choice|
          question = Rules::Question[id]
          {
            ask: @words.say(question.ask),
            choice: @words.say(question.options.fetch(choice).label),
            level: @visit.rules.chain(id).last.first
          }
        end
      end

      def cure(verdict)
        Judgement::Check[verdict.check]&.cured_by&.last || "Put right on this visit."
      end

      def not_tested
        @judge
          .verdicts
          .select { |verdict| verdict.grade == :not_tested }
          .map { |verdict| { part: @words.part(verdict.part), text: verdict.text } } +
          superfluous + unrecorded
      end

      # Protections that the visit was to test and of which nothing is written down.
      def unrecorded
        gaps = Judgement::Completeness.new(@visit).untested.select(&:unrecorded)
        gaps.map do |gap|
          { part: @words.part(gap.part),
            text: msg("{part}: {because}", part: gap.name, because: gap.because) }
        end
      end

      # What the plan left out because it was not needed is said, too.
      def superfluous
        return [] if @visit.jobs.empty?

        @visit
          .jobs
          .flat_map { |job| Work::Job[job].operations_for(@visit.heater) }
          .uniq
          .filter_map do |id|
            next if @visit.settled_operations.include?(id)

            because = Work::Operation[id].forbidden_because(@visit)
            because &&
              {
                part: @words.part(Work::Operation[id].part),
                text: @words.say(msg("{operation}: not done. {because}",
                                     operation: Work::Operation[id].title, because:))
              }
          end
      end

      def done
        done = @visit.standing.select { |step| step.outcome == :done && paid_for?(step.operation) }
        done.map { |step| @words.say(Work::Operation[step.operation].title) }.uniq
      end

      # What a job is there for, not the steps on the way to it.
      def paid_for?(id)
        operation = Work::Operation[id]
        return false if operation.way_to_leave || (operation.every_visit? && id != :look_over)

        @paid_for ||= @visit.jobs.flat_map { |job| Work::Job[job].operations_for(@visit.heater) } |
                      @visit.extra_operations
        @paid_for.include?(id)
      end

      # What was done with a need passed over, and why.
      def out_of_order
        @visit
          .standing
          .select { |step| step.outcome == :done && step.reason }
          .map do |step|
            { text: @words.say(Work::Operation[step.operation].title), reason: step.reason }
          end
      end

      def put_off
        @visit.put_off.map { |job, reason| { text: @words.say(Work::Job[job].title), reason: } }
      end

      # What was answered before a lever was lifted, and by whom, as typed; or nil.
      def consent
        text = CONSENT[@visit.decision(:consent)] or return
        { text: @words.say(text), by: @visit.decision(:consent_by) }
      end

      # Permit, notice, certificate: {title:, text: what was said, on:, number: as typed}.
      def papers
        @visit.rules.book.papers.filter_map do |one|
          said = one.said(@visit) or next
          { title: @words.say(one.title), text: said.text && @words.say(said.text),
            on: said.on, number: said.number }
        end
      end

      # How a heater was left that is not in use: what is off, shut or empty; with a danger, what
      # was hung, and who was told.
      def leaving = AsLeft.new(@visit).sentences.map { |text| @words.say(text) } + hung

      def hung
        step = @visit.standing.reverse.find do |one|
          %i[against_advice evacuated].include?(Work::Operation[one.operation].way_to_leave)
        end
        return [] if step.nil? || !@visit.left?

        asked = Work::Operation[step.operation].reads.select { |read| read.asked?(@visit) }
        asked.filter_map do |read|
          answer = @visit.choice(read.name) or next
          @words.say(msg("{ask}: {answer}", ask: read.ask, answer: answer.to_s.tr("_", " ")))
        end
      end

      def cautions
        hot = @judge.verdicts.find do |verdict|
          verdict.check == :tap_temperature && verdict.finding? &&
            verdict.because.first.limit.to_s.include?("most")
        end
        [
          (
            if hot
              "Hot water at your {tap} can burn: mix it with cold, and check it with a " \
                "thermometer before a child or an older person uses it."
            end
          ),
          "Never plug or cap the pipe from the {relief_valve}; if water comes out of it, call us.",
          Emergency.of(@visit.heater)
        ].compact.map { |text| @words.say(text) }
      end

      def next_dates
        return [] unless @visit.date

        Calendar::Due
          .after(@visit, @judge.deficiencies, on: @visit.date)
          .reject { |item| item.kind == :deficiency }
          .map { |item| { on: item.on.iso8601, text: item.text, kind: item.kind } }
      end

      def glossary
        text = (@judge.verdicts.map(&:text) + done).join(" ").downcase
        @words
          .gloss
          .select { |term, _| text.include?(term.downcase) }
          .map { |term, gloss| { term:, gloss: } }
      end
    end
  end
end
