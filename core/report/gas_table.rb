# frozen_string_literal: true

module Munimen
  module Report
    # Gas as a table of its own: what was read in each state, what it should be where that is known,
    # found and left side by side.
    class GasTable
      include Saying

      # What is read, in the order in which it is read.
      READ = %i[gas_line gas_standing gas_operating gas_manifold room_co flue_co flue_co2].freeze

      def initialize(visit)
        @visit = visit
        @columns = visit.columns
        @words = visit.words
      end

      # [{what:, found:, left:, should:}], found only where it was left otherwise; nil where nothing
      # of it was read, or only the room's air, which stands among the results.
      def to_a
        rows = READ.filter_map { |name| row(name) }
        return if (rows.map { |one| one[:name] } - %i[room_co]).empty?

        rows.insert(rows.index { |one| one[:name] == :gas_manifold } || rows.size, *drop)
        rows.map { |one| one.except(:name) }
      end

      private

      def row(name)
        left = @columns.left.quantity(name) || @visit.quantity(name) or return
        found = @columns.found.quantity(name)
        { name:, what: @words.say(Visit::ReadingInput.known.fetch(name).ask),
          found: (say(found) unless found == left || found.nil?),
          left: say(left), should: should(name) }
      end

      # Between the pilot, or nothing, and the burner.
      def drop
        still = @visit.quantity(:gas_standing) || @visit.quantity(:gas_line)
        burning = @visit.quantity(:gas_operating)
        return [] unless still && burning

        fall = Measure::Quantity.new(:gas_pressure, still.si - burning.si)
        [{ name: :drop, what: @words.say("Drop under the burner"), found: nil, left: say(fall),
           should: nil }]
      end

      def should(name)
        plate = @visit.heater.manifold_pressure if name == :gas_manifold
        plate && @words.say(msg("plate {plate}", plate: say(plate)))
      end

      def say(quantity) = quantity.format(@visit.units)
    end
  end
end
