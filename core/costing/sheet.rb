# frozen_string_literal: true

module Munimen
  module Costing
    # What a customer is offered for what was found on a visit: a line for each job that puts
    # something right, and one for each finding that no job of ours does; with what they said.
    #
    #   Sheet.new(visit, rates: Rates.of(…), plans:) { |job| … }.lines # => [Offer, …]
    class Sheet
      # about: [“job” or “finding”, id]; job: Work::Job or nil; findings: Verdicts; line: Line.
      Offer = Struct.new(:about, :job, :findings, :line) do
        def danger? = findings.any? { |verdict| verdict.grade == :danger }
      end

      # rates: Rates or nil; plans: PlanKeeper, whose shelf all visits share; part: a block that
      # gives [name, price as typed] of what fits a job, or nil.
      def initialize(visit, rates:, plans:, &part)
        @visit = visit
        @rates = rates
        @plans = plans
        @part = part
        @answers = Answers.new(visit)
      end

      # Worst first; each finding stands in one.
      def lines = @lines ||= of_jobs + of_the_rest

      # Of one about something, or nil.
      def about(kind, id) = lines.find { |one| one.about == [kind.to_s, id.to_s] }

      private

      def of_jobs
        @of_jobs ||= jobs
      end

      def jobs
        told = []
        suggested.sort_by { |_, found| found.map(&:rank).min }.filter_map do |job, found|
          left = found.reject { |verdict| told.include?(verdict.check) }
          next if left.empty?

          told.concat(left.map(&:check))
          offer(["job", job.id.to_s], job, left)
        end
      end

      def of_the_rest
        told = of_jobs.flat_map { |one| one.findings.map(&:check) }
        deficiencies.reject { |verdict| told.include?(verdict.check) }.map do |verdict|
          offer(["finding", verdict.check.to_s], nil, [verdict])
        end
      end

      def deficiencies = Judgement::Judge.of(@visit).deficiencies
      def suggested = Judgement::Suggested.new(@visit, deficiencies).all

      def offer(about, job, findings)
        line = @answers[about] || fresh(job)
        Offer.new(about, job, findings, line.with(checks: findings.map(&:check)))
      end

      # As it is proposed: the work as it is reckoned, with what fits of the firm's list.
      def fresh(job)
        return Line.new(checks: []) unless job && @rates

        name, price = @part.call(job)
        amount = price && Money.parse(price, @rates.currency)&.amount
        Line.new(checks: [], part: name, part_amount: amount, minutes: minutes(job), rates: @rates)
      end

      # Of hands on the work, as a visit of its own.
      def minutes(job)
        visit = Visit.new(heater: @visit.heater, rules: @visit.rules, jobs: [job.id],
                          date: @visit.date, decisions: { spare_at_hand: "yes" })
        (@plans.glance(visit).hands_on / 60.0).ceil
      end
    end
  end
end
