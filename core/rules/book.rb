# frozen_string_literal: true

module Munimen
  module Rules
    # A rulebook (code profile): its limits, its name and its edition, written as data in
    # core/rules/books/.
    #
    #   Book.define :us_irc do
    #     limit :static_pressure, at_most: psi(80), grade: :defect, source: …
    #   end
    class Book
      include Measures

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |book| book.instance_eval(&block) }
        def all = @all.values

        # The book of an id, such as :us_irc. Raises Error with the ids there are.
        def find(id) = self[id]

        def [](id)
          @all.fetch(id.to_sym) do
            raise Error.new(
              "There is no rulebook “#{id}”; there are: #{@all.keys.join(", ")}.",
              field: :code_profile,
              code: :unknown_choice
            )
          end
        end
      end

      attr_reader :id

      def initialize(id)
        @id = id
        @limits = {}
      end

      def title(text = nil) = text ? @title = text : @title
      def edition(text = nil) = text ? @edition = text : @edition
      # The units and the vocabulary that sites under this book use.
      def units(system = nil) = system ? @units = system : @units
      # Who may work on what: {unvented: "…"} – text of the restriction by trade.
      def restricts(trades = nil) = trades ? @restricts = trades : @restricts || {}

      # Takes over the limits of another book; those given afterwards replace them.
      def based_on(other) = @limits = Book[other].limits.to_h { |limit| [limit.id, limit] }

      def limit(id, **attributes) = @limits[id] = Limit.new(id:, book: @id, **attributes).freeze

      # The same limit as in the book that this one is based on, from this book's own clause.
      def same(id, source:)
        @limits[id] = @limits.fetch(id).dup.tap { |copy| copy.source = source }.freeze
      end

      def [](limit_id) = @limits[limit_id]
      def limits = @limits.values
    end
  end
end
