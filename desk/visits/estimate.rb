# frozen_string_literal: true

module Munimen
  module Desk
    # What would be done about each finding of a visit and what it costs, and what the customer says
    # of it before they sign: done, later, or not wanted.
    class Estimate
      LONGEST = 24 * 60 # minutes of one piece of work
      ANSWERS = [*Costing::Line::ANSWERS, Costing::Line::OPEN].freeze

      def initialize(context) = @context = context

      # {rates: whether the firm has said what work costs, currency:, call_out:, total: of what was
      # accepted, lines: [{about:, title:, because: [text], danger:, answer:, supplied:,
      # part_price: as typed, minutes:, parts:, labour:, tax:, total:}]}; amounts as text, nil where
      # they are not known.
      def call(visit_id)
        visit = @context.records.visits.load(visit_id, now: @context.now)
        lines = sheet(visit).lines
        agreed = Report::Agreed.new(visit).to_h
        {
          rates: !rates.nil?, currency: rates&.currency,
          call_out: rates&.money(rates.call_out)&.to_s,
          total: agreed&.fetch(:total), lines: lines.map { |offer| shown(offer, visit) }
        }
      end

      # about: as `call` gives it; answer: one of ANSWERS, or nil, which takes it back. supplied:
      # the part, part_price: what it costs, minutes: of work, where they are otherwise than
      # proposed. Raises Error, or Refused where it cannot be answered.
      def answer(visit_id, id:, about:, answer:, **otherwise)
        @context.may!(:visit)
        VisitWrite.new(@context, visit_id).call(:decisions, id) do |entry|
          not_signed!(visit_id)
          offer = offer(entry.visit, about)
          value = answer.nil? ? "" : answered(offer, answer, otherwise).to_s
          entry.add(:decisions, id:, name: "estimate.#{about}", value:)
        end
      end

      private

      def rates = @rates ||= Costing::Rates.of(@context.records.settings[:rates])

      def sheet(visit)
        Costing::Sheet.new(visit, rates:, plans: @context.records.plans) do |job|
          kind = Parts::Kind.fitted_by(job.id)
          best = kind && MatchParts.new(@context).best(kind.id, visit)
          [best.part.name.strip, best.part.price] if best && best.fits? != false
        end
      end

      def offer(visit, about)
        sheet(visit).about(*about.to_s.split(".", 2)) ||
          raise(Error.new(Message.of("Nothing was found that “{about}” is about.",
                                     about:), field: :about,
                                                                         code: :unknown_choice))
      end

      # What they sign does not change behind their signature.
      def not_signed!(visit_id)
        signed = @context.records.visits.rows(:signatures, visit_id)
        return if signed.none? { |row| row[:signer] == "customer" }

        raise Refused.new("The customer has signed: what they agreed to stands.",
                          code: :signed_already)
      end

      def answered(offer, answer, otherwise)
        raise Error.one_of(ANSWERS, field: :answer) unless ANSWERS.include?(answer)
        if answer == "declined" && offer.danger?
          raise Refused.new("A danger is not declined: it is put right, or it stays off until it " \
                            "is. Say later.", code: :danger)
        end

        offer.line.with(answer:, **changed(offer.line, otherwise))
      end

      # What the person at the heater knows better.
      def changed(line, given)
        return {} unless line.rates

        { part: text(given, :supplied, line.part),
          part_amount: given.key?(:part_price) ? amount(given[:part_price]) : line.part_amount,
          minutes: given.key?(:minutes) ? minutes(given[:minutes]) : line.minutes }
      end

      def text(given, name, otherwise)
        return otherwise unless given.key?(name)

        @context.text!(given[name], name, max: 120, required: false)
      end

      def amount(text)
        return if text.to_s.strip.empty?

        Costing::Money.parse(text, rates.currency)&.amount ||
          raise(Error.new("part_price must be an amount such as 48.50.", field: :part_price,
                                                                         code: :bad_number))
      end

      def minutes(given)
        return given if given.is_a?(Integer) && given.between?(0, LONGEST)

        raise Error.new(Message.of("minutes must be a whole number up to {longest}.",
                                   longest: LONGEST), field: :minutes,
                                                                            code: :out_of_range)
      end

      def shown(offer, visit)
        line = offer.line
        { about: offer.about.join("."), title: title(offer, visit),
          because: offer.job ? offer.findings.map { |one| visit.words.say(one.text) } : [],
          danger: offer.danger?, answer: (line.answer if line.answered?), supplied: line.part,
          part_price: line.part_amount && line.money(line.part_amount).plain,
          minutes: line.minutes, **costs(line) }
      end

      def costs(line)
        return { parts: nil, labour: nil, tax: nil, total: nil } unless line.priced?

        { parts: line.part_amount, labour: line.labour, tax: line.tax, total: line.total }
          .transform_values { |amount| amount && line.money(amount).to_s }
      end

      def title(offer, visit)
        visit.words.say(offer.job ? offer.job.title : offer.findings.first.text)
      end
    end
  end
end
