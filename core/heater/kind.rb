# frozen_string_literal: true

module Munimen
  module Heater
    # A kind of heater, in core/heater/kinds/: what heats it, what feeds that, how strong it is,
    # what relieves it, what is taken where its plate says nothing, and what is usually done to it.
    # What is asked of a heater by its nature is answered here; what a kind does not say is refused
    # when it is declared, and falls into no “else”.
    #
    #   Kind.define :gas_storage do
    #     called "A gas heater"
    #     heated_by :burner
    #     sources { |_| [:burner] }
    #     …
    #   end
    class Kind
      # What each has to say.
      SAYS = %i[called place heated_by water high_limit usual_power usual year sources feeds power
                most].freeze
      # Fed by the main: with a T&P relief valve alone, or as an unvented cylinder with an inlet
      # group, expansion relief and tundish.
      WATERS = %i[main unvented].freeze

      @all = {}
      class << self
        def define(id, like: nil, &block)
          @all[id] = new(id, like && self[like]).tap { |kind| kind.instance_eval(&block) }.declared
        end

        # In the order in which they are offered.
        def all = @all.values.sort_by(&:place)
        def ids = all.map(&:id)
        def [](id) = @all.fetch(id)

        # Ids of the kinds that one of some sources may heat.
        def heated_by(*sources) = all.select { |kind| kind.heated_by?(*sources) }.map(&:id)
      end

      attr_reader :id, :said

      # like: a Kind of which it is a variety; what it does not say itself is that one's.
      def initialize(id, like)
        @id = id
        @said = like ? like.said.dup : {}
      end

      # -- declaration: with an argument or a block these set, without one they tell ---------------
      # called: in a sentence that refuses. place: among the others, where one is chosen. water:
      # :main or :unvented. usual_power: W into the water where no plate says it. usual: the open
      # form of one of which nothing else is known. year: the job of its yearly visit.
      %i[called place water usual_power usual year].each do |name|
        define_method(name) { |value = nil| value.nil? ? @said[name] : @said[name] = value }
      end

      # Every source that it may have.
      def heated_by(*ids) = ids.empty? ? @said[:heated_by] : @said[:heated_by] = ids
      # What else can be taken out of its tank.
      def openings(*ids) = ids.empty? ? @said.fetch(:openings, []) : @said[:openings] = ids
      # With a hand-reset limit on the tank that takes all heat away (the second tier of a US
      # electric heater).
      def high_limit(there) = @said[:high_limit] = there

      # Blocks given an Installation: its sources of heat and electrical feeds, in order; W into the
      # water at one time; W at most, as the plates say, held against the relief valve's rating.
      # Either power is nil where no plate says it.
      %i[sources feeds power most].each do |name|
        define_method(name) do |heater = nil, &block|
          block ? @said[name] = block : @said.fetch(name).call(heater)
        end
      end

      # Raises ArgumentError naming what is not said.
      def declared
        missing = SAYS.reject { |name| @said.key?(name) }
        unknown = (@said[:heated_by] || []) - HeatSource.ids
        return freeze if missing.empty? && unknown.empty? && WATERS.include?(water)

        raise ArgumentError, "#{id} does not say #{(missing + unknown).join(", ")}"
      end

      # -- use --------------------
      def heated_by?(*sources) = @said[:heated_by].intersect?(sources)
      def unvented? = water == :unvented
      def high_limit? = @said.fetch(:high_limit)
    end
  end
end
