# frozen_string_literal: true

module Munimen
  module Calendar
    # What a signed visit leaves to be done later, and when: the re-check after a top-up, the year, every
    # open defect by its date. Pure dates; the store keeps them.
    #
    #   Due.after(visit, deficiencies, on: Date.new(2026, 11, 23)) # => [Item, …]
    class Due
      Item = Struct.new(:kind, :on, :text, :grade, :job, :check, keyword_init: true)
      YEAR = 365
      CHARGE_RECHECK = 7 # days; common practice

      def self.after(visit, deficiencies, on:) = new(visit, deficiencies, on).items

      # Ids of the jobs that a visit has done in all that is read in them, whatever it was booked as.
      def self.settled_jobs(visit)
        Work::Job.all.select do |job|
          operations = job.operations_for(visit.heater).map { |id| Work::Operation[id] }
          measured = operations.reject { |operation| operation.reads.empty? || operation.superfluous_because(visit) }
          !measured.empty? && measured.all? { |operation| visit.done?(operation.id) }
        end.map(&:id)
      end

      def initialize(visit, deficiencies, on)
        @visit = visit
        @deficiencies = deficiencies
        @on = on
      end

      def items = (recheck + yearly + defects).sort_by(&:on)

      private

      def recheck
        return [] unless @visit.done?(:set_vessel_charge)

        [item(:charge_recheck, CHARGE_RECHECK, "Re-check the {vessel}'s charge: it was set, and must not have dropped.", job: :charge_recheck)]
      end

      def yearly
        return [] unless @visit.jobs.include?(:annual_safety)

        [item(:annual_service, YEAR, "Annual safety visit, with the {relief_valve} exercised.", job: :annual_safety)]
      end

      def defects
        @deficiencies.reject { |verdict| verdict.state == :advice }.map do |verdict|
          item(:deficiency, verdict.due_in || 30, [verdict.text, verdict.remedy].compact.join(" "), grade: verdict.state, check: verdict.check)
        end
      end

      def item(kind, days, text, **more)
        Item.new(kind:, on: @on + days, text: @visit.words.say(text), **more)
      end
    end
  end
end
