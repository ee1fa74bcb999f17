# frozen_string_literal: true

module Munimen
  module Desk
    # Signs a visit: the customer (or the refusal, with its reason) and then the plumber, which
    # locks it, keeps the page as it was, and puts what follows among what is owed.
    class Sign
      def initialize(context) = @context = context

      # signer: "customer" or "plumber". strokes: [[[x, y], …], …] drawn on the screen, each
      # 0…1.
      def call(visit_id, id:, signer:, name: nil, strokes: nil, refused: nil)
        @context.may!(:visit)
        visits = @context.records.visits
        return if visits.written?(:signatures, id)

        row = @context.open_visit!(visit_id)
        check(signer, name, strokes, refused)
        visit = visits.load(visit_id, now: @context.now)
        ready!(visit)
        if signer == "plumber"
          customer_first!(visit_id)
          competent!(visit)
        end
        @context.records.write do
          visits.write(
            :signatures,
            id:,
            visit_id:,
            signer:,
            name: @context.text!(name, :name, required: false),
            at: @context.stamp,
            strokes:,
            refused: @context.text!(refused, :refused, max: 300, required: false),
            account_id: @context.person[:id]
          )
          lock(row, visit) if signer == "plumber"
        end
      end

      private

      def check(signer, name, strokes, refused)
        unless %w[customer plumber].include?(signer)
          raise Error.new(
            "signer must be customer or plumber.",
            field: :signer,
            code: :unknown_choice
          )
        end
        return if signer == "customer" && !refused.to_s.strip.empty?

        @context.text!(name, :name)
        size = Array(strokes).sum { |stroke| Array(stroke).size }
        if size < 2 && name.to_s.strip.size < 3
          raise Error.new("The signature is missing.", field: :strokes, code: :missing)
        end
        return unless size > 5000

        raise Error.new("The signature has too many points.", field: :strokes, code: :too_long)
      end

      def ready!(visit)
        plan = @context.records.plans.plan(visit)
        obstacles =
          Judgement::Closing.new(visit, plan, Judgement::Judge.of(visit).deficiencies).obstacles
        return if obstacles.empty?

        raise Refused.new(
          "The visit cannot be signed yet. #{obstacles.first.text}",
          code: :not_ready,
          details: {
            obstacles: obstacles.map(&:to_h)
          }
        )
      end

      def customer_first!(visit_id)
        if @context
             .records
             .visits
             .rows(:signatures, visit_id)
             .any? { |row| row[:signer] == "customer" }
          return
        end

        raise Refused.new(
          "The customer signs first, or refuses with a reason.",
          code: :customer_first
        )
      end

      # How it is left, of what is not as presumed on arrival: in service everything is.
      def left(visit)
        return {} if visit.state[:left] == :in_service

        arrival = Work::StateSpace.new(visit.heater).arrival
        visit.state.reject { |name, value| arrival[name] == value || name == :on_site }
      end

      # What the law restricts is signed by somebody qualified for it.
      def competent!(visit)
        competence = Work::Competence.new(visit, Store::People.qualifications(@context.person))
        lacking =
          visit
            .standing
            .reject(&:given_up?)
            .filter_map { |step| competence.missing(Work::Operation[step.operation]) }
            .first or return
        raise Refused.new("You cannot sign for this work. #{lacking[:text]}", code: :not_competent)
      end

      def lock(row, visit)
        page = ReportPage.new(@context).call(row[:id])
        @context.records.visits.update(
          row[:id],
          status: "signed",
          signed_at: @context.stamp,
          outcome: page[:page][:outcome].to_s,
          left_state: left(visit),
          house_rules: visit.rules.frozen_choices,
          page:
        )
        @context.records.seals.seal_visit(
          row[:id],
          pdf: Formats::ReportPdf.new(ReportPage.new(@context).call(row[:id])).render,
          at: @context.stamp
        )
        FollowUp.new(@context, row, visit).call
      end
    end
  end
end
