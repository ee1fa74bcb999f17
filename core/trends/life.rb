# frozen_string_literal: true

module Munimen
  module Trends
    # How long parts of one kind last, by what a firm's own signed visits found. Declared in
    # core/trends/lives/: which checks test it, and what begins its time anew.
    #
    #   Life[:relief_valve].cases(tested, done, begun) # => [[1.02, false], [3.4, true]]
    class Life
      YEAR = 365.25
      FAILED = %w[defect danger].freeze
      FEWEST = 10 # cases below which nothing is drawn

      @all = {}
      class << self
        def define(id, &block) = @all[id] = new(id).tap { |life| life.instance_eval(&block) }
        def all = @all.values
        def [](id) = @all.fetch(id)

        # Physics::Survival::Step of some cases; nil where they are too few to say anything.
        def curve(cases) = (Physics::Survival.steps(cases) if cases.size >= FEWEST)
      end

      attr_reader :id, :checks, :operations

      def initialize(id)
        @id = id
        @checks = @operations = []
      end

      # -- declaration --------------------
      def title(text = nil) = text ? @title = text : @title
      # From when its years are counted.
      def since(text = nil) = text ? @since = text : @since
      # The checks that say whether it still works.
      def tested_by(*checks) = @checks = checks
      # Operations with which a new one begins.
      def begun_by(*operations) = @operations = operations
      # Each test, too, begins its time anew: what is asked is how long it stays good untouched.
      def each_test_begins_anew = @anew = true
      # The house rule beside whose interval it stands.
      def question(id = nil) = id ? @question = id : @question

      # -- use --------------------
      # [[years, whether it had failed], …] of one heater. tested: [[Date, check, states]] and done:
      # [[Date, operation]] in order of time; installed: Date or nil, from which what does not begin
      # anew with each test is counted.
      def cases(tested, done, installed)
        start = @anew ? nil : installed
        found = []
        days(tested, done).each do |on, failed, renewed|
          unless failed.nil?
            found << [start, on, failed] if start && on > start
            start = next_start(start, on, failed)
          end
          start = on if renewed
        end
        counted(found)
      end

      private

      # [Date, whether it failed (nil: not tested), whether a new one began], in order.
      def days(tested, done)
        of = tested.select { |_, check, _| checks.include?(check.to_sym) }.group_by(&:first)
        new = done.select { |_, operation| operations.include?(operation.to_sym) }.map(&:first)
        (of.keys | new).sort.map do |on|
          seen = of[on]&.flat_map(&:last)
          [on, seen&.intersect?(FAILED), new.include?(on)]
        end
      end

      def next_start(start, on, failed)
        return on if @anew

        failed ? nil : start
      end

      # What does not begin anew with each test is one case until it fails, or was last seen good.
      def counted(found)
        found = found.group_by(&:first).values.map(&:last) unless @anew
        found.map { |start, on, failed| [((on - start) / YEAR).round(3), failed] }
      end
    end
  end
end
