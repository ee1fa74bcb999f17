# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    # What a signed visit leaves behind: deficiencies found, rectified or accepted, and what is
    # owed when.
    class FollowUp
      ACCEPTED = "The customer wants it done."

      def initialize(context, row, visit)
        @context = context
        @row = row
        @visit = visit
        @judge = Judgement::Judge.of(visit)
        @on = visit.date.iso8601
      end

      def call
        close_what_is_sound
        @judge.deficiencies.each { |verdict| write(verdict) }
        owe
      end

      private

      def deficiencies = @context.records.deficiencies
      def heater_id = @row[:heater_id]

      def accepted(verdict)
        @visit.decisions.accepted(verdict.check) unless verdict.grade == :danger
      end

      # An open deficiency that was said to be put right, or was measured or tested sound, or was
      # put right on this visit, is rectified.
      def close_what_is_sound
        open = deficiencies.open(heater_id)
        put_right.each do |check, evidence|
          close(open[check], "rectified", evidence) if open.key?(check)
        end
        @judge.rectified.each do |verdict|
          next if open.key?(verdict.check.to_s)

          close(written(verdict), "rectified", "Put right on the same visit.")
        end
      end

      # {check => what proves it}, of those that do not stand any more.
      def put_right
        standing = @judge.deficiencies.map { |verdict| verdict.check.to_s }
        here = @judge.rectified.to_h { |verdict| [verdict.check.to_s, say(verdict.text)] }
        said = @judge.still_open.put_right.to_h { |one, how| [one.check.to_s, how] }
        here.merge(said).except(*standing)
      end

      def say(text) = @visit.words.say(text)

      # Writes a deficiency down, closed at once where the customer has accepted it.
      def write(verdict)
        row = written(verdict)
        text = accepted(verdict)
        close(row, "accepted", text) if text
      end

      # The row of a deficiency that was found, or found again.
      def written(verdict)
        deficiencies.found(
          heater_id:,
          visit_id: @row[:id],
          on: @on,
          id: SecureRandom.uuid,
          check: verdict.check.to_s,
          part: verdict.part.to_s,
          grade: verdict.grade.to_s,
          text: say(verdict.text),
          remedy: say(verdict.remedy),
          due: verdict.due_in && (@visit.date + verdict.due_in).iso8601
        )
        deficiencies.open(heater_id)[verdict.check.to_s]
      end

      def close(row, status, evidence)
        deficiencies.close(row[:id], status:, visit_id: @row[:id], on: @on, evidence:)
      end

      def owe
        open = @judge.deficiencies.reject { |verdict| accepted(verdict) }
        items = Calendar::Due.after(@visit, open, on: @visit.date).reject do |item|
          item.once && @context.records.dues.ever?(heater_id, item.kind.to_s)
        end
        settle(items)
        items.each { |item| add(item) }
      end

      # What this visit has done is not due any more.
      def settle(items)
        judged = @judge.verdicts.reject { |verdict| verdict.grade == :not_tested }
        @context.records.dues.settle(
          heater_id:,
          at: @context.stamp,
          jobs: (@visit.jobs + Calendar::Due.settled_jobs(@visit)).uniq.map(&:to_s),
          checks: (judged.map(&:check) + rules.flat_map { |one| one.checks_ended(@visit) })
            .map(&:to_s),
          kinds: ended(items)
        )
      end

      def add(item)
        id = SecureRandom.uuid
        said = item.check && answers[item.check.to_sym]
        @context.records.dues.add(
          id:,
          heater_id:,
          visit_id: @row[:id],
          kind: item.kind.to_s,
          on: item.on.iso8601,
          text: Message.join([item.text, *(ACCEPTED if said == "accepted")]),
          grade: item.grade&.to_s,
          job: item.job&.to_s,
          check: item.check&.to_s
        )
        decline(id) if said == "declined"
      end

      # What the customer said of each finding, under their signature: {check => answer}.
      def answers = @answers ||= Costing::Answers.new(@visit).by_check

      def decline(due)
        @context.records.dues.decide(
          id: SecureRandom.uuid, due:, what: "decline", until_date: nil,
          reason: "Declined by the customer, under their signature.",
          at: @context.stamp, account_id: @context.person[:id]
        )
      end

      # Kinds that this visit owes anew, and those that it ends.
      def ended(items)
        anew = items.map(&:kind).uniq.select { |kind| Calendar::Rule[kind].renewed? }
        (anew + rules.select { |one| one.ended_by?(@visit) }.map(&:id)).map(&:to_s)
      end

      def rules = Calendar::Rule.all
    end
  end
end
