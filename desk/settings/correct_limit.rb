# frozen_string_literal: true

module Munimen
  module Desk
    # One rulebook as it holds for the firm, to be read by somebody who knows it, and one of its
    # limits corrected: another bound or clause, with a reason. Signed visits keep the page that
    # they were signed with.
    class CorrectLimit
      def initialize(context) = @context = context

      # Inspection::BookListing of a book as the firm has it.
      def show(book)
        id = Rules::Book.find(book).id
        rules = Rules::EffectiveRules.new(id, firm: @context.records.settings.house_rules)
        Inspection::BookListing.new(rules).to_h
      end

      # at_least, at_most: as typed, bare numbers in the book's units; clause, reason: text. Without
      # any of bounds and clause the book's own holds again. The listing as it then is.
      def call(book, limit_id, reason: nil, **said)
        @context.may!(:house_rules)
        book = Rules::Book.find(book)
        limit = limit!(book, limit_id)
        said = said.to_h { |name, text| [name, typed(name, text)] }.compact
        keep(book, limit, said.empty? ? nil : checked(book, limit, said, reason))
        show(book.id)
      end

      private

      def typed(name, text)
        text = @context.text!(text, name, max: 100, required: false).to_s
        text unless text.empty?
      end

      def limit!(book, id)
        book[id.to_sym] || raise(NotFound.new(Message.of("There is no limit “{id}” in it.",
                                                         id:), field: :limit))
      end

      def checked(book, limit, said, reason)
        why = @context.text!(reason, :reason, max: 300)
        kept = { **said, reason: why, by: @context.person[:name], on: @context.now.to_date.iso8601 }
        changed = Rules::Correction.new(kept).of(limit, book.units)
        low = changed.at_least
        high = changed.at_most
        if low && high && low > high
          raise Error.new("at_least must not be more than at_most.", field: :at_least,
                                                                     code: :out_of_range)
        end

        kept.transform_keys(&:to_s)
      end

      def keep(book, limit, said)
        settings = @context.records.settings
        name = Rules::Correction.name(book.id, limit.id)
        settings[:house_rules] = settings.house_rules.merge(name => said).compact
      end
    end
  end
end
