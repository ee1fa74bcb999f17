# frozen_string_literal: true

module Munimen
  module Measure
    # The units of a country that measures as another one does but for a few kinds. One file each in
    # core/measure/systems/; those that are like no other stand with the kinds.
    #
    # Where people read gauges of two systems a bare number may be of either: `plain` says which can
    # only be of this one, all others want their unit.
    #
    #   System.like(:canada)           # => :us
    #   System.unit(:canada, :volume)  # => "L", or nil where it measures as the other
    class System
      @all = {}
      @plain = {}
      class << self
        # like: the system of all other kinds; plain: {kind => Range in its unit, within which a
        # bare number can be of no other system}; units: {kind => unit}.
        def define(id, like:, plain: {}, **units)
          @all[id] = [like, units]
          @plain[id] = plain
        end

        # Whether a bare number of a kind may be of either of two systems.
        def unclear?(id, kind, number)
          plain = @plain.dig(id, kind) or return false
          !number.zero? && !plain.cover?(number)
        end

        # Of those declared here and those of the kinds.
        def names = %i[us england] + @all.keys

        # The system that a system is like, itself where it stands alone.
        def like(id) = @all.fetch(id) { [id] }.first
        def american?(id) = like(id) == :us
        def unit(id, kind) = @all[id]&.last&.fetch(kind, nil)

        # Of values by system the one for a system: its own, or that of the one it is like; where a
        # kind is measured otherwise than there, the metric one.
        def pick(values, id, kind = nil)
          values.fetch(id) { values[unit(id, kind) && values.key?(:si) ? :si : like(id)] }
        end
      end
    end
  end
end
