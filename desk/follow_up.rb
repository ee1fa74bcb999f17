# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    # What a signed visit leaves behind: deficiencies found, rectified or accepted, and what is owed when.
    class FollowUp
      def initialize(context, row, visit)
        @context = context
        @row = row
        @visit = visit
        @judge = Judgement::Judge.new(visit)
        @on = visit.on.iso8601
      end

      def call
        close_what_is_sound
        @judge.deficiencies.each { |verdict| write(verdict) }
        owe
      end

      private

      def deficiencies = @context.records.deficiencies
      def heater_id = @row[:heater_id]
      def accepted(verdict) = @visit.decision("accept.#{verdict.check}").to_s.strip.then { |text| text unless text.empty? || verdict.state == :danger }

      # An open deficiency whose check is sound now, or was put right on this visit, is rectified.
      def close_what_is_sound
        cured = (@judge.verdicts.select { |verdict| verdict.state == :sound } + @judge.rectified).to_h { |verdict| [verdict.check.to_s, verdict] }
        standing = @judge.deficiencies.map { |verdict| verdict.check.to_s }
        deficiencies.open(heater_id).each do |check, row|
          next if standing.include?(check) || !cured.key?(check)

          deficiencies.close(row[:id], status: "rectified", visit_id: @row[:id], on: @on, evidence: @visit.words.say(cured.fetch(check).text))
        end
        @judge.rectified.each { |verdict| write(verdict, status: "rectified") unless deficiencies.open(heater_id).key?(verdict.check.to_s) }
      end

      def write(verdict, status: nil)
        id = SecureRandom.uuid
        deficiencies.found(heater_id:, visit_id: @row[:id], on: @on, id:, check: verdict.check.to_s, part: verdict.part.to_s, grade: verdict.state.to_s,
                           text: @visit.words.say(verdict.text), remedy: @visit.words.say(verdict.remedy), due: verdict.due_in && (@visit.on + verdict.due_in).iso8601)
        written = deficiencies.open(heater_id)[verdict.check.to_s]
        return deficiencies.close(written[:id], status:, visit_id: @row[:id], on: @on, evidence: "Put right on the same visit.") if status

        text = accepted(verdict) or return
        deficiencies.close(written[:id], status: "accepted", visit_id: @row[:id], on: @on, evidence: text)
      end

      def owe
        dues = @context.records.dues
        judged = @judge.verdicts.reject { |verdict| verdict.state == :not_tested }
        items = Calendar::Due.after(@visit, @judge.deficiencies.reject { |verdict| accepted(verdict) }, on: @visit.on)
        dues.settle(heater_id:, at: @context.stamp, jobs: (@visit.jobs + Calendar::Due.settled_jobs(@visit)).uniq.map(&:to_s), checks: judged.map { |verdict| verdict.check.to_s },
                    kinds: ended(items))
        items.each do |item|
          dues.add(id: SecureRandom.uuid, heater_id:, visit_id: @row[:id], kind: item.kind.to_s, on: item.on.iso8601,
                   text: item.text, grade: item.grade&.to_s, job: item.job&.to_s, check: item.check&.to_s)
        end
      end

      # Kinds that this visit owes anew, and a heater left off that is back in service.
      def ended(items)
        back = @visit.decision(:outcome) == "left_off" ? [] : ["left_off"]
        items.map(&:kind).uniq.select { |kind| Calendar::Rule[kind].renewed? }.map(&:to_s) + back
      end
    end
  end
end
