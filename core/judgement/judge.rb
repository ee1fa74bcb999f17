# frozen_string_literal: true

module Munimen
  module Judgement
    # All verdicts of a visit: from readings by the checks, from what was seen, from what was not
    # tested, and from notes added by hand.
    #
    #   Judge.new(visit).verdicts      # => [Verdict, …]
    #   Judge.new(visit).deficiencies  # the findings among them, worst first
    class Judge
      # A later reading of the same visit proves that it was put right.
      CURED_BY = { vessel_charge: :charge_set, hot_peak_found: :hot_peak_after }.freeze

      def initialize(visit)
        @visit = visit
      end

      def verdicts
        @verdicts ||= from_readings + from_observations + from_steps + from_notes
      end

      # Findings that still stand, worst first; what was found and put right on this visit is left
      # out.
      def deficiencies
        verdicts.select(&:finding?).reject { |verdict| rectified?(verdict) }.sort_by(&:rank)
      end

      # Findings put right on this visit, with what proves it.
      def rectified = verdicts.select { |verdict| verdict.finding? && rectified?(verdict) }

      # Verdicts that one reading takes part in.
      def verdicts_using(name) = Check.using(name).filter_map { |check| check.verdict(@visit) }

      private

      def rectified?(verdict)
        cure = CURED_BY[verdict.check] or return false
        later = verdicts.find { |other| other.check == cure }
        later&.grade == :sound || (verdict.check == :hot_peak_found && later)
      end

      def from_readings = Check.all.filter_map { |check| check.verdict(@visit) }

      def from_observations
        @visit.observations.filter_map do |seen|
          item = Inspection::InspectionItem[seen.item]
          finding = item.findings[seen.finding]
          next look_verdict(item, finding, seen) if finding
          next unseen(item) if HouseGrades.new(@visit.rules).must_be_seen?(item, seen.finding)

          text = {
            sound: item.sound,
            not_visible: "Not visible",
            not_applicable: "Not applicable"
          }.fetch(seen.finding)
          grade = seen.finding == :sound ? :sound : :not_tested
          Verdict.new(
            check: item.id,
            part: item.part,
            grade:,
            because: because("#{item.ask}: #{text}.")
          )
        end
      end

      def look_verdict(item, finding, seen)
        text = [finding.text, seen.note].reject { |part| part.to_s.empty? }.join(" – ")
        ruling = HouseGrades.new(@visit.rules).ruling(item, finding)
        Verdict.new(
          check: item.id,
          part: item.part,
          grade: ruling.grade,
          because: because("#{text}.", ruling.source),
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
          Verdict.new(check: operation.id, part: operation.part, grade: :not_tested,
                      because: because("#{operation.title}: not done. #{step.reason}"))
        end
      end

      # Not visible, where a house rule takes that for a deficiency.
      def unseen(item)
        finding = item.findings.values.first
        Verdict.new(
          check: item.id,
          part: item.part,
          grade: :defect,
          because: because("#{item.ask}: not visible.", @visit.rules.source(:earth_seen)),
          question: :earth_seen,
          remedy: say(finding.remedy),
          due_in: finding.due_in,
          explain: finding.explain,
          who: finding.who
        )
      end

      def from_notes
        @visit.notes.map do |note|
          entry = Inspection::Catalogue[note.entry]
          told = [entry.text, note.place, note.text]
          text = told.reject { |part| part.to_s.empty? }.join(" – ")
          Verdict.new(
            check: entry.id,
            part: entry.part,
            grade: entry.grade,
            because: because("#{text}.", entry.source_under(@visit.rules.book.id)),
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
