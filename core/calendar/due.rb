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
      BUBBLE = 548 # days, 18 months; common practice
      PUT_OFF = 7 # days, unless something else is agreed; from memory

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

      def items = (recheck + paper + bubble + yearly + put_off + left_off + defects).sort_by(&:on)

      private

      def recheck
        return [] unless @visit.done?(:set_vessel_charge)

        [item(:charge_recheck, CHARGE_RECHECK, "Re-check the {vessel}'s charge: it was set, and must not have dropped.", job: :charge_recheck)]
      end

      # A slow leak shows on paper in a day; common practice.
      def paper
        return [] unless @visit.done?(:lay_paper)

        [item(:leak_check, 1, "Look at the paper under the joints.", job: :leak_check)]
      end

      def bubble
        return [] unless @visit.done?(:renew_bubble)

        [item(:bubble, BUBBLE, "Renew the air bubble: it dissolves in about 18 months.", job: :renew_bubble)]
      end

      def yearly
        job = %i[annual_unvented annual_safety].find { |id| @visit.jobs.include?(id) } or return []

        [item(:annual_service, YEAR, "Annual safety visit, with the {relief_valve} exercised.", job:)]
      end

      def put_off
        @visit.put_off.map { |job, reason| item(:put_off, PUT_OFF, "#{Work::Job[job].title}: put off. #{reason}", job:) }
      end

      # A heater that is left off is somebody's cold house: seen to the same day.
      def left_off
        return [] unless @visit.decision(:outcome) == "left_off"

        [item(:left_off, 0, "Left off, made safe: #{@visit.decision(:outcome_reason)}", grade: :danger)]
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
