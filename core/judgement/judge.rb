# frozen_string_literal: true

module Munimen
  module Judgement
    # All verdicts of a visit, as found and as left: from readings by the checks, from what was
    # seen, from what was not tested, from notes added by hand, and from dangers that stand.
    #
    #   Judge.new(visit).verdicts      # => [Verdict, …] as left
    #   Judge.new(visit).found         # the same as found
    #   Judge.new(visit).deficiencies  # the findings that stand, worst first
    class Judge
      include Saying

      # The judge of a visit, made once for each.
      def self.of(visit) = (@judges ||= ObjectSpace::WeakMap.new)[visit] ||= new(visit)

      def initialize(visit)
        @visit = visit
        @columns = visit.columns
      end

      # As left: what lapsed is out, what it owes is not tested, and a danger that is not cleared
      # stands.
      def verdicts = @verdicts ||= as_left + from_steps + owed + dangers + still_open.verdicts

      # What earlier visits left open, on this one.
      def still_open = @still_open ||= StillOpen.new(@visit, as_left)

      # As found, before anything was put right.
      def found
        @found ||= if @columns.found.equal?(@columns.left) then verdicts
                   else of_visit(@columns.found)
                   end
      end

      # Findings that still stand, worst first; what was found and put right on this visit is left
      # out.
      def deficiencies
        @deficiencies ||= verdicts.select(&:finding?).reject { |verdict| cured?(verdict) }
          .sort_by(&:rank)
      end

      # Findings put right on this visit.
      def rectified
        @rectified ||= begin
          cured = verdicts.select { |verdict| verdict.finding? && cured?(verdict) }
          told = (deficiencies + cured).map(&:check)
          cured + found.select do |one|
            one.finding? && !told.include?(one.check) && put_right?(one)
          end
        end
      end

      # Verdicts that one reading takes part in.
      def verdicts_using(name)
        Check.using(name).filter_map do |check|
          check.verdict(@columns.left)&.cited_by(@visit.rules.book)
        end
      end

      private

      def as_left = @as_left ||= of_visit(@columns.left)

      def of_visit(visit) = from_readings(visit) + from_observations(visit) + from_notes

      def cured?(verdict)
        cure, = Check[verdict.check]&.cured_by
        later = cure && verdicts.find { |other| other.check == cure }
        later&.grade == :sound || (verdict.check == :hot_peak_found && later)
      end

      # Found, and neither standing nor without its proof.
      def put_right?(verdict)
        left = verdicts.select { |other| other.check == verdict.check }
        left.none?(&:finding?) && owed.none? { |one| one.part == verdict.part }
      end

      def from_readings(visit)
        Check.all.filter_map { |check| check.verdict(visit)&.cited_by(visit.rules.book) }
      end

      def from_observations(visit)
        visit.observations.filter_map do |seen|
          told = visit.memory.given([:seen, seen.item], seen, @visit.rules, @visit.heater) do
            looked(seen)
          end
          answered(told, seen, visit)
        end
      end

      # What was seen wants less where the test that it asks for was done, and is sound.
      def answered(told, seen, visit)
        finding = Inspection::InspectionItem[seen.item].findings[seen.finding]
        check, remedy, days = finding&.answered
        return told if check.nil? || Check[check].verdict(visit)&.grade != :sound

        told.answered(say(remedy), days)
      end

      # What was seen at one item, as a verdict.
      def looked(seen)
        item = Inspection::InspectionItem[seen.item]
        finding = item.findings[seen.finding]
        return look_verdict(item, finding, seen) if finding
        return unseen(item) if HouseGrades.new(@visit.rules).must_be_seen?(item, seen.finding)

        text = item.said(seen.finding)
        grade = seen.finding == :sound ? :sound : :not_tested
        Verdict.new(
          check: item.id,
          part: item.part,
          grade:,
          because: because(msg("{ask}: {answer}.", ask: item.ask, answer: text))
        )
      end

      def look_verdict(item, finding, seen)
        text = noted(finding.text, seen.note)
        ruling = HouseGrades.new(@visit.rules).ruling(item, finding)
        Verdict.new(
          check: item.id,
          part: item.part,
          grade: ruling.grade,
          because: because(msg("{seen}.", seen: text), ruling.source),
          question: ruling.question,
          remedy: say(finding.remedy),
          due_in: finding.due_in,
          explain: finding.explain,
          who: Trade.of(finding.who, @visit)
        )
      end

      def from_steps
        @visit.not_tested.map do |step|
          operation = Work::Operation[step.operation]
          how = step.outcome == :left_apart ? "taken apart and left so" : "not done"
          Verdict.new(check: operation.id, part: operation.part, grade: :not_tested,
                      because: because(msg("{work}: {how}. {reason}", work: operation.title, how:,
                                                              reason: reason(step))))
        end
      end

      # As typed, or a sentence of ours that was taken over.
      def reason(step) = step.reason.to_s.end_with?(".") ? step.reason : typed(step.reason)

      # What was renewed and is not proved yet.
      def owed
        @owed ||= @columns.owed.map do |id, renewing|
          proof = Work::Operation[id]
          part = renewing.first.part
          text = msg("{work}: done, but not proved yet: {proof}.",
                     work: renewing.first.title, proof: proof.title)
          Verdict.new(check: :"proof.#{id}", part:, grade: :not_tested, because: because(text))
        end
      end

      # Dangers that are not cleared and that no other verdict tells of.
      def dangers
        return [] if @visit.hazards.empty?

        told = as_left.select { |one| one.grade == :danger }
          .map { |one| one.check.to_s.split(".").first.to_sym }
        @visit.hazards.filter_map do |hazard|
          next if told.intersect?(checks(hazard))

          danger(hazard)
        end
      end

      # Checks whose danger tells of a hazard.
      def checks(hazard)
        using = hazard.readings.flat_map { |name| Check.using(name) }.map(&:id)
        using + hazard.seen.keys + hazard.tells
      end

      def danger(hazard)
        mended = @visit.terms.value(hazard) == :mended
        text = msg(mended ? "{danger}: put right, but not proved." : "{danger}.",
                   danger: hazard.title)
        Verdict.new(
          check: hazard.variable,
          part: hazard.part,
          grade: :danger,
          because: because(text, hazard.source),
          remedy: say(mended ? "Prove it before it is used." : "Off until it is put right and " \
            "proved."),
          due_in: 0,
          explain: "A danger was found here and has not been proved to be put right.",
          who: Trade.of(Heater::Parts.trade(hazard.part), @visit)
        )
      end

      # Not visible, where a house rule takes that for a deficiency.
      def unseen(item)
        finding = item.findings.values.first
        Verdict.new(
          check: item.id,
          part: item.part,
          grade: :defect,
          because: because(msg("{ask}: not visible.",
                               ask: item.ask), @visit.rules.source(:earth_seen)),
          question: :earth_seen,
          remedy: say(finding.remedy),
          due_in: finding.due_in,
          explain: finding.explain,
          who: finding.who
        )
      end

      # A text of ours with what somebody typed beside it.
      def noted(text, *notes)
        Message.join([text, *notes.reject { |note| note.to_s.empty? }.map { |note| typed(note) }],
                     " – ")
      end

      def from_notes
        @visit.notes.map do |note|
          entry = Inspection::Catalogue[note.entry]
          text = noted(entry.text, note.place, note.text)
          Verdict.new(
            check: entry.id,
            part: entry.part,
            grade: entry.grade,
            because: because(msg("{seen}.", seen: text), entry.source_under(@visit.rules.book)),
            remedy: say(entry.remedy),
            due_in: entry.due_in,
            explain: entry.explain,
            who: Trade.of(entry.who, @visit)
          )
        end
      end

      def because(text, source = nil) = [Verdict::Because.new(text: say(text), source:)]
      def say(text) = @visit.words.say(text)
    end
  end
end
