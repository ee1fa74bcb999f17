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
      @declared = {}
      class << self
        # Made when it is first asked for, so that one may be like another in whatever order their
        # files are read.
        def define(id, &block) = @declared[id.to_sym] = block
        def all = @declared.keys.map { |id| self[id] }

        # The book of an id, such as :us_irc. Raises Error with the ids there are.
        def find(id) = self[id]

        def [](id)
          @all[id.to_sym] ||= made(id.to_sym)
        end

        private

        def made(id)
          block = @declared.fetch(id) do
            raise Error.new(
              Message.of("There is no rulebook “{id}”; there are: {known}.",
                         id:, known: @declared.keys.join(", ")),
              field: :code_profile,
              code: :unknown_choice
            )
          end
          new(id).tap { |book| book.instance_eval(&block) }.settled
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
      # Whether houses have two legs against each other, as in North America.
      def split_phase(yes = nil) = yes.nil? ? @split_phase : @split_phase = yes
      # Who may work on what: {unvented: "…"} – text of the restriction by trade.
      def restricts(trades = nil) = trades ? @restricts = trades : @restricts || {}

      # Is as another book wherever that is asked for by its name (items, readings, duties,
      # sources), with its units and restrictions, but for what is said afterwards: a country that
      # differs from its neighbour by a few clauses is one file.
      def like(other)
        @like = Book[other]
        based_on(other)
        units(@like.units)
        split_phase(@like.split_phase)
        restricts(@like.restricts)
      end

      # The book that it is like, or nil.
      def neighbour = @like

      # This book and those that it is like, itself first.
      def lineage = [id, *@like&.lineage]
      def is?(id) = lineage.include?(id)
      # Of a Hash by ids of books the value for this one, or nil.
      def pick(by_book) = lineage.filter_map { |one| by_book[one] }.first

      # What the rules of another country are called here: {"NEC" => ["CSA C22.1", clause or nil]};
      # nil where this country has no such rule, so that it is common practice.
      def cites(names = nil) = names ? @cites = names : @cites || {}

      # Items of the inspection that are not asked here, such as one with another country's bound.
      def leaves_out(*items) = items.empty? ? @leaves_out || [] : @leaves_out = items

      # A source as this book cites it: its clause is this book's own, or is not named.
      def cite(source)
        source = @like.cite(source) if @like
        return source unless source && cites.key?(source.name)

        name, clause = cites[source.name]
        return Source.common_practice("as the trade does; no clause of this book") unless name

        Source.new(name, clause, source.standing).freeze
      end

      # As declared.
      def settled
        @limits.transform_values! do |limit|
          limit.dup.tap { |copy| copy.source = cite(copy.source) }.freeze
        end
        self
      end

      # Takes over limits and papers of another book; those given afterwards replace them.
      def based_on(other)
        @limits = Book[other].limits.to_h { |limit| [limit.id, limit] }
        @papers = Book[other].papers.to_h { |paper| [paper.id, paper] }
      end

      # A Paper that it may want.
      def paper(id, **attributes) = (@papers ||= {})[id] = Paper.new(id:, **attributes).freeze
      def papers = (@papers || {}).values

      def limit(id, **attributes) = @limits[id] = Limit.new(id:, book: @id, **attributes).freeze

      # Takes limits of the other book out again: this one has none of the kind.
      def without(*ids) = ids.each { |id| @limits.delete(id) }

      # The same limit as in the book that this one is based on, from this book's own clause.
      def same(id, source:)
        @limits[id] = @limits.fetch(id).dup.tap { |copy| copy.source = source }.freeze
      end

      def [](limit_id) = @limits[limit_id]
      def limits = @limits.values
    end
  end
end
