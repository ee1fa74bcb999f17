# frozen_string_literal: true

module Munimen
  module Hazards
    # A danger that stands on a heater: what brings it about, what must be off and shut while it
    # stands, what must not be done meanwhile, which work puts it right and which proof clears it.
    # Each is one file in core/hazards/definitions/; the state of the heater has a variable for
    # each, so that whoever asks the state knows of it.
    #
    #   Hazard.define :flue do
    #     title "Flue gas can enter the room"
    #     seen flue: :disconnected, trim_rings: :melted
    #     read draught: :spills
    #     safe "heat.burner": :off, cock: :shut
    #     repaired_by :mend_flue
    #     cleared_by :test_draught
    #     test_firing
    #     source Source.published("NFPA 54, BS 5440-1", "spillage test", clause: :from_memory)
    #   end
    class Hazard
      # none: nothing known of it. standing: it is there. secured: heat off and tagged. mended: the
      # work is done, its proof is owed.
      VALUES = %i[none standing secured mended].freeze

      @all = {}
      class << self
        def define(id, &block)
          @all[id] = new(id).tap { |hazard| hazard.instance_eval(&block) }
        end

        def all = @all.values
        def ids = @all.keys
        def [](id) = @all.fetch(id.to_sym)

        # Those that an inspection's item, or a reading, can show.
        def shown_by(name)
          (@shown_by ||= {})[name] ||= all.select do |hazard|
            hazard.seen.key?(name) || hazard.readings.include?(name)
          end
        end

        # Those whose danger a deficiency of some check (or item) tells of.
        def told_by(check)
          all.select { |one| one.seen.key?(check) || one.tells.include?(check) } |
            [of(check)].compact
        end

        # The hazard of a variable of the state ("hazard.flue"), or nil.
        def of(name)
          group, id = name.to_s.split(".")
          @all[id.to_sym] if group == "hazard"
        end
      end

      attr_reader :id, :variable

      def initialize(id)
        @id = id
        @variable = :"hazard.#{id}"
        @seen = {}
        @read = {}
        @safe = { heat: :off }
        @bars = []
        @repairs = []
      end

      # -- declaration: with an argument these set, without one they tell --------------------
      def title(text = nil) = text ? @title = text : @title
      def source(source = nil) = source ? @source = source : @source

      # Items of the inspection with the findings that bring it about: {item => [finding, …]}.
      def seen(items = nil) = items ? @seen.update(listed(items)) : @seen

      # Readings with the words that bring it about: {reading => [word, …]}.
      def read(words = nil) = words ? @read.update(listed(words)) : @read

      # A question to a visit: does a quantity, or what is installed, bring it about? `by` names
      # the readings that it goes by, for what is found later to count.
      def found(by: [], &block)
        return @found unless block

        @found_by = by
        @found = block
      end

      def found_by = @found_by || []

      # On which heaters it can stand: a question to the Installation; all, unless said.
      def on(&block) = block ? @on = block : @on
      def on?(heater) = @on.nil? || @on.call(heater)

      # The part that it is told at.
      def part(id = nil) = id ? @part = id : @part || :tank

      # Checks of what is installed whose verdict of danger tells of it.
      def tells(*ids) = ids.empty? ? @tells || [] : @tells = ids

      # Conditions of the state that must hold before anything else is done; all heat off unless
      # said.
      def safe(conditions = nil) = conditions ? @safe = conditions : @safe

      # What must besides hold before anything else is done, but not for longer.
      def at_first(conditions = nil) = conditions ? @at_first = conditions : @at_first || {}

      # Operations that are not done until it is cleared, besides all that would undo `safe`.
      def bars(*ids) = ids.empty? ? @bars : @bars.concat(ids)

      # Operations that are not done before the tank has cooled; :letting_out, all that let hot
      # water out.
      def bars_while_hot(*ids) = ids.empty? ? @hot || [] : @hot = ids

      # Operations that put it right, any one of them.
      def repaired_by(*ids) = ids.empty? ? @repairs : @repairs.concat(ids)

      # Operations whose good result clears it; of those that a heater has, each one does.
      def cleared_by(*ids) = ids.empty? ? @clears || [] : @clears = ids

      # The proof needs heat: it is given for that, attended, once the work is done.
      def test_firing = @test_firing = true
      def test_firing? = @test_firing || false

      # Everybody leaves first; nothing is done until it has been cleared from outside.
      def evacuates = @evacuates = true
      def evacuates? = @evacuates || false

      # -- use --------------------

      # Whether a finding at an item of the inspection brings it about.
      def seen?(item, finding) = (@seen[item] || []).include?(finding)

      # Whether a reading does, by its word.
      def read?(reading) = (@read[reading.name] || []).include?(reading.choice)

      # Whether a quantity, or what is installed, does on a visit.
      def found?(visit) = @found ? @found.call(visit) || false : false

      # Names of readings that can show it.
      def readings = @read.keys + found_by

      private

      def listed(words) = words.transform_values { |value| Array(value) }
    end
  end
end
