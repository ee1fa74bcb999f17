# frozen_string_literal: true

module Munimen
  module Desk
    # Signs a visit: the customer (or the refusal, with its reason) and then the plumber, which
    # locks it, keeps the page as it was, and puts what follows among what is owed.
    class Sign
      def initialize(context) = @context = context

      MOST_POINTS = 5000

      # How many points some strokes have.
      def self.points(strokes) = Array(strokes).sum { |stroke| Array(stroke).size }

      # signer: "customer" or "plumber". strokes: [[[x, y], …], …] drawn on the screen, each
      # 0…1. A customer gives a name and strokes, or refuses with a reason; a plumber signs with
      # the account that is signed in, under its name. typed: the customer's typed name stands for
      # what somebody cannot draw, and is kept as a signature without strokes. seen: the page that
      # the customer had before them (SignedPage).
      def call(visit_id, id:, signer:, typed: false, seen: nil, **said)
        @context.may!(:visit)
        said[:strokes] = [] if typed
        given = checked(signer, typed, **said)
        write = VisitWrite.new(@context, visit_id)
        write.call(:signatures, id, history: false) do |entry|
          ready(entry.visit, signer)
          signature = signature(id, entry, signer, given)
          page = signer == "customer" ? shown(entry.visit) : sheet(entry.visit, signature)
          entry.along { keep(entry, signature, page, seen) }
        end
      end

      private

      # Whether the visit can be signed. Raises Refused naming what is missing.
      def ready(visit, signer)
        ready!(visit)
        return unless signer == "plumber"

        customer_first!(visit.site[:id])
        competent!(visit)
      end

      def signature(id, entry, signer, given)
        entry.full(id:, **given, signer: signer == "customer" ? signer : @context.signs_as)
      end

      # The page that the customer signs.
      def shown(visit) = ReportPage.new(@context).of(visit)[:page]

      # What locks a visit, made before anybody has to wait for it: its page, and the bytes of its
      # PDF where it is printed here.
      Sheet = Struct.new(:page, :pdf)

      def sheet(visit, signature)
        report = ReportPage.new(@context)
        page = report.of(visit, signer: signature[:account_id])
        return Sheet.new(page) unless @context.records.seals.prints?

        Sheet.new(page, Formats::ReportPdf.new(report.as_signed(page, visit, signature)).render)
      end

      # In the transaction that writes it.
      def keep(entry, signature, page, seen)
        signs_once!(entry.row[:id], signature[:signer])
        @context.records.visits.write(:signatures, signature)
        signed = SignedPage.new(@context, entry.row[:id])
        return signed.keep(signature[:id], page, seen) if signature[:signer] == "customer"

        lock(entry.row, entry.visit, page, signature[:at])
        signed.tell
      end

      def signs_once!(visit_id, signer)
        signed = @context.records.visits.rows(:signatures, visit_id)
        return if signed.none? { |row| row[:signer] == signer }

        raise Refused.new(Message.of("The {signer} has signed already.",
                                     signer:), code: :signed_already)
      end

      # {name:, strokes:, refused:} as they are kept.
      def checked(signer, typed, name: nil, strokes: nil, refused: nil)
        case signer
        when "customer" then of_customer(name, strokes, refused, typed)
        when "plumber"
          { name: @context.person[:name], strokes: drawn(strokes), refused: nil }
        else
          raise Error.new(
            "signer must be customer or plumber.",
            field: :signer,
            code: :unknown_choice
          )
        end
      end

      def of_customer(name, strokes, refused, typed)
        why = @context.text!(refused, :refused, max: 300, required: false)
        return { name: nil, strokes: nil, refused: why } if why

        name = @context.text!(name, :name)
        if points(strokes) < 2 && !typed
          raise Error.new(
            "The customer's signature is missing: drawn on the screen, typed, or refused with a " \
            "reason.",
            field: :strokes,
            code: :missing
          )
        end
        { name:, strokes: drawn(strokes), refused: nil }
      end

      def points(strokes) = self.class.points(strokes)

      def drawn(strokes)
        return strokes unless points(strokes) > MOST_POINTS

        raise Error.new("The signature has too many points.", field: :strokes, code: :too_long)
      end

      def ready!(visit)
        plan = @context.records.plans.plan(visit)
        obstacles =
          Judgement::Closing.new(visit, plan, Judgement::Judge.of(visit).deficiencies).obstacles
        return if obstacles.empty?

        raise Refused.new(
          Message.of("The visit cannot be signed yet. {obstacles}",
                     obstacles: obstacles.first.text),
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
        competence = Work::Competence.new(visit, Store::Values.qualifications(@context.person))
        lacking =
          visit
            .standing
            .reject(&:given_up?)
            .filter_map { |step| competence.missing(Work::Operation[step.operation]) }
            .first or return
        raise Refused.new(Message.of("You cannot sign for this work. {text}",
                                     text: lacking[:text]), code: :not_competent)
      end

      def lock(row, visit, sheet, at)
        @context.records.visits.update(
          row[:id],
          status: "signed",
          signed_at: at,
          outcome: sheet.page[:page][:outcome].to_s,
          left_state: left(visit),
          house_rules: visit.rules.frozen_choices,
          page: ReportPage.to_keep(sheet.page)
        )
        @context.records.seals.seal_visit(
          row[:id],
          pdf: sheet.pdf,
          at: @context.stamp(@context.received)
        )
        FollowUp.new(@context, row, visit).call
      end
    end
  end
end
